import type { KeptTill } from '../batch';
import type { PromisedFigure, Truth } from '../comparing';
import { plain } from '../units';
import { timesUsual } from './comparing';
import { join, percent } from './format';

const NAMES: Readonly<Record<PromisedFigure, string>> = { volumeMl: 'yield', solids: 'strength', body: 'body' };
/** What a promised figure is called. */
export const promisedName = (of: PromisedFigure): string => NAMES[of];
/** How true promises were, in sentences that claim no more than the counts show. */
export function truthText(t: Truth): string {
  const [low, high] = t.share;
  const meant =
    high < 0.8
      ? 'That is fewer than the four in five that are meant: the ranges are too narrow.'
      : low > 0.8
        ? 'That is more than the four in five that are meant: the ranges could be narrower.'
        : 'Four in five are meant, and these counts agree with that.';
  return `${plain(t.within)} of ${plain(t.n)} came within what was said. ${meant}`;
}
/** On which side it errs; less than this is none. */
const BIAS = 0.01;
export function biasText(t: Truth): string {
  if (Math.abs(t.bias) < BIAS) return 'On average neither too much nor too little was promised.';
  return `On average ${join(percent(Math.abs(t.bias)))} ${t.bias > 0 ? 'more came than was' : 'less came than was'} promised.`;
}
/** A thing that became another: a bag that clogs, a new blade. “Fine bag: holds back 1.7 × usual since about 5 Mar; as usual before.” */
export const changedText = (name: string, from: number, to: number, day: string): string =>
  `${name} ${timesUsual(to)} since about ${day}; ${timesUsual(from)} before.`;
/** How true it was that milk keeps till its time is up, claiming no more than was looked at. */
export function keepTruthText(t: Readonly<Record<KeptTill, number>>): string {
  const n = t.fine + t.turned;
  const jars = (k: number): string => (k === 1 ? '1 jar' : `${plain(k)} jars`);
  const unknown =
    t.unknown === 0
      ? ''
      : ` Of ${n === 0 ? '' : 'another '}${jars(t.unknown)} nobody can say: gone before, or not looked at.`;
  if (n === 0) return `No jar was looked at when its time was up.${unknown}`;
  const turned =
    t.turned === 0
      ? ''
      : ` ${t.turned === 1 ? 'One' : plain(t.turned)} turned before: warmer than was told, or not so clean.`;
  return `${plain(t.fine)} of ${jars(n)} that were looked at were fine when their time was up.${turned}${unknown}`;
}
/** What was learned: how far off the first and the last were. */
export const learningText = (t: Truth): string =>
  `The first ${plain(t.few)} were ${join(percent(t.first))} off, the last ${plain(t.few)} were ${join(percent(t.last))} off.`;
