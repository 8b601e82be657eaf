import { expect, test, describe } from '@jest/globals';
import { fold } from '../../src/batch';
import { beanyIndexOf, contents, inhibitorLeftOf, massG, solidsG, unlearned } from '../../src/kitchen';
import type { Kit, Stream, Thing } from '../../src/kitchen';
import {
  makeStep,
  numberOf,
  paramOf,
  withParams,
  isBoiledEnough,
  keepBy,
  pulpBoilS,
  rest,
  contextOf,
} from '../../src/steps';
import type { FigureName, Step } from '../../src/steps';
import { MATERIALS } from '../../src/materials';
import { away0, kitAt, SEA, soyRecipe, stirred, withFoods } from '../batch/kitchen';

const run = (steps: readonly Step[], kit: Kit = SEA, beans = 200) =>
  fold(withFoods(soyRecipe(beans, steps)), unlearned(kit));
const out = (steps: readonly Step[], name: string, kit: Kit = SEA): Stream => {
  const s = run(steps, kit).products[name];
  if (!s) throw new Error(`no ${name}`);
  return s;
};
const figure = (steps: readonly Step[], name: FigureName, kit: Kit = SEA): number =>
  run(steps, kit).stages.at(-1)?.figures[name] ?? NaN;
const withThing = (change: (t: Thing) => Thing): Kit => ({ ...SEA, things: SEA.things.map(change) });
const SOAKED = [makeStep('soak', 'soak', { waterG: 1400 }), makeStep('drain', 'drain')];
const GROUND = [...SOAKED, makeStep('grind', 'grind', { waterG: 1400, durationS: 120, loads: 2 })];
const MILK = [...GROUND, makeStep('strain', 'strain')];

describe('sort', () => {
  test('what is picked out is gone, in its own proportions', () => {
    const s = out([makeStep('x', 'sort', { outG: 20 })], 'work');
    expect(massG(s)).toBeCloseTo(180, 9);
    expect(contents(s).protein / massG(s)).toBeCloseTo(0.3649, 9);
  });
  test('more than there is takes all, and no more', () =>
    expect(massG(out([makeStep('x', 'sort', { outG: 5000 })], 'work'))).toBe(0));
});

describe('soak', () => {
  test('warmer is quicker, longer is more, and never above full', () => {
    const uptake = (c: number, h: number) =>
      figure([makeStep('s', 'soak', { waterG: 1400, waterC: c, durationS: h * 3600 })], 'uptakeShare', {
        ...SEA,
        roomC: c,
      });
    expect(uptake(30, 4)).toBeGreaterThan(uptake(15, 4));
    expect(uptake(20, 8)).toBeGreaterThan(uptake(20, 4));
    expect(uptake(30, 72)).toBeLessThan(1);
  });
  test('with too little water they stop when it is gone', () => {
    const s = out([makeStep('s', 'soak', { waterG: 80, durationS: 36_000 })], 'work');
    expect(s.freeWaterG).toBeCloseTo(0, 6);
    expect(s.gainedWaterG).toBeCloseTo(80, 6);
  });
  test('the bowl takes its share of the heat: glass cools hot water more than none would', () => {
    const start = (massOf: number) =>
      figure(
        [makeStep('s', 'soak', { waterG: 1400, waterC: 98 })],
        'startC',
        withThing((t) => (t.is === 'bowl' ? { ...t, massG: massOf } : t)),
      );
    expect(start(2000)).toBeLessThan(start(100) - 5);
  });
  test('in two parts it is the same soak', () => {
    const whole = out([makeStep('a', 'soak', { waterG: 1400, waterC: 20, durationS: 36_000 })], 'work', {
      ...SEA,
      roomC: 20,
    });
    const parts = out(
      [
        makeStep('a', 'soak', { waterG: 1400, waterC: 20, durationS: 14_400 }),
        makeStep('b', 'soak', { waterG: 0, waterC: 20, durationS: 21_600 }),
      ],
      'work',
      { ...SEA, roomC: 20 },
    );
    expect(parts.gainedWaterG).toBeCloseTo(whole.gainedWaterG, 6);
  });
});

