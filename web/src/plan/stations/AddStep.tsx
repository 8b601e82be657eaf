import { useState } from 'react';
import { MATERIALS } from '@ironpan/core/materials';
import { MOST_PASSES } from '@ironpan/core/questions';
import type { PlanRecord } from '@ironpan/core/records';
import { foodsOf, kindOf, KINDS, stepAfter } from '@ironpan/core/steps';
import type { Edit, Kind, Recipe, Station } from '@ironpan/core/steps';
import { SelectField } from '../../ui/SelectField';

interface AddStepProps {
  readonly label: string;
  /** The room whose steps are named first. */
  readonly usual: Station;
  readonly after: string | null;
  readonly plan: PlanRecord;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
  /** The step that was put in: the next is likely to follow it. */
  readonly onPut?: (id: string) => void;
}
const ROOMS: readonly (readonly [Station, string])[] = [
  ['soak', 'Soak and wash'],
  ['grind', 'Grind'],
  ['strain', 'Strain'],
  ['cook', 'Cook and cool'],
  ['jar', 'Finish and jar'],
];
const allowed = (r: Recipe, k: Kind): boolean =>
  k !== 'wash' || r.steps.filter((s) => s.kind === 'wash').length < MOST_PASSES;

/** Any step, put in after another: those that are usual here first. */
export function AddStep({ label, usual, after, plan, onEdit, onPut }: AddStepProps) {
  const [chosen, setChosen] = useState<Kind | null>(null);
  const { recipe } = plan;
  const can = KINDS.filter((k) => allowed(recipe, k));
  const rooms = [...ROOMS].sort(([a], [b]) => Number(b === usual) - Number(a === usual));
  const first: Kind = usual === 'strain' && can.includes('wash') ? 'wash' : 'add';
  const kind = chosen !== null && can.includes(chosen) ? chosen : first;
  const put = (): void => {
    const step = stepAfter(recipe, kind, after);
    const foods = MATERIALS.filter((m) => foodsOf(step).includes(m.id));
    onEdit(
      [...(foods.length > 0 ? [{ do: 'foods' as const, foods }] : []), { do: 'insert', after, step }],
      `add.${step.id}`,
    );
    onPut?.(step.id);
  };
  return (
    <div className="flex items-end gap-2 self-end">
      <SelectField
        label={label}
        value={kind}
        groups={rooms.map(([station, name]) => [
          name,
          can.filter((k) => kindOf(k).station === station).map((k) => [k, kindOf(k).label] as const),
        ])}
        onChange={(k) => setChosen(k as Kind)}
      />
      <button type="button" className="btn btn-outline" onClick={put}>
        Add
      </button>
    </div>
  );
}
