import type { Wording } from '../learning';
import { WORDS_FROM, wordsFrom } from '../steps';
import type { WordScale } from '../steps';
import { plain } from '../units';
import { join, percent } from './format';
import { saidOn, SCALES } from './looks';

/** A figure of a scale: “3.6 × water”, “4.0 g/kg”. */
export function scaleFigure(scale: WordScale, x: number): string {
  switch (scale) {
    case 'thick':
    case 'slip':
      return join({ n: plain(x, x < 2 ? 2 : x < 10 ? 1 : 0), unit: '× water' });
    case 'grit':
      return join({ n: plain(1000 * x, 1), unit: 'g/kg' });
    case 'beany':
      return join({ n: plain(x), unit: 'of 100' });
    case 'sweet':
      return join(percent(x));
  }
}
/** What each scale is told by. */
export const SCALE_OF: Readonly<Record<WordScale, string>> = {
  thick: 'how thick it was worked out to be from the fridge',
  slip: 'how thick its slippery fibre makes it',
  grit: 'pieces that the tongue feels',
  beany: 'the beany note, of 100 in raw beans',
  sweet: 'its sugars',
};
/** Further than this from the usual it is told, in the logarithm. */
const OTHER = 0.05;
/** Where words begin here that begin elsewhere by usual: one sentence each; none: as usual. */
export function wordingText(w: Wording, beliefs: Parameters<typeof wordsFrom>[1]): readonly string[] {
  const here = wordsFrom(w.scale, beliefs) as Readonly<Record<string, number>>;
  const usual = WORDS_FROM[w.scale] as Readonly<Record<string, number>>;
  return w.bounds
    .filter((b) => Math.abs(Math.log(b.times)) > OTHER)
    .map(
      ({ word }) =>
        `“${saidOn(w.scale, word).word}” begins at ${scaleFigure(w.scale, here[word] ?? 0)} here, at ${scaleFigure(w.scale, usual[word] ?? 0)} as shipped.`,
    );
}
/** “Thickness”. */
export const scaleName = (scale: WordScale): string => SCALES[scale].name;
