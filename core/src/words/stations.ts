import type { Kind, Run, Station } from '../steps';

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
    ['mill', 'Mill'],
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
/** The name of a run, by what is done there. */
export function runName(run: Run): string {
  const used = new Set(run.steps.map((s) => s.kind));
  return NAMES[run.station].find(([kind]) => used.has(kind))?.[1] ?? EMPTY[run.station];
}
/** The names of all runs, each its own: the second straining is “Strain again”. */
export function runNames(runs: readonly Run[]): readonly string[] {
  const names = runs.map(runName);
  return names.map((name, i) => {
    const nth = names.slice(0, i).filter((n) => n === name).length;
    return nth === 0 ? name : nth === 1 ? `${name} again` : `${name}, ${nth + 1}`;
  });
}
