import { EYES, lengthOf } from './types';
import type { Block, Problem, Starts } from './types';

/** What is wrong with a timetable, as codes: the block, and another that it clashes with. */
export interface TimetableFault {
  readonly why: 'missing' | 'early' | 'moved' | 'order' | 'waits' | 'night' | 'hands' | 'eye' | 'thing' | 'late';
  readonly block: string;
  readonly other: string | null;
}

/**
 * A timetable read again, second for second where something begins or ends, by nothing that the search uses: what is too
 * early or too late for another, waits too long, wants a cook who sleeps, or wants what somebody else has.
 */
export function checkTimetable(p: Problem, starts: Starts): readonly TimetableFault[] {
  const faults: TimetableFault[] = [];
  const say = (why: TimetableFault['why'], block: string, other: string | null = null): void => {
    faults.push({ why, block, other });
  };
  const begins = (id: string): number => starts.get(id) ?? NaN;
  const of = new Map(p.blocks.map((b) => [b.id, b]));
  const ends = (id: string): number => begins(id) + lengthOf(of.get(id) as Block);
  for (const b of p.blocks) {
    const s = begins(b.id);
    if (!Number.isFinite(s)) say('missing', b.id);
    else if (b.fixedS !== null && s !== b.fixedS) say('moved', b.id);
    else if (b.fixedS === null && s < b.notBeforeS) say('early', b.id);
    if (ends(b.id) > p.untilS + lengthOf(b)) say('late', b.id);
  }
  if (faults.length > 0) return faults;
  for (const l of p.links) {
    const gap = begins(l.to) - ends(l.from);
    if (gap < l.leastS) say('order', l.to, l.from);
    if (l.mostS !== null && gap > l.mostS) say('waits', l.from, l.to);
  }
  const wants = p.blocks.flatMap((b) => {
    let at = begins(b.id);
    return b.parts.map((x) => {
      const from = at;
      at += x.durationS;
      return { block: b.id, hands: x.hands, from, to: at, fixed: b.fixedS !== null };
    });
  });
  for (const w of wants)
    if (w.hands !== 'free' && !w.fixed && p.off.some((o) => o.fromS < w.to && o.toS > w.from && w.to > w.from))
      say('night', w.block);
  for (const [hands, most, why] of [
    ['busy', p.cooks, 'hands'],
    ['near', EYES * p.cooks, 'eye'],
  ] as const) {
    const mine = wants.filter((w) => w.hands === hands && w.to > w.from);
    for (const w of mine) {
      const at = mine.filter((x) => x.from <= w.from && x.to > w.from);
      if (at.length > most) say(why, w.block, at.find((x) => x !== w)?.block ?? null);
    }
  }
  p.uses.forEach((a, i) =>
    p.uses.slice(i + 1).forEach((b) => {
      if (a.thing !== b.thing) return;
      const wash = (x: typeof a, y: typeof a): number => (x.milk === y.milk ? 0 : p.setUpS(a.thing, x.milk, y.milk));
      const clear =
        begins(b.from) >= ends(a.to) + wash(a, b) ||
        begins(a.from) >= ends(b.to) + wash(b, a) ||
        ends(a.to) === begins(a.from) ||
        ends(b.to) === begins(b.from);
      if (!clear) say('thing', a.from, b.from);
    }),
  );
  return faults;
}
