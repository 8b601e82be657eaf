import { expect, test } from '@jest/globals';
import { progressOf, timerS } from '@ironpan/core/batch';
import { reviewOf } from '@ironpan/core/questions';
import { changeText, reviewText } from '@ironpan/core/words';
import { ringsOf } from '../src/live/rings';
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

test('a blender that runs past its stop rings again, and every note names the slime and the seconds', async () => {
  const plan = await onePlan(await planFromMethod('oat-middle', T));
  if (!plan) throw new Error('no plan');
  const id = await startBatch(plan, await readHere(), T);
  const at = { step: 'grind', task: 'load1' };
  const first = await oneBatch(id);
  const before = first && progressOf(first.batch, first.events);
  const tasks = before?.tasks ?? [];
  const grind = tasks.find((t) => t.step.id === 'grind');
  if (!first || !before || !grind) throw new Error('no grind');
  for (const t of tasks) {
    if (t === grind) break;
    await append(id, [{ is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' }], T);
  }
  await append(id, [{ is: 'begun', ...at }], T);
  const running = await oneBatch(id);
  const r = running && reckoned(running);
  if (!r || !('progress' in r)) throw new Error('broken');
  const planned = timerS(grind.task);
  const keys = [planned - 1, planned + 1, planned + 9, planned + 11, planned + 21].map(
    (s) => ringsOf([r], T + 1000 * s)[0]?.key ?? null,
  );
  expect(keys[0]).toBeNull();
  expect(keys[1]).toBe(keys[2]);
  expect(new Set(keys).size).toBe(4);
  await append(id, [readingOf('grind', 'load1', 'load1S', planned + 51, 'clock')], T + 1);
  for (const t of tasks) await append(id, [{ is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' }], T + 2);
  const after = await oneBatch(id);
  const p = after && progressOf(after.batch, after.events);
  if (!p) throw new Error('no batch');
  expect(changeText(before.summary, p.summary, 51)).toMatch(
    /^The milk is \w+ instead of \w+: it ran 51\s?s too long\./,
  );
  expect(reviewOf(p, after.batch).map(reviewText).join(' ')).toMatch(
    /On the tongue \w+ instead of \w+: it ran 51\s?s too long/,
  );
});
