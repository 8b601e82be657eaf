import type { Kit } from '@ironpan/core/kitchen';
import { METRIC_CUP_ML, US_CUP_ML } from '@ironpan/core/units';
import type { Settings } from '../store/kit';

/** What is shown beside grams, °C and cm. */
export interface Units {
  /** ml of the cup; null: no cups. */
  readonly cupMl: number | null;
  /** Ounces, °F and inches. */
  readonly us: boolean;
}
/** What is shown beside grams, by the settings and the cook’s own cup. */
export const unitsOf = (s: Settings, kit: Kit): Units => ({ cupMl: cupMlOf(s, kit), us: s.us });

/** ml of the cup to show beside grams; null: none. */
export function cupMlOf(s: Settings, kit: Kit): number | null {
  return { none: null, us: US_CUP_ML, metric: METRIC_CUP_ML, own: kit.cupMl }[s.cups];
}
/** The cups that can be shown. */
export const CUP_CHOICES = [
  ['none', 'grams only'],
  ['metric', 'metric cups, 250 ml'],
  ['us', 'US cups, 237 ml'],
  ['own', 'my own cup'],
] as const satisfies readonly (readonly [Settings['cups'], string])[];
