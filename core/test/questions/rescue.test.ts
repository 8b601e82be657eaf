import { describe, expect, test } from '@jest/globals';
import { jarNow, jarsOf, MAKING_TROUBLES, MILK_TROUBLES, progressOf } from '../../src/batch';
import type { BatchEvent, FrozenBatch, Happening, Trouble } from '../../src/batch';
import { warningsOf } from '../../src/checks';
import { contents, massG } from '../../src/kitchen';
import { METHODS } from '../../src/methods';
import { rescueOf, rescueOfJar, troublesOf, troublesOfJar } from '../../src/questions';
import type { Rescued, RescueMove } from '../../src/questions';
import { validRow } from '../../src/records';
import { instruction, maltText, rescueDone, rescueText, rescueThen, TROUBLE_NAMES } from '../../src/words';
import { batchOf } from '../batch/promised';
import { LONG } from '../long';

const MIN = 60_000;
/** A batch that was made up to a step, ten minutes a task. */
function bench(batch: FrozenBatch) {
  const log: BatchEvent[] = [];
  let at = batch.startedAt;
  const say = (h: Happening): void => {
    const n = log.length + 1;
    log.push({ ...h, id: `e${n}`, seq: n, batch: batch.id, at });
  };
  const end = (step: string, task: string): void => {
    at += 10 * MIN;
    say({ is: 'ended', step, task, by: 'cook' });
  };
  const now = () => progressOf(batch, log);
  return {
    ...{ batch, log, say, now },
    upTo: (step: string | null) => {
      for (const t of progressOf(batch, []).tasks) {
        if (t.step.id === step) return;
        end(t.step.id, t.task.id);
      }
    },
    begins: (step: string, task: string) => say({ is: 'begun', step, task }),
    reads: (step: string, what: string, value: number) =>
      say({ is: 'reading', reading: { id: `r${log.length}`, step, what, value, source: 'cook' } }),
    waits: (min: number) => {
      at += min * MIN;
    },
    asks: (t: Trouble): Rescued => rescueOf(batch, log, [], t, at),
    takes: (against: Trouble, m: RescueMove) => say({ is: 'edited', against, edits: m.edits }),
    toTheEnd: () => {
      for (let t = now().current; t !== null; t = now().current) end(t.step.id, t.task.id);
    },
  };
}
const school = (name: string) => bench(batchOf(name));
const ALL: readonly Trouble[] = [...MILK_TROUBLES, ...MAKING_TROUBLES];
const saidOf = (r: Rescued): readonly string[] => [...r.said, ...r.past, ...r.next].map((x) => x.say);
const find = (r: Rescued, say: string): RescueMove => {
  const m = r.now.find((x) => x.say === say);
  if (!m) throw new Error(`no ${say} among ${r.now.map((x) => x.say).join(', ')}`);
  return m;
};
const dangers = (b: ReturnType<typeof bench>): readonly string[] => {
  const { outcome, recipe } = b.now();
  return warningsOf({ outcome, recipe, kit: b.batch.kit }).flatMap((w) => (w.weight === 'danger' ? [w.check] : []));
};

describe('at any step of any school, whatever is wrong', () => {
  // Each milk once (every second method in the long run): in turn once it is ground, and before it is jarred.
  const second = METHODS.filter((_, k) => k % 2 === 1);
  second
    .filter((m, k) => LONG || second.findIndex((x) => x.milk === m.milk) === k)
    .forEach((m, k) =>
      test(m.id, () => {
        const steps = batchOf(m.id).recipe.steps;
        const ground = steps.findIndex((x) => x.kind === 'grind' || x.kind === 'knead') + 1;
        for (const i of [k % 2 === 0 ? ground : steps.length - 1]) {
          const b = school(m.id);
          b.upTo(steps[i]?.id ?? null);
          const had = dangers(b);
          for (const t of troublesOf(b.now())) {
            const r = b.asks(t);
            const told = [...r.now, ...r.said, ...r.past, ...r.next];
            for (const l of told) {
              expect(rescueText(l)).not.toMatch(/NaN|–|undefined|Infinity|: \.|“”/);
            }
            // There is always something to say.
            expect([t, told.length + r.otherwise.length]).not.toEqual([t, 0]);
            for (const move of r.now) {
              expect(rescueThen(move)).not.toMatch(/NaN|–|undefined|Infinity/);
              const line = { v: 6, id: 'x', batch: 'b1', seq: 9, at: 1, is: 'edited', against: t, edits: move.edits };
              expect(validRow('events', line)).not.toHaveProperty('faults');
              // Chosen, it is what was told, it can be made to its end, and it brings no danger.
              const c = school(m.id);
              c.upTo(steps[i]?.id ?? null);
              c.takes(t, move);
              expect(c.now().rescues).toHaveLength(1);
              expect(c.now().summary.jarredMl).toBeCloseTo(move.volumeMl, 6);
              expect(dangers(c).filter((d) => !had.includes(d))).toEqual([]);
              const said = rescueDone(move.edits, c.now().recipe, [...b.batch.recipe.steps, ...c.now().recipe.steps]);
              expect(said).not.toMatch(/NaN|undefined|^$/);
            }
          }
        }
      }),
    );
  test('every trouble has a name', () => {
    expect(ALL.every((t) => TROUBLE_NAMES[t].length > 3)).toBe(true);
  });
});

