import { expect, test } from '@jest/globals';
import { lastSeq } from '@ironpan/core/batch';
import { wordFrom } from '@ironpan/core/steps';
import { allFates, fatesMissing, fatesStale } from '../../src/store/fates';
import { readHere } from '../../src/store/here';
import { appendToJar, standingJars, takeBack } from '../../src/store/jars';
import { allWording, countWordsFrom, readWording } from '../../src/store/wording';
import { copyDemo, kitchenForEach } from '../setup';

const open = kitchenForEach('wording');
const T = Date.UTC(2026, 4, 1, 9);
const noBreath = (): Promise<void> => Promise.resolve();
const thick = async () => (await allWording()).find((r) => r.scale === 'thick');
async function says(word: 'thin', times: number): Promise<readonly string[]> {
  const j = (await standingJars()).find((x) => x.batch.id === 'demo-batch-14' && x.jar.product === 'milk');
  if (!j) throw new Error('no jar');
  const looks = Array.from({ length: times }, () => ({ is: 'looked', look: { thick: word } }) as const);
  return (await appendToJar(j.jar.id, looks, T + 1000, lastSeq(j.events))).ids;
}

test('a word said of a jar moves where that word begins, for plans too; taken back, it is as it was', async () => {
  await copyDemo(T);
  const before = await thick();
  const began = wordFrom('thick', 'likeMilk', (await readHere()).beliefs);
  const ids = await says('thin', 6);
  expect((await thick())?.said).toHaveLength((before?.said.length ?? 0) + 6);
  expect(wordFrom('thick', 'likeMilk', (await readHere()).beliefs)).toBeGreaterThan(1.1 * began);
  const jar = (await allFates()).find((f) => f.worded.filter((w) => w.word === 'thin').length === 6)?.jar ?? '';
  await takeBack(jar, ids, T + 2000);
  expect(await thick()).toEqual(before);
});
test('begun anew, what was said before counts no more; counted again, it does', async () => {
  await copyDemo(T);
  const before = await readWording();
  await countWordsFrom('thick', T + 1, T + 1);
  expect((await thick())?.wording).toBeNull();
  expect((await thick())?.beforeAt).toBe(T + 1);
  expect((await readWording()).map((w) => w.scale)).not.toContain('thick');
  await countWordsFrom('thick', null, T + 2);
  expect(await readWording()).toEqual(before);
});
test('reckoned anew from the logs it is the same', async () => {
  await copyDemo(T);
  await says('thin', 3);
  const before = await allWording();
  await open().fates.clear();
  await open().wording.clear();
  await fatesStale();
  await fatesMissing(noBreath);
  const sorted = (all: typeof before) =>
    all.map((r) => ({ ...r, said: [...r.said].sort((a, b) => a.at - b.at || a.jar.localeCompare(b.jar)) }));
  expect(sorted(await allWording()).map((r) => r.said)).toEqual(sorted(before).map((r) => r.said));
  for (const [i, r] of (await allWording()).entries())
    for (const [k, b] of (r.wording?.bounds ?? []).entries())
      expect(b.times).toBeCloseTo(before[i]?.wording?.bounds[k]?.times ?? 0, 3);
});
