import { expect, test, describe } from '@jest/globals';
import { fold } from '../../src/batch';
import type { Beliefs, Kit, Stream } from '../../src/kitchen';
import { contents, massG, solidsG, waterG, unlearned } from '../../src/kitchen';
import { MATERIALS } from '../../src/materials';
import { bodyOf, contextOf, gritShareOf, keepBy, makeStep } from '../../src/steps';
import type { FigureName, LarderLine, Params, Step } from '../../src/steps';
import { away0, kitAt, missingG, SEA, stood } from '../batch/kitchen';

const H = 3600;
const run = (larder: readonly LarderLine[], steps: readonly Step[], kit: Kit = SEA, beliefs: Beliefs = {}) =>
  fold({ materials: MATERIALS, larder, steps }, { kit, beliefs });
const of = (material: string, grams: number, into = 'work'): LarderLine => ({ into, material, grams });
const must = (s: Stream | undefined): Stream => {
  if (!s) throw new Error('no such stream');
  return s;
};
const figure = (o: ReturnType<typeof run>, step: string, name: FigureName): number =>
  o.stages.find((s) => s.step === step)?.figures[name] ?? NaN;

describe('a rest with enzyme', () => {
  const tasks = (waterC: number, atC: number) =>
    run(
      [of('oats-rolled', 110)],
      [makeStep('soak', 'soak', { waterG: 500, waterC, durationS: 60 }), makeStep('e', 'enzyme', { atC })],
    )
      .stages.find((s) => s.step === 'e')
      ?.tasks.map((t) => t.id);
  test('nobody is sent to the hob for half a degree; for twenty they are', () => {
    expect(tasks(20, 20)).toEqual(['rest']);
    expect(tasks(20, 40)).toEqual(['warm', 'rest']);
  });
});
describe('rice cooked with all its water', () => {
  const cook = (waterG: number, kit: Kit = SEA) =>
    run([of('rice-white', 185)], [makeStep('c', 'absorb', { waterG })], kit);
  const SMALL: Kit = { ...SEA, things: SEA.things.map((t) => (t.is === 'pot' ? { ...t, diameterCm: 18 } : t)) };
  test.each([
    [370, 482, 0.661],
    [532, 644, 0.746],
  ])(
    'a US cup of raw rice, 185 g, in %d g of water in an 18 cm pot: %d g at %d moisture (models §5)',
    (water, g, moist) => {
      const s = must(cook(water, SMALL).products.work);
      expect(Math.abs(massG(s) - g)).toBeLessThan(2);
      expect(waterG(s) / massG(s)).toBeCloseTo(moist, 2);
    },
  );
  test('it takes up water to 76 % moisture, the rest stays free; it is cooked rice from then on', () => {
    const s = must(cook(900, SMALL).products.work);
    expect(s.boundWaterG / (s.boundWaterG + solidsG(s))).toBeCloseTo(0.76, 3);
    expect(s.freeWaterG).toBeGreaterThan(100);
    expect(s.madeFrom['rice-cooked']).toBeCloseTo(solidsG(s), 6);
    expect(s.madeFrom['rice-white']).toBeUndefined();
  });
  test('what it does not drink goes off as steam; water is neither made nor lost', () => {
    const o = cook(600);
    expect(away0(o, 'steam')).toBeCloseTo(600 + 185 - massG(must(o.products.work)), 6);
    expect(Math.abs(missingG(o))).toBeLessThan(1e-9 * 785);
  });
  test('too little water: cooked in part, and the figure says how much is missing', () => {
    const o = cook(150);
    expect(figure(o, 'c', 'cookedShare')).toBeLessThan(0.5);
    expect(figure(o, 'c', 'waterWantedG')).toBeGreaterThan(150);
    expect(away0(o, 'steam')).toBeGreaterThan(50);
  });
  test('up on a hill it boils cooler, and stays boiled food', () => {
    const o = cook(600, kitAt(3000));
    expect(figure(o, 'c', 'boilingC')).toBeCloseTo(90, 0);
    expect(must(o.products.work).hygiene).toBe('boiled');
  });
  test('left warm it spends its keeping; spread on a tray it is cold sooner than in its pot', () => {
    const cooled = (how: Params['cool']['how']) =>
      run(
        [of('rice-white', 185)],
        [makeStep('c', 'absorb', { waterG: 600 }), makeStep('k', 'cool', { of: 'work', how, toC: 30 })],
      );
    const tray = cooled('tray');
    const pot = cooled('counter');
    expect(figure(tray, 'k', 'coolS')).toBeLessThan(figure(pot, 'k', 'coolS'));
    expect(must(pot.products.work).spentD).toBeGreaterThan(must(tray.products.work).spentD);
    expect(must(tray.products.work).spentD).toBeGreaterThan(0);
  });
  test('toasting takes water alone, half of it in seven minutes, in state form', () => {
    const t = (s: number) =>
      must(run([of('rice-brown', 100)], [makeStep('t', 'toast', { durationS: s })]).products.work);
    expect(waterG(t(420))).toBeCloseTo(11.8 / 2, 6);
    expect(solidsG(t(420))).toBeCloseTo(solidsG(t(0)), 9);
    const twice = run(
      [of('rice-brown', 100)],
      [makeStep('a', 'toast', { durationS: 200 }), makeStep('b', 'toast', { durationS: 220 })],
    );
    expect(waterG(must(twice.products.work))).toBeCloseTo(waterG(t(420)), 9);
  });
});

