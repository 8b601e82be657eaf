import { expect, test, describe } from '@jest/globals';
import fc from 'fast-check';
import { fold } from '../../src/batch';
import { massG, solidsG, contents, unlearned } from '../../src/kitchen';
import type { Kit, Stream } from '../../src/kitchen';
import { makeStep } from '../../src/steps';
import type { Step } from '../../src/steps';
import { SEA, kitAt, soyRecipe } from './kitchen';
import { times } from '../long';

/**
 * The whole soy path reckoned a second time, by other means: plain numbers, small time steps, no streams. It shares no code
 * with the fold; only the published formulas are the same. What it leaves out (films, fines) is switched off in the kitchen
 * or added by hand.
 */
const R = 8.314462618;
const DRY = 0.9146;
/** Soy per g as bought, from USDA Standard Reference (from memory), and what can leave at a full grind (estimates). */
const SOY = {
  protein: [0.3649, 0.88],
  fat: [0.1994, 0.9],
  sugars: [0.0733, 0.98],
  fibre: [0.093, 0.05],
  other: [0.1353, 0.6],
  ash: [0.0487, 0.85],
} as const;
type Part = keyof typeof SOY;
const PARTS = Object.keys(SOY) as Part[];
const TIGHT: Kit = { ...SEA, things: SEA.things.map((t) => (t.is === 'strainer' ? { ...t, openingUm: 0.01 } : t)) };

/** Peleg by Euler steps of the rate form dM/dt = (1 − K2·M)²/K1(T). */
function drinksByEuler(hours: number, temperature: (h: number) => number): number {
  const k2 = 0.7;
  let m = 0;
  const n = 40_000;
  for (let i = 0; i < n; i += 1) {
    const t = temperature(((i + 0.5) * hours) / n) + 273.15;
    const k1 = 0.7 * Math.exp((30_000 / R) * (1 / t - 1 / 293.15));
    m += ((1 - k2 * m) ** 2 / k1) * (hours / n);
  }
  return m;
}

describe('soaking, by small steps', () => {
  test.each([
    [4, 20],
    [10, 20],
    [24, 20],
    [3, 30],
  ])('%d h in a room of %d °C that the water already has', (hours, room) => {
    const kit = { ...SEA, roomC: room };
    const o = fold(
      soyRecipe(100, [makeStep('s', 'soak', { waterG: 600, waterC: room, durationS: hours * 3600 })]),
      unlearned(kit),
    );
    const want = drinksByEuler(hours, () => room) * DRY * 100;
    expect(Math.abs((o.stages[0]?.figures.drunkG ?? 0) - want)).toBeLessThan(0.1);
  });
  test('cooling as it stands, after the start that the fold gives it', () => {
    const o = fold(
      soyRecipe(200, [makeStep('s', 'soak', { waterG: 1400, waterC: 98, durationS: 4 * 3600 })]),
      unlearned(SEA),
    );
    const f = o.stages[0]?.figures ?? {};
    // Newton, with the time constant found from the end temperature itself.
    const tau = 4 / Math.log(((f.startC ?? 0) - 20) / ((f.endC ?? 0) - 20));
    const want = drinksByEuler(4, (h) => 20 + ((f.startC ?? 0) - 20) * Math.exp(-h / tau)) * DRY * 200;
    expect(Math.abs((f.drunkG ?? 0) - want)).toBeLessThan(0.5);
  });
});

