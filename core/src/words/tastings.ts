import type { Scale } from '../batch';
import { alphaOf, fewestRight, powerOf, tastedOf, TASTINGS, tastingsFor } from '../trials';
import type { TastingKind } from '../trials';
import { plain } from '../units';

/** What is asked of somebody with the cups before them. */
const MORE: Readonly<Record<Scale, string>> = {
  thick: 'thicker',
  slip: 'slimier',
  grit: 'grittier',
  beany: 'beanier',
  sweet: 'sweeter',
  liked: 'better',
};
/** “Which is the odd one of the three?”, “Which of the two is sweeter?” */
export const tastingAsks = (kind: TastingKind, about: Scale): string =>
  kind === 'triangle'
    ? 'Two of these are the same milk. Which is the odd one?'
    : about === 'liked'
      ? 'Which of the two do you like better?'
      : `Which of the two is ${MORE[about]}?`;
/** “sweeter”, “better liked”. */
export const moreOf = (about: Scale): string => (about === 'liked' ? 'better liked' : MORE[about]);
export const TASTING_NAMES: Readonly<Record<TastingKind, readonly [name: string, means: string]>> = {
  triangle: ['Three cups, one is odd', 'Can they be told apart at all? Nobody need know in what.'],
  paired: ['Two cups, which is more so', 'Is one thicker, sweeter, better liked than the other?'],
};

/** One in so many, or so many times in a hundred: a chance as a person says it. */
export function chanceText(p: number): string {
  if (p >= 0.995) return 'always';
  if (p >= 0.095) return `${plain(100 * p)} times in 100`;
  if (p >= 0.001) return `${plain(1000 * p)} times in 1000`;
  return 'less than once in 1000';
}
/** Shares of tasters that really tell two milks apart, by which a test is judged before it is begun. */
const [CLEAR, SLIGHT] = [0.6, 0.3] as const;
/** So often a test should find what is there. */
const OFTEN = 0.8;

/** “8 times in 10”, “once in 10”. */
function oftenText(p: number): string {
  const n = Math.round(10 * p);
  return n === 0
    ? 'less than once in 10'
    : n === 1
      ? 'once in 10'
      : n === 10
        ? 'nearly always'
        : `${plain(n)} times in 10`;
}
/** How a test is laid out. */
export interface Test {
  readonly kind: TastingKind;
  readonly n: number;
  /** Of a pair: either may be the more so. */
  readonly either: boolean;
}
/** Why such a test can show nothing; null: it can. */
export function tooFewText({ kind, n, either }: Test): string | null {
  const alpha = alphaOf(either);
  if (fewestRight(kind, n, alpha) !== null) return null;
  const guess = TASTINGS[kind] ** n;
  let least = n;
  while (fewestRight(kind, least, alpha) === null) least += 1;
  const some = n === 1 ? 'One tasting can show nothing: it' : `${plain(n)} tastings can show nothing: all of them`;
  const same = either ? 'would come out alike' : 'would come right';
  const enough = tastingsFor(kind, CLEAR, OFTEN, alpha) ?? least;
  return `${some} ${same} by guessing ${chanceText(either ? Math.min(1, 2 * guess) : guess)}. Take ${plain(least)} at the least; ${plain(enough)} find a clear difference.`;
}
/** What so many tastings can find, before the first. */
export function powerText({ kind, n, either }: Test): string {
  const alpha = alphaOf(either);
  const k = fewestRight(kind, n, alpha);
  if (k === null) return '';
  const often = (share: number): string => oftenText(powerOf(kind, n, share, alpha));
  const count = either ? `must agree, whichever way,` : `must be right`;
  return `${plain(n)} tastings find a difference that six in ten can tell ${often(CLEAR)}, and one that three in ten can tell ${often(SLIGHT)}. ${plain(k)} of ${plain(n)} ${count} for it to count.`;
}

export interface Counted {
  readonly kind: TastingKind;
  readonly about: Scale;
  /** Right of so many; of a pair: for the first of the two, or the one that was expected. */
  readonly right: number;
  readonly n: number;
  /** Was it said beforehand which of a pair is the more so? */
  readonly expected: boolean;
  /** How many people tasted. */
  readonly people: number;
}
/** What came of it, in words that claim no more than it shows. `a` is the one that `right` counts for, `b` the other. */
export function tastedText(c: Counted, a: string, b: string): string {
  if (c.n === 0) return 'Nothing was tasted yet.';
  const t = tastedOf(c.kind, c.right, c.n, c.kind === 'paired' && !c.expected);
  const who = c.people === 1 ? ' by this one taster' : '';
  const chance = `Guessing alone gives as many ${chanceText(t.p)}.`;
  if (c.kind === 'triangle') {
    const head = `${plain(c.right)} of ${plain(c.n)} found the odd one. ${chance}`;
    const [low, high] = t.tell.map((x) => plain(100 * x)) as [string, string];
    return t.differs
      ? `${head} They can be told apart${who}: between ${low} and ${high} in 100 tastings really tell them (four times in five).`
      : `${head} No difference is shown. That is not to say there is none: ${missedText(c)}`;
  }
  const more = moreOf(c.about);
  const [first, second] = c.right * 2 >= c.n || c.expected ? [a, b] : [b, a];
  const count = first === a ? c.right : c.n - c.right;
  const said = c.about === 'liked' ? `liked ${first} better` : `called ${first} ${more}`;
  const head = `${plain(count)} of ${plain(c.n)} ${said}. ${c.expected ? chance : `Guessing alone gives as many, the one way or the other, ${chanceText(t.p)}.`}`;
  return t.differs
    ? `${head} ${first} is ${more} than ${second}${who}.`
    : `${head} It is not shown that either is ${more}: ${missedText(c)}`;
}
const missedText = (c: Counted): string => {
  const power = powerOf(c.kind, c.n, CLEAR, alphaOf(c.kind === 'paired' && !c.expected));
  return `${plain(c.n)} ${c.n === 1 ? 'tasting' : 'tastings'} would find a difference that six in ten can tell ${oftenText(power)}.`;
};
