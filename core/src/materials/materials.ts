import { MILLET_FLAKES, OATS, RICE_FLAKES, SPELT_FLAKES } from './flakes';
import {
  ALMONDS,
  COCONUT_DRIED,
  COCONUT_FRESH,
  COCONUT_FROZEN,
  COCONUT_GRATED,
  COCONUT_WATER,
  DATES,
  TIGER_NUTS,
} from './nuts';
import { RICE_BROWN, RICE_BROWN_COOKED, RICE_COOKED, RICE_WHITE } from './rice';
import { SOYBEANS } from './soy';
import { BERRIES, HEMP_SEEDS, SESAME, SUNFLOWER_SEEDS } from './seeds';
import { STIRRED_IN } from './stirredIn';
import type { Material } from './types';

/** Every food there is and all that is stirred in; a cook's own ones come beside them. */
export const MATERIALS: readonly Material[] = [
  SOYBEANS,
  OATS,
  SPELT_FLAKES,
  RICE_FLAKES,
  MILLET_FLAKES,
  RICE_WHITE,
  RICE_COOKED,
  RICE_BROWN,
  RICE_BROWN_COOKED,
  TIGER_NUTS,
  COCONUT_FRESH,
  COCONUT_GRATED,
  COCONUT_FROZEN,
  COCONUT_DRIED,
  COCONUT_WATER,
  ALMONDS,
  DATES,
  SESAME,
  SUNFLOWER_SEEDS,
  HEMP_SEEDS,
  BERRIES,
  ...STIRRED_IN,
];