interface Reckoned {
  readonly milkG: number;
  readonly parts: Record<Part, number>;
}
/** Leaching with constant underflow, pass by pass, in plain numbers (McCabe & Smith; Geankoplis). */
function leach(
  beansG: number,
  drunkG: number,
  waters: readonly number[],
  opened: readonly number[],
  r: number,
): Reckoned[] {
  const own = beansG * (1 - DRY) + drunkG;
  const inLiquid = Object.fromEntries(PARTS.map((p) => [p, 0])) as Record<Part, number>;
  let kept = 0;
  let before = 0;
  return waters.map((w, k) => {
    const rho = opened[k] ?? before;
    let liquid = kept + w + (rho - before) * own;
    for (const p of PARTS) {
      const freed = (rho - before) * SOY[p][0] * SOY[p][1] * beansG;
      inLiquid[p] += freed;
      liquid += freed;
    }
    const insoluble =
      PARTS.filter((p) => p !== 'fat').reduce((g, p) => g + (1 - SOY[p][1]) * SOY[p][0] * beansG, 0) * rho;
    kept = Math.min(liquid, r * 1.6 * insoluble);
    const out = (liquid - kept) / liquid;
    const parts = {} as Record<Part, number>;
    for (const p of PARTS) {
      parts[p] = inLiquid[p] * out;
      inLiquid[p] -= parts[p];
    }
    before = rho;
    return { milkG: liquid - kept, parts };
  });
}
const HELD = { drip: 7, gentle: 5, twist: 3.6, press: 2.75 } as const;
type Hand = keyof typeof HELD;

/** Only grinding and passes, from beans that stand dry in the jug: films of jug and bag are taken off by hand. */
function passes(
  beans: number,
  first: number,
  seconds: number,
  hand: Hand,
  washes: readonly number[],
): { fold: Stream[]; opened: number; jugFilm: number } {
  const steps: Step[] = [
    makeStep('g', 'grind', { waterG: first, durationS: seconds }),
    makeStep('s', 'strain', { into: 'm0', hand }),
    ...washes.map((w, i) => makeStep(`w${i}`, 'wash', { waterG: w, into: `m${i + 1}`, hand })),
  ];
  const o = fold(soyRecipe(beans, steps), unlearned(TIGHT));
  const streams = [0, ...washes.map((_, i) => i + 1)].map((i) => o.products[`m${i}`]);
  const total = beans + first;
  return {
    fold: streams.filter((s): s is Stream => s !== undefined),
    opened: o.stages[0]?.figures.openedShare ?? 0,
    jugFilm: 1 - 12 / total,
  };
}

describe('grinding and passes, reckoned a second time', () => {
  const inputs = [
    fc.integer({ min: 80, max: 400 }),
    fc.integer({ min: 4, max: 12 }),
    fc.integer({ min: 30, max: 240 }),
    fc.constantFrom<Hand>('drip', 'gentle', 'twist', 'press'),
    fc.array(fc.integer({ min: 100, max: 900 }), { minLength: 0, maxLength: 5 }),
  ] as const;
  const each = (check: (got: Stream, want: Reckoned, film: number, i: number) => void) =>
    fc.assert(
      fc.property(...inputs, (beans, ratio, seconds, hand, washes) => {
        const first = beans * ratio;
        const got = passes(beans, first, seconds, hand, washes);
        const want = leach(beans * got.jugFilm, 0, [first * got.jugFilm, ...washes], [got.opened], HELD[hand]);
        got.fold.forEach((s, i) => {
          const w = want[i];
          // The bag keeps 10 g, a twentieth at most, of each milk.
          if (w && w.milkG > 1) check(s, w, 1 - Math.min(0.05, 10 / w.milkG), i);
        });
      }),
      { numRuns: times(40, 120), seed: 5 },
    );
  test('the energy of the jug opens the share that the law says: 1 − exp(−E/(19·3.5) J/g) of dry beans', () => {
    const got = passes(100, 900, 90, 'twist', []);
    // 800 W rated, 0.6 drawn, 0.85 to the slurry.
    expect(got.opened).toBeCloseTo(1 - Math.exp(-(800 * 0.6 * 0.85 * 90) / 1000 / (19 * 3.5)), 9);
  });
  test('mass of each milk, within 0.5 g and a thousandth', () =>
    each((s, w, film) => expect(Math.abs(massG(s) - w.milkG * film)).toBeLessThan(0.5 + w.milkG * 1e-3)));
  test('solids of each milk, within 0.05 g and a thousandth', () =>
    each((s, w, film) => {
      const want = PARTS.reduce((g, p) => g + w.parts[p], 0) * film;
      expect(Math.abs(solidsG(s) - want)).toBeLessThan(0.05 + want * 1e-3);
    }));
  test('protein and fat of each milk', () =>
    each((s, w, film) => {
      expect(Math.abs(contents(s).protein - w.parts.protein * film)).toBeLessThan(0.02 + w.parts.protein * 1e-3);
      expect(Math.abs(contents(s).fat - w.parts.fat * film)).toBeLessThan(0.02 + w.parts.fat * 1e-3);
    }));
});

