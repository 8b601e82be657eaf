import type { Here, Kit } from '../kitchen';
import { boilingC } from '../laws';
import type { Material } from '../materials';
import type { Ctx } from './types';

/** Where water boils in this kitchen, °C. */
export const boilsAtC = (kit: Kit): number => boilingC(kit.altitudeM);

/** All that a step may know besides its own parameters and streams. */
export function contextOf({ kit, beliefs }: Here, materials: readonly Material[]): Ctx {
  return { kit, beliefs, materials, boilC: boilsAtC(kit) };
}
