import { expect, test, describe } from '@jest/globals';
import fc from 'fast-check';
import { fold } from '../../src/batch';
import type { Kit } from '../../src/kitchen';
import { contents, massG, solidsG, unlearned } from '../../src/kitchen';
import { MATERIALS, materialById } from '../../src/materials';
import { bodyOf, contextOf, makeStep } from '../../src/steps';
import type { Step } from '../../src/steps';
import { SEA } from './kitchen';
import { times } from '../long';

/**
 * A second reckoning of the same laws, written apart from the core and in another manner (small steps in time instead of
 * state forms, plain numbers instead of streams). It would catch a wrong wiring; it does not prove the estimates.
 */
const R = 8.314462618;
interface Oats {
  readonly grams: number;
  readonly water: number;
  readonly waterC: number;
  readonly seconds: number;
  readonly watts: number;
  readonly jugL: number;
  readonly roomC: number;
}
const SWELL: readonly (readonly [number, number])[] = [
  [20, 2],
  [50, 2.1],
  [55, 2.8],
  [60, 4.5],
  [65, 6.5],
  [70, 7.5],
  [80, 9.5],
  [85, 11],
  [90, 15],
  [95, 25],
  [98, 32],
  [100, 35],
];
function along(points: readonly (readonly [number, number])[], x: number): number {
  const after = points.findIndex(([c]) => c >= x);
  if (after === 0) return points[0]?.[1] ?? NaN;
  if (after < 0) return points.at(-1)?.[1] ?? NaN;
  const [x0, y0] = points[after - 1] ?? [0, 0];
  const [x1, y1] = points[after] ?? [0, 0];
  return y0 + ((y1 - y0) * (x - x0)) / (x1 - x0);
}
/** Relative viscosity of an oat milk ground at once with all its water and twisted through a fine bag. */
function oatBody(o: Oats): { readonly glucan: number; readonly starch: number; readonly endC: number } {
  const power = o.watts * 0.6 * 0.85;
  const jug = 0.4 * o.jugL;
  const heat = (g: number, kJPerKgK: number): number => (g * kJPerKgK) / 1000;
  const capacity = heat(o.water, 4.19) + heat(o.grams, 1.975);
  let c = (heat(o.water, 4.19) * o.waterC + heat(o.grams, 1.975) * o.roomC + jug * o.roomC) / (capacity + jug);
  let dissolved = 0;
  let hottest = c;
  const dt = 0.25;
  for (let t = 0; t < o.seconds; t += dt) {
    const pool = Math.min(0.75, 0.25 + 0.0058 * (c - 5));
    const k = 0.9 * Math.exp((-25_000 / R) * (1 / (c + 273.15) - 1 / 293.15));
    dissolved += Math.max(0, pool - dissolved) * k * (dt / 60);
    c += ((power - 1.6 * (c - o.roomC)) * dt) / ((capacity + jug) * 1000);
    c = Math.min(c, 100);
    hottest = Math.max(hottest, c);
  }
  const opened = 1 - Math.exp((-power * o.seconds) / (o.grams + o.water) / 3.3);
  const leaves = along(
    [
      [60, 0.6],
      [85, 0.7],
      [98, 0.85],
    ],
    hottest,
  );
  // The water of the opened flakes is in the milk as well.
  const litre = (o.water + 0.1085 * o.grams * opened) / 0.9982;
  const x = (650 * o.grams * 0.042 * dissolved) / litre;
  const phi = ((o.grams * 0.566 * opened * leaves) / litre) * along(SWELL, hottest);
  return {
    glucan: 1 + x * Math.exp(0.4 * x),
    starch: phi >= 0.6 ? Infinity : (1 - phi / 0.64) ** -1.6,
    endC: c,
  };
}
const kitOf = (o: Oats): Kit => ({
  ...SEA,
  roomC: o.roomC,
  things: SEA.things.map((t) => (t.is === 'jug' ? { ...t, watts: o.watts, ratedMl: o.jugL * 1000 } : t)),
});
const anyOats: fc.Arbitrary<Oats> = fc.record({
  grams: fc.integer({ min: 40, max: 130 }),
  water: fc.integer({ min: 700, max: 1300 }),
  waterC: fc.integer({ min: 3, max: 88 }),
  seconds: fc.integer({ min: 15, max: 150 }),
  watts: fc.integer({ min: 300, max: 1100 }),
  jugL: fc.double({ min: 1, max: 2, noNaN: true }),
  roomC: fc.integer({ min: 15, max: 26 }),
});

test('oat milks at random: temperature within 1 K, slime within 3 % and starch within a quarter (a few per cent of concentration)', () => {
  fc.assert(
    fc.property(anyOats, (o) => {
      const kit = kitOf(o);
      const out = fold(
        {
          materials: MATERIALS,
          larder: [{ into: 'work', material: 'oats-rolled', grams: o.grams }],
          steps: [
            makeStep('g', 'grind', { waterG: o.water, waterC: o.waterC, durationS: o.seconds }),
            makeStep('s', 'strain'),
          ],
        },
        unlearned(kit),
      );
      const milk = out.products.milk;
      const body = milk && bodyOf(milk, 5, contextOf(unlearned(kit), MATERIALS));
      if (!body) throw new Error('no milk');
      const mine = oatBody(o);
      expect(Math.abs((out.stages[0]?.figures.endC ?? NaN) - mine.endC)).toBeLessThan(1);
      // d ln η/d ln c is at most about 2 for the slime here; starch is compared where it still pours.
      expect(Math.abs(Math.log(body.glucan / mine.glucan))).toBeLessThan(0.03);
      if (mine.starch < 6) expect(Math.abs(Math.log((body.starch ?? 99) / mine.starch))).toBeLessThan(0.25);
    }),
    { numRuns: times(40, 120), seed: 41 },
  );
});

