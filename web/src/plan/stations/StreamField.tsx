import { applyEdits, kindOf, orderFaults, paramOf } from '@ironpan/core/steps';
import type { Recipe, Step } from '@ironpan/core/steps';
import { streamName } from '@ironpan/core/words';
import { SelectField } from '../../ui/SelectField';

interface StreamFieldProps {
  readonly recipe: Recipe;
  readonly step: Step;
  readonly param: string;
  readonly label: string;
  readonly onChange: (v: string) => void;
}
/** Names that a new jar of its own may have. */
const NEW = ['second', 'third', 'fourth', 'cocoa', 'sweet', 'plain', 'cap'];

/**
 * Which vessel a step takes from or pours into. Only what keeps the plan in order is offered; with one choice there is
 * nothing to ask.
 */
export function StreamField({ recipe, step, param, label, onChange }: StreamFieldProps) {
  const now = String(paramOf(step, param));
  const there = new Set(recipe.larder.map((l) => l.into));
  for (const s of recipe.steps) for (const w of kindOf(s.kind).writes(s.params)) there.add(w);
  const writes = param === 'into' && step.kind !== 'pool';
  const can = [...there, ...(writes ? NEW : [])].filter(
    (s, i, all) =>
      all.indexOf(s) === i &&
      (s === now || orderFaults(applyEdits(recipe, [{ do: 'set', step: step.id, param, value: s }])).length === 0),
  );
  if (can.length < 2) return null;
  return (
    <SelectField
      label={label}
      value={now}
      options={can.map(
        (s) => [s, there.has(s) ? streamName(s, recipe) : `a new one: ${streamName(s, recipe)}`] as const,
      )}
      onChange={onChange}
    />
  );
}