describe('kneading and warm water', () => {
  const press = (steps: readonly Step[]) =>
    must(run([of('coconut-grated', 400)], [...steps, makeStep('s', 'strain')]).products.milk);
  test('two runs of five minutes are one of ten', () => {
    const ten = run([of('coconut-grated', 400)], [makeStep('k', 'knead', { durationS: 600 })]);
    const twice = run(
      [of('coconut-grated', 400)],
      [makeStep('a', 'knead', { durationS: 300 }), makeStep('b', 'knead', { durationS: 300 })],
    );
    expect(must(twice.products.work).openedShare).toBeCloseTo(must(ten.products.work).openedShare, 12);
    expect(massG(must(twice.products.work))).toBeCloseTo(massG(must(ten.products.work)), 9);
  });
  test('hands open no bean and no almond', () => {
    for (const id of ['soybeans', 'almonds', 'tiger-nuts'])
      expect(
        must(run([of(id, 100)], [makeStep('k', 'knead', { durationS: 900, waterG: 200 })]).products.work).openedShare,
      ).toBe(0);
  });
  test('warm water draws more fat than cold; cold after warm takes none back', () => {
    const fat = (c: number) =>
      contents(press([makeStep('k', 'knead', { waterG: 300, waterC: c, durationS: 600 })])).fat;
    expect(fat(60)).toBeGreaterThan(fat(5) * 1.2);
    const both = press([
      makeStep('k', 'knead', { waterG: 300, waterC: 70, durationS: 600 }),
      makeStep('k2', 'knead', { waterG: 300, waterC: 2, durationS: 60 }),
    ]);
    expect(contents(both).fat).toBeGreaterThan(fat(5));
  });
});