describe('drain and hull', () => {
  test('draining throws away the water and what had dissolved; the beans keep what they drank', () => {
    const before = out(SOAKED.slice(0, 1), 'work');
    const after = out(SOAKED, 'work');
    expect(after.freeWaterG).toBe(0);
    expect(after.boundWaterG).toBeCloseTo(before.boundWaterG, 9);
    expect(away0(run(SOAKED), 'drain')).toBeCloseTo(before.freeWaterG + solidsG(before) - solidsG(after), 6);
  });
  test('hulls are 8 % of the dry matter, mostly fibre', () => {
    const gone = run([...SOAKED, makeStep('h', 'hull', { share: 1 })]).ledger.filter((f) => f.step === 'h');
    const dry = gone.reduce((g, f) => g + Object.values(f.bound).reduce((a, b) => a + b, 0), 0);
    expect(dry / (200 * 0.9146)).toBeCloseTo(0.08, 2);
    expect((gone[0]?.bound.insolubleFibre ?? 0) / dry).toBeGreaterThan(0.5);
  });
  test('taking the skins twice takes nothing the second time', () => {
    const once = out([...SOAKED, makeStep('h', 'hull', { share: 1 })], 'work');
    const twice = out([...SOAKED, makeStep('h', 'hull', { share: 1 }), makeStep('h2', 'hull', { share: 1 })], 'work');
    expect(massG(twice)).toBeCloseTo(massG(once), 6);
  });
});

describe('blanch', () => {
  test('three minutes from dry give no credit against the inhibitor; half an hour soaked gives much', () => {
    const dry = inhibitorLeftOf(out([makeStep('b', 'blanch', { waterG: 900, holdS: 180 })], 'work')) ?? 0;
    const soaked =
      inhibitorLeftOf(out([...SOAKED, makeStep('b', 'blanch', { waterG: 900, holdS: 1800 })], 'work')) ?? 1;
    expect(dry).toBeGreaterThan(0.9);
    expect(soaked).toBeLessThan(0.15);
  });
  test('it stops the flavour enzyme: ground cold afterwards there is nothing beany', () => {
    const beany =
      beanyIndexOf(
        out(
          [
            makeStep('b', 'blanch', { waterG: 900, holdS: 180 }),
            makeStep('d', 'drain'),
            makeStep('g', 'grind', { waterG: 1200 }),
          ],
          'work',
        ),
      ) ?? 1;
    expect(beany).toBeLessThan(1);
  });
});

describe('grind', () => {
  test('longer, or in more loads, opens more', () => {
    const opened = (s: number, loads: number) =>
      figure([...SOAKED, makeStep('g', 'grind', { waterG: 1400, durationS: s, loads })], 'openedShare');
    expect(opened(120, 2)).toBeGreaterThan(opened(60, 2));
    expect(opened(60, 3)).toBeGreaterThan(opened(60, 2));
  });
  test('ground hot it is milder and gives a little less protein (Wilkens, Mattick & Hand 1967)', () => {
    const ground = (c: number) =>
      out([...SOAKED, makeStep('g', 'grind', { waterG: 2400, waterC: c, durationS: 120, loads: 2 })], 'work');
    expect(beanyIndexOf(ground(99)) ?? 100).toBeLessThan(beanyIndexOf(ground(15)) ?? 0);
  });
  test('a jug never gets hotter than the boil; what is left over goes off as steam', () => {
    const long = [...SOAKED, makeStep('g', 'grind', { waterG: 1000, waterC: 98, durationS: 600 })];
    expect(figure(long, 'endC', kitAt(2000))).toBeLessThanOrEqual(100);
    expect(away0(run(long), 'steam')).toBeGreaterThan(0);
  });
  test('room in the jug: foaming two thirds, hot half', () => {
    expect(figure(GROUND, 'jugHoldsMl')).toBeCloseTo(1500 * 0.67, 6);
    expect(
      figure([...SOAKED, makeStep('g', 'grind', { waterG: 2400, waterC: 99, loads: 1 })], 'jugHoldsMl'),
    ).toBeCloseTo(750, 6);
  });
});