describe('amounts, checked by hand', () => {
  test('too salty: so much water that three quarters of the share are left (dilution: c·m is kept)', () => {
    const b = school('soy-washed');
    b.upTo('jar');
    const milk = b.now().outcome.products.milk;
    if (!milk) throw new Error('no milk');
    const m = find(b.asks('tooSalty'), 'stirInWater');
    // m·(1/0.75 − 1), up to the next five grams and a hundredth of tolerance.
    const byHand = massG(milk) * (1 / 0.75 - 1);
    const addG = m.figures.addG?.value ?? NaN;
    expect(addG % 5).toBe(0);
    expect(Math.abs(addG - byHand)).toBeLessThan(0.05 * byHand);
    expect((m.after ?? NaN) / (m.before ?? NaN)).toBeCloseTo(massG(milk) / (massG(milk) + addG), 2);
  });
  test('not sweet: so much sugar that the milk is a little sweet: (s + x)/(m + x) = 1.26 %', () => {
    const b = school('oat-middle');
    b.upTo('cool');
    const milk = b.now().outcome.products.milk;
    if (!milk) throw new Error('no milk');
    const m = find(b.asks('notSweet'), 'sweeten');
    const now = b.now().summary.main;
    if (!now) throw new Error('no milk');
    const share = 1.05 * 0.012;
    const sugars = (now.sugars ?? 0) * now.massG;
    const byHand = (share * now.massG - sugars) / (1 - share);
    expect(m.named).toBe('sugar');
    expect(Math.abs((m.figures.addG?.value ?? NaN) - byHand)).toBeLessThanOrEqual(1);
    expect(contents(milk).sugars).toBeLessThan(sugars + 1);
  });
  test('boiled down: what is left of the water holds all the solids there were', () => {
    const b = school('soy-washed');
    b.upTo('boil');
    const m = find(b.asks('tooThin'), 'boilLonger');
    const was = b.now().summary.main;
    const solidsG = (was?.solids ?? 0) * (was?.massG ?? 0);
    const isG = (m.main.solids ?? 0) * m.main.massG;
    expect(Math.abs(isG / solidsG - 1)).toBeLessThan(0.02);
    expect(m.main.massG).toBeLessThan(was?.massG ?? 0);
    expect(m.reached).toBe(true);
  });
});

describe('what is still to come comes first', () => {
  test('too thin before the wash: less water in it, not less milk from the pot', () => {
    const b = school('soy-washed');
    b.upTo('wash');
    const r = b.asks('tooThin');
    const m = find(r, 'lessWater:wash');
    expect(m.figures.toG?.value).toBeLessThan(m.figures.nowG?.value ?? 0);
    expect(m.main.solids).toBeGreaterThan(b.now().summary.main?.solids ?? 1);
  });
  test('short: with the wash to come more water in it; after it the pulp washed once more, raw, before the boil', () => {
    const b = school('soy-washed');
    b.upTo('wash');
    b.reads('strain', 'milkG', 0.9 * (b.now().outcome.stages.find((s) => s.step === 'strain')?.figures.milkG ?? 0));
    expect(find(b.asks('short'), 'moreWater:wash').volumeMl).toBeGreaterThan(0.98 * b.batch.promised.volumeMl);
    const c = school('soy-washed');
    c.upTo('holdBack');
    c.reads('strain', 'milkG', 0.9 * (c.now().outcome.stages.find((s) => s.step === 'strain')?.figures.milkG ?? 0));
    const again = find(c.asks('short'), 'washAgain');
    expect(again.volumeMl).toBeGreaterThan(0.98 * c.batch.promised.volumeMl);
    c.takes('short', again);
    c.toTheEnd();
    expect(jarsOf(c.batch, c.now()).some((j) => j.product === 'milk')).toBe(true);
  });
  test('after the boil no raw washing goes into it: that would be a danger', () => {
    const b = school('soy-washed');
    b.upTo('cool');
    b.reads('boil', 'lostG', 300);
    const r = b.asks('short');
    expect(r.now.map((m) => m.say)).not.toContain('washAgain');
    expect(r.now.map((m) => m.say)).not.toContain('pressAgain');
  });
  test('as promised nothing is missing, and that is said', () => {
    const b = school('soy-washed');
    b.upTo('boil');
    expect(saidOf(b.asks('short'))).toEqual(['notShort']);
  });
});

