import { normal, seededRandom } from '../../src/numerics';
import type { Sample } from '../../src/detect';

/** What a probe tells over a boil that is drawn at random, and when it truly boiled. */
export interface Recorded {
  readonly samples: readonly Sample[];
  readonly boilC: number;
  /** The true boil, s; null: it never came to it. */
  readonly boiledS: number | null;
  /** When it truly fell off the boil, s; null: it did not. */
  readonly offS: number | null;
}
interface Kind {
  /** Stirred down in the foam: it stands, or falls a little, at 80 to 90 °C for a minute or two. */
  readonly falseBoil?: true;
  /** Turned down too early: it never boils. */
  readonly never?: true;
  /** Turned down after it has boiled: it falls off. */
  readonly off?: true;
}
/**
 * A pot on a hob: a straight rise to the boil of a kitchen somewhere between sea and mountain, by a probe with noise, an
 * offset of its own, whiles of silence and wild readings.
 */
export function recorded(seed: number, kind: Kind = {}): Recorded {
  const random = seededRandom(seed);
  const boilC = 100 - 6 * random();
  const rise = 0.06 + 0.14 * random();
  const bias = 0.25 * normal(random);
  const sd = 0.08 + 0.25 * random();
  const everyS = [0.5, 1, 1, 2][Math.floor(4 * random())] ?? 1;
  const pauseC = 80 + 9 * random();
  const pauseS = kind.falseBoil ? 40 + 80 * random() : 0;
  const topC = kind.never ? boilC - 4 - 8 * random() : boilC;
  let c = 50 + 18 * random();
  const samples: Sample[] = [];
  let boiledS: number | null = null;
  let offS: number | null = null;
  let paused = 0;
  let silentTo = -1;
  const offAfter = 90 + 120 * random();
  const last = (topC - c) / rise + pauseS + 330;
  for (let s = 0; s < last; s += everyS) {
    if (c >= pauseC && paused < pauseS) {
      paused += everyS;
      c -= 0.01 * everyS;
    } else if (kind.off && boiledS !== null && s - boiledS > offAfter) {
      c -= 0.05 * everyS;
      if (offS === null && c < boilC - 1.5) offS = s;
    } else c = Math.min(topC, c + rise * everyS);
    if (boiledS === null && c >= boilC - 1e-9) boiledS = s;
    if (s > silentTo && random() < 0.004 * everyS) silentTo = s + 3 + 15 * random();
    if (s <= silentTo) continue;
    const wild = random() < 0.01 ? -30 * random() : 0;
    samples.push({ s, v: c + bias + wild + sd * normal(random) });
  }
  return { samples, boilC, boiledS, offS };
}
