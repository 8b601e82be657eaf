import { expect, test } from '@jest/globals';
import { reckoned } from '../src/live/running';
import { append, oneBatch, readingOf, startBatch } from '../src/store/batches';
import { readHere } from '../src/store/here';
import { onePlan, planFromMethod } from '../src/store/plans';
import { kitchenForEach } from './setup';

kitchenForEach('running');
const T = Date.UTC(2026, 2, 3, 7);

// A fault that was found: after “Replace this kitchen” an open window showed the figures of the batch that was gone.
test('another batch under the same id, with as many lines, is folded again', async () => {
  const plan = await onePlan(await planFromMethod('oat-middle', T));
  if (!plan) throw new Error('no plan');
  const id = await startBatch(plan, await readHere(), T);
  await append(id, [readingOf('grind', 'load1', 'waterG', 800, 'cook')], T + 1);
  const b = await oneBatch(id);
  if (!b) throw new Error('no batch');
  const mlOf = (x: ReturnType<typeof reckoned>): number => ('progress' in x ? x.progress.summary.jarredMl : NaN);
  const before = mlOf(reckoned(b));
  const replaced = {
    ...b,
    events: b.events.map((e) => (e.is === 'reading' ? { ...e, reading: { ...e.reading, value: 1200 } } : e)),
  };
  expect(mlOf(reckoned(replaced))).toBeGreaterThan(before + 200);
  expect(mlOf(reckoned(b))).toBe(before);
});
