import { expect, test } from '@jest/globals';
import { allFates } from '../../src/store/fates';
import { saveLogger } from '../../src/store/fridge';
import { copyDemo, kitchenForEach } from '../setup';

const open = kitchenForEach('fridge');
const T = Date.UTC(2026, 4, 1, 9);
const HOUR = 3_600_000;
const days = (c: number) => Array.from({ length: 24 * 20 }, (_, i) => ({ at: T - (24 * 20 - i) * HOUR, c }));
const spent = async (): Promise<number> =>
  (await allFates()).reduce((sum, f) => sum + (f.end === null ? 0 : (f.lasted?.fineD ?? 0)), 0);

test('what was finished in those days is reckoned by the logger too; told again, it takes its own place', async () => {
  await copyDemo(T);
  const set = await open().fridge.count();
  const before = await spent();
  await saveLogger(days(9));
  const warm = await spent();
  expect(warm).toBeGreaterThan(1.25 * before);
  const lines = await open().fridge.count();
  await saveLogger(days(9));
  expect(await open().fridge.count()).toBe(lines);
  expect(lines).toBeLessThan(set + 10);
  expect(await spent()).toBeCloseTo(warm, 6);
});
