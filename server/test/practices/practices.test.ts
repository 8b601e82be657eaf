import { describe, expect, test } from '@jest/globals';
import { writePlan } from '@ironpan/core/formats';
import { flowG, massG, unlearned } from '@ironpan/core/kitchen';
import type { Stream } from '@ironpan/core/kitchen';
import { look } from '@ironpan/core/questions';
import type { Look } from '@ironpan/core/questions';
import { orderFaults } from '@ironpan/core/steps';
import type { Recipe } from '@ironpan/core/steps';
import { instruction, stepText, warningText } from '@ironpan/core/words';
import { predict } from '../../src/cli/predict';
import { KIT, PRACTICES } from './plans';

const fileOf = (recipe: Recipe, name: string): string => JSON.stringify(writePlan({ name, method: null, recipe }, KIT));
const nth = (i: number) => {
  const p = PRACTICES[i - 1];
  const l = p && look(p.recipe, unlearned(KIT));
  if (!p || !l) throw new Error(`practice ${i}`);
  const of = (stream: string): Stream => {
    const s = l.outcome.products[stream];
    if (!s) throw new Error(`${p.id}: no ${stream}`);
    return s;
  };
  const summary = (stream: string) => {
    const s = l.summary.products.find((x) => x.stream === stream);
    if (!s) throw new Error(`${p.id}: no ${stream}`);
    return s;
  };
  return { ...p, l, of, summary };
};
const without = (r: Recipe, ...ids: readonly string[]): Recipe => ({
  ...r,
  steps: r.steps.filter((s) => !ids.some((x) => s.id === x || s.kind === x)),
});
const seen = (r: Recipe): Look => {
  const l = look(r, unlearned(KIT));
  if (!l) throw new Error('out of order');
  return l;
};

describe('twenty ways that a plan can say', () => {
  test('there are twenty', () => expect(PRACTICES).toHaveLength(20));
  test.each(PRACTICES.map((p) => [p.id, p] as const))('%s: a plan file, predicted', (id, p) => {
    expect(orderFaults(p.recipe)).toEqual([]);
    const ran = predict(['-'], { readFile: () => '', readInput: () => fileOf(p.recipe, id) });
    expect([id, ran.err, ran.code]).toEqual([id, '', 0]);
    expect(ran.out).not.toMatch(/NaN|Infinity|undefined/);
    const l = seen(p.recipe);
    const brought = l.outcome.ledger.reduce((g, f) => g + ('outside' in f.from ? flowG(f) : 0), 0);
    const gone = l.outcome.ledger.reduce((g, f) => g + ('outside' in f.to ? flowG(f) : 0), 0);
    const there = Object.values(l.outcome.products).reduce((g, s) => g + massG(s), 0);
    expect([id, Math.abs(brought - gone - there) < 1e-6 * brought]).toEqual([id, true]);
  });
  test.each(PRACTICES.map((p) => [p.id, p] as const))(
    '%s: every task and every line reads as a cook would say it',
    (_, p) => {
      const l = seen(p.recipe);
      p.recipe.steps.forEach((s, i) => {
        const stage = l.outcome.stages[i];
        expect(stepText(s, p.recipe)).not.toMatch(/NaN|undefined|object|,\s*,/);
        for (const t of stage?.tasks ?? []) {
          const { title, say } = instruction(s, stage as never, t.id, p.recipe, KIT);
          expect([title !== '', /[.)]$/.test(say.trim()), /NaN|undefined|work\b|object/.test(say)]).toEqual([
            true,
            true,
            false,
          ]);
        }
      });
    },
  );
  test.each(PRACTICES.map((p) => [p.id, p] as const))('%s: no danger, and every milk ends in a vessel', (id, p) => {
    const dangers = seen(p.recipe).warnings.filter((w) => w.weight === 'danger' || w.check.startsWith('noJar'));
    expect([id, dangers.map(warningText)]).toEqual([id, []]);
  });
});

