import type { Ice } from '../batch';
import { duration, join } from './format';

/** “frozen”, “thawing, liquid in about 14 h”. */
export function iceText(ice: Ice): string {
  if (ice.liquidInS === null) return ice.state;
  return `thawing, liquid in about ${join(duration(wholeHours(ice.liquidInS)))}`;
}
/** When a frozen jar must be in the fridge, so that it is liquid in time. */
export const thawAheadText = (ice: Ice): string =>
  `In the fridge it is liquid after about ${join(duration(wholeHours(ice.inFridgeS)))}. Move it there in good time.`;
/** An estimate of many hours is shown in whole hours, s. */
const wholeHours = (s: number): number => Math.max(1, Math.round(s / 3600)) * 3600;
