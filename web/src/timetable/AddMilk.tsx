import { addWish } from '../store/wishes';
import type { ClockItem } from '../offload/clockItems';
import { ChooseMilk } from './ChooseMilk';
import { nextMorning } from './usual';

/** Puts a milk on the clock: for the next breakfast, or with the last that was put there. */
export function AddMilk({ items, now }: { readonly items: readonly ClockItem[]; readonly now: number }) {
  const last = items.findLast((i) => i.wish?.byAt != null)?.wish?.byAt ?? null;
  const byAt = last !== null && last > now ? last : nextMorning(now);
  return (
    <ChooseMilk
      act="Put it on the clock"
      what="A milk on the clock"
      now={now}
      onPlan={(plan) => addWish(plan, byAt, now)}
    />
  );
}
