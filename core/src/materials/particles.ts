import { behaviourOf } from './own';
import type { Material } from './types';

/** What of a food moves in the standing milk, by size (models §7; estimates). Keyed by milk, so that old batches know it too. */
export interface Particles {
  /** Raw starch granule, µm. */
  readonly granuleUm: number;
  /** Fat droplet or floc, µm; null: its fat rides with its starch and protein, and moves with them. */
  readonly dropletUm: number | null;
}
const PARTICLES: Readonly<Record<string, Particles>> = {
  soy: { granuleUm: 8, dropletUm: 0.6 },
  oat: { granuleUm: 8, dropletUm: null },
  rice: { granuleUm: 6, dropletUm: null },
  'tiger nut': { granuleUm: 10, dropletUm: 3 },
  coconut: { granuleUm: 10, dropletUm: 30 },
  almond: { granuleUm: 8, dropletUm: 2 },
};
/** Flakes and grains beside oats and rice: small granules, fat that rides with them. */
const GRAIN: Particles = { granuleUm: 8, dropletUm: null };
/** A nut or a seed that no line is known of: as an almond. */
const SEED: Particles = { granuleUm: 8, dropletUm: 2 };

/** The particles of a food's milk. */
export const particlesOf = (m: Material): Particles => PARTICLES[behaviourOf(m)] ?? (m.starchBody ? GRAIN : SEED);
