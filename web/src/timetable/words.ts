import type { Names } from '@ironpan/core/words';
import { duration, join } from '@ironpan/core/words';
import { ICE_BATH, OVEN } from '@ironpan/core/schedule';
import type { Way } from '@ironpan/core/schedule';
import type { Kit } from '@ironpan/core/kitchen';
import type { Cannot } from '../offload/clockAsk';
import type { CarriedOver, Shown } from '../offload/clockView';
import { whenOf } from '../ui/times';
import type { ClockItem } from '../offload/clockItems';

/** “the Fine bag”, as a kitchen calls it. */
export const thingName = (kit: Kit, id: string): string =>
  id === ICE_BATH || id === OVEN ? `the ${id}` : `“${kit.things.find((t) => t.id === id)?.name ?? id}”`;
export const nameIn = (items: readonly ClockItem[], id: string): string =>
  items.find((i) => i.id === id)?.name ?? 'a milk';
/** How blocks are called in a sentence about one milk: another's with the name of its milk. */
export function namesFor(shown: Shown, items: readonly ClockItem[], kit: Kit, milk: string, now: number): Names {
  return {
    block: (id) => {
      const b = shown.blocks.find((x) => x.id === id);
      return b ? `${b.title}${b.milk === milk ? '' : `, ${nameIn(items, b.milk)}`}` : '';
    },
    milk: (id) => nameIn(items, id),
    thing: (id) => thingName(kit, id),
    at: (s) => whenOf(shown.originMs + 1000 * s, now),
  };
}
/** What would make it possible, in a sentence. */
export function wayText(w: Way, items: readonly ClockItem[], now: number): string {
  switch (w.is) {
    case 'later':
      return `${nameIn(items, w.milk)} is ready at ${whenOf(w.at, now)} at the soonest.`;
    case 'without':
      return w.other === w.milk
        ? `Without ${nameIn(items, w.other)} the rest can be done.`
        : `Without ${nameIn(items, w.other)} it would be in time.`;
    case 'school':
      return `Made by “${w.school}” it would be ready at ${whenOf(w.at, now)}.`;
    case 'fridge':
      return `If what has soaked for ${nameIn(items, w.milk)} stands in the fridge until its turn comes, it would be in time.`;
    case 'awake':
      return w.milk === null
        ? 'The hours in which you are there are not enough: it could only be done at night or while you are away.'
        : 'Only with work at night, or while you are away, would it be in time.';
    case 'letGo':
      return w.milk === '' ? '' : `Something of ${nameIn(items, w.milk)} was put where it cannot be: let it go.`;
  }
}
export function cannotText(c: Cannot, items: readonly ClockItem[], kit: Kit): string {
  const name = nameIn(items, c.milk);
  if (c.why === 'order') return `${name} cannot be made as its plan stands: open the plan, it says what is wrong.`;
  return `${name} needs ${c.things.map((t) => thingName(kit, t)).join(' and ')}, which you said is out of use. Use it again, or choose another in the plan.`;
}
/** What one milk leaves for the next, all in one sentence. */
export function carriedText(all: readonly CarriedOver[], items: readonly ClockItem[]): string {
  const each = all.map((c) => `${c.allergens.join(', ')} may be left for ${nameIn(items, c.after)}`);
  return `One after the other in the same things: ${each.join('; ')}. Wash well between; who cannot have it should not drink what comes after.`;
}
/** There is a timetable only if what has soaked waits in the cold. */
export const fridgeText = (milks: readonly string[], items: readonly ClockItem[]): string =>
  `This goes only if what soaks for ${milks.map((m) => nameIn(items, m)).join(' and ')} is put in the fridge when its time is up, until its turn comes.`;
/** What is known of any better timetable. */
export function proofText(shown: Shown, kept: boolean): string {
  if (kept) return 'As agreed; what runs late moves what follows.';
  const { soonest, freshest, gapS } = shown.proof;
  const late = shown.milks.some((m) => m.lateS > 0);
  if (!soonest)
    return `Not everything could be tried: there may be one that is less late by up to ${join(duration(gapS))}.`;
  const first = late ? 'Proved: none is less late.' : 'Proved: all are in time.';
  return freshest ? `${first} None could begin later.` : `${first} With more visits some of it could begin later.`;
}
/** How sure it is; in sixty kitchens that differ as this one may, never more is known than this. */
export const chanceText = (x: number): string =>
  x >= 0.98 ? 'in time nearly always' : `in time about ${Math.max(0, Math.round(10 * x))} times in 10`;
