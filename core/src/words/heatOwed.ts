import type { HeatOwed } from '../questions';
import { figureText } from './format';

/** The words of the red box over raw soy. */
export interface HeatOwedText {
  readonly say: string;
  /** The button that puts the milk back on the heat; null: the boil is still to come. */
  readonly back: string | null;
}
export function heatOwedText(owed: HeatOwed): HeatOwedText {
  if (!owed.back)
    return {
      say: 'Do not taste the beans, the slurry, the milk or the pulp yet. Raw soy upsets the stomach.',
      back: null,
    };
  const more = figureText(owed.back.figures.moreS);
  if (owed.back.say === 'boilLonger')
    return {
      say: `The planned boil is too short. Do not taste it: raw soy upsets the stomach. Boil it ${more} longer.`,
      back: `Boil it ${more} longer`,
    };
  return {
    say: `Not boiled long enough. Do not taste it: raw soy upsets the stomach. Boil it for ${more} more.`,
    back: `Back to the heat: ${more} more`,
  };
}
