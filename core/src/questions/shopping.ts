import type { Kit } from '../kitchen';
import type { Material } from '../materials';
import { foodLines } from '../steps';
import type { Recipe } from '../steps';

/** What is known of a food at home. */
export interface Cupboard {
  /** G at hand; null: it was never counted. */
  readonly haveG: number | null;
  /** A pack holds so much, g; null: it was never said. */
  readonly packG: number | null;
}
/** One line of a shopping list. */
export interface ToBuy {
  readonly material: string;
  readonly name: string;
  readonly needG: number;
  readonly haveG: number;
  /** It was never counted and most kitchens have it: look whether it is there. */
  readonly look: boolean;
  readonly packG: number;
  /** 0: there is enough. */
  readonly packs: number;
  readonly buyG: number;
  /** Of what is bought, at this kitchen's price or the usual one. */
  readonly cost: number;
}
/** A pack where none was said, g (common practice): of most foods, and of spices and the like. */
export const USUAL_PACK_G = { food: 500, dear: 100 } as const;
/** From this price a kilogram on what is stirred in comes in small packs. */
const DEAR_PER_KG = 10;
/** Nobody opens a pack for less than this share of what is needed. */
const NOT_FOR = 0.02;

/** The foods that some recipes take together, g, by their name; water and ice are no food. */
export function neededBy(
  recipes: readonly Recipe[],
): ReadonlyMap<string, { readonly material: Material; readonly grams: number }> {
  const out = new Map<string, { readonly material: Material; readonly grams: number }>();
  for (const r of recipes)
    for (const l of foodLines(r)) {
      const material = r.materials.find((m) => m.id === l.material);
      if (material && l.grams > 0)
        out.set(l.material, { material, grams: l.grams + (out.get(l.material)?.grams ?? 0) });
    }
  return out;
}
/**
 * What is to be bought for some recipes: what is at hand subtracted, in whole packs. In the order in which the recipes ask
 * for it.
 */
export function shoppingList(
  recipes: readonly Recipe[],
  cupboard: ReadonlyMap<string, Cupboard>,
  kit: Pick<Kit, 'prices'>,
): readonly ToBuy[] {
  return [...neededBy(recipes)].map(([id, { material, grams }]): ToBuy => {
    const had = cupboard.get(id);
    const haveG = had?.haveG ?? 0;
    const price = kit.prices[id] ?? material.pricePerKg;
    const small = material.liquid && price >= DEAR_PER_KG;
    const packG = had?.packG ?? (small ? USUAL_PACK_G.dear : USUAL_PACK_G.food);
    // Salt, sugar and spices are in most kitchens: until they are counted one is asked to look, not to buy.
    const look = material.liquid && (had?.haveG ?? null) === null;
    const lacks = grams - haveG;
    const packs = !look && lacks > NOT_FOR * grams ? Math.ceil((lacks - NOT_FOR * grams) / packG) : 0;
    const buyG = packs * packG;
    return {
      material: id,
      name: material.name,
      needG: grams,
      haveG,
      look,
      packG,
      packs,
      buyG,
      cost: (buyG / 1000) * price,
    };
  });
}