/** What the tongue feels depends on the foods. */
const FOODS = { materials: MATERIALS };
describe('straining', () => {
  const slurry = (seconds: number): Step[] => [makeStep('g', 'grind', { waterG: 850, waterC: 10, durationS: seconds })];
  const milk = (strainer: string, seconds = 90) =>
    must(run([of('rice-white', 120)], [...slurry(seconds), makeStep('s', 'strain', { strainer })]).products.milk);
  test('the wider the mesh, the more grit; a fine bag lets through next to none that is felt, a coffee filter none', () => {
    expect(gritShareOf(milk('sieve'), FOODS)).toBeGreaterThan(0.005);
    expect(gritShareOf(milk('fine-bag'), FOODS)).toBeLessThan(0.0002);
    expect(gritShareOf(milk('fine-bag'), FOODS)).toBeGreaterThan(0);
  });
  test('coarse and then fine is as clean as fine alone; what the second holds back goes to the pulp', () => {
    const o = run(
      [of('rice-white', 120)],
      [
        ...slurry(90),
        makeStep('a', 'strain', { into: 'coarse', strainer: 'sieve' }),
        makeStep('b', 'strain', { of: 'coarse', strainer: 'fine-bag' }),
      ],
    );
    expect(gritShareOf(must(o.products.milk), FOODS)).toBeCloseTo(gritShareOf(milk('fine-bag'), FOODS), 5);
    expect(solidsG(must(o.products.milk)) / massG(must(o.products.milk))).toBeCloseTo(
      solidsG(milk('fine-bag')) / massG(milk('fine-bag')),
      2,
    );
    expect(Math.abs(missingG(o))).toBeLessThan(1e-6);
  });
  test('fines ride in the liquid: where little runs through, few come, and none with nothing', () => {
    const fines = (waterG: number, hand: Params['strain']['hand']) => {
      const grind = makeStep('g', 'grind', { waterG, durationS: 120 });
      const o = run([of('oats-rolled', 90)], [grind, makeStep('s', 'strain', { strainer: 'sieve', hand })]);
      expect(Math.abs(missingG(o))).toBeLessThan(1e-9 * (90 + waterG));
      return contents(must(o.products.milk)).insolubleFibre;
    };
    expect(fines(20, 'twist')).toBe(0);
    // In 200 g it sets, and nothing runs.
    expect(fines(200, 'gentle')).toBe(0);
    expect(fines(330, 'gentle')).toBeGreaterThan(0);
    expect(fines(330, 'gentle')).toBeLessThan(0.95 * fines(330, 'press'));
    expect(fines(800, 'gentle') / fines(800, 'press')).toBeCloseTo(1, 1);
  });
  test('more layers of one cloth are a finer mesh', () => {
    const layers = (n: number): Kit => ({
      ...SEA,
      things: SEA.things.map((t) => (t.is === 'strainer' ? { ...t, openingUm: 900, layers: n } : t)),
    });
    const fines = (n: number) =>
      solidsG(must(run([of('rice-white', 120)], [...slurry(240), makeStep('s', 'strain')], layers(n)).products.milk));
    expect(fines(1)).toBeGreaterThan(fines(4));
    expect(fines(4)).toBeGreaterThan(fines(9));
  });
  test('pressed harder more comes, and more of what is slippery', () => {
    const oat = (hand: Params['strain']['hand']) =>
      must(
        run([of('oats-rolled', 90)], [makeStep('g', 'grind', { waterG: 800 }), makeStep('s', 'strain', { hand })])
          .products.milk,
      );
    expect(massG(oat('press'))).toBeGreaterThan(massG(oat('drip')));
    expect(oat('press').squeezed).toBeGreaterThan(oat('gentle').squeezed);
  });
});

describe('enzyme', () => {
  test('heat kills it: at 80 °C none is left, and the jar makes no more sugar', () => {
    const o = run(
      [of('oats-rolled', 80)],
      [
        makeStep('g', 'grind', { waterG: 900 }),
        makeStep('e', 'enzyme', { with: 'malt', doses: 2, atC: 20, durationS: 600 }),
        makeStep('s', 'strain'),
        makeStep('h', 'heat', { toC: 85, holdS: 120 }),
        stood({ durationS: 24 * H }),
      ],
    );
    expect(must(o.products.milk).amylase).toBe(0);
    const before = o.stages[3]?.writes[0]?.[1];
    expect(must(o.products.milk).released.sugars).toBeCloseTo(before?.released.sugars ?? NaN, 9);
  });
  test('alive it goes on in the fridge, slowly: the milk sweetens', () => {
    const sugars = (days: number) =>
      must(
        run(
          [of('oats-rolled', 80)],
          [
            makeStep('g', 'grind', { waterG: 900 }),
            makeStep('e', 'enzyme', { with: 'pure', doses: 2, atC: 20, durationS: 60 }),
            makeStep('s', 'strain'),
            stood({ durationS: days * 24 * H }),
          ],
        ).products.milk,
      ).released.sugars;
    expect(sugars(3)).toBeGreaterThan(sugars(1));
  });
  test('a pure amylase leaves the slime as it was; malt and capsules cut it alike', () => {
    const cut = (kind: Params['enzyme']['with']) =>
      figure(
        run(
          [of('oats-rolled', 80)],
          [
            makeStep('g', 'grind', { waterG: 900 }),
            makeStep('e', 'enzyme', { with: kind, doses: 1, atC: 20, durationS: 900 }),
          ],
        ),
        'e',
        'glucanCut',
      );
    expect(cut('pure')).toBe(0);
    expect(cut('malt')).toBeGreaterThan(0.2);
    expect(cut('capsules')).toBe(cut('malt'));
  });
});

