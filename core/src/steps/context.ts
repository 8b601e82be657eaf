import type { Beliefs, Kit } from '../kitchen';
import { boilingC } from '../laws';
import type { Material } from '../materials';
import type { Ctx } from './types';

/** All that a step may know besides its own parameters and streams. */
export function contextOf(kit: Kit, beliefs: Beliefs, materials: readonly Material[]): Ctx {
  return { kit, beliefs, materials, boilC: boilingC(kit.altitudeM) };
}
