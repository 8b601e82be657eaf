import { kindOf } from '@ironpan/core/steps';
import { streamName } from '@ironpan/core/words';
import { NameField } from '../stations/NameField';
import type { OrderProps } from './types';

/** Names that the plan itself gives a meaning to. */
const FIXED = new Set(['work', 'milk', 'pulp']);

/** What the cook calls each thing that the plan makes; a new name goes wherever the old one stood. */
export function StreamNames({ plan, onEdit }: OrderProps) {
  const { recipe } = plan;
  const all = new Set([
    ...recipe.larder.map((l) => l.into),
    ...recipe.steps.flatMap((s) => kindOf(s.kind).writes(s.params)),
  ]);
  const own = [...all].filter((n) => !FIXED.has(n));
  if (own.length === 0) return null;
  return (
    <fieldset className="mt-3">
      <legend className="small quiet">Names of what this plan makes besides its milk and pulp</legend>
      <div className="flex flex-wrap gap-x-4 gap-y-2">
        {own.map((name, i) => (
          <NameField
            key={i}
            label={`name ${i + 1}`}
            value={streamName(name, recipe)}
            taken={[...all].filter((n) => n !== name)}
            onChange={(to) => onEdit([{ do: 'rename', stream: name, to }], `rename.${i}`)}
          />
        ))}
      </div>
    </fieldset>
  );
}