describe('strain and wash', () => {
  test('a firmer hand gives more milk and drier pulp', () => {
    const by = (hand: 'drip' | 'gentle' | 'twist' | 'press') =>
      run([...GROUND, makeStep('s', 'strain', { hand })]).stages.at(-1)?.figures ?? {};
    const hands = (['drip', 'gentle', 'twist', 'press'] as const).map(by);
    hands.forEach((f, i) => {
      if (i === 0) return;
      expect(f.milkG).toBeGreaterThan(hands[i - 1]?.milkG ?? Infinity);
      expect(f.pulpMoisture).toBeLessThan(hands[i - 1]?.pulpMoisture ?? 0);
    });
  });
  test('a coarser cloth lets more through, and it is in the milk', () => {
    const solids = (strainer: string) => figure([...GROUND, makeStep('s', 'strain', { strainer })], 'milkSolids');
    expect(solids('cloth')).toBeGreaterThan(solids('fine-bag'));
    expect(solids('sieve')).toBeGreaterThan(solids('cloth'));
  });
  test('two washes of half the water bring more than one of all of it', () => {
    const protein = (waters: readonly number[]) =>
      contents(out([...MILK, ...waters.map((w, i) => makeStep(`w${i}`, 'wash', { waterG: w }))], 'milk')).protein;
    expect(protein([300, 300])).toBeGreaterThan(protein([600]));
    expect(protein([600])).toBeGreaterThan(protein([]));
  });
  test('the second milk may have a jar of its own', () => {
    const o = run([...MILK, makeStep('w', 'wash', { into: 'second', waterG: 300 })]);
    const [first, second] = [o.products.milk, o.products.second];
    expect(first && second && solidsG(second) / massG(second)).toBeLessThan(first ? solidsG(first) / massG(first) : 0);
  });
});

describe('boil', () => {
  const boiled = (holdS: number, vigour: 'gentle' | 'medium' | 'hard' = 'gentle') =>
    out([...MILK, makeStep('b', 'boil', { holdS, vigour })], 'milk');
  test('harder steams more; a wider pot steams more', () => {
    expect(massG(boiled(1200, 'hard'))).toBeLessThan(massG(boiled(1200, 'gentle')));
    const wide = withThing((t) => (t.is === 'pot' ? { ...t, diameterCm: 30 } : t));
    expect(massG(out([...MILK, makeStep('b', 'boil', { holdS: 1200 })], 'milk', wide))).toBeLessThan(
      massG(boiled(1200)),
    );
  });
  test('nine minutes are not enough however low the inhibitor; ten of a long cook are', () => {
    expect(isBoiledEnough(boiled(540))).toBe(false);
    expect(isBoiledEnough(boiled(1800))).toBe(true);
  });
  test('an open boil drives the flavour off', () =>
    expect(beanyIndexOf(boiled(3600)) ?? 100).toBeLessThan(beanyIndexOf(boiled(900)) ?? 0));
  test('it cannot boil away more than there is', () => {
    const dry = out([...MILK, makeStep('b', 'boil', { holdS: 4 * 3600, vigour: 'hard' })], 'milk');
    expect(dry.freeWaterG).toBeGreaterThanOrEqual(0);
    expect(solidsG(dry)).toBeGreaterThan(0);
  });
});

