import {
  grams,
  iceText,
  join,
  layersText,
  milkName,
  milkOf,
  millilitres,
  roughly,
  TREATMENT_SHORT,
  TREATMENT_WORDS,
} from '@ironpan/core/words';
import type { ShelfJar } from './shelf';

/** How long a jar still keeps. */
export const timeLeft = (j: ShelfJar): string => {
  if (j.now.turned) return 'gone off';
  const s = j.now.keep?.s;
  return s === undefined ? '' : s <= 0 ? 'past its time' : join(roughly(s));
};
/** The same in a word or two, on the plank's edge; what must be done with it goes before its time. */
export function shortTime(j: ShelfJar): string {
  if (j.now.turned) return 'turned';
  if (j.danger) return 'boil it';
  const s = j.now.keep?.s;
  return s === undefined ? (j.now.flour ? 'dry' : '') : s <= 0 ? 'past' : join(roughly(s));
}
/** What is left in a jar. */
export const amountLeft = (j: ShelfJar): string => join(j.pulp ? grams(j.now.leftG) : millilitres(j.now.leftMl));
/** What hangs at its neck: whose it is, and which of its milks where it is not the plain one. */
export function tagOf(j: ShelfJar, short = false): { readonly name: string; readonly part: string } {
  if (short && !j.pulp) return { name: milkOf(j.batch.recipe), part: '' };
  if (j.now.flour) return { name: `${j.name}, dried`, part: '' };
  if (j.pulp) return { name: `${TREATMENT_SHORT[j.now.treatment]} ${j.name}`, part: '' };
  return { name: milkName(milkOf(j.batch.recipe)), part: j.part === '' ? `batch ${j.batch.number}` : j.part };
}
/** What a screen reader says of it beside its name and amount. */
export function saidOf(j: ShelfJar): string {
  const state = j.now.turned
    ? 'turned: throw it away'
    : j.now.flour
      ? 'dried'
      : j.danger
        ? 'not boiled enough: do not drink it'
        : `${timeLeft(j)} left${j.now.done ? (j.now.hygiene === 'touched' ? `, ${TREATMENT_WORDS[j.now.treatment]}` : '') : `, ${TREATMENT_WORDS[j.now.treatment]}`}`;
  if (j.now.ice) return `${state}, ${iceText(j.now.ice)}`;
  if (j.pulp || !j.layers || j.layers.length < 2) return state;
  return `${state}; ${j.now.seenLayers ? 'seen' : 'expected'}: ${layersText(j.layers)}`;
}
