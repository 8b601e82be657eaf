import { kindOf } from '../steps';
import type { Kind, Recipe, Station } from '../steps';

/** Whatever stands first in a station names it: nothing is called a soak where nothing soaks. */
const NAMES: Readonly<Record<Station, readonly (readonly [Kind, string])[]>> = {
  soak: [
    ['soak', 'Soak'],
    ['enzyme', 'Soak'],
    ['blanch', 'Boil whole'],
    ['sort', 'Wash'],
    ['drain', 'Wash'],
  ],
  grind: [
    ['grind', 'Grind'],
    ['knead', 'Knead'],
  ],
  strain: [
    ['strain', 'Strain'],
    ['wash', 'Strain'],
  ],
  cook: [
    ['boil', 'Cook'],
    ['heat', 'Cook'],
    ['absorb', 'Cook'],
    ['toast', 'Toast'],
    ['dry', 'Dry'],
    ['cool', 'Cool'],
  ],
  jar: [
    ['jar', 'Jar'],
    ['freeze', 'Freeze'],
  ],
};
/** What a station is called where nothing of these is done in it. */
const EMPTY: Readonly<Record<Station, string>> = {
  soak: 'Food',
  grind: 'Grind',
  strain: 'Strain',
  cook: 'Cook',
  jar: 'Jar',
};
/** The name of a station of this plan, by what is done there. */
export function stationName(station: Station, r: Recipe): string {
  const used = new Set(r.steps.filter((s) => kindOf(s.kind).station === station).map((s) => s.kind));
  return NAMES[station].find(([kind]) => used.has(kind))?.[1] ?? EMPTY[station];
}