describe('cool, finish, pour together, jar', () => {
  const BOILED = [...MILK, makeStep('b', 'boil', { holdS: 1800 })];
  test('ice is quicker than water, water than the counter; each waits for its own surroundings', () => {
    const took = (how: 'counter' | 'water' | 'iceBath') =>
      figure([...BOILED, makeStep('c', 'cool', { how, toC: 30 })], 'coolS');
    expect(took('iceBath')).toBeLessThan(took('water'));
    expect(took('water')).toBeLessThan(took('counter'));
    expect(figure([...BOILED, makeStep('c', 'cool', { how: 'counter', toC: 15 })], 'never')).toBe(1);
  });
  test('salt and sugar are what was weighed', () => {
    const s = out([...BOILED, ...stirred({ salt: 2, sugar: 30, vanilla: 5 })], 'milk');
    const before = out(BOILED, 'milk');
    expect(contents(s).salt).toBeCloseTo(2, 9);
    expect(contents(s).sugars - contents(before).sugars).toBeCloseTo(30, 9);
    expect(massG(s) - massG(before)).toBeCloseTo(37, 9);
  });
  test('water held back and boiled leaves the milk boiled; unboiled makes it touched, with a shorter cap', () => {
    const with_ = (boiled: boolean) =>
      out([makeStep('h', 'pour', { amountG: 200, boiled }), ...BOILED, makeStep('p', 'pool')], 'milk');
    expect([with_(true).hygiene, with_(false).hygiene]).toEqual(['boiled', 'touched']);
    const ctx = contextOf(unlearned(SEA), MATERIALS);
    const keep = (s: Stream) => keepBy(s, 1, 'jar', ctx)?.s ?? 0;
    expect(keep(with_(false))).toBeLessThanOrEqual(2 * 86_400);
    expect(keep(with_(true))).toBeGreaterThan(keep(with_(false)));
  });
  test('jars are as many as the milk needs, none overfull', () => {
    const f = run([...BOILED, makeStep('j', 'jar', { fill: 0.8 })]).stages.at(-1)?.figures ?? {};
    expect((f.eachMl ?? 0) / (f.jarMl ?? 1)).toBeLessThanOrEqual(0.8 + 1e-9);
    expect((f.jars ?? 0) * (f.eachMl ?? 0)).toBeCloseTo(f.filledMl ?? 0, 6);
  });
});

describe('keeping', () => {
  const ctx = contextOf(unlearned(SEA), MATERIALS);
  const milk = out([...MILK, makeStep('b', 'boil', { holdS: 1800 }), makeStep('c', 'cool', { toC: 5 })], 'milk');
  test('colder keeps longer, up to the cap and never past it', () => {
    const keep = (c: number) => keepBy(milk, c, 'jar', ctx);
    expect(keep(2)?.s).toBeGreaterThan(keep(6)?.s ?? Infinity);
    expect(keep(-0.5)?.s).toBeLessThanOrEqual(4 * 86_400);
    expect(keep(-0.5)?.limit).toBe('cap');
    expect(keep(8)?.limit).toBe('model');
  });
  test('an hour on the counter costs more than an hour in the fridge', () => {
    const stood = rest(milk, 3 * 3600, ctx);
    expect(keepBy(stood, 4, 'jar', ctx)?.s).toBeLessThan((keepBy(milk, 4, 'jar', ctx)?.s ?? 0) - 6 * 3600);
    expect(rest(milk, 0, ctx)).toBe(milk);
  });
  test('raw pulp wants a quarter of an hour at sea level, longer above', () => {
    expect(pulpBoilS(0)).toBeCloseTo(900, -1);
    expect(pulpBoilS(1500)).toBeGreaterThan(1250);
  });
});

describe('a parameter by its name', () => {
  const step = makeStep('g', 'grind', { waterG: 700 });
  test('is read, and replaced in a new step', () => {
    expect([paramOf(step, 'waterG'), numberOf(step, 'waterG'), paramOf(step, 'of')]).toEqual([700, 700, 'work']);
    const more = withParams(step, { waterG: 800 });
    expect([numberOf(more, 'waterG'), step.params.waterG]).toEqual([800, 700]);
  });
  test('misspelt, or no number where one is meant, it is no silent zero', () => {
    for (const name of ['watrG', 'constructor', '__proto__', ''])
      expect(() => paramOf(step, name)).toThrow(`grind has no parameter ${name}`);
    expect(() => numberOf(step, 'of')).toThrow('grind of is "work", not a number');
    expect(() => withParams(step, { holdS: 5 })).toThrow(RangeError);
  });
});
