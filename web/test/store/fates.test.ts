import { expect, test } from '@jest/globals';
import { lastSeq } from '@ironpan/core/batch';
import { keepFates, allFates, fatesMissing, fatesOfBatches, fatesStale } from '../../src/store/fates';
import { appendToJar, jarsOfBatch, standingJars, takeBack } from '../../src/store/jars';
import { forgetLasting, keepLasting } from '../../src/store/lasting';
import { readHere } from '../../src/store/here';
import { append, oneBatch } from '../../src/store/batches';
import { copyDemo, kitchenForEach } from '../setup';

const open = kitchenForEach('fates');
const T = Date.UTC(2026, 4, 1, 9);

const noBreath = (): Promise<void> => Promise.resolve();

test('every jar has its fate, in the same transaction as what was said of it', async () => {
  await copyDemo(T);
  const jars = await open().jars.toArray();
  expect((await allFates()).map((f) => f.jar).sort()).toEqual(jars.map((j) => j.id).sort());
  const j = (await standingJars()).find((x) => x.jar.product === 'milk');
  if (!j) throw new Error('no jar');
  const said = await appendToJar(
    j.jar.id,
    [
      { is: 'looked', look: { signs: ['fine'], slip: 'slippery' } },
      { is: 'shaken', cameBack: 'partly' },
    ],
    T + 1000,
    lastSeq(j.events),
  );
  expect(said.ids).toHaveLength(2);
  const after = (await fatesOfBatches([j.batch.id])).find((f) => f.jar === j.jar.id);
  expect(after?.said.slip).toBe('slippery');
  expect(after?.lasted?.turnedD).toBeNull();
  await takeBack(j.jar.id, said.ids, T + 2000);
  expect((await fatesOfBatches([j.batch.id])).find((f) => f.jar === j.jar.id)?.said.slip).not.toBe('slippery');
});
test('fates that are missing, of fewer lines or of jars that are gone are put right', async () => {
  await copyDemo(T);
  const d = open();
  const before = await allFates();
  const [first, second] = before;
  if (!first || !second) throw new Error('no fates');
  await d.fates.delete(first.jar);
  await d.fates.put({ ...second, lines: second.lines + 1, looks: 99 });
  await d.fates.put({ ...first, jar: 'gone:milk:1' });
  // Their number is right: nothing is looked through until something says that they may be wrong.
  await fatesMissing(noBreath);
  expect(await d.fates.get(first.jar)).toBeUndefined();
  await fatesStale();
  await fatesMissing(noBreath);
  const sorted = (l: typeof before) => [...l].sort((a, b) => a.jar.localeCompare(b.jar));
  expect(sorted(await allFates())).toEqual(sorted(before));
});
test('a batch gone back to the bench and jarred anew takes its fates with it', async () => {
  await copyDemo(T);
  const d = open();
  const batch = (await d.digests.where('state').equals('finished').primaryKeys())[0] ?? '';
  await d.fates.where('batch').equals(batch).delete();
  const log = await oneBatch(batch);
  await append(batch, [{ is: 'note', text: 'again' }], T + 5, lastSeq(log?.events ?? []));
  const jars = await jarsOfBatch(batch);
  expect((await fatesOfBatches([batch])).map((f) => f.jar).sort()).toEqual(jars.map((j) => j.jar.id).sort());
  await keepFates(['nobody']);
});
test('what this kitchen may trust is what plans are folded with, until it can no longer be said', async () => {
  await copyDemo(T);
  await keepLasting({ id: 'keeping:soy-boiled', mean: 1.2, jars: 20, turned: 6 });
  expect((await readHere()).beliefs['keeping:soy-boiled']).toMatchObject({ mean: 1.2, n: 20 });
  await forgetLasting('keeping:soy-boiled');
  expect((await readHere()).beliefs['keeping:soy-boiled']).toBeUndefined();
});