/** A figure as the bench says it, spaces plain. */
const told = (text: string): string => text.replace(/[\u00a0\u202f]/g, ' ');
test.each(PRACTICES.map((p) => [p.id, p] as const))(
  '%s: the bench says once how much of each food to weigh',
  (_, p) => {
    const l = seen(p.recipe);
    const all = p.recipe.steps.flatMap((s, i) => {
      const stage = l.outcome.stages[i];
      return stage ? stage.tasks.map((t) => told(instruction(s, stage, t.id, p.recipe, KIT).say)) : [];
    });
    for (const line of p.recipe.larder) {
      const name = p.recipe.materials.find((m) => m.id === line.material)?.name.toLowerCase() ?? '';
      const loads = p.recipe.steps.flatMap((s) => (s.kind === 'grind' ? [s.params.loads] : []))[0] ?? 1;
      const whole = all.filter((say) => say.includes(`${line.grams} g of ${name}`)).length;
      const shares = all.filter((say) => say.includes(`${Math.round(line.grams / loads)} g of ${name}`)).length;
      expect([name, whole === 1 || shares === loads]).toEqual([name, true]);
    }
  },
);

/** What a cook who does it so would say of it (common practice). */
describe('and what comes of them', () => {
  test('1: a scald first, long and low at the end: mild, and far from raw', () => {
    const soy = nth(1);
    expect(soy.summary('milk')).toMatchObject({ hygiene: 'boiled', done: true });
    expect(soy.summary('milk').beany ?? 100).toBeLessThan(20);
  });
  test('2: in boxes, never in glass, two months at most', () => {
    const { l, summary } = nth(2);
    expect(l.warnings.map((w) => w.check)).not.toContain('glassFreezes');
    expect((summary('milk').keep?.s ?? Infinity) / 86_400).toBeLessThanOrEqual(60);
  });
  test('3: strained again after cooking it is less gritty, and keeps as what was touched', () => {
    const p = nth(3);
    const once = seen(without(p.recipe, 'again')).summary.main;
    expect(p.summary('milk').grit ?? 1).toBeLessThan(once?.grit ?? 0);
    expect(p.summary('milk').keep?.s ?? Infinity).toBeLessThanOrEqual(2 * 86_400);
    expect(p.of('milk').released.sugars).toBeGreaterThan(30);
  });
  test('4: the pulp is cooked with the milk: both may be eaten', () => {
    const p = nth(4);
    expect([p.summary('milk').done, p.summary('pulp').done]).toEqual([true, true]);
  });
  test('5: three bottles of one base: the berries are raw in theirs, the beans are not; cocoa is the fattest', () => {
    const p = nth(5);
    expect(
      p.l.summary.products.filter((x) => ['berry', 'cocoa', 'plain'].includes(x.stream)).map((x) => x.done),
    ).toEqual([true, true, true]);
    expect(massG(p.of('berry')) - massG(p.of('plain'))).toBeCloseTo(61, 0);
    expect(massG(p.of('cocoa')) - massG(p.of('plain'))).toBeCloseTo(12, 0);
    expect(p.summary('cocoa').fat ?? 0).toBeGreaterThan(p.summary('plain').fat ?? 1);
    expect(p.l.summary.products.filter((x) => x.massG > 400)).toHaveLength(3);
  });
  test('6: what goes in at the boil is boiled with it: it keeps as boiled', () => {
    const p = nth(6);
    expect([p.summary('milk').hygiene, Math.round(p.of('milk').released.salt)]).toEqual(['boiled', 1]);
  });
  test('7: the rinse takes slime, the dates bring sugar, a bare sieve lets grit through', () => {
    const p = nth(7);
    const plain = seen(without(p.recipe, 'drain', 'soak', 'add')).summary.main;
    expect(p.summary('milk').body?.glucan ?? 9).toBeLessThan(plain?.body?.glucan ?? 0);
    expect(p.summary('milk').sugars ?? 0).toBeGreaterThan(plain?.sugars ?? 1);
    expect(p.summary('milk').grit ?? 0).toBeGreaterThan(20 * (nth(8).summary('milk').grit ?? 1));
  });
  test('8 and 9: ice cold and brief is not slimy; enzyme, a rinse and less water: no more than that', () => {
    expect(nth(8).summary('milk').body?.slip).toBe('clean');
    expect(nth(9).summary('milk').body?.slip).toBe('clean');
    expect(nth(9).l.outcome.stages.flatMap((x) => x.figures.glucanCut ?? [])[0]).toBeGreaterThan(0);
  });
  test('10: hot oats are slippery however little they are; sesame is told', () => {
    const p = nth(10);
    expect(['slippery', 'slimy']).toContain(p.summary('milk').body?.slip);
    expect(p.l.warnings.map((w) => w.check)).toContain('allergen:sesame');
    expect(p.of('milk').madeFrom.sesame).toBeGreaterThan(0);
  });
  test('10, with tea in place of the water: hardly more solids, no other body', () => {
    const p = nth(10);
    const steps = p.recipe.steps.map((s) => (s.kind === 'pour' ? { ...s, params: { ...s.params, liquid: 'tea' } } : s));
    const read = predict(['-'], {
      readFile: () => '',
      readInput: () => fileOf({ ...p.recipe, steps }, 'tea'),
    });
    expect([read.code, read.err]).toEqual([0, '']);
  });
  test('11 to 13: wrung to the end there is more milk of the grams; more oats to the water are stronger', () => {
    expect(massG(nth(11).of('milk')) / 388).toBeGreaterThan(massG(nth(12).of('milk')) / 1195);
    expect(nth(13).summary('milk').solids ?? 0).toBeGreaterThan(nth(12).summary('milk').solids ?? 1);
  });
  test('14: salt and syrup of both loads are in the milk, but for what the cloth keeps', () => {
    const { salt } = nth(14).of('milk').released;
    expect(salt).toBeGreaterThan(1.5);
    expect(salt).toBeLessThan(2);
  });
  test('15: the pulp blended again gives a second, thinner milk', () => {
    const p = nth(15);
    expect(massG(p.of('second milk'))).toBeGreaterThan(200);
    expect(p.summary('second milk').fat ?? 1).toBeLessThan(0.7 * (p.summary('milk').fat ?? 0));
  });
  test('16: nothing warm: raw, for a day; sweeter by the nut’s own water', () => {
    const p = nth(16);
    expect(p.summary('milk').hygiene).toBe('raw');
    expect(Math.max(...p.l.outcome.stages.flatMap((x) => x.writes.map(([, s]) => s?.temperatureC ?? 0)))).toBeLessThan(
      35,
    );
    expect((p.summary('milk').keep?.s ?? Infinity) / 3600).toBeLessThanOrEqual(24);
  });
  test('17: paler each time, four jars, most of the fat in the first three', () => {
    const p = nth(17);
    const fat = ['first', 'second', 'third', 'fourth'].map((x) => p.summary(`${x} pressing`).fat ?? 0);
    expect(fat).toEqual([...fat].sort((a, b) => b - a));
    expect(p.l.outcome.stages.filter((x) => x.figures.jars !== undefined)).toHaveLength(4);
  });
  test('18: 400 g at 80 °C and 200 g at 15 °C are 600 g at 58 °C, before the meat takes its share', () => {
    const p = nth(18);
    const wet = p.l.outcome.stages[1]?.figures.endC ?? 0;
    // Half a kilo of meat at 20 °C, of three quarters of water's heat: (80·400 + 15·200 + 20·375)/975.
    expect(Math.abs(wet - (80 * 400 + 15 * 200 + 20 * 375) / 975)).toBeLessThan(1.5);
  });
  test('19: the cap takes most of the fat; cubes of 30 ml; the pulp ends dry', () => {
    const p = nth(19);
    expect(p.of('cap').released.fat + p.of('cap').bound.fat).toBeGreaterThan(3 * p.of('milk').released.fat);
    const cubes = p.l.outcome.stages.at(-2)?.figures.cubes ?? 0;
    expect(cubes).toBe(Math.ceil((p.l.outcome.stages.at(-2)?.figures.filledMl ?? 0) / 30));
    expect(p.summary('pulp').moisture ?? 1).toBeLessThan(0.1);
  });
  test('20: skins off, three to one, wrung to the end: five parts of milk of five of water, and most fat of the nut in it', () => {
    const p = nth(20);
    expect(massG(p.of('milk'))).toBeGreaterThan(700);
    expect(p.of('milk').released.fat).toBeGreaterThan(0.4 * 143 * 0.4993);
  });
});
