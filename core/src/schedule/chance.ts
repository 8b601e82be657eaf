import { dayOf } from './day';
import type { DayAsked, MilkAsked } from './day';
import { followed } from './follow';
import type { Agreed } from './follow';
import { Search } from './search';
import { endsS } from './slack';
import type { Problem, Starts } from './types';

/** What cannot go on in its order is put in another, looked for through so many nodes. */
const ANOTHER = 60;

/**
 * How often each wish is kept, 0..1, by its milk, when what was agreed on meets kitchens that differ as far as this one is
 * not known: `sampled` gives a milk as it would go in one of them. Hands are taken to be as quick as planned.
 * @param n kitchens, 1 or more
 */
export function chancesOf(
  asked: DayAsked,
  agreed: Agreed,
  sampled: (m: MilkAsked, kitchen: number) => MilkAsked,
  n: number,
): ReadonlyMap<string, number> {
  const kept = new Map<string, number>();
  const wanted = asked.milks.filter((m) => m.byAt !== null);
  for (let i = 0; i < n; i += 1) {
    const day = dayOf({ ...asked, milks: asked.milks.map((m) => (m.progress ? m : sampled(m, i))) });
    const starts = followed(day.problem, day.originMs, agreed)?.starts ?? another(day.problem);
    for (const m of wanted) {
      const w = day.problem.wishes.find((x) => x.milk === m.id);
      const inTime = starts && w && endsS(day.problem, starts, w.last) <= (w.missedS ?? Infinity);
      kept.set(m.id, (kept.get(m.id) ?? 0) + (inTime ? 1 : 0));
    }
  }
  return new Map([...kept].map(([milk, times]) => [milk, times / n] as const));
}
function another(p: Problem): Starts | null {
  const s = new Search(p);
  s.run(ANOTHER);
  return s.found.starts;
}
