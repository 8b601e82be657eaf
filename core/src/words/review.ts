import type { ReviewLine } from '../questions';
import { kindOf } from '../steps';
import { duration, join, millilitres, percent } from './format';
import { BODY_WORDS, SLIP_WORDS } from './measures';
import { taskName } from './tasks';

/** One line of how a batch went, as a cook would say it. */
export function reviewText(l: ReviewLine): string {
  switch (l.of) {
    case 'litres':
      return l.good
        ? `${join(millilitres(l.ml))}, as promised.`
        : `${join(millilitres(l.ml))} instead of ${join(millilitres(l.promisedMl))}.`;
    case 'strength':
      return l.good
        ? `${join(percent(l.solids))} solids, as strong as it should be.`
        : `${l.solids < l.promised ? 'Thinner' : 'Stronger'} than promised: ${join(percent(l.solids))} solids instead of ${join(percent(l.promised))}.`;
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
        : `On the tongue ${SLIP_WORDS[l.word]} instead of ${SLIP_WORDS[l.planned]}.`;
    case 'keep':
      return l.good
        ? `It keeps ${join(duration(l.s))}.`
        : `It keeps ${join(duration(l.s))} instead of ${join(duration(l.promisedS))}.`;
    case 'timed':
      return `${nameOf(l)} ran ${join(duration(l.ranS))} instead of ${join(duration(l.plannedS))}.`;
    case 'stood':
      return `Before “${nameOf(l).toLowerCase()}” it stood for ${join(duration(l.s))}.`;
  }
}
const nameOf = ({ task }: ReviewLine & { readonly of: 'timed' | 'stood' }): string =>
  taskName(task.step, task.task.id, kindOf(task.step.kind).label);
