import type { Beliefs, Here } from '@ironpan/core/kitchen';
import { leverEdits, mapKey, tellingLevers, valuesOf, look as lookAt } from '@ironpan/core/questions';
import type { Ground, Lever, LeverMap, MapAsked, Moved } from '@ironpan/core/questions';
import type { PlanRecord } from '@ironpan/core/records';
import { wordsFrom } from '@ironpan/core/steps';
import type { Edit } from '@ironpan/core/steps';
import {
  BODY_WORDS,
  join,
  leverName,
  leverValue,
  MEASURE_NAMES,
  measureText,
  milkName,
  milkOf,
  bodyText,
} from '@ironpan/core/words';
import { useMemo, useState } from 'react';
import { BodyMap } from '../../drawings/BodyMap';
import { GROUND } from '../../drawings/mapLevels';
import type { Level } from '../../drawings/mapLevels';
import { SelectField } from '../../ui/SelectField';
import { Busy } from '../../ui/Busy';
import { MapTable } from './MapTable';
import { useHeld, useMap } from './useMoves';
import { useWidth } from '../../ui/useWidth';

const SEED = 640;
/** First the likeliest kitchen alone, so that the map is there at once; then others, for the edges. */
const FINE = { nx: 20, ny: 14, kitchens: 6 } as const;
interface MapPartProps {
  readonly plan: PlanRecord;
  readonly here: Here;
  readonly moved: readonly Moved[];
  readonly onTake: (edits: readonly Edit[], say: string) => void;
}
/** Two levers of the plan against each other; a press takes the plan there. */
export function MapPart({ plan, here, moved, onTake }: MapPartProps) {
  const levers = useMemo(() => moved.map((m) => m.lever), [moved]);
  const first = useMemo(() => tellingLevers(plan.recipe, levers), [plan.recipe, levers]);
  const [xKey, setX] = useState<string | null>(null);
  const [yKey, setY] = useState<string | null>(null);
  const [frame, width] = useWidth(760);
  const nowText = useMemo(() => {
    const body = lookAt(plan.recipe, here)?.summary.main?.body;
    return body ? `now: ${bodyText(body)}` : 'now';
  }, [plan.recipe, here]);
  const starchy = plan.recipe.materials.some((m) => m.starchBody !== null);
  const [ground, setGround] = useState<Ground>(starchy ? 'body' : 'volumeMl');
  const x = levers.find((l) => l.key === xKey) ?? first[0];
  const y = levers.find((l) => l.key === yKey && l !== x) ?? first.find((l) => l !== x) ?? levers.find((l) => l !== x);
  const of = x && y ? mapKey({ x, y, ground }) : '';
  // The frame follows which levers are shown, not where they stand: pressing a point leaves it in place.
  const maps = useHeld(of, (): readonly [MapAsked | null, MapAsked | null] => {
    if (!x || !y) return [null, null];
    const one: MapAsked = {
      ground,
      x,
      y,
      xs: valuesOf(x, FINE.nx),
      ys: valuesOf(y, FINE.ny),
      seed: SEED,
      kitchens: 0,
    };
    return [one, { ...one, kitchens: FINE.kitchens }];
  });
  const quick = useMap(plan.recipe, here, maps[0]);
  const answer = useMap(plan.recipe, here, maps[1]);
  const fits = (d: LeverMap | null): LeverMap | null => (d?.of === of ? d : null);
  const shown =
    answer.progress === null ? (fits(answer.data) ?? fits(quick.data)) : (fits(quick.data) ?? fits(answer.data));
  if (!x || !y || !maps[0])
    return <p className="plate p-4">This plan has fewer than two things to turn: there is nothing to map.</p>;
  const options = levers.map((l) => [l.key, leverName(l, levers)] as const);
  const pick = (vx: number, vy: number): void =>
    onTake(
      [...leverEdits(plan.recipe, x.at, tidy(x, vx)), ...leverEdits(plan.recipe, y.at, tidy(y, vy))],
      `${leverName(x, levers)} ${leverValue(x, tidy(x, vx))} and ${leverName(y, levers)} ${leverValue(y, tidy(y, vy))}`,
    );
  return (
    <section aria-label="Map" className="plate p-4" ref={frame}>
      <div className="mb-2 flex flex-wrap items-end gap-x-4 gap-y-2">
        <SelectField label="across" value={x.key} options={options} onChange={setX} />
        <SelectField label="upwards" value={y.key} options={options.filter(([k]) => k !== x.key)} onChange={setY} />
        <SelectField
          label="the ground shows"
          value={ground}
          options={GROUNDS.map((g) => [g, MEASURE_NAMES[g]] as const)}
          onChange={(g) => setGround(g as Ground)}
        />
        <Busy what="map" asked={answer} />
      </div>
      {shown ? (
        <>
          <BodyMap
            map={shown}
            levels={levelsOf(shown, ground, here.beliefs)}
            width={width}
            height={Math.max(280, Math.min(400, width * 0.8))}
            now={[x.now, y.now]}
            nowText={nowText}
            xText={(v) => leverValue(x, v)}
            yText={(v) => leverValue(y, v)}
            say={(v) => `${MEASURE_NAMES[ground]} ${join(measureText(ground, v))}`}
            onPick={pick}
          />
          <Legend levels={levelsOf(shown, ground, here.beliefs)} />
          <p className="small quiet mt-1">
            {milkName(milkOf(plan.recipe))} by {leverName(x, levers)} and {leverName(y, levers)}. Press a point to take
            the plan there. Pale bands: where this kitchen’s uncertainty could tip it over the line. Estimates.
          </p>
          <MapTable
            map={shown}
            say={(v) => join(measureText(ground, v))}
            xText={(v) => leverValue(x, v)}
            yText={(v) => leverValue(y, v)}
            onPick={pick}
          />
        </>
      ) : (
        <p className="quiet">Working the plan out at {FINE.nx * FINE.ny} places…</p>
      )}
    </section>
  );
}
const GROUNDS: readonly Ground[] = ['body', 'solids', 'fat', 'volumeMl'];
const bodyLevels = (beliefs: Beliefs): readonly Level[] => {
  const from = wordsFrom('thick', beliefs);
  return [
    { from: 0, text: BODY_WORDS.thin },
    { from: from.likeMilk, text: BODY_WORDS.likeMilk },
    { from: from.creamy, text: BODY_WORDS.creamy },
    { from: from.thick, text: BODY_WORDS.thick },
    { from: Math.min(29.5, from.sets), text: BODY_WORDS.sets },
  ];
};
/** The words of the body, or five even steps of what there is. */
function levelsOf(map: LeverMap, ground: Ground, beliefs: Beliefs): readonly Level[] {
  if (ground === 'body') return bodyLevels(beliefs);
  const all = map.ground.flat();
  const low = Math.min(...all);
  const high = Math.max(...all);
  return Array.from({ length: GROUND.length }, (_, i) => {
    const from = low + ((high - low) * i) / GROUND.length;
    return {
      from,
      text: `${i === 0 ? 'under ' : ''}${join(measureText(ground, i === 0 ? low + (high - low) / GROUND.length : from))}`,
    };
  });
}
function Legend({ levels }: { readonly levels: readonly Level[] }) {
  return (
    <ul className="small mt-2 flex flex-wrap gap-x-4 gap-y-1" aria-label="What the colours of the ground mean">
      {levels.map((l, i) => (
        <li key={l.from} className="flex items-center gap-1.5">
          <span
            aria-hidden="true"
            className="inline-block size-4"
            style={{ background: GROUND[i], border: '1px solid var(--edge)' }}
          />
          {l.text}
        </li>
      ))}
    </ul>
  );
}

/** Where a finger can point is no finer than a kitchen measures. */
function tidy(l: Lever, v: number): number {
  const step =
    l.shown === 'g'
      ? 5
      : l.shown === 's'
        ? 5
        : l.shown === 'min'
          ? 60
          : l.shown === 'h'
            ? 1800
            : l.shown === '%'
              ? 0.05
              : 1;
  return Math.min(l.most, Math.max(l.least, Math.round(v / step) * step));
}