describe('heating, finishing, setting aside', () => {
  const base = [makeStep('g', 'grind', { waterG: 550, waterC: 8, durationS: 150 }), makeStep('s', 'strain')];
  test('tiger nut thickens from 65 °C on and is pasteurised by two minutes at 73 °C (F70, z 7.5 °C)', () => {
    const heated = (c: number) =>
      must(run([of('tiger-nuts', 250)], [...base, makeStep('h', 'heat', { toC: c, holdS: 120 })]).products.milk);
    const ctx = contextOf(unlearned(SEA), MATERIALS);
    const eta = [55, 68, 73, 80].map((c) => bodyOf(heated(c), 5, ctx)?.relative ?? 99);
    eta.forEach((x, i) => i > 0 && expect(x).toBeGreaterThanOrEqual(eta[i - 1] as number));
    expect(heated(55).hygiene).toBe('raw');
    expect(heated(73).hygiene).toBe('heated');
  });
  test('nothing in a pot gets hotter than the boil of the hill', () => {
    const o = run([of('tiger-nuts', 250)], [...base, makeStep('h', 'heat', { toC: 96 })], kitAt(4500));
    expect(figure(o, 'h', 'endC')).toBeCloseTo(figure(o, 'h', 'boilingC'), 9);
  });
  test('52 g of honey sweeten like 40 g of sugar and bring 8.8 g of water (common practice)', () => {
    const o = run(
      [of('rice-white', 120)],
      [
        makeStep('g', 'grind', { waterG: 800 }),
        makeStep('s', 'strain'),
        makeStep('f', 'add', { food: 'honey', amountG: 52 }),
      ],
    );
    expect(figure(o, 'f', 'sugarG')).toBeCloseTo(40, 0);
    expect(figure(o, 'f', 'addedWaterG')).toBeCloseTo(8.8, 1);
  });
  test('one base, three finishes: the parts are alike and add up', () => {
    const o = run(
      [of('almonds', 200)],
      [
        makeStep('g', 'grind', { waterG: 700 }),
        makeStep('s', 'strain'),
        makeStep('p', 'part', {
          parts: [
            { name: 'cocoa', share: 0.25 },
            { name: 'sweet', share: 0.375 },
          ],
        }),
        makeStep('f', 'add', { of: 'cocoa', food: 'cocoa', amountG: 15 }),
        makeStep('w', 'pour', { into: 'cocoa', amountG: 40 }),
      ],
    );
    const whole = o.stages[1]?.writes.find(([n]) => n === 'milk')?.[1];
    const milk = must(o.products.milk);
    const sweet = must(o.products.sweet);
    expect(massG(milk)).toBeCloseTo(massG(sweet), 9);
    expect(massG(milk) + massG(sweet) + massG(must(o.products.cocoa)) - 55).toBeCloseTo(
      massG(must(whole ?? undefined)),
      9,
    );
    expect(solidsG(milk) / massG(milk)).toBeCloseTo(solidsG(sweet) / massG(sweet), 12);
  });
  test('a fat cap: all but two per cent of the fat goes with it, nothing is lost, and it needs the cold', () => {
    const steps = (standS: number) => [
      makeStep('g', 'grind', { waterG: 400, waterC: 50, durationS: 120 }),
      makeStep('s', 'strain'),
      makeStep('c', 'cool', { toC: 20 }),
      makeStep('l', 'lift', { standS }),
    ];
    const o = run([of('coconut-fresh', 400)], steps(12 * H));
    const rest = must(o.products.milk);
    const cap = must(o.products.cap);
    expect(contents(rest).fat / massG(rest)).toBeCloseTo(0.02, 6);
    expect(contents(cap).fat / massG(cap)).toBeCloseTo(0.4, 6);
    expect(Math.abs(missingG(o))).toBeLessThan(1e-6);
    expect(figure(run([of('coconut-fresh', 400)], steps(60)), 'l', 'never')).toBe(1);
    expect(figure(run([of('almonds', 200)], steps(12 * H)), 'l', 'capG')).toBe(0);
  });
});

