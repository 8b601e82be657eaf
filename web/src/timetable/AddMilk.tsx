import { METHODS } from '@ironpan/core/methods';
import { milkName } from '@ironpan/core/words';
import { useState } from 'react';
import { useLive } from '../live/live';
import { useMethods } from '../live/useOwn';
import { allPlans, onePlan, planFromMethod } from '../store/plans';
import { addWish } from '../store/wishes';
import { NotSaved } from '../ui/NotSaved';
import { SelectField } from '../ui/SelectField';
import { useWrite } from '../ui/useWrite';
import type { ClockItem } from '../offload/clockItems';
import { nextMorning } from './usual';

const PLAN = 'plan:';
/** Puts a plan, or any way to make a milk, on the clock: for the next breakfast, or with the last that was put there. */
export function AddMilk({ items, now }: { readonly items: readonly ClockItem[]; readonly now: number }) {
  const plans = useLive(['plans'], allPlans).data ?? [];
  const own = useMethods() ?? [];
  const [what, setWhat] = useState('');
  const write = useWrite();
  const milks = [...new Set(METHODS.map((m) => m.milk))];
  const groups: readonly (readonly [string, readonly (readonly [string, string])[]])[] = [
    ['Your plans', plans.map((p) => [`${PLAN}${p.id}`, p.name] as const)],
    ['Your own ways', own.map((m) => [m.id, m.name] as const)],
    ...milks.map(
      (milk) =>
        [
          milkName(milk),
          METHODS.filter((m) => m.milk === milk).map((m) => [m.id, nameOf(milk, m.name)] as const),
        ] as const,
    ),
  ];
  const first = groups.flatMap(([, of]) => of)[0]?.[0] ?? '';
  const chosen = what === '' ? first : what;
  const add = async (): Promise<void> => {
    const id = chosen.startsWith(PLAN) ? chosen.slice(PLAN.length) : await planFromMethod(chosen, now);
    const plan = await onePlan(id);
    if (!plan) throw new RangeError('that plan is gone: choose another');
    const last = items.findLast((i) => i.wish?.byAt != null)?.wish?.byAt ?? null;
    await addWish(plan, last !== null && last > now ? last : nextMorning(now), now);
  };
  return (
    <div className="flex flex-wrap items-end gap-3">
      <SelectField wide label="Another milk" value={chosen} groups={groups} onChange={setWhat} />
      <button type="button" className="btn btn-primary" onClick={() => write.run('A milk on the clock', add)}>
        Put it on the clock
      </button>
      <NotSaved of={write} />
    </div>
  );
}
/** “Soy milk, no soak”, as a plan of it is called. */
const nameOf = (milk: string, school: string): string => {
  const name = `${milkName(milk)}, ${school.toLowerCase()}`;
  return name.charAt(0).toUpperCase() + name.slice(1);
};
