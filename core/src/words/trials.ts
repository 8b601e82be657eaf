import { LOOK_SCALES } from '../batch';
import type { Scale } from '../batch';
import { leverAt, leversOf } from '../questions';
import type { Recipe } from '../steps';
import type { Effect, Factor, Telling, Term, Weighed } from '../trials';
import { plain } from '../units';
import { join, percent, upper } from './format';
import { leverPlace, leverValue } from './levers';
import { SCALES } from './looks';
import { MEASURE_NAMES, measureText } from './measures';

/** What a trial may ask: a figure, or a scale of words. */
export type Asked = Weighed | Scale;
const isScale = (of: Asked): of is Scale => (LOOK_SCALES as readonly string[]).includes(of);
/** “yield”, “thickness, as it is said”. */
export const askedName = (of: Asked): string =>
  isScale(of) ? `${SCALES[of].name.toLowerCase()}, as it is said` : MEASURE_NAMES[of];
/** Of a figure: “1.92 L”; of a scale: the word, or words between two of them. */
export function askedText(of: Asked, x: number): string {
  if (!isScale(of)) return join(measureText(of, x));
  const words = Object.values(SCALES[of].words as Readonly<Record<string, { readonly word: string }>>);
  const [low, high] = [words[Math.floor(x)], words[Math.ceil(x)]];
  if (!low || !high) return plain(x, 1);
  return low === high ? low.word : `between ${low.word} and ${high.word}`;
}
/** How far apart two of them are: “0.12 L”, “1.5 words”. */
export function apartText(of: Asked, x: number): string {
  const by = Math.abs(x);
  if (isScale(of)) return by === 1 ? 'one word' : `${plain(by, 1)} words`;
  return of === 'body' ? join({ n: plain(by, 2), unit: '× water' }) : join(measureText(of, by));
}
const wayOf = (of: Asked, by: number): string =>
  isScale(of) ? (by < 0 ? 'down the scale' : 'up the scale') : by < 0 ? 'less' : 'more';

/** What is changed, by its name: “grind: time”. */
export function factorName(f: Factor, base: Recipe): string {
  const levers = leversOf(base);
  const l = leverAt(levers, f.at);
  return l ? leverPlace(l, levers) : 'something that is no longer in the plan';
}
/** One of its two values, as a kitchen says it. */
export function factorValue(f: Factor, base: Recipe, up: boolean): string {
  const l = leverAt(leversOf(base), f.at);
  return l ? leverValue(l, up ? f.to : f.from) : plain(up ? f.to : f.from);
}
/** “grind: time 90 s instead of 60 s”. */
export const factorText = (f: Factor, base: Recipe): string =>
  `${factorName(f, base)} ${factorValue(f, base, true)} instead of ${factorValue(f, base, false)}`;

/** One factor as it is changed; several by their names: “grind: time together with soak: hours”. */
export const termText = (t: Term, factors: readonly Factor[], base: Recipe): string =>
  t.length === 1 && factors[t[0] ?? 0]
    ? factorText(factors[t[0] ?? 0] as Factor, base)
    : t.map((f) => factorName(factors[f] as Factor, base)).join(' together with ');

/** What a half design cannot tell apart; nothing where it tells all. */
export function aliasText(aliases: (term: Term) => readonly Term[], factors: readonly Factor[], base: Recipe): string {
  const named = (i: number): string => `“${factorName(factors[i] as Factor, base)}”`;
  const mixed = factors.flatMap((_, i) => {
    const others = aliases([i]);
    if (others.length === 0) return [];
    return [`${named(i)} from ${others.map((t) => t.map(named).join(' with ')).join(', or ')}`];
  });
  return mixed.length === 0
    ? ''
    : `Half of the combinations cannot tell what one thing does by itself from what the others do only together: ${mixed.join('; ')}. Things seldom do much only together; if they might, take all combinations.`;
}
/** How small an effect such a trial can tell, beside what the computation expects of it. */
export function couldTell(of: Asked, reach: number, expected: readonly number[]): string {
  const least = `An effect under ${apartText(of, reach)} would be lost in what days do.`;
  if (expected.length === 0) return least;
  const lost = expected.filter((x) => Math.abs(x) < reach).length;
  const named = expected.map((x) => apartText(of, x)).join(', ');
  const them = expected.length === 1 ? 'Expected is' : 'Expected are';
  if (lost === 0) return `${least} ${them} ${named}: enough to be told.`;
  const what =
    expected.length === 1 ? 'it would be' : lost === expected.length ? 'all of them would be' : 'some of them would be';
  return `${least} ${them} ${named}: ${what}. Change it by more, or make each more often.`;
}
const ofDays = (of: Asked, e: Effect): string => {
  const end = (x: number): string =>
    apartText(of, x) === apartText(of, 0) ? 'nothing' : `${apartText(of, x)} ${wayOf(of, x)}`;
  return `between ${end(e.low)} and ${end(e.high)}, four times in five`;
};
/** An effect in a sentence that claims no more than the batches show. */
export function effectText(of: Asked, e: Effect, name: string): string {
  // What rounds to nothing is none.
  const is = apartText(of, e.by) === apartText(of, 0) ? 'no difference' : `${apartText(of, e.by)} ${wayOf(of, e.by)}`;
  const told =
    e.low > 0 || e.high < 0
      ? 'That is more than days do by themselves.'
      : 'Days do as much by themselves: nothing is shown.';
  return `${upper(name)}: ${is} (${ofDays(of, e)}). ${told}`;
}

const COUNTS = ['', 'one', 'two', 'three', 'four'];
/** What was taken for nothing because not all of the batches are known; nothing where nothing was. */
export function noughtText(nought: readonly Term[]): string {
  if (nought.length === 0) return '';
  const least = Math.min(...nought.map((t) => t.length));
  const most = Math.max(...nought.map((t) => t.length));
  const these = `${COUNTS[least] ?? least}${most > least ? ' or more' : ''} of them`;
  return `What ${these} do only together cannot be told from these, and is taken to be nothing.`;
}

/** How much narrower the range of what is asked becomes, and by what. */
export function tellingText(t: Telling, of: Weighed, name: string, readings: readonly string[]): string {
  const list = readings.length > 1 ? `${readings.slice(0, -1).join(', ')} and ${readings.at(-1) ?? ''}` : readings[0];
  return `Make ${name}, and write down ${list ?? ''}: the range of the ${MEASURE_NAMES[of]} becomes about ${join(percent(t.narrower))} narrower.`;
}
