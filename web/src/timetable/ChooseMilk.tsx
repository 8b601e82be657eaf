import type { PlanRecord } from '@ironpan/core/records';
import { NotSaved } from '../ui/NotSaved';
import { SelectField } from '../ui/SelectField';
import { useWrite } from '../ui/useWrite';
import { usePlanChoice } from './usePlanChoice';

interface ChooseMilkProps {
  /** On the button, and what could not be kept if it fails. */
  readonly act: string;
  readonly what: string;
  readonly now: number;
  readonly onPlan: (plan: PlanRecord) => Promise<unknown>;
}
/** A plan, or any way to make a milk, and the press that does something with it. */
export function ChooseMilk({ act, what, now, onPlan }: ChooseMilkProps) {
  const { groups, chosen, choose, plan } = usePlanChoice();
  const write = useWrite();
  return (
    <div className="flex flex-wrap items-end gap-3">
      <SelectField wide label="Another milk" value={chosen} groups={groups} onChange={choose} />
      <button
        type="button"
        className="btn btn-primary"
        onClick={() => write.run(what, async () => onPlan(await plan(now)))}
      >
        {act}
      </button>
      <NotSaved of={write} />
    </div>
  );
}
