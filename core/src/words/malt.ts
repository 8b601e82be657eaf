import { MALT_DOSE_G } from '../steps';
import { plain } from '../units';
import { grams, join } from './format';

const TEASPOONS_PER_TABLESPOON = 3;

/** Doses of malt flour as a cook takes them: “6 g of malt flour (2 level teaspoons)”. */
export function maltText(doses: number): string {
  const halves = Math.max(1, Math.round(2 * doses)) / 2;
  const large = halves >= TEASPOONS_PER_TABLESPOON;
  const n = large ? Math.round((2 * halves) / TEASPOONS_PER_TABLESPOON) / 2 : halves;
  const spoon = `level ${large ? 'tablespoon' : 'teaspoon'}${n > 1 ? 's' : ''}`;
  return `${join(grams(MALT_DOSE_G * doses))} of malt flour (${plain(n, Number.isInteger(n) ? 0 : 1)} ${spoon})`;
}