describe('the boil, by small steps', () => {
  interface Up {
    readonly fromC: number;
    readonly boilC: number;
    readonly grams: number;
  }
  /**
   * Second by second: 1 800 W electric at .65, less 12 W/m²K of the side, 5 of the face and what evaporates there, by Bowen’s
   * ratio and Magnus’ pressure, in a room of 20 °C at half humidity; a pot of 22 cm, 1.4 kg of steel. [°C each second]
   */
  function riseByEuler({ fromC, boilC, grams }: Up): readonly number[] {
    const pressure = (c: number): number => 611.2 * Math.exp((17.62 * c) / (243.12 + c));
    const side = (4 * grams * 0.99e-6) / 0.22;
    const face = (Math.PI * 0.22 ** 2) / 4;
    // A thin milk: about 4.1 kJ/kgK.
    const capacity = grams * 4.1 + 1400 * 0.5;
    const out: number[] = [];
    for (let c = fromC; c < boilC;) {
      out.push(c);
      const vapour = c > 20 ? (5 * (pressure(c) - 0.5 * pressure(20))) / 66.5 : 0;
      c += (1800 * 0.65 - (12 * side + 5 * face) * (c - 20) - vapour * face) / capacity;
    }
    return out;
  }
  /** Inhibitor left after the heat-up and a hold, by small steps of the two-phase law. */
  function inhibitorByEuler(up: Up, upS: number, holdS: number): number {
    const rise = riseByEuler(up);
    let labile = 0.7;
    let stable = 0.3;
    const run = (seconds: number, t: (s: number) => number): void => {
      const n = 10_000;
      for (let i = 0; i < n; i += 1) {
        const c = t(((i + 0.5) * seconds) / n);
        const min = (seconds / n / 60) * 10 ** ((c - 100) / 29);
        labile *= 10 ** (-min / 10);
        stable *= 10 ** (-min / 60);
      }
    };
    run(upS, (s) => rise[Math.floor((s / upS) * rise.length)] ?? up.boilC);
    run(holdS, () => up.boilC);
    return labile + stable;
  }
  test.each([
    [0, 1200],
    [640, 900],
    [1500, 1500],
    [3000, 2400],
  ])('%d m, held %d s', (altitude, holdS) => {
    const kit = { ...kitAt(altitude), things: TIGHT.things };
    const steps = [makeStep('g', 'grind', { waterG: 1400 }), makeStep('s', 'strain'), makeStep('b', 'boil', { holdS })];
    const o = fold(soyRecipe(200, steps), unlearned(kit));
    const f = o.stages[2]?.figures ?? {};
    const milk = o.stages[1]?.writes.find(([n]) => n === 'milk')?.[1];
    if (!milk) throw new Error('no milk');
    const up = { fromC: milk.temperatureC, boilC: f.boilingC ?? 100, grams: massG(milk) };
    expect(Math.abs((f.inhibitorLeft ?? 0) - inhibitorByEuler(up, f.heatUpS ?? 1, holdS))).toBeLessThan(0.002);
  });
  test('heat-up: milk and pot together, losing heat to the room, second by second', () => {
    const steps = [makeStep('g', 'grind', { waterG: 1400 }), makeStep('s', 'strain'), makeStep('b', 'boil')];
    const o = fold(soyRecipe(200, steps), unlearned(TIGHT));
    const milk = o.stages[1]?.writes.find(([n]) => n === 'milk')?.[1];
    if (!milk) throw new Error('no milk');
    const want = riseByEuler({ fromC: milk.temperatureC, boilC: 100, grams: massG(milk) }).length;
    expect(Math.abs((o.stages[2]?.figures.heatUpS ?? 0) / want - 1)).toBeLessThan(0.02);
  });
});