describe('what stood', () => {
  test('two hours out of the cold and no more (USDA): within them how much is left, after them away with it', () => {
    const b = school('oat-middle');
    b.upTo('cool');
    b.waits(60);
    const within = b.asks('interrupted');
    expect(saidOf(within)).toEqual(['goOnWithin']);
    const leftMin = (within.said[0]?.figures.leftS?.value ?? NaN) / 60;
    // Ground, strained and an hour away: ten minutes a task are in it.
    expect(leftMin).toBeGreaterThan(20);
    expect(leftMin).toBeLessThanOrEqual(60);
    b.waits(61);
    expect(saidOf(b.asks('interrupted'))).toEqual(['throwOut']);
    expect(b.asks('interrupted').now).toEqual([]);
  });
  test('dry beans wait; whole ones in water wait as the longest soak says; a hold goes on', () => {
    const b = school('soy-washed');
    expect(saidOf(b.asks('interrupted'))).toEqual(['dryWaits']);
    b.upTo('soak');
    b.begins('soak', 'soak');
    b.waits(120);
    expect(saidOf(b.asks('soakForgotten'))).toEqual(['soakLeft']);
    expect(b.asks('soakForgotten').now.map((m) => m.say)).toEqual(['soakInFridge']);
    b.waits(40 * 60);
    expect(saidOf(b.asks('soakForgotten'))).toEqual(['soakOver']);
    expect(find(b.asks('soakForgotten'), 'rinseThree').edits).toEqual([
      { do: 'set', step: 'drain', param: 'rinses', value: 3 },
    ]);
    const c = school('soy-washed');
    c.upTo('boil');
    c.begins('boil', 'hold');
    c.waits(12);
    const r = c.asks('powerGone');
    expect(saidOf(r)).toEqual(['boilGoesOn', 'fridgeShut']);
    expect(r.said[0]?.figures.ranS?.value).toBeCloseTo(12 * 60, 0);
    // USDA: a closed fridge keeps cold about four hours.
    expect(r.said[1]?.figures.forS?.value).toBe(4 * 3600);
  });
  test('never soaked: beans are boiled whole instead; the soak is gone, and comes back when that is taken back', () => {
    const b = school('soy-washed');
    b.upTo('soak');
    const m = find(b.asks('soakForgotten'), 'boilWhole');
    b.takes('soakForgotten', m);
    expect(b.now().recipe.steps.some((s) => s.kind === 'soak')).toBe(false);
    expect(b.now().recipe.steps.findIndex((s) => s.kind === 'blanch')).toBeLessThan(
      b.now().recipe.steps.findIndex((s) => s.kind === 'drain'),
    );
    b.say({ is: 'undone', of: b.log.at(-1)?.id ?? '' });
    expect(b.now().recipe.steps.some((s) => s.kind === 'soak')).toBe(true);
  });
});

describe('what ran over or out', () => {
  test('is asked for where it happened, and what is missing then is made up for', () => {
    const b = school('soy-washed');
    b.upTo('wash');
    b.begins('wash', 'wash');
    expect(b.asks('bagBurst').lostAt).toMatchObject({ task: 'wash', what: 'lostG' });
    const c = school('soy-washed');
    c.upTo('cool');
    expect(c.asks('boiledOver').lostAt).toMatchObject({ task: 'hold', what: 'lostG' });
    expect(c.asks('tooThin').lostAt).toBeNull();
  });
  test('a cloth that burst is not strained through again', () => {
    const b = school('soy-washed');
    b.upTo('boil');
    const used = b.batch.kit.things.find((t) => t.id === b.batch.kit.use.strainer)?.name;
    const names = b.asks('bagBurst').now.map((m) => m.named);
    expect(names.length).toBeGreaterThan(0);
    expect(names).not.toContain(used);
  });
});

