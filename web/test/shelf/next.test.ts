import { describe, expect, test } from '@jest/globals';
import { layDemo } from '../../src/demo/lay';
import { nextOf } from '../../src/shelf/next';
import { inJarOrder } from '../../src/shelf/jarOrder';
import { seen } from '../../src/shelf/useShelf';
import type { ShelfJar } from '../../src/shelf/useShelf';
import { appendToJar, fridgeLog, standingJars } from '../../src/store/jars';
import { kitchenForEach } from '../setup';

kitchenForEach('next');
const T = Date.UTC(2026, 4, 1, 9);
const HOUR = 3_600_000;

async function shelf(at: number): Promise<readonly ShelfJar[]> {
  const fridge = await fridgeLog();
  return (await standingJars()).map((j) => seen(j, fridge, at)).filter((j) => 'now' in j);
}

describe('what to do next, from the demo’s shelf', () => {
  test('in order of when, each jar at most once beside its look', async () => {
    await layDemo(T);
    const next = nextOf(await shelf(T), [], T);
    expect(next.length).toBeGreaterThan(3);
    expect(next.map((n) => n.at)).toEqual([...next.map((n) => n.at)].sort((a, b) => a - b));
    expect(new Set(next.map((n) => n.key)).size).toBe(next.length);
    expect(next.filter((n) => n.begin === 'look')).toHaveLength(1);
  });
  test('what turned stands before everything, and asks to be thrown away', async () => {
    await layDemo(T);
    const jar = (await shelf(T)).find((j) => !j.pulp)?.jar.id ?? '';
    await appendToJar(jar, { is: 'looked', look: { signs: ['rope'] } }, T);
    const [first] = nextOf(await shelf(T + 1000), [], T + 1000);
    expect(first).toMatchObject({ jar, urgent: true, begin: 'throw' });
    expect((await shelf(T + 1000)).find((j) => j.jar.id === jar)?.stamp).toEqual({ word: 'TURNED', stop: true });
  });
  test('a look that was taken is asked for again a day later, not before', async () => {
    await layDemo(T);
    const asks = async (at: number) => nextOf(await shelf(at), [], at).find((n) => n.begin === 'look');
    const first = await asks(T);
    expect(first?.more).toMatch(/ten seconds/);
    await appendToJar(first?.jar ?? '', { is: 'looked', look: { signs: ['fine'] } }, T);
    expect((await asks(T + HOUR))?.jar).not.toBe(first?.jar);
  });
  test('past its time it is to be thrown away; with time and milk to spare, drunk or frozen', async () => {
    await layDemo(T);
    const late = T + 20 * 24 * HOUR;
    expect(nextOf(await shelf(late), [], late).every((n) => n.text.startsWith('Throw away'))).toBe(true);
    const soon = nextOf(await shelf(T), [], T).find((n) => n.more.includes('freeze'));
    expect(soon?.text).toMatch(/^Drink /);
  });
  test('jars by time left, by milk or by batch', async () => {
    await layDemo(T);
    const jars = (await shelf(T)).filter((j) => !j.pulp);
    const left = inJarOrder(jars, 'left').map((j) => j.now.keep?.s ?? 0);
    expect(left).toEqual([...left].sort((a, b) => a - b));
    const batches = inJarOrder(jars, 'batch').map((j) => j.batch.number);
    expect(batches).toEqual([...batches].sort((a, b) => b - a));
    expect(new Set(inJarOrder(jars, 'milk').map((j) => j.jar.id)).size).toBe(jars.length);
  });
});
