import { useState } from 'react';
import { isRead, kindOf, nameOf, streamsAfter } from '@ironpan/core/steps';
import type { Recipe, Step } from '@ironpan/core/steps';
import { streamName } from '@ironpan/core/words';
import { SelectField } from '../../ui/SelectField';
import { NameField } from './NameField';

interface StreamFieldProps {
  readonly recipe: Recipe;
  readonly step: Step;
  readonly param: string;
  readonly label: string;
  readonly onChange: (v: string) => void;
}
const OWN = ' own';

/** Which vessel a step takes from, of those that are there at its place, or pours into: also a new one with a name of its own. */
export function StreamField({ recipe, step, param, label, onChange }: StreamFieldProps) {
  const [naming, setNaming] = useState(false);
  const now = nameOf(step, param);
  const at = recipe.steps.findIndex((s) => s.id === step.id);
  const there = streamsAfter(recipe, recipe.steps[at - 1]?.id ?? null);
  const reads = isRead(step, param);
  const made = recipe.steps.flatMap((s) => kindOf(s.kind).writes(s.params));
  const all = reads ? [...there, now] : [...there, ...made, now];
  const can = all.filter((s, i) => all.indexOf(s) === i);
  if (reads && can.length < 2) return null;
  return (
    <div className="min-w-0">
      <SelectField
        label={label}
        value={naming ? OWN : now}
        options={[
          ...can.map((s) => [s, streamName(s, recipe)] as const),
          ...(reads ? [] : [[OWN, 'a new name …'] as const]),
        ]}
        onChange={(v) => {
          setNaming(v === OWN);
          if (v !== OWN) onChange(v);
        }}
      />
      {naming && (
        <NameField
          label={`${label}, its name`}
          value={there.includes(now) || made.includes(now) ? '' : now}
          onChange={onChange}
        />
      )}
    </div>
  );
}
