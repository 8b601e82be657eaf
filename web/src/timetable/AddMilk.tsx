import { addWish } from '../store/wishes';
import { NotSaved } from '../ui/NotSaved';
import { SelectField } from '../ui/SelectField';
import { useWrite } from '../ui/useWrite';
import type { ClockItem } from '../offload/clockItems';
import { nextMorning } from './usual';
import { usePlanChoice } from './usePlanChoice';

/** Puts a plan, or any way to make a milk, on the clock: for the next breakfast, or with the last that was put there. */
export function AddMilk({ items, now }: { readonly items: readonly ClockItem[]; readonly now: number }) {
  const { groups, chosen, choose, plan } = usePlanChoice();
  const write = useWrite();
  const add = async (): Promise<void> => {
    const last = items.findLast((i) => i.wish?.byAt != null)?.wish?.byAt ?? null;
    await addWish(await plan(now), last !== null && last > now ? last : nextMorning(now), now);
  };
  return (
    <div className="flex flex-wrap items-end gap-3">
      <SelectField wide label="Another milk" value={chosen} groups={groups} onChange={choose} />
      <button type="button" className="btn btn-primary" onClick={() => write.run('A milk on the clock', add)}>
        Put it on the clock
      </button>
      <NotSaved of={write} />
    </div>
  );
}
