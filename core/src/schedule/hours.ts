/** A while of every week in which nobody works: on these days (0 Sunday … 6), from a minute of the day to another; to one that is not later it goes into the next day. */
export interface Spell {
  readonly id: string;
  readonly what: 'asleep' | 'away';
  readonly days: readonly number[];
  readonly fromMin: number;
  readonly toMin: number;
}
/** Once: away or asleep from one instant to another, ms, or, against the week, there after all. */
export interface Once {
  readonly id: string;
  readonly what: 'asleep' | 'away' | 'there';
  readonly from: number;
  readonly to: number;
  /** What a calendar calls it; empty: said by hand. */
  readonly text: string;
  readonly source: 'hand' | 'calendar';
}
/** When there is somebody to work, how many, with what. */
export interface Hours {
  readonly weekly: readonly Spell[];
  readonly once: readonly Once[];
  readonly cooks: number;
  /** Things of the kit that are lent, broken or in the wash. */
  readonly outOfUse: readonly string[];
  /** Each milk is aimed at so long before it is wanted, min. */
  readonly spareMin: number;
}
/** Asleep from half past ten to half past six, and a quarter of an hour to spare. */
export const USUAL_HOURS: Hours = {
  weekly: [{ id: 'night', what: 'asleep', days: [0, 1, 2, 3, 4, 5, 6], fromMin: 22 * 60 + 30, toMin: 6 * 60 + 30 }],
  once: [],
  cooks: 1,
  outOfUse: [],
  spareMin: 15,
};
export interface OffSpan {
  readonly from: number;
  readonly to: number;
  readonly what: 'asleep' | 'away';
}

/**
 * The whiles without anybody that touch a span, ms, in order and apart from each other: in the zone of this machine, so
 * that half past ten is half past ten on either side of a change of summer time.
 */
export function offBetween(h: Hours, from: number, to: number): readonly OffSpan[] {
  const spans: OffSpan[] = [];
  const day = new Date(from);
  // A night that began the day before may reach into it.
  for (let d = -1; ; d += 1) {
    const at = (min: number): number =>
      new Date(day.getFullYear(), day.getMonth(), day.getDate() + d, Math.floor(min / 60), min % 60).getTime();
    if (at(0) > to) break;
    const weekday = new Date(at(12 * 60)).getDay();
    for (const s of h.weekly)
      if (s.days.includes(weekday))
        spans.push({ from: at(s.fromMin), to: at(s.toMin > s.fromMin ? s.toMin : s.toMin + DAY_MIN), what: s.what });
  }
  for (const o of h.once) if (o.what !== 'there') spans.push({ from: o.from, to: o.to, what: o.what });
  const there = h.once.filter((o) => o.what === 'there');
  const left = there.reduce<readonly OffSpan[]>((all, t) => all.flatMap((s) => without(s, t)), spans);
  return joined(left.filter((s) => s.to > from && s.from < to && s.to > s.from));
}
const DAY_MIN = 24 * 60;
const without = (s: OffSpan, t: Once): readonly OffSpan[] =>
  t.to <= s.from || t.from >= s.to
    ? [s]
    : [...(t.from > s.from ? [{ ...s, to: t.from }] : []), ...(t.to < s.to ? [{ ...s, from: t.to }] : [])];
/** Those that touch are one; who is asleep and away at once is asleep. */
function joined(all: readonly OffSpan[]): readonly OffSpan[] {
  const out: OffSpan[] = [];
  for (const s of [...all].sort((a, b) => a.from - b.from || a.to - b.to)) {
    const last = out.at(-1);
    if (!last || s.from > last.to) out.push(s);
    else if (s.to > last.to || (s.what === 'asleep' && last.what === 'away'))
      out[out.length - 1] = {
        from: last.from,
        to: Math.max(last.to, s.to),
        what: last.what === 'asleep' || s.what === 'asleep' ? 'asleep' : 'away',
      };
  }
  return out;
}
