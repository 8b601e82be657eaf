import { makeStep } from '../steps';
import type { LarderLine, Step } from '../steps';

export { HOUR_S as HOUR, MINUTE_S as MIN } from '../units';

/** One line of the larder. */
export const take = (material: string, grams: number, into = 'work'): LarderLine => ({ into, material, grams });

/** Coarse first, then fine: the hands are spared and the bag does not burst. */
export const twice = (hand: 'gentle' | 'twist' = 'twist', coarse = 'sieve'): readonly Step[] => [
  makeStep('strain', 'strain', { into: 'coarse', strainer: coarse, hand: 'gentle' }),
  makeStep('strainFine', 'strain', { of: 'coarse', strainer: 'fine-bag', hand }),
];
/** A pinch of salt for the pot. */
export const salted = (): Step => makeStep('salt', 'add', { food: 'salt', amountG: 1 });
/** Sugar for the pot, g. */
export const sweetened = (amountG: number): Step => makeStep('sugar', 'add', { food: 'sugar', amountG });
/** Made cold: into the jars and straight into the fridge. */
export const intoJars = (of = 'milk', id = 'jar'): Step => makeStep(id, 'jar', { of });
/** Cooled fast down to `toC`, °C: in running water, then in ice. */
export const iced = (of = 'milk', toC = 8): Step =>
  makeStep(of === 'milk' ? 'cool' : `cool-${of}`, 'cool', { of, toC });
