import { expect, test } from '@jest/globals';
import { encodeAir, toHex } from '@ironpan/core/instruments';
import { FridgeKept } from '../../src/instruments/fridgeKept';
import { fridgeLog } from '../../src/store/jars';
import { copyDemo, kitchenForEach } from '../setup';

kitchenForEach('fridgeKept');
/** Not on the hour: lines are. */
const T = Date.UTC(2026, 4, 1, 9, 20);
const HOUR = Date.UTC(2026, 4, 1, 9);
const MIN = 60_000;
const frame = (c: number): string => toHex(encodeAir(c));

test('a thermometer in the fridge keeps its log while the page is open, and what was said before stays', async () => {
  await copyDemo(T);
  const before = await fridgeLog();
  const kept = new FridgeKept();
  // Two hours: the door stands open in the second.
  for (let s = 0; s < 7200; s += 10) kept.take([[T + 1000 * s, { fridge: frame(s < 3600 ? 4.2 : 9.4) }]]);
  await kept.write();
  const after = await fridgeLog();
  const fresh = after.filter((l) => l.at >= HOUR && l.hottestC !== undefined);
  expect(fresh.length).toBeGreaterThanOrEqual(2);
  expect(fresh[0]?.placeC).toBeCloseTo(4.2, 1);
  expect(Math.max(...fresh.map((l) => l.hottestC ?? 0))).toBeCloseTo(9.4, 1);
  expect(after.filter((l) => l.at < HOUR)).toEqual(before.filter((l) => l.at < HOUR));
  // Written again, the same hours are the same lines.
  kept.take([[T + 7_300_000, { fridge: frame(9.4) }]]);
  await kept.write();
  expect((await fridgeLog()).length).toBe(after.length);
});
test('frames that are none, and time that runs back, leave no line', async () => {
  await copyDemo(T);
  const before = (await fridgeLog()).length;
  const kept = new FridgeKept();
  kept.take([
    [T, { fridge: 'zz' }],
    [T + 1, { fridge: '00' }],
    [T + 2, { scale: frame(4) }],
  ]);
  kept.take([[T + MIN, { fridge: frame(4) }]]);
  kept.take([[T, { fridge: frame(5) }]]);
  await kept.write();
  expect(await fridgeLog()).toHaveLength(before);
});
test('what a stand-in tells at the bench is kept too; a scale is no fridge, and what is of an earlier time is none', async () => {
  await copyDemo(T);
  const before = await fridgeLog();
  const kept = new FridgeKept();
  for (let s = 0; s < 5400; s += 30) {
    const at = T + 1000 * s;
    kept.hear([
      { from: 'fridge', at, value: 5.5 },
      { from: 'scale', at, value: 800 },
      { from: 'fridge', at: at - 1, value: 40 },
    ]);
  }
  await kept.write();
  const fresh = (await fridgeLog()).filter((l) => l.hottestC !== undefined);
  expect(fresh.length).toBeGreaterThanOrEqual(1);
  // The hour that was begun before it told anything is part of what was set, and part of what it told.
  expect(Math.max(...fresh.map((l) => l.hottestC ?? 0))).toBeCloseTo(5.5, 1);
  expect(Math.max(...fresh.map((l) => l.placeC))).toBeCloseTo(5.5, 1);
  expect((await fridgeLog()).length).toBeGreaterThan(before.length);
});