test('a jug that stands still: more water in it, as much less later, and smaller loads', () => {
  const b = school('soy-washed');
  b.upTo('grind');
  const r = b.asks('stalled');
  const m = find(r, 'waterFromLater');
  const water = (p: ReturnType<typeof progressOf>): number =>
    p.recipe.steps.reduce((g, s) => g + ('waterG' in s.params && s.kind !== 'soak' ? s.params.waterG : 0), 0);
  const before = water(b.now());
  b.takes('stalled', m);
  expect(water(b.now())).toBe(before);
  expect(find(r, 'moreLoads').figures.loads?.value).toBe(3);
});
test('found slimy, an oat milk gets its word back; that no cloth takes it out is said', () => {
  const b = school('oat-middle');
  b.upTo('cool');
  const r = b.asks('slimy');
  expect(b.now().summary.main?.body?.slip).toBe('slippery');
  expect(r.now[0]?.reached).toBe(true);
  expect(['clean', 'silky']).toContain(r.now[0]?.main.body?.slip);
  expect(saidOf(r)).toContain('slimeStays');
  expect(r.otherwise.length).toBeGreaterThan(0);
});
describe('milk in its jar', () => {
  const jarOf = (name: string) => {
    const b = school(name);
    b.toTheEnd();
    const jar = jarsOf(b.batch, b.now()).find((j) => j.product === b.now().summary.main?.stream);
    if (!jar) throw new Error('no jar');
    return { batch: b.batch, now: jarNow(jar, [], b.batch, [], jar.filledAt + 3600_000) };
  };
  for (const m of METHODS)
    test(`${m.id}: something can be said of anything that may be wrong with it`, () => {
      const { batch, now } = jarOf(m.id);
      for (const t of troublesOfJar(now)) {
        const r = rescueOfJar(now, batch, t);
        for (const l of [...r.now, ...r.past]) expect(rescueText(l)).not.toMatch(/NaN|–|undefined|Infinity/);
        expect([t, r.now.length + r.past.length]).not.toEqual([t, 0]);
      }
    });
  test('too salty by the glass: a third as much water leaves three quarters of the salt (dilution)', () => {
    const { batch, now } = jarOf('soy-washed');
    const [water] = rescueOfJar(now, batch, 'tooSalty').now;
    // 100·(1/0.75 − 1) = 33.3, to the next spoon of 5 g.
    expect(water?.figures.addG?.value).toBe(35);
  });
  test('not sweet by the glass: to 1.26 g of sugars in 100 g, by hand', () => {
    const { batch, now } = jarOf('oat-middle');
    const [sugar] = rescueOfJar(now, batch, 'notSweet').now;
    const had = (100 * contents(now.stream).sugars) / massG(now.stream);
    const byHand = (1.26 - had) / (1 - 0.0126);
    expect(Math.abs((sugar?.figures.addG?.value ?? NaN) - byHand)).toBeLessThanOrEqual(0.25);
  });
});
test('nothing is offered that the milk has not', () => {
  const p = school('oat-middle').now();
  expect(troublesOf(p)).toEqual(expect.arrayContaining(['stalled', 'interrupted', 'powerGone']));
  expect(troublesOf(p)).not.toContain('beany');
  expect(troublesOf(p)).not.toContain('soakForgotten');
});

describe('slime found at the straining', () => {
  const atStrain = () => {
    const b = school('oat-middle');
    b.upTo('strain');
    return b;
  };
  const strainSays = (b: ReturnType<typeof bench>): string => {
    const p = b.now();
    const t = p.tasks.find((x) => x.step.id === 'strain');
    const stage = p.outcome.stages.find((x) => x.step === 'strain');
    if (!t || !stage) throw new Error('no strain');
    return instruction(t.step, stage, t.task.id, p.recipe, b.batch.kit).say;
  };
  test('what comes next changes: it drips, with the figures of dripping', () => {
    const b = atStrain();
    expect(strainSays(b)).not.toContain('Let it drip');
    const before = b.now().outcome.stages.find((x) => x.step === 'strain')?.figures.milkG ?? 0;
    b.takes('slimy', find(b.asks('slimy'), 'letDrip'));
    expect(strainSays(b)).toMatch(/Let it drip; do not squeeze\. About \d/);
    expect(b.now().outcome.stages.find((x) => x.step === 'strain')?.figures.milkG).toBeLessThan(before);
    expect(b.asks('slimy').now.some((m) => m.say === 'letDrip')).toBe(false);
  });
  test('malt is given in grams and spoons', () => {
    const b = atStrain();
    const malt = b.asks('slimy').now.find((m) => m.say === 'malt');
    if (malt) expect(rescueText(malt)).toMatch(/Stir in \d+\sg of malt flour \([\d.]+ level (tea|table)spoons?\)/);
    expect(maltText(1)).toBe('3\u00a0g of malt flour (1 level teaspoon)');
    expect(maltText(2)).toBe('6\u00a0g of malt flour (2 level teaspoons)');
    expect(maltText(3)).toBe('9\u00a0g of malt flour (1 level tablespoon)');
  });
});
