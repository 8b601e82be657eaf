import { dayOf } from './day';
import type { DayAsked, MilkAsked } from './day';
import { Search } from './search';
import { endsS } from './slack';

/** What would make a wish that is missed, or a day that cannot be at all, possible. */
export type Way =
  /** As it is, it is ready then, ms. */
  | { readonly is: 'later'; readonly milk: string; readonly at: number }
  /** With one milk less. */
  | { readonly is: 'without'; readonly milk: string; readonly other: string }
  /** Made in another way; ready then, ms. */
  | { readonly is: 'school'; readonly milk: string; readonly school: string; readonly at: number }
  /** Only with work while nobody is there. */
  | { readonly is: 'awake'; readonly milk: string | null }
  /** What has soaked stands in the fridge until its turn comes. */
  | { readonly is: 'fridge'; readonly milk: string }
  /** Were it not held where it was put by hand. */
  | { readonly is: 'letGo'; readonly milk: string };
/** Nodes given to each try. */
const TRY = 1500;
/** Of so many other ways the soonest are told. */
const TOLD = 3;

interface Tried {
  readonly lateS: number;
  readonly readyAt: ReadonlyMap<string, number>;
}
function tried(asked: DayAsked): Tried | null {
  const { problem: p, originMs } = dayOf(asked);
  const s = new Search(p);
  s.run(TRY);
  const { starts, cost } = s.found;
  if (!starts) return null;
  return {
    lateS: cost?.lateS ?? 0,
    readyAt: new Map(p.wishes.map((w) => [w.milk, originMs + 1000 * endsS(p, starts, w.last)] as const)),
  };
}

/**
 * What stands in the way of a day, and the nearest that works. `late`: milks that a timetable makes late, with when they are
 * ready; none of them and no timetable at all: what has to give. `others`: the same milk made otherwise, by its name.
 */
export function waysOf(
  asked: DayAsked,
  late: ReadonlyMap<string, number> | null,
  others: (milk: MilkAsked) => readonly { readonly school: string; readonly milk: MilkAsked }[],
): readonly Way[] {
  const out: Way[] = [];
  const all = asked.milks;
  const inTime = (t: Tried | null, m: MilkAsked): boolean =>
    t !== null && (m.byAt === null || (t.readyAt.get(m.id) ?? Infinity) <= m.byAt);
  if (late === null) {
    if (tried({ ...asked, off: [] })) out.push({ is: 'awake', milk: null });
    for (const m of all) {
      if (Object.keys(m.fixed).length > 0 && tried(swapped(asked, m, { ...m, fixed: {} })))
        out.push({ is: 'letGo', milk: m.id });
      else if (all.length > 1 && tried(less(asked, m))) out.push({ is: 'without', milk: m.id, other: m.id });
    }
    return out;
  }
  for (const [id, at] of late) {
    const m = all.find((x) => x.id === id);
    if (!m) continue;
    out.push({ is: 'later', milk: id, at });
    for (const other of all)
      if (other !== m && !other.progress && inTime(tried(less(asked, other)), m))
        out.push({ is: 'without', milk: id, other: other.id });
    if (!m.fridge && inTime(tried(swapped(asked, m, { ...m, fridge: true })), m)) out.push({ is: 'fridge', milk: id });
    if (!m.progress) out.push(...schools(asked, m, others(m)));
    if (inTime(tried({ ...asked, off: [] }), m)) out.push({ is: 'awake', milk: id });
    if (Object.keys(m.fixed).length > 0 && inTime(tried(swapped(asked, m, { ...m, fixed: {} })), m))
      out.push({ is: 'letGo', milk: id });
  }
  return out;
}
function schools(
  asked: DayAsked,
  m: MilkAsked,
  others: readonly { readonly school: string; readonly milk: MilkAsked }[],
): readonly Way[] {
  const found = others.flatMap((o): (Way & { readonly is: 'school' })[] => {
    const t = tried(swapped(asked, m, { ...o.milk, id: m.id }));
    const at = t?.readyAt.get(m.id);
    return at !== undefined && m.byAt !== null && at <= m.byAt
      ? [{ is: 'school', milk: m.id, school: o.school, at }]
      : [];
  });
  return found.sort((a, b) => a.at - b.at).slice(0, TOLD);
}
const less = (d: DayAsked, m: MilkAsked): DayAsked => ({ ...d, milks: d.milks.filter((x) => x !== m) });
const swapped = (d: DayAsked, m: MilkAsked, by: MilkAsked): DayAsked => ({
  ...d,
  milks: d.milks.map((x) => (x === m ? by : x)),
});
