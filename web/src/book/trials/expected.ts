import type { Scale } from '@ironpan/core/batch';
import type { Here } from '@ironpan/core/kitchen';
import { daySpread, effectsOf, expectedRuns, WEIGHED, WORD_SD } from '@ironpan/core/trials';
import type { Design, Effect, Trial, Weighed } from '@ironpan/core/trials';

const isWeighed = (of: Weighed | Scale): of is Weighed => (WEIGHED as readonly string[]).includes(of);
/** 1 σ of one batch from day to day: of a figure as the fold says, of a word as people do. */
export function spreadOf(t: Trial, here: Here): (of: Weighed | Scale) => number {
  const spread = daySpread(t.base, here);
  return (of) => (isWeighed(of) ? spread[of] : WORD_SD);
}
/** The effects that the fold expects; of a word it says none. */
export function expectedOf(t: Trial, d: Design, here: Here): (of: Weighed | Scale) => readonly Effect[] {
  const runs = expectedRuns(t, d, here);
  return (of) => (isWeighed(of) ? effectsOf(d, runs[of], 0) : []);
}
