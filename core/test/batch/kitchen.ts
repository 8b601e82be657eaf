import { USUAL_KIT } from '../../src/kitchen';
import type { Kit, Outside, Stream } from '../../src/kitchen';
import { massG, flowG, contents, waterG } from '../../src/kitchen';
import { COMPONENTS, MATERIALS, SOYBEANS } from '../../src/materials';
import { foodsOf, makeStep } from '../../src/steps';
import type { Outcome, Params, Recipe, Step } from '../../src/steps';

export const SEA: Kit = USUAL_KIT;
export const kitAt = (altitudeM: number): Kit => ({ ...USUAL_KIT, altitudeM });
export const soyRecipe = (grams: number, steps: readonly Step[]): Recipe => ({
  materials: [SOYBEANS],
  larder: [{ into: 'work', material: 'soybeans', grams }],
  steps,
});
/** A jar that stands somewhere, by default a day at 4 °C. */
export const stood = (p: Partial<Params['stand']> = {}, id = 'stood'): Step =>
  makeStep(id, 'stand', { place: 'other', vessel: 'jar', durationS: 24 * 3600, ...p });
/** Several foods stirred in, each by its own step: { salt: 1 }. */
export const stirred = (foods: Readonly<Record<string, number>>, of = 'milk'): Step[] =>
  Object.entries(foods).map(([food, amountG]) => makeStep(`add-${food}`, 'add', { of, food, amountG }));
/** The recipe with every food that its steps name. */
export const withFoods = (r: Recipe): Recipe => {
  const named = new Set(r.steps.flatMap(foodsOf));
  const more = MATERIALS.filter((m) => named.has(m.id) && !r.materials.some((x) => x.id === m.id));
  return { ...r, materials: [...r.materials, ...more] };
};
/** Soaked a night, ground long enough, strained with a firm twist: the plain path most checks stand on. */
export const plainSteps = (waterG: number): Step[] => [
  makeStep('soak', 'soak', { waterG: 600, durationS: 40 * 3600, place: 'fridge' }),
  makeStep('drain', 'drain', { rinses: 1 }),
  makeStep('grind', 'grind', { waterG, durationS: 120 }),
  makeStep('strain', 'strain'),
];

export function away0(o: Outcome, where: Outside): number {
  return o.ledger.reduce((g, f) => g + ('outside' in f.to && f.to.outside === where ? flowG(f) : 0), 0);
}
/** In − out − what is still there, g; zero when nothing is made or lost. */
export function missingG(o: Outcome): number {
  let sum = 0;
  for (const f of o.ledger) {
    if ('outside' in f.from) sum += flowG(f);
    if ('outside' in f.to) sum -= flowG(f);
  }
  return sum - Object.values(o.products).reduce((g, s) => g + massG(s), 0);
}
export function broughtG(o: Outcome): number {
  return o.ledger.reduce((g, f) => g + ('outside' in f.from ? flowG(f) : 0), 0);
}
/** Every way in which a stream can be impossible. */
export function impossible(s: Stream): string[] {
  const bad: string[] = [];
  const check = (name: string, v: number, low = -1e-9) => {
    if (!(v >= low) || !Number.isFinite(v)) bad.push(`${name} ${v}`);
  };
  for (const c of COMPONENTS) {
    check(`released ${c}`, s.released[c]);
    check(`bound ${c}`, s.bound[c], -1e-7);
  }
  check('free water', s.freeWaterG);
  check('bound water', s.boundWaterG, -1e-7);
  check('inhibitor', s.inhibitor.labile + s.inhibitor.stable);
  check('temperature', s.temperatureC, -40);
  if (s.temperatureC > 100.5) bad.push(`temperature ${s.temperatureC}`);
  if (s.openedShare < 0 || s.openedShare > 1) bad.push(`opened ${s.openedShare}`);
  const dry = COMPONENTS.reduce((g, c) => g + contents(s)[c], 0);
  if (Math.abs(dry + waterG(s) - massG(s)) > 1e-6) bad.push('components do not sum to dry mass');
  return bad;
}