describe('pulp and freezer', () => {
  test('dried pulp: eight parts of water to a hundred of dry matter are left; raw stays raw', () => {
    const o = run(
      [of('soybeans', 200)],
      [
        makeStep('g', 'grind', { waterG: 1200, durationS: 90, loads: 2 }),
        makeStep('s', 'strain'),
        makeStep('d', 'dry'),
      ],
    );
    const flour = must(o.products.pulp);
    expect(waterG(flour) / solidsG(flour)).toBeCloseTo(0.08, 9);
    expect(flour.hygiene).toBe('raw');
    expect(figure(o, 'd', 'rawPulp')).toBe(1);
  });
  test('thinner and hotter dries sooner; an overnight at 80 °C is enough for a thin layer (common practice)', () => {
    const hours = (ovenC: number, layerCm: number) =>
      figure(
        run(
          [of('oats-rolled', 100)],
          [makeStep('g', 'grind', { waterG: 900 }), makeStep('s', 'strain'), makeStep('d', 'dry', { ovenC, layerCm })],
        ),
        'd',
        'dryS',
      ) / H;
    expect(hours(95, 1)).toBeLessThan(hours(80, 1));
    expect(hours(90, 0.5)).toBeLessThan(hours(90, 1));
    expect(hours(80, 0.8)).toBeLessThan(12);
  });
  test('frozen: nothing is spent, two months at most; boxes filled to 92 % of a milk that is mostly water', () => {
    const o = run(
      [of('oats-rolled', 90)],
      [makeStep('g', 'grind', { waterG: 820 }), makeStep('s', 'strain'), makeStep('f', 'freeze', { fill: 0.85 })],
    );
    const s = must(o.products.milk);
    expect(s.temperatureC).toBeLessThan(-10);
    expect(figure(o, 'f', 'fillLimit')).toBeCloseTo(0.92, 2);
    const by = keepBy(s, -18, 'jar', contextOf(unlearned(SEA), MATERIALS));
    expect((by?.s ?? 0) / 86_400).toBeLessThanOrEqual(60);
    expect(by?.limit).toBe('cap');
  });
});

describe('ice in the jug', () => {
  test('ice that is left holds it at 0 °C; the motor melts it before anything warms', () => {
    const o = run(
      [of('oats-rolled', 80)],
      [makeStep('g', 'grind', { waterG: 300, waterC: 4, iceG: 600, durationS: 20 })],
    );
    expect(figure(o, 'g', 'endC')).toBe(0);
    expect(figure(o, 'g', 'iceLeftG')).toBeGreaterThan(200);
    const long = run(
      [of('oats-rolled', 80)],
      [makeStep('g', 'grind', { waterG: 300, waterC: 4, iceG: 600, durationS: 600 })],
    );
    expect(figure(long, 'g', 'iceLeftG')).toBeLessThan(figure(o, 'g', 'iceLeftG'));
  });
  test('ice is water once it has melted: the same grams come through', () => {
    const mass = (p: Partial<Params['grind']>) =>
      massG(
        must(
          run([of('oats-rolled', 80)], [makeStep('g', 'grind', { durationS: 60, ...p }), makeStep('s', 'strain')])
            .products.milk,
        ),
      );
    expect(mass({ waterG: 700, iceG: 200 }) / mass({ waterG: 900 })).toBeCloseTo(1, 2);
  });
});

describe('keeping, by the caps of common practice: days at 5 °C or colder, the day made being day 1', () => {
  const cold: Kit = { ...SEA, fridgeC: 1 };
  const capDays = (material: string, steps: readonly Step[]): number => {
    const o = run([of(material, 200)], [...steps, makeStep('c', 'cool', { toC: 3 })], cold);
    const by = keepBy(must(o.products.milk), 1, 'jar', contextOf(unlearned(cold), MATERIALS));
    return (by?.s ?? 0) / 86_400 + 1;
  };
  const plain = [makeStep('g', 'grind', { waterG: 900, waterC: 8, durationS: 120 }), makeStep('s', 'strain')];
  test.each([
    ['tiger-nuts', 2],
    ['coconut-fresh', 2],
    ['oats-rolled', 4],
    ['rice-white', 3],
    ['soybeans', 2],
  ])('raw %s: never over %d', (id, cap) => expect(capDays(id, plain)).toBeLessThanOrEqual(cap + 1e-9));
  test.each([
    ['tiger-nuts', 4],
    ['coconut-dried', 4],
  ])('%s, pasteurised: never over %d', (id, cap) =>
    expect(capDays(id, [...plain, makeStep('h', 'heat', { toC: 75, holdS: 180 })])).toBeLessThanOrEqual(cap + 1e-9),
  );
  test('boiled soy: never over 5', () =>
    expect(capDays('soybeans', [...plain, makeStep('b', 'boil', { holdS: 1800 })])).toBeLessThanOrEqual(5));
  test('of two foods in one milk the shorter counts', () => {
    const both = run(
      [of('oats-rolled', 60), of('coconut-fresh', 60)],
      [makeStep('g', 'grind', { waterG: 800, waterC: 5 }), makeStep('s', 'strain')],
      cold,
    );
    const by = keepBy(must(both.products.milk), 1, 'jar', contextOf(unlearned(cold), MATERIALS));
    expect((by?.s ?? 0) / 86_400).toBeLessThanOrEqual(1);
  });
});
