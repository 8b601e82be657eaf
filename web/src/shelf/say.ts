import { grams, join, millilitres, roughly } from '@ironpan/core/words';
import type { ShelfJar } from './useShelf';

/** How long a jar still keeps. */
export const timeLeft = (j: ShelfJar): string => {
  const s = j.now.keep?.s;
  return s === undefined ? '' : s <= 0 ? 'past its time' : join(roughly(s));
};
/** What is left in a jar. */
export const amountLeft = (j: ShelfJar): string => join(j.pulp ? grams(j.now.leftG) : millilitres(j.now.leftMl));
