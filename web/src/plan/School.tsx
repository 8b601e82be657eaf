import { methodById } from '@ironpan/core/methods';
import type { Here } from '@ironpan/core/kitchen';
import type { PlanRecord } from '@ironpan/core/records';
import type { Edit } from '@ironpan/core/steps';
import { milkOf } from '@ironpan/core/words';
import { saveSettings } from '../store/kit';
import type { Settings } from '../store/kit';
import { CUP_CHOICES, cupMlOf } from '../ui/cups';
import { SelectField } from '../ui/SelectField';
import { useSettings } from '../live/useKitchen';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';
import { Rounding } from './Rounding';

interface SchoolProps {
  readonly plan: PlanRecord;
  readonly here: Here;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
}
/** Why this school does what it does, what to look for and to beware of; and how amounts are measured. */
export function School({ plan, here, onEdit }: SchoolProps) {
  const method = plan.from ? methodById(plan.from.method) : undefined;
  // Of another food, the method's reasons and cautions may be untrue.
  const m = method?.milk === milkOf(plan.recipe) ? method : undefined;
  const settings = useSettings();
  const write = useWrite();
  return (
    <div className="flex flex-wrap justify-between gap-6 px-4 py-3" style={{ borderTop: '1px solid var(--line)' }}>
      {m && (
        <details className="max-w-2xl flex-1 basis-72">
          <summary className="cursor-pointer font-semibold">Why this method does it so</summary>
          <List of={[m.line, ...m.reasons]} />
          <p className="mt-2 font-semibold">What to look for</p>
          <List of={m.cues} />
          <p className="mt-2 font-semibold">Beware</p>
          <List of={m.cautions} />
          <p className="small quiet mt-2">
            Its strength may stray by {Math.round(100 * m.tolerance)} % before it becomes another milk.
          </p>
        </details>
      )}
      {settings && (
        <div className="basis-56">
          <SelectField
            label="Amounts in"
            value={settings.cups}
            options={CUP_CHOICES}
            onChange={(cups) =>
              write.run('this preference', () => saveSettings({ ...settings, cups: cups as Settings['cups'] }))
            }
          />
          <NotSaved of={write} />
          <Rounding recipe={plan.recipe} here={here} cupMl={cupMlOf(settings, here.kit)} onEdit={onEdit} />
        </div>
      )}
    </div>
  );
}
function List({ of }: { readonly of: readonly string[] }) {
  return (
    <ul className="mt-1 list-disc pl-5">
      {of.map((x) => (
        <li key={x}>{x}</li>
      ))}
    </ul>
  );
}
