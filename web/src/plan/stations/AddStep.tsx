import { useId, useState } from 'react';
import { MATERIALS } from '@ironpan/core/materials';
import { MOST_PASSES } from '@ironpan/core/questions';
import type { PlanRecord } from '@ironpan/core/records';
import { foodsOf, kindOf, KINDS, stepAfter } from '@ironpan/core/steps';
import type { Edit, Kind, Recipe, Station } from '@ironpan/core/steps';

interface AddStepProps {
  readonly label: string;
  /** The room whose steps are named first. */
  readonly usual: Station;
  readonly after: string | null;
  readonly plan: PlanRecord;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
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
export function AddStep({ label, usual, after, plan, onEdit }: AddStepProps) {
  const id = useId();
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
  };
  return (
    <div className="flex items-end gap-2 self-end">
      <div className="min-w-0">
        <label htmlFor={id} className="small quiet block">
          {label}
        </label>
        <span className="select w-full max-w-56">
          <select id={id} value={kind} onChange={(e) => setChosen(e.target.value as Kind)}>
            {rooms.map(([station, name]) => (
              <optgroup key={station} label={name}>
                {can
                  .filter((k) => kindOf(k).station === station)
                  .map((k) => (
                    <option key={k} value={k}>
                      {kindOf(k).label}
                    </option>
                  ))}
              </optgroup>
            ))}
          </select>
        </span>
      </div>
      <button type="button" className="btn btn-outline" onClick={put}>
        Add
      </button>
    </div>
  );
}