interface Pass {
  readonly water: number;
  readonly opened: number;
}
/** Constant underflow by the book (McCabe & Smith; Geankoplis), one soluble whole: milk and its solute, pass by pass. */
function leach(grams: number, id: string, r: number, passes: readonly Pass[], warm: Readonly<Record<string, number>>) {
  const m = materialById(MATERIALS, id);
  let soluble = 0;
  let insoluble = 0;
  let fatAble = 0;
  for (const [name, per] of Object.entries(m.per100g)) {
    const a = warm[name] ?? m.canLeave[name as keyof typeof m.canLeave];
    soluble += (grams * per * a) / 100;
    if (name === 'fat') fatAble = (grams * per * a) / 100;
    else insoluble += (grams * per * (1 - a)) / 100;
  }
  const own = (grams * (100 - Object.values(m.per100g).reduce((x, y) => x + y, 0))) / 100;
  let kept = 0;
  let keptSolute = 0;
  let keptFat = 0;
  let before = 0;
  return passes.map((p) => {
    const fresh = p.opened - before;
    const liquid = kept + p.water + fresh * (own + soluble);
    const solute = keptSolute + fresh * soluble;
    const fat = keptFat + fresh * fatAble;
    const stays = Math.min(liquid, r * m.holdFactor * p.opened * insoluble);
    const out = liquid > 0 ? (liquid - stays) / liquid : 0;
    kept = stays;
    keptSolute = solute * (1 - out);
    keptFat = fat * (1 - out);
    before = p.opened;
    return { milk: liquid - stays, solids: solute * out, fat: fat * out };
  });
}
const TIGHT: Kit = {
  ...SEA,
  roomC: 45,
  things: SEA.things.map((t) => (t.is === 'strainer' ? { ...t, openingUm: 0.01, layers: 1 } : t)),
};
const HAND = { drip: 7, gentle: 5, twist: 3.6, press: 2.75 } as const;

describe('graded extracts at random against the leaching recursion', () => {
  test('two to five passes of warm water over grated coconut: mass, solids and fat of each within 2 %', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 200, max: 900 }),
        fc.constantFrom('gentle', 'twist', 'press') as fc.Arbitrary<keyof typeof HAND>,
        fc.array(fc.record({ water: fc.integer({ min: 120, max: 500 }), s: fc.integer({ min: 60, max: 500 }) }), {
          minLength: 2,
          maxLength: 5,
        }),
        (grams, hand, given) => {
          let shut = 0.55 ** (300 / 300);
          const passes: Pass[] = [{ water: 0, opened: 1 - shut }];
          for (const g of given) {
            shut *= 0.55 ** (g.s / 300);
            passes.push({ water: g.water, opened: 1 - shut });
          }
          const steps: Step[] = [
            makeStep('k', 'knead', { durationS: 300 }),
            makeStep('s', 'strain', { into: 'm0', hand }),
            ...given.map((g, i) =>
              makeStep(`w${i}`, 'wash', { into: `m${i + 1}`, waterG: g.water, waterC: 45, workS: g.s, hand }),
            ),
          ];
          const o = fold(
            { materials: MATERIALS, larder: [{ into: 'work', material: 'coconut-grated', grams }], steps },
            unlearned(TIGHT),
          );
          leach(grams, 'coconut-grated', HAND[hand], passes, { fat: 0.78 }).forEach((want, i) => {
            const got = o.products[`m${i}`];
            if (!got || want.milk < 60) return;
            // The bag keeps a film of ten grams, a twentieth at most.
            const film = Math.min(10, 0.05 * want.milk);
            expect(Math.abs((massG(got) + film) / want.milk - 1)).toBeLessThan(0.02);
            expect(Math.abs(solidsG(got) / massG(got) / (want.solids / want.milk) - 1)).toBeLessThan(0.02);
            expect(Math.abs(contents(got).fat / massG(got) / (want.fat / want.milk) - 1)).toBeLessThan(0.03);
          });
        },
      ),
      { numRuns: times(30, 80), seed: 9 },
    );
  });
  test('what n washes leave of a solute follows the closed form 1/(1 + W/(nR))^n', () => {
    for (const n of [1, 2, 3, 4]) {
      const total = 900;
      const steps: Step[] = [
        makeStep('k', 'knead', { durationS: 3600, waterG: 100 }),
        makeStep('s', 'strain', { into: 'first' }),
        ...Array.from({ length: n }, (_, i) =>
          makeStep(`w${i}`, 'wash', { into: 'rest', waterG: total / n, waterC: 45, workS: 0 }),
        ),
      ];
      const o = fold(
        { materials: MATERIALS, larder: [{ into: 'work', material: 'coconut-grated', grams: 400 }], steps },
        unlearned(TIGHT),
      );
      const start = o.stages[1]?.writes.find(([name]) => name === 'pulp')?.[1];
      const end = o.products.pulp;
      if (!start || !end) throw new Error('no pulp');
      const held = start.freeWaterG + Object.values(start.released).reduce((a, b) => a + b, 0);
      const left = end.released.sugars / start.released.sugars;
      expect(Math.abs(left / (1 / (1 + total / (n * held))) ** n - 1)).toBeLessThan(0.02);
    }
  });
});
