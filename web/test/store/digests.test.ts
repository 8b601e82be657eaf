import { expect, test } from '@jest/globals';
import { bookRows } from '../../src/store/book';
import { digestMissing, digestStale } from '../../src/store/digests';
import { copyDemo, kitchenForEach } from '../setup';

const open = kitchenForEach('digests');
const T = Date.UTC(2026, 4, 1, 9);
const at = (): Promise<void> => Promise.resolve();

test('a line of the book of another model, or of another log, is folded again and never shown', async () => {
  await copyDemo(T);
  const true_ = await bookRows(0, 50);
  await open().digests.toCollection().modify({ jarredMl: 1, model: 'older' });
  expect(await bookRows(0, 50)).toEqual(true_);
  await open()
    .digests.toCollection()
    .modify({ jarredMl: 2, model: true_[0]?.model ?? '', lines: 3 });
  expect(await bookRows(0, 50)).toEqual(true_);
});
test('lines of another model are brought up to date in the storage too', async () => {
  await copyDemo(T);
  const before = await open().digests.toArray();
  await open().digests.toCollection().modify({ jarredMl: 1, model: 'older' });
  await digestStale(at);
  expect(await open().digests.toArray()).toEqual(before);
});
test('a batch without its line gets one; a line without its batch goes', async () => {
  await copyDemo(T);
  const before = await open().digests.toArray();
  await open().digests.delete('demo-batch-3');
  await open().digests.put({ ...(before[0] as (typeof before)[number]), batch: 'nobody' });
  await open().digests.delete('demo-batch-4');
  await digestMissing();
  expect(await open().digests.toArray()).toEqual(before);
});
test('a batch that cannot be folded is named and stays open, and takes no other with it', async () => {
  await copyDemo(T);
  const one = await open().batches.get('demo-batch-5');
  if (!one) throw new Error('not there');
  await open().batches.put({ ...one, kit: { ...one.kit, things: [] } });
  await open().digests.clear();
  await digestMissing();
  const rows = await bookRows(0, 50);
  expect(rows.length).toBe(await open().batches.count());
  expect(rows.find((r) => r.batch === one.id)).toMatchObject({
    name: one.name,
    state: 'open',
    broken: true,
    jarredMl: null,
  });
});
