import { plain } from '../units';
import type { ReviewLine } from '../questions';
import { kindOf } from '../steps';
import { clock, duration, grams, join, millilitres, percent, roughly } from './format';
import { BODY_WORDS, SLIP_WORDS } from './measures';
import { taskName } from './tasks';

const share = (x: number): string => join(percent(x));
const finely = (x: number): string => `${plain(100 * x, 1)}\u00a0%`;
const long = (s: number): string => join(duration(s));
/** A figure beside one it differs from: more finely where the plain word would be the same for both. */
const apart = (x: number, other: number, word: (x: number) => string, fine: (x: number) => string): string =>
  word(x) === word(other) ? fine(x) : word(x);

/** One line of how a batch went, as a cook would say it. */
export function reviewText(l: ReviewLine): string {
  switch (l.of) {
    case 'litres':
      return l.good
        ? `${join(millilitres(l.ml))}, as promised.`
        : `${join(millilitres(l.ml))} instead of ${join(millilitres(l.promisedMl))}${l.addedG > 0 ? `, with ${join(grams(l.addedG))} of water that you added against a problem` : ''}.`;
    case 'strength':
      return l.good
        ? `${join(percent(l.solids))} solids, as strong as it should be.`
        : `${l.solids < l.promised ? 'Thinner' : 'Stronger'} than promised: ${apart(l.solids, l.promised, share, finely)} solids instead of ${apart(l.promised, l.solids, share, finely)}.`;
    case 'boiled':
      return l.good
        ? 'Boiled enough: safe to drink.'
        : 'Not boiled enough. Do not drink it: boil it again, as the shelf says.';
    case 'body':
      return l.good
        ? `The body is ${BODY_WORDS[l.word]}, as planned.`
        : `The body is ${BODY_WORDS[l.word]} instead of ${BODY_WORDS[l.planned]}.`;
    case 'slip':
      return l.good
        ? `On the tongue ${SLIP_WORDS[l.word]}, as planned.`
        : `On the tongue ${SLIP_WORDS[l.word]} instead of ${SLIP_WORDS[l.planned]}${l.overS >= 1 ? `: it ran ${join(duration(l.overS))} too long` : ''}.`;
    case 'keep':
      return l.good
        ? `It keeps ${join(roughly(l.s))}.`
        : `It keeps ${join(roughly(l.s))} instead of ${join(roughly(l.promisedS))}.`;
    case 'timed':
      return `${nameOf(l)} ran ${apart(l.ranS, l.plannedS, long, clock)} instead of ${apart(l.plannedS, l.ranS, long, clock)}.`;
    case 'stood':
      return `Before “${nameOf(l).toLowerCase()}” it stood for ${join(duration(l.s))}.`;
  }
}
const nameOf = ({ task }: ReviewLine & { readonly of: 'timed' | 'stood' }): string =>
  taskName(task.step, task.task.id, kindOf(task.step.kind).label);
