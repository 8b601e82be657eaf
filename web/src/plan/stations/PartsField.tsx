import { Plus, X } from 'lucide-react';
import { MOST_PARTS } from '@ironpan/core/steps';
import type { Part, Recipe, Step } from '@ironpan/core/steps';
import { plain } from '@ironpan/core/units';
import { streamName } from '@ironpan/core/words';
import { NumberField } from '../../ui/NumberField';
import { NameField } from './NameField';

interface PartsFieldProps {
  readonly recipe: Recipe;
  readonly step: Step;
  readonly parts: readonly Part[];
  readonly onChange: (parts: readonly Part[]) => void;
}
/** The parts of one stream: a name and a share each, and what is left of it. */
export function PartsField({ recipe, step, parts, onChange }: PartsFieldProps) {
  const of = 'of' in step.params ? step.params.of : '';
  const taken = parts.reduce((sum, x) => sum + x.share, 0);
  const set = (i: number, more: Partial<Part>): void =>
    onChange(parts.map((x, k) => (k === i ? { ...x, ...more } : x)));
  const free = (): string => {
    for (let n = parts.length + 1; ; n += 1) if (!parts.some((x) => x.name === `part ${n}`)) return `part ${n}`;
  };
  const equal = (n: number): void =>
    onChange(
      Array.from({ length: n }, (_, i) => ({
        name: parts[i]?.name ?? `part ${i + 1}`,
        share: 1 / n,
      })),
    );
  return (
    <div className="col-span-full">
      <ul className="flex flex-col gap-1.5">
        {parts.map((x, i) => (
          <li key={i} className="flex flex-wrap items-end gap-x-3">
            <NameField
              label={`name of part ${i + 1}`}
              value={x.name}
              taken={parts.filter((_, k) => k !== i).map((y) => y.name)}
              onChange={(name) => set(i, { name })}
            />
            <NumberField
              label={`share of part ${i + 1}`}
              value={Math.round(x.share * 1000) / 10}
              unit="%"
              low={0}
              high={Math.round((1 - taken + x.share) * 1000) / 10}
              width="3.2rem"
              onChange={(v) => set(i, { share: v / 100 })}
            />
            <button
              type="button"
              className="btn btn-ghost btn-square btn-sm mb-0.5"
              aria-label={`take out part ${i + 1}`}
              disabled={parts.length < 2}
              onClick={() => onChange(parts.filter((_, k) => k !== i))}
            >
              <X size={17} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <p className="small quiet mt-1">
        {taken < 0.9995
          ? `${plain(Math.round((1 - taken) * 1000) / 10, taken * 100 === Math.round(taken * 100) ? 0 : 1)} % is left and stays ${streamName(of, recipe)}.`
          : 'Nothing is left of it.'}
      </p>
      <div className="mt-1 flex flex-wrap gap-x-4 gap-y-1">
        <button
          type="button"
          className="btn btn-outline btn-sm"
          disabled={parts.length >= MOST_PARTS || taken >= 0.9995}
          onClick={() => onChange([...parts, { name: free(), share: Math.min(0.25, 1 - taken) }])}
        >
          <Plus size={16} aria-hidden="true" /> another part
        </button>
        {[2, 3, 4].map((n) => (
          <button key={n} type="button" className="link small" onClick={() => equal(n)}>
            {`${n} equal parts`}
          </button>
        ))}
      </div>
    </div>
  );
}
