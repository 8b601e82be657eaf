import type { PlanRecord, WishRecord } from '@ironpan/core/records';

/** What the kitchen on the hill wants next: for tomorrow's breakfast, and nuts for the fair. */
const WANTED: readonly { readonly plan: string; readonly inDays: number; readonly hour: number }[] = [
  { plan: 'demo-oat', inDays: 1, hour: 8 },
  { plan: 'demo-mild', inDays: 3, hour: 9 },
  { plan: 'demo-tiger', inDays: 4, hour: 16 },
];
export function demoWishes(at: number, planOf: (id: string) => PlanRecord): WishRecord[] {
  const day = new Date(at);
  return WANTED.map(({ plan, inDays, hour }, i) => {
    const { name, recipe } = planOf(plan);
    const byAt = new Date(day.getFullYear(), day.getMonth(), day.getDate() + inDays, hour).getTime();
    return {
      ...{
        v: 1,
        id: `demo-wish-${i + 1}`,
        name,
        plan,
        recipe,
        batch: null,
        byAt,
        notBeforeAt: null,
        ml: null,
        fixed: {},
      },
      ...{ addedAt: at - (WANTED.length - i) * 60_000, updatedAt: at },
    };
  });
}
