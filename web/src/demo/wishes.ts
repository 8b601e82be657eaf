import type { CupboardRecord, PlanRecord, RhythmRecord, WishRecord } from '@ironpan/core/records';
import { ruleOf, stampOf } from '@ironpan/core/schedule';

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
        v: 2,
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

/** What it makes again and again: soy for the week’s suppers, oat for a breakfast of the week. */
const AGAIN: readonly {
  readonly plan: string;
  /** Absent: on that day of each week. */
  readonly everyDays?: number;
  readonly inDays: number;
  readonly hour: number;
}[] = [
  { plan: 'demo-weekday', everyDays: 3, inDays: 2, hour: 18 },
  { plan: 'demo-oat', inDays: 5, hour: 8 },
];
export function demoRhythms(at: number, planOf: (id: string) => PlanRecord): RhythmRecord[] {
  const day = new Date(at);
  return AGAIN.map(({ plan, everyDays, inDays, hour }, i) => {
    const { name, recipe } = planOf(plan);
    const first = new Date(day.getFullYear(), day.getMonth(), day.getDate() + inDays, hour);
    const weekly = { is: 'weeks', n: 1, days: [first.getDay()] } as const;
    const rule = ruleOf(everyDays === undefined ? weekly : { is: 'days', n: everyDays });
    return {
      ...{ v: 2, id: `demo-rhythm-${i + 1}`, name, plan, recipe, rule, first: stampOf(first.getTime()) },
      ...{ without: [], ml: null, addedAt: at - (AGAIN.length - i) * 60_000, updatedAt: at },
    };
  });
}
/** What its cupboard holds: less soy than the week takes, oats for months. */
const HELD: readonly (readonly [food: string, haveG: number, packG: number])[] = [
  ['soybeans', 240, 1000],
  ['oats-rolled', 2600, 500],
];
export const demoCupboard = (at: number): CupboardRecord[] =>
  HELD.map(([id, haveG, packG]) => ({ v: 1, id, haveG, countedAt: at, packG, updatedAt: at }));
