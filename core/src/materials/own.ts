import { MATERIALS } from './materials';
import type { Material } from './types';

/** What a cook may say of a material of their own; all else is as in the one it is like. */
export type OwnParts = Pick<Material, 'id' | 'name' | 'per100g' | 'canLeave' | 'cupG'> &
  Partial<Pick<Material, 'pricePerKg' | 'milk' | 'allergens'>>;

/** The milk of the food that this one behaves like: for laws and rules, never for its name. */
export const behaviourOf = (m: Material): string => m.behavesAs ?? m.milk;
/** What an own food's milk is called: as the cook said; older foods took the name over from another one. */
export const milkCalled = (m: Material): string => (m.source === 'own' && m.behavesAs === undefined ? '' : m.milk);
/**
 * A cook's own material. The name of its milk and its allergens are the cook's to say and are never those of the food it is
 * like: until they are said the name is empty and the allergens are not stated. Where extractability was changed, it no longer grows with warmth as the model's own table has
 * it: that table would take the change back.
 */
export function ownMaterial(like: Material, parts: OwnParts): Material {
  const warmer = Object.fromEntries(
    Object.entries(like.warmer).filter(
      ([c]) => like.canLeave[c as keyof Material['canLeave']] === parts.canLeave[c as keyof Material['canLeave']],
    ),
  );
  const stated = parts.allergens !== undefined;
  return {
    ...like,
    ...parts,
    ...{ warmer, milk: parts.milk ?? '', behavesAs: behaviourOf(like), source: 'own' },
    ...{ allergens: parts.allergens ?? [], allergensStated: stated },
  };
}

/** The known material that behaves like this one: the same law constants, else the first. */
export function likeOf(m: Material): Material {
  const same = (x: Material): boolean =>
    x.openingJPerG === m.openingJPerG &&
    x.holdFactor === m.holdFactor &&
    x.milk === behaviourOf(m) &&
    x.basis === m.basis;
  return MATERIALS.find(same) ?? (MATERIALS[0] as Material);
}

/**
 * Plants that no milk is made of here, and why (common practice). The word is looked for in a material's name.
 */
const REFUSED: readonly (readonly [RegExp, 'bitterAlmond' | 'apricotKernel' | 'cassava' | 'lupin' | 'phaseolus'])[] = [
  [/bitter almond/i, 'bitterAlmond'],
  [/apricot kernel|apricot stone/i, 'apricotKernel'],
  [/cassava|manioc|tapioca root/i, 'cassava'],
  [/bitter lupin/i, 'lupin'],
  [/kidney bean|phaseolus|runner bean|borlotti|pinto bean|black bean|haricot|cannellini/i, 'phaseolus'],
];
export type Refusal = (typeof REFUSED)[number][1];
/** Why a cook’s own food cannot be kept as it is; null: it can. */
export function refusalOf(name: string): Refusal | null {
  return REFUSED.find(([word]) => word.test(name))?.[1] ?? null;
}
