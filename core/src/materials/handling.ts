import { MATERIALS } from './materials';
import { likeOf } from './own';
import type { Material } from './types';

/** Seconds of work with a food: a start, and so many for each gram as bought. */
export interface Work {
  readonly startS: number;
  readonly perG: number;
}
/**
 * What a food asks of hands, blades and pot (models §2 to §5; estimates). It is looked up by food and is no part of a stored
 * food, so that batches of any age have it.
 */
export interface Handling {
  /** Pick over and wash, open the shell and pare the meat, take off all the skins. */
  readonly pickOver: Work;
  readonly open: Work;
  readonly skin: Work;
  /** Its pieces grind harder while they have not drunk their water: beans, almonds, tiger nuts, raw grain. */
  readonly hardDry: boolean;
  /** Its particles are felt on the tongue from 25 µm: always, while its skins are on, or never (then from 40 µm). */
  readonly feltEarly: 'always' | 'inSkin' | 'never';
  /** How long it boils until it is cooked through, s. */
  readonly cookS: number;
}

const NO_WORK: Work = { startS: 0, perG: 0 };
const BEANS: Work = { startS: 60, perG: 1.2 };
const GRAIN: Work = { startS: 120, perG: 0.2 };
const USUAL: Handling = {
  pickOver: BEANS,
  open: NO_WORK,
  skin: NO_WORK,
  hardDry: false,
  feltEarly: 'never',
  cookS: 600,
};
const FLAKES: Handling = { ...USUAL, pickOver: { startS: 60, perG: 0 } };
const NUT: Handling = { ...USUAL, skin: { startS: 0, perG: 2.7 }, hardDry: true, feltEarly: 'inSkin' };
const SEED: Handling = { ...USUAL, pickOver: GRAIN };
const RAW_GRAIN: Handling = { ...USUAL, pickOver: GRAIN, hardDry: true, feltEarly: 'always' };

const BY_FOOD: Readonly<Record<string, Handling>> = {
  soybeans: { ...USUAL, skin: { startS: 60, perG: 1.5 }, hardDry: true },
  'oats-rolled': FLAKES,
  'spelt-flakes': FLAKES,
  'rice-flakes': FLAKES,
  'millet-flakes': FLAKES,
  'rice-white': RAW_GRAIN,
  'rice-cooked': FLAKES,
  'rice-brown': { ...RAW_GRAIN, cookS: 1800 },
  'rice-brown-cooked': { ...FLAKES, feltEarly: 'always' },
  'tiger-nuts': { ...USUAL, hardDry: true, feltEarly: 'always' },
  'coconut-fresh': { ...FLAKES, open: { startS: 60, perG: 2 } },
  'coconut-grated': { ...FLAKES, open: { startS: 60, perG: 2 } },
  almonds: NUT,
  sesame: { ...NUT, pickOver: GRAIN },
  'sunflower-seeds': SEED,
  'hemp-seeds': SEED,
  'coconut-frozen': FLAKES,
  'coconut-dried': FLAKES,
  dates: FLAKES,
  berries: FLAKES,
};

const known = new WeakMap<Material, Handling>();
/** What a food asks of the hands; an own food as the one it is like. */
export function handlingOf(m: Material): Handling {
  let found = known.get(m);
  if (!found) {
    const like = MATERIALS.some((x) => x.id === m.id) ? m.id : likeOf(m).id;
    known.set(m, (found = BY_FOOD[like] ?? FLAKES));
  }
  return found;
}
/** Seconds that so many grams as bought take. None of it: 0. */
export const workS = (w: Work, grams: number): number => (grams > 0 ? w.startS + w.perG * grams : 0);
