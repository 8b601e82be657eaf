import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import fc from 'fast-check';
import { readBackup, readPlan, writeOutcome, writePlan } from '../../src/formats';
import { readAmount, writeAmount } from '../../src/formats/amounts';
import { look } from '../../src/questions';
import { METHODS, recipeOf } from '../../src/methods';
import { TABLES } from '../../src/records';
import type { Fault } from '../../src/records';
import { backupV1, bytesOf } from './files';
import { sampleKitchen } from '../records/sample';
import { kitAt } from '../batch/kitchen';
import { times } from '../long';

/** Every place in a piece of JSON, as a path. */
function places(x: unknown, at: readonly (string | number)[] = []): (readonly (string | number)[])[] {
  if (typeof x !== 'object' || x === null) return [at];
  const entries: [string | number, unknown][] = Array.isArray(x) ? x.map((v, i) => [i, v]) : Object.entries(x);
  return [at, ...entries.flatMap(([k, v]) => places(v, [...at, k]))];
}
/** The same with another value at one place; undefined takes it out. */
function put(x: unknown, path: readonly (string | number)[], value: unknown): unknown {
  const [k, ...rest] = path;
  if (k === undefined) return value;
  const copy = (Array.isArray(x) ? [...(x as unknown[])] : { ...(x as object) }) as Record<string | number, unknown>;
  const next = put(copy[k], rest, value);
  if (next === undefined && !Array.isArray(copy)) {
    const { [k]: _, ...without } = copy;
    return without;
  }
  copy[k] = next;
  return copy;
}
const oddities = fc.constantFrom<unknown>(
  undefined,
  null,
  '',
  'x',
  -1,
  0,
  1e300,
  1.5,
  true,
  [],
  {},
  [[]],
  { value: 'x' },
  { value: -5, unit: 'g' },
  '🫘',
  -0,
  'constructor',
  '__proto__',
);

describe('anything at any place of a file', () => {
  const plan = JSON.parse(
    JSON.stringify(
      writePlan({ name: 'P', method: 'soy-washed', recipe: recipeOf(METHODS[4] as (typeof METHODS)[number]) }),
    ),
  ) as unknown;
  const planPlaces = places(plan);
  test('a plan file is read, or refused with sentences that end in a full stop; never an exception, never NaN', () => {
    fc.assert(
      fc.property(fc.constantFrom(...planPlaces), oddities, (path, value) => {
        const r = readPlan(put(plan, path, value));
        if (!r.ok) {
          expect(r.faults.length).toBeGreaterThan(0);
          for (const f of r.faults) expect(f.say).toMatch(/\.$/);
          return;
        }
        const seen = look(r.plan.recipe, unlearned(r.plan.kit));
        if (seen) expect(JSON.stringify(writeOutcome(r.plan, seen))).not.toMatch(/NaN|Infinity/);
      }),
      { numRuns: times(150, 600), seed: 11 },
    );
  });
  test('a kitchen’s file is taken whole, or refused whole', () => {
    const kitchen = JSON.parse(backupV1(sampleKitchen())) as unknown;
    const all = places(kitchen).slice(1);
    fc.assert(
      fc.property(fc.constantFrom(...all), oddities, (path, value) => {
        const r = readBackup(bytesOf(JSON.stringify(put(kitchen, path, value))));
        if (r.ok) expect(Object.keys(r.kitchen).sort()).toEqual([...TABLES].sort());
        else for (const f of r.faults) expect(f.say).toMatch(/\.$/);
      }),
      { numRuns: times(60, 250), seed: 12 },
    );
  });
});

describe('amounts', () => {
  const grams = { unit: 'g' as const, low: 0, high: 50_000, water: true };
  const read = (given: unknown, spec: Parameters<typeof readAmount>[1] = grams): number | string => {
    const faults: Fault[] = [];
    return readAmount(given, spec, 'x', faults) ?? faults[0]?.say ?? '';
  };
  test.each<[unknown, number]>([
    [{ value: 1, unit: 'kg' }, 1000],
    [{ value: 16, unit: 'oz' }, 453.59237],
    [{ value: 1, unit: 'l' }, 998.2],
    [{ value: 0, unit: 'g' }, 0],
    [{ value: 1e-9, unit: 'g' }, 0],
    [{ value: 50, unit: 'kg' }, 50_000],
  ])('%j is %d g', (given, g) => expect(read(given)).toBeCloseTo(g, 6));
  test.each<[unknown, RegExp]>([
    [undefined, /is missing; write/],
    [12, /bare number 12/],
    ['12 g', /must be an amount/],
    [{ value: 1 }, /has no unit/],
    [{ value: 1, unit: 'h' }, /unit “h”/],
    [{ value: null, unit: 'g' }, /needs a number/],
    [{ value: 1, unit: 'g', more: 1 }, /“more”, which is not known/],
    [{ value: 1, unit: 'g', basis: 'dry' }, /only food has one/],
    [{ value: 50.1, unit: 'kg' }, /must be 0 g to 50.000 g/],
  ])('%j is refused', (given, say) => expect(read(given)).toMatch(say));
  test('temperatures cross the scales: 212 F is the boil, and a bound is told in its own unit', () => {
    const spec = { unit: 'C' as const, low: 0, high: 100 };
    expect(read({ value: 212, unit: 'F' }, spec)).toBeCloseTo(100, 9);
    expect(read({ value: 213, unit: 'F' }, spec)).toMatch(/must be 0 C to 100 C/);
  });
  test('what is written is read the same', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1e-3, max: 49_999, noNaN: true }),
        fc.constantFrom('g' as const, 'kg' as const, 'oz' as const),
        (g, unit) => {
          expect(Number(read(writeAmount(g, unit))) / g).toBeCloseTo(1, 8);
        },
      ),
    );
  });
});

test('the result adds up: each stage’s water and solids are its mass, and the milk at the top is the last made', () => {
  for (const m of METHODS) {
    const recipe = recipeOf(m);
    const seen = look(recipe, unlearned(kitAt(640)));
    if (!seen) throw new Error(m.id);
    const out = writeOutcome({ name: m.name, method: m.id, recipe, kit: kitAt(640) }, seen) as {
      milk: { stream: string; massG: number; solids: number; moisture: number };
      stages: {
        made: Record<string, { massG: number; waterG: number; solidsG: number; proteinG: number; fatG: number }>;
      }[];
    };
    for (const st of out.stages)
      for (const s of Object.values(st.made)) {
        expect(Math.abs(s.waterG + s.solidsG - s.massG)).toBeLessThan(1e-3 * Math.max(1, s.massG));
        expect(s.proteinG + s.fatG).toBeLessThanOrEqual(s.solidsG + 1e-6);
      }
    expect(out.milk.solids + out.milk.moisture).toBeCloseTo(1, 4);
    const last = out.stages.findLast((st) => st.made[out.milk.stream] !== undefined);
    expect(last?.made[out.milk.stream]?.massG).toBeCloseTo(out.milk.massG, 1);
  }
});
