import type { Measured } from '@ironpan/core/batch';
import { driedSolids, gPerMlOf, weighedSolids } from '@ironpan/core/steps';
import { shareText } from '@ironpan/core/words';
import { useState } from 'react';
import { Link } from 'react-router';
import { useKit } from '../../live/useKitchen';
import { FunnelField } from '../../ui/FunnelField';
import { NumberField } from '../../ui/NumberField';
import type { ShelfJar } from '../../live/shelf';

interface MeasureProps {
  readonly j: ShelfJar;
  readonly measured: Measured;
  readonly onSay: (m: Measured | undefined) => void;
}
type Weights = Readonly<Record<string, number>>;
const DRIED = { emptyG: 'empty dish', wetG: 'with the milk', dryG: 'dried' } as const;
const FULL = { emptyG: 'empty measure', waterG: 'full of water', milkG: 'full of this milk' } as const;

/** For who wants figures: how thick, by a funnel; how strong, by drying a spoonful or weighing a full measure. */
export function Measure({ j, measured, onSay }: MeasureProps) {
  const kit = useKit();
  const [begun] = useState(() => Object.keys(measured).length > 0);
  if (!kit) return null;
  const set = (part: Partial<{ [K in keyof Measured]: Measured[K] | undefined }>): void => {
    const then = Object.fromEntries(Object.entries({ ...measured, ...part }).filter(([, v]) => v !== undefined));
    onSay(Object.keys(then).length > 0 ? then : undefined);
  };
  const { stream } = j.now;
  return (
    <details className="mb-3" open={begun}>
      <summary className="min-h-8 cursor-pointer">Measured: funnel, strength</summary>
      <div className="flex flex-col gap-4 py-2">
        {kit.funnel ? (
          <FunnelField
            cal={kit.funnel}
            funnel={measured.funnel}
            usualC={j.now.placeC}
            gPerMl={gPerMlOf(stream)}
            onSay={(funnel) => set({ funnel })}
          />
        ) : (
          <p className="small">
            With a narrow funnel you can measure how thick it is:{' '}
            <Link className="link" to="/kit">
              calibrate one in Kit
            </Link>
            .
          </p>
        )}
        <Weighing
          name="A spoonful dried: a thin layer at 105 °C until it gets no lighter, two hours or so"
          of={DRIED}
          had={measured.dried as Weights | undefined}
          say={(w) => {
            const s = driedSolids(w as unknown as NonNullable<Measured['dried']>);
            return s ? shareText(s) : 'Dry it must be lighter than wet, and heavier than the empty dish.';
          }}
          onSay={(w) => set({ dried: w as unknown as Measured['dried'] })}
        />
        <Weighing
          name="A measure filled to the brim: coarse, better with half a litre and a scale that shows tenths"
          of={FULL}
          had={measured.full as Weights | undefined}
          say={(w) => {
            const s = weighedSolids(w as unknown as NonNullable<Measured['full']>, stream);
            return s
              ? shareText(s)
              : 'These weights say nothing of this milk: look at them again. Where there is much fat, its weight tells little.';
          }}
          onSay={(w) => set({ full: w as unknown as Measured['full'] })}
        />
      </div>
    </details>
  );
}
interface WeighingProps {
  readonly name: string;
  readonly of: Readonly<Record<string, string>>;
  readonly had: Weights | undefined;
  readonly say: (w: Weights) => string;
  readonly onSay: (w: Weights | undefined) => void;
}
const NONE: Weights = {};
/** Three weights, and what they say once all three are there. */
function Weighing({ name, of, had, say, onSay }: WeighingProps) {
  const [some, setSome] = useState<Weights>(had ?? NONE);
  const names = Object.keys(of);
  const whole = names.every((n) => some[n] !== undefined);
  const change = (n: string, g: number): void => {
    const then = { ...some, [n]: g };
    setSome(then);
    onSay(names.every((x) => then[x] !== undefined) ? then : undefined);
  };
  return (
    <fieldset className="min-w-0">
      <legend className="small quiet">{name}</legend>
      <div className="flex flex-wrap items-end gap-2">
        {Object.entries(of).map(([n, label]) => (
          <NumberField
            key={n}
            label={label}
            value={some[n] ?? null}
            unit="g"
            low={0}
            high={50_000}
            onChange={(g) => change(n, g)}
          />
        ))}
      </div>
      {whole && (
        <p className="mt-1" role="status">
          {say(some)}
        </p>
      )}
    </fieldset>
  );
}
