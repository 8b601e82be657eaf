import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { backupBytes, readBackup } from '@ironpan/core/formats';
import { METHODS } from '@ironpan/core/methods';
import { MATERIALS } from '@ironpan/core/materials';
import { MOST_BATCH_NUMBER } from '@ironpan/core/records';
import type { JarHappening, Happening } from '@ironpan/core/batch';
import { progressOf } from '@ironpan/core/batch';
import { orderFaults } from '@ironpan/core/steps';
import { cutName } from '@ironpan/core/units';
import { noteAndAnswer } from '../../src/store/answers';
import { append, oneBatch, startBatch } from '../../src/store/batches';
import { buyFood, countFood, unbuyFood } from '../../src/store/cupboard';
import { db } from '../../src/store/db';
import { decant, pourTogether } from '../../src/store/decant';
import { saveLogger } from '../../src/store/fridge';
import { readHere } from '../../src/store/here';
import { appendToJar, takeBack } from '../../src/store/jars';
import { saveKit } from '../../src/store/kit';
import { addMaterial, changeMaterial, keepAsSchool } from '../../src/store/own';
import { addPlan, onePlan, planFromMethod, savePlan, stepPlan } from '../../src/store/plans';
import { addRhythm, leaveOut } from '../../src/store/rhythms';
import { addTasting, answerTasting } from '../../src/store/tastings';
import { addTrial, planRun } from '../../src/store/trials';
import { importAll, readAll, wipe } from '../../src/store/transfer';
import { addWish, allWishes, beginWish, changeWish, fixStep } from '../../src/store/wishes';
import { kitchenForEach } from '../setup';
import { times } from '../../../core/test/long';

kitchenForEach('any-commands');
const T = Date.UTC(2026, 4, 1, 9);
const HOUR = 3_600_000;

/** What a command is given to choose from: whole numbers and a text as a field would hand it on. */
interface Drawn {
  readonly command: keyof typeof COMMANDS;
  readonly a: number;
  readonly b: number;
  readonly text: string;
}
const pick = <X>(all: readonly X[], n: number): X | undefined => all[n % Math.max(1, all.length)];
const someId = async (table: string, n: number): Promise<string> =>
  pick((await db().table(table).toCollection().primaryKeys()) as string[], n) ?? '';
const somePlan = async (n: number) => onePlan(await someId('plans', n));

