import type { JarNow, JarPlace, Out, OutCost, OutPlace } from '../batch';
import { COLD_C, outOfColdS, wasBoiled } from '../steps';
import type { Treatment } from '../steps';
import { plain } from '../units';
import { duration, join, roughly } from './format';

/** Where a jar stands, in words. */
export const PLACE_WORDS: Readonly<Record<JarPlace, string>> = {
  fridge: 'in the fridge',
  freezer: 'in the freezer',
  room: 'on the worktop',
  bag: 'in a bag',
};
/** Where it was for a while, in words. */
export const OUT_WORDS: Readonly<Record<OutPlace, string>> = {
  table: 'on the table',
  bag: 'in a bag',
  other: 'elsewhere',
};
/** “9 h of its time went while it stood on the table, Sun 13:05 to 16:00”; `when` says an instant. */
export function outText(o: OutCost, when: (at: number) => string): string {
  const cost = o.lostS < 600 ? 'Nothing of its time was lost' : `${join(roughly(o.lostS))} of its time went`;
  const long = (o.out.to - o.out.from) / 1000 > outOfColdS(o.out.placeC) && o.out.placeC > COLD_C;
  const rule = long
    ? ' Longer out of the cold than the two hours (one in the heat) that are allowed: when in doubt, throw it away.'
    : '';
  return `${cost} while it stood ${whileText(o.out, when)}.${rule}`;
}
/** “on the table, Sun 13:05 to 16:00”. */
export const whileText = (o: Out, when: (at: number) => string): string =>
  `${OUT_WORDS[o.where]}, ${when(o.from)}${o.to === Infinity ? ', until now' : ` to ${when(o.to)}`}`;

/** What ends its time first, and why that is not a matter of taste. */
export function limitText(j: JarNow): string {
  if (!j.keep) return '';
  if (j.keep.limit === 'cap' && (j.place === 'room' || j.place === 'bag'))
    return 'Out of the cold it has two hours at most, one in the heat.';
  return j.keep.limit === 'cap'
    ? 'Its time ends with the usual cap for such milk, however cold it stands.'
    : 'Its time ends by what grows in it at the temperatures it had, before the usual cap.';
}
/**
 * Why nothing keeps for days uncooled: said where somebody is about to leave it out. `forS`: how long it would have there.
 */
export function uncooledText(forS: number, treatment: Treatment): string {
  const why = wasBoiled(treatment)
    ? 'Boiling leaves spores alive, and in warm milk they grow; a closed hot jar is not canned.'
    : 'It was never boiled: what is in it grows fast in the warm.';
  const has =
    forS < 600 ? 'It has no time left out here.' : `Out here it has ${join(duration(Math.floor(forS / 600) * 600))}.`;
  return `${has} Not two days, whatever some say: ${why.charAt(0).toLowerCase()}${why.slice(1)} Smell and looks do not show it.`;
}

/** What is known of how long a milk lasts here, in words that claim no more than it shows. */
export function lastsText(
  f: { readonly jars: number; readonly turned: number; readonly trustedD: number | null; readonly usedD: number },
  of: { readonly lowD: number; readonly capD: number },
): string {
  const jars = `${f.jars} jar${f.jars === 1 ? '' : 's'}, ${f.turned === 0 ? 'none' : f.turned} turned`;
  const days = (d: number): string => `${plain(d, 1)} days at 4 °C`;
  if (f.trustedD === null)
    return `${jars}: cannot say yet. The usual ${days(of.lowD)} hold; jars that were drunk in time say only “at least so long”.`;
  if (f.trustedD < of.lowD)
    return `${jars}: here it turns sooner than usual. The usual ${days(of.lowD)} are too long: look at the fridge and at how clean jars and cloths are, and drink it within ${days(f.trustedD)}.`;
  return `${jars}: nine in ten were fine for ${days(f.trustedD)} at the least. Plans and jars count with ${days(f.usedD)}, the usual being ${plain(of.lowD, 1)} and the cap ${plain(of.capD, 1)}.`;
}
