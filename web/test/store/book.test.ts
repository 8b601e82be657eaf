import { expect, test } from '@jest/globals';
import { bookFound, bookGroups, bookMilks } from '../../src/store/book';
import type { BookAsk, BookWhich } from '../../src/store/book';
import { db } from '../../src/store/db';
import { copyDemo, kitchenForEach } from '../setup';

kitchenForEach('book');
const AT = Date.parse('2026-03-14T07:30:00Z');
const found = (a: Partial<BookAsk> = {}) =>
  bookFound({ find: '', milk: null, which: 'all', of: null, order: 'newest', ...a });

test('what is asked of the book in parts is what a reader of every row would find', async () => {
  await copyDemo(AT);
  const d = db();
  const [rows, fates, standing] = [await d.digests.toArray(), await d.fates.toArray(), await d.standing.toArray()];
  const jarsOf = (batch: string) => fates.filter((f) => f.batch === batch && f.product !== 'pulp');
  const by = (is: (batch: string) => boolean) => rows.flatMap((r) => (is(r.batch) ? [r.batch] : [])).toSorted();
  const told: Partial<Record<BookWhich, string[]>> = {
    all: by(() => true),
    open: rows.flatMap((r) => (r.state === 'open' ? [r.batch] : [])).toSorted(),
    turned: by((b) => jarsOf(b).some((f) => f.lasted?.turnedD != null)),
    liked: by((b) => jarsOf(b).some((f) => ['yes', 'more'].includes(f.said.liked ?? ''))),
    slimy: by((b) => jarsOf(b).some((f) => ['slippery', 'slimy'].includes(f.said.slip ?? ''))),
    shelf: by((b) => standing.some((s) => fates.find((f) => f.jar === s.jar)?.batch === b)),
  };
  for (const [which, batches] of Object.entries(told)) {
    expect([which, batches.length > 0]).toEqual([which, true]);
    expect([which, (await found({ which: which as BookWhich })).toSorted()]).toEqual([which, batches]);
  }
  const milks = await bookMilks();
  expect([...milks].toSorted()).toEqual([...new Set(rows.map((r) => r.milk))].toSorted());
  const each = await Promise.all(milks.map((milk) => found({ milk })));
  expect(each.flat().toSorted()).toEqual(told.all);
  expect(await found({ milk: 'oat', which: 'turned', find: 'no such name' })).toEqual([]);
});
test('short is what came out at less than nine tenths of what was promised, by the scale where there is one', async () => {
  await copyDemo(AT);
  const d = db();
  const [one, two] = (await d.digests.toArray()).filter((r) => r.state === 'finished');
  if (!one || !two) throw new Error('no batches');
  await d.digests.bulkPut([
    { ...one, promisedMl: 1000, jarredMl: 990, measuredMl: 880 },
    { ...two, promisedMl: 1000, jarredMl: 910, measuredMl: null },
  ]);
  const short = await found({ which: 'short' });
  expect([short.includes(one.batch), short.includes(two.batch)]).toEqual([true, false]);
});

test('of a plan, of a school, for a use: each names its batches, and a plan that is gone names none', async () => {
  await copyDemo(AT);
  const d = db();
  const batches = await d.batches.toArray();
  const { plans, schools, uses } = await bookGroups();
  expect(plans.length).toBeGreaterThan(3);
  for (const [key, name] of plans) {
    const ids = await found({ of: key });
    expect([name, ids.toSorted()]).toEqual([
      name,
      batches.flatMap((b) => (`plan.${b.plan}` === key ? [b.id] : [])).toSorted(),
    ]);
  }
  const some = (await d.plans.toArray()).filter((p) => batches.some((b) => b.plan === p.id));
  expect(schools.map(([key]) => key).toSorted()).toEqual(
    [...new Set(some.flatMap((p) => (p.from ? [`school.${p.from.method}`] : [])))].toSorted(),
  );
  for (const [key] of [...schools, ...uses]) expect((await found({ of: key })).length).toBeGreaterThan(0);
  const [first] = plans;
  await d.plans.delete(first?.[0].slice('plan.'.length) ?? '');
  expect(await found({ of: first?.[0] ?? '' })).toEqual([]);
  expect((await bookGroups()).plans).toHaveLength(plans.length - 1);
});