const COMMANDS = {
  fromMethod: ({ a }: Drawn, at: number) => planFromMethod(pick(METHODS, a)?.id ?? '', at),
  copy: async ({ a, text }: Drawn, at: number) => {
    const p = await somePlan(a);
    if (p) await addPlan(cutName(`${p.name} ${text}`), p.from, p.recipe, at);
  },
  rename: async ({ a, text }: Drawn, at: number) => {
    const p = await somePlan(a);
    const name = cutName(text);
    // An older revision now and then: another window was quicker.
    if (p && name !== '')
      await savePlan({ id: p.id, rev: p.rev - (a % 2), base: p, name, recipe: p.recipe, touched: 'name' }, at);
  },
  breakUp: async ({ a, b }: Drawn, at: number) => {
    const p = await somePlan(a);
    if (!p) return;
    const steps = p.recipe.steps.filter((_, i) => i !== b % p.recipe.steps.length);
    const e = { id: p.id, rev: p.rev, base: p, name: p.name, recipe: { ...p.recipe, steps }, touched: 'steps' };
    await savePlan(e, at);
  },
  step: async ({ a, b }: Drawn, at: number) => {
    await stepPlan(await someId('undo', a), b % 2 ? 'back' : 'forward', at);
  },
  begin: async ({ a }: Drawn, at: number) => {
    const p = await somePlan(a);
    if (p && orderFaults(p.recipe).length === 0) await startBatch(p, await readHere(), at);
  },
  log: async ({ a, b, text }: Drawn, at: number) => {
    const one = await oneBatch(await someId('batches', a));
    if (!one) return;
    const tasks = progressOf(one.batch, one.events).tasks;
    const all = tasks.flatMap((t): Happening[] => [
      { is: 'begun', step: t.step.id, task: t.task.id },
      { is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' },
    ]);
    const some: readonly Happening[] = b % 3 === 0 ? [{ is: 'note', text: text.slice(0, 400) }] : all.slice(0, 1 + b);
    await append(one.batch.id, some, at);
  },
  finish: async ({ a }: Drawn, at: number) => {
    const one = await oneBatch(await someId('batches', a));
    if (!one) return;
    const all = progressOf(one.batch, one.events).tasks.flatMap((t): Happening[] => [
      { is: 'begun', step: t.step.id, task: t.task.id },
      { is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' },
    ]);
    await append(one.batch.id, all, at);
  },
  jar: async ({ a, b }: Drawn, at: number) => {
    const say: readonly JarHappening[] = [
      { is: 'poured', ml: 1 + b },
      { is: 'moved', place: 'freezer', placeC: -18 },
      { is: 'boiled', forS: 60 * (b % 30) },
      { is: 'looked', look: { signs: ['fine'] } },
      { is: 'shaken', cameBack: 'partly' },
      { is: 'finished' },
    ];
    const jar = await someId('jars', a);
    const chosen = pick(say, b);
    if (jar === '' || !chosen) return;
    const { ids } = await appendToJar(jar, chosen, at);
    if (a % 4 === 0) await takeBack(jar, ids, at);
  },
  decant: async ({ a, b, text }: Drawn, at: number) => {
    const jar = await someId('standing', a);
    if (jar !== '') await decant(jar, 1 + b, { name: cutName(text, 80), ml: 500, glass: true, scalded: b % 2 > 0 }, at);
  },
  together: async ({ a, b }: Drawn, at: number) => {
    const [from, to] = [await someId('standing', a), await someId('standing', b)];
    if (from !== '' && to !== '' && from !== to) await pourTogether(from, to, 1 + a, 'milk', at);
  },
  food: async ({ a, text }: Drawn, at: number) => {
    const name = cutName(text, 80);
    if (name === '') return;
    const id = await addMaterial(pick(MATERIALS, a)?.id ?? '', name, at);
    await changeMaterial(id, { allergens: a % 2 ? ['soybeans'] : [], milk: cutName(text, 40) }, at);
  },
  method: async ({ a }: Drawn, at: number) => {
    const p = await somePlan(a);
    if (p) await keepAsSchool(p, at);
  },
  wish: async ({ a, b }: Drawn, at: number) => {
    const p = await somePlan(a);
    if (!p) return;
    const id = await addWish(p, b % 2 ? at + b * HOUR : null, at);
    await changeWish(id, { ml: 100 + 10 * b }, at);
    await fixStep(id, p.recipe.steps[0]?.id ?? '', at + b * HOUR, at);
    const w = b % 3 === 0 ? (await allWishes(at, 60 * 24 * HOUR)).find((x) => x.id === id) : undefined;
    if (w && orderFaults(w.recipe).length === 0) await beginWish(w, w.recipe, at);
  },
  rhythm: async ({ a, b }: Drawn, at: number) => {
    const p = await somePlan(a);
    if (!p) return;
    const id = await addRhythm(p, `FREQ=DAILY;INTERVAL=${1 + (b % 9)}`, '2026-05-01T08:00', at);
    await leaveOut(`${id}:2026-05-02T08:00`, b % 2 > 0, at);
  },
  trial: async ({ a, b, text }: Drawn, at: number) => {
    const p = await somePlan(a);
    if (!p || orderFaults(p.recipe).length > 0) return;
    const id = await addTrial(p, at);
    await planRun(id, b % 2, text, at).catch(() => undefined);
  },
  tasting: async ({ a, b, text }: Drawn, at: number) => {
    const jar = await someId('jars', a);
    if (jar === '') return;
    const id = await addTasting({ jar, name: cutName(text, 80) || 'a' }, { jar, name: 'b' }, at);
    await answerTasting(id, b % 12, cutName(text, 40), a % 3, at);
  },
  cupboard: async ({ a, b }: Drawn, at: number) => {
    const id = pick(MATERIALS, a)?.id ?? '';
    await countFood(id, 10 * b, at);
    await buyFood(id, b % 5 === 0 ? 1e6 : 250, at);
    await unbuyFood(id, 500, at);
  },
  fridge: async ({ a, b }: Drawn, at: number) => {
    await saveKit((k) => ({ ...k, fridgeC: 2 + (b % 6) }), at);
    await saveLogger(
      Array.from({ length: 4 }, (_, i) => ({ at: at - (4 - i) * HOUR, c: 3 + ((a + i) % 5) })),
      { fridgeC: b % 2 ? 5 : null, at },
    );
  },
} as const;

/** Names as they are typed: blanks anywhere, longer than a field takes, signs of every kind. */
const anyText = fc.oneof(
  fc.string({ unit: 'grapheme', maxLength: 30 }),
  fc.string({ unit: fc.constantFrom('a', ' ', '’', 'é', '\u00a0', '😀'), minLength: 70, maxLength: 180 }),
);
const anyCommand: fc.Arbitrary<Drawn> = fc.record({
  command: fc.constantFrom(...(Object.keys(COMMANDS) as (keyof typeof COMMANDS)[])),
  a: fc.nat(40),
  b: fc.nat(40),
  text: anyText,
});

test(
  'whatever commands are given, the export imports',
  async () => {
    await fc.assert(
      fc.asyncProperty(fc.array(anyCommand, { minLength: 5, maxLength: 40 }), async (all) => {
        await wipe();
        // Something to work on from the first command.
        const first = await onePlan(await planFromMethod('oat-ice', T));
        if (first) await startBatch(first, await readHere(), T);
        let at = T;
        for (const c of all) {
          at += 60_000 * (1 + c.b);
          await COMMANDS[c.command](c, at);
        }
        const read = readBackup(backupBytes(await readAll(), at));
        expect(read.ok ? [] : read.faults).toEqual([]);
        if (read.ok) {
          await importAll(read.kitchen, 'replace', []);
          expect(await readAll()).toEqual(read.kitchen);
        }
      }),
      { numRuns: times(12, 120), seed: 41, endOnFailure: true },
    );
  },
  times(60_000, 600_000),
);

test('a number or revision from a file leaves room for the next', async () => {
  const id = await planFromMethod('oat-ice', T);
  const plan = await onePlan(id);
  if (!plan) throw new Error('no plan');
  const batch = await startBatch(plan, await readHere(), T);
  await append(batch, [{ is: 'note', text: 'x' }], T + 1);
  const own = await readAll();
  const high = {
    ...own,
    plans: own.plans.map((p) => ({ ...p, rev: 1e9 })),
    batches: own.batches.map((b) => ({ ...b, number: MOST_BATCH_NUMBER })),
    events: own.events.map((e) => ({ ...e, seq: 8.64e15 })),
  };
  const read = readBackup(backupBytes(high, T));
  if (!read.ok) throw new Error(read.faults.map((f) => f.say).join('\n'));
  await importAll(read.kitchen, 'replace', []);
  const came = await onePlan(id);
  if (!came) throw new Error('no plan');
  await savePlan({ id, rev: came.rev, base: came, name: 'Next', recipe: came.recipe, touched: 'name' }, T + 2);
  await startBatch({ ...came, id: 'other' }, await readHere(), T + 10_000);
  await append(batch, [{ is: 'note', text: 'y' }], T + 20_000);
  const again = readBackup(backupBytes(await readAll(), T + 30_000));
  expect(again.ok ? [] : again.faults).toEqual([]);
  const numbers = (await readAll()).batches.map((b) => b.number);
  expect(numbers).toEqual(expect.arrayContaining([1, MOST_BATCH_NUMBER]));
});

/** Makes every write to a table fail, as a full disk would, while `act` runs. */
async function whileFull(table: string, act: () => Promise<unknown>): Promise<void> {
  const store = IDBObjectStore.prototype as unknown as Record<'put', (...args: unknown[]) => unknown>;
  const was = { put: store.put };
  store.put = function (this: IDBObjectStore, ...args) {
    if (this.name === table) throw new DOMException('the disk is full', 'QuotaExceededError');
    return was.put.apply(this, args);
  };
  try {
    await expect(act()).rejects.toThrow();
  } finally {
    Object.assign(store, was);
  }
}
test('commands of several parts do all of them or none', async () => {
  const plan = await onePlan(await planFromMethod('oat-ice', T));
  if (!plan) throw new Error('no plan');
  const batch = await startBatch(plan, await readHere(), T);
  await whileFull('settings', () => noteAndAnswer({ batch, text: 'Washed the bag.' }, ['bag'], T + 1));
  expect((await oneBatch(batch))?.events).toEqual([]);
  const was = (await readHere()).kit.fridgeC;
  const told = [0, 1, 2].map((h) => ({ at: T - (3 - h) * HOUR, c: 6 }));
  await whileFull('fridge', () => saveLogger(told, { fridgeC: was + 2, at: T + 2 }));
  expect((await readHere()).kit.fridgeC).toBe(was);
  await saveLogger(told, { fridgeC: was + 2, at: T + 3 });
  expect((await readHere()).kit.fridgeC).toBe(was + 2);
});
