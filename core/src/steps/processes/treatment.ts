import { inhibitorLeftOf } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { SPENDING_BELOW_C } from '../../laws';
import { isBoiledEnough } from './keepingLimits';

/** What heat has done to a food, and whether anything unboiled met it since. */
export const TREATMENTS = [
  'raw',
  'heated',
  'pasteurised',
  'boiled',
  'pasteurisedHandled',
  'boiledHandled',
  'notBoiledEnough',
] as const;
export type Treatment = (typeof TREATMENTS)[number];

/**
 * Which of the treatments a stream has had, by what happened to it. `notBoiledEnough`: a bean food that was at the boil,
 * and not long enough; a bean food that never boiled is `raw`. `heated`: warmer than 57 °C, and not for long enough to
 * count as pasteurised. `…Handled`: a cloth, hands or unboiled water met it after that heat.
 */
export function treatmentOf(s: Stream): Treatment {
  if (inhibitorLeftOf(s) !== null && !isBoiledEnough(s)) return s.boilS > 0 ? 'notBoiledEnough' : 'raw';
  switch (s.hygiene) {
    case 'boiled':
      return 'boiled';
    case 'heated':
      return 'pasteurised';
    case 'touched':
      return s.boilS > 0 ? 'boiledHandled' : 'pasteurisedHandled';
    case 'raw':
      return s.openedShare > 0 && s.peakWetC > SPENDING_BELOW_C ? 'heated' : 'raw';
  }
}
/** Was it boiled, whatever came after? */
export const wasBoiled = (t: Treatment): boolean => t === 'boiled' || t === 'boiledHandled';
