import { describe, expect, test } from '@jest/globals';
import { asked, nextOf } from '../src/live/next';
import { answer, readAnswers } from '../src/store/answers';
import { inJarOrder } from '../src/shelf/jarOrder';
import { seen } from '../src/live/shelf';
import type { ShelfJar } from '../src/live/shelf';
import { appendToJar, fridgeLog, standingJars } from '../src/store/jars';
import { copyDemo, kitchenForEach } from './setup';

kitchenForEach('next');
const T = Date.UTC(2026, 4, 1, 9);
const HOUR = 3_600_000;

async function shelf(at: number): Promise<readonly ShelfJar[]> {
  const fridge = await fridgeLog();
  return (await standingJars()).map((j) => seen(j, fridge, at)).filter((j) => 'now' in j);
}

describe('what to do next, from the demo’s shelf', () => {
  test('in order of when, each jar at most once beside its look', async () => {
    await copyDemo(T);
    const next = nextOf(await shelf(T), [], T);
    expect(next.length).toBeGreaterThan(3);
    expect(next.map((n) => n.at)).toEqual([...next.map((n) => n.at)].sort((a, b) => a - b));
    expect(new Set(next.map((n) => n.key)).size).toBe(next.length);
    expect(next.filter((n) => n.begin === 'look')).toHaveLength(1);
  });
  test('what turned stands before everything, and asks to be thrown away', async () => {
    await copyDemo(T);
    const jar = (await shelf(T)).find((j) => !j.pulp)?.jar.id ?? '';
    await appendToJar(jar, { is: 'looked', look: { signs: ['rope'] } }, T);
    const [first] = nextOf(await shelf(T + 1000), [], T + 1000);
    expect(first).toMatchObject({ jar, urgent: true, begin: 'throw' });
    expect((await shelf(T + 1000)).find((j) => j.jar.id === jar)?.stamp).toEqual({ word: 'TURNED', stop: true });
  });
  test('a look that was taken is asked for again a day later, not before', async () => {
    await copyDemo(T);
    const asks = async (at: number) => nextOf(await shelf(at), [], at).find((n) => n.begin === 'look');
    const first = await asks(T);
    expect(first?.more).toMatch(/ten seconds/);
    await appendToJar(first?.jar ?? '', { is: 'looked', look: { signs: ['fine'] } }, T);
    expect((await asks(T + HOUR))?.jar).not.toBe(first?.jar);
  });
  test('past its time it is to be thrown away; with time and milk to spare, drunk or frozen', async () => {
    await copyDemo(T);
    const late = T + 20 * 24 * HOUR;
    expect(nextOf(await shelf(late), [], late).every((n) => n.text.startsWith('Throw away'))).toBe(true);
    const soon = nextOf(await shelf(T), [], T).find((n) => n.or !== undefined);
    expect(soon?.text).toMatch(/^Drink /);
  });
  test('jars by time left, by milk or by batch', async () => {
    await copyDemo(T);
    const jars = (await shelf(T)).filter((j) => !j.pulp);
    const left = inJarOrder(jars, 'left').map((j) => j.now.keep?.s ?? 0);
    expect(left).toEqual([...left].sort((a, b) => a - b));
    const batches = inJarOrder(jars, 'batch').map((j) => j.batch.number);
    expect(batches).toEqual([...batches].sort((a, b) => b - a));
    expect(new Set(inJarOrder(jars, 'milk').map((j) => j.jar.id)).size).toBe(jars.length);
  });
  test('put off, it is asked again at its hour; refused, never; what nobody may drink cannot be refused', async () => {
    await copyDemo(T);
    const late = T + 20 * 24 * HOUR;
    const items = nextOf(await shelf(T), [], T);
    const [first, second] = items;
    if (!first || !second) throw new Error('nothing to do');
    await answer(first.keys, { until: T + 3 * HOUR, at: T }, T);
    await answer(second.keys, { until: null, at: T }, T);
    const said = await readAnswers();
    expect(asked(items, said, T).off.map((i) => i.key)).toEqual([first.key, second.key]);
    expect(asked(items, said, T + 4 * HOUR).off.map((i) => i.key)).toEqual([second.key]);
    await answer(second.keys, null, T);
    expect(asked(items, await readAnswers(), T + 4 * HOUR).off).toEqual([]);
    const urgent = nextOf(await shelf(late), [], late);
    await answer(
      urgent.flatMap((i) => i.keys),
      { until: null, at: late },
      late,
    );
    expect(asked(urgent, await readAnswers(), late).open).toHaveLength(urgent.length);
  });
  test('answers are forgotten after a season', async () => {
    await answer(['a'], { until: null, at: T }, T);
    await answer(['b'], { until: null, at: T + 100 * 24 * HOUR }, T + 100 * 24 * HOUR);
    expect(Object.keys(await readAnswers())).toEqual(['b']);
  });
  test('what lies firm on the bottom is shaken once a day; shaken, it is asked no more until tomorrow', async () => {
    await copyDemo(T);
    const soon = T + 30 * HOUR;
    const shakes = async (at: number) => nextOf(await shelf(at), [], at).filter((n) => n.text.startsWith('Shake'));
    const [first] = await shakes(soon);
    expect(first?.done?.say).toMatchObject({ is: 'shaken' });
    await appendToJar(first?.jar ?? '', { is: 'shaken', cameBack: 'wholly' }, soon);
    expect((await shakes(soon + HOUR)).map((n) => n.jar)).not.toContain(first?.jar);
  });
});
