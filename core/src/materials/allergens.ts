import type { Material } from './types';

/** One allergen that a law lists: its code, which is also its name, and the laws. */
interface Allergen {
  readonly id: string;
  /** Regulation (EU) No 1169/2011, annex II. */
  readonly eu: boolean;
  /** US Food Allergen Labeling and Consumer Protection Act 2004, and the FASTER Act 2021 (sesame). */
  readonly us: boolean;
}
/** The fourteen allergens of EU law and the nine of US law; wheat is one of the cereals that hold gluten. */
export const ALLERGENS: readonly Allergen[] = [
  { id: 'gluten', eu: true, us: false },
  { id: 'wheat', eu: false, us: true },
  { id: 'crustaceans', eu: true, us: true },
  { id: 'eggs', eu: true, us: true },
  { id: 'fish', eu: true, us: true },
  { id: 'peanuts', eu: true, us: true },
  { id: 'soy', eu: true, us: true },
  { id: 'milk', eu: true, us: true },
  { id: 'tree nuts', eu: true, us: true },
  { id: 'celery', eu: true, us: false },
  { id: 'mustard', eu: true, us: false },
  { id: 'sesame', eu: true, us: true },
  { id: 'sulphites', eu: true, us: false },
  { id: 'lupin', eu: true, us: false },
  { id: 'molluscs', eu: true, us: false },
];
/** What oats hold by the fields and mills they share with other cereals. */
const GLUTEN_BY_CONTAMINATION = 'gluten by contamination';

/** What is known of the allergens in some foods. */
export interface AllergensIn {
  readonly contains: readonly string[];
  /** Oats: gluten comes with them from field and mill, unless they are labelled gluten-free. */
  readonly mayHoldGluten: boolean;
  /** Names of own foods whose allergens the cook has not stated. */
  readonly unstated: readonly string[];
}
/** A cook's own food of which nobody has said what allergens it holds. Older ones took them over from another food. */
export const isUnstated = (m: Material): boolean => m.source === 'own' && m.allergensStated !== true;
/** The allergens in some foods, each once, in the order of the foods. */
export function allergensIn(foods: readonly Material[]): AllergensIn {
  const known = foods.filter((m) => !isUnstated(m)).flatMap((m) => m.allergens);
  return {
    contains: [...new Set(known.filter((a) => a !== GLUTEN_BY_CONTAMINATION))],
    mayHoldGluten: known.includes(GLUTEN_BY_CONTAMINATION) && !known.includes('gluten'),
    unstated: [...new Set(foods.filter(isUnstated).map((m) => m.name))],
  };
}
