import { afterEach, beforeEach, expect, test } from '@jest/globals';
import { KitchenDb, setDatabase } from '../../src/store/db';
import { dropPhoto, keepPhoto, photoOf } from '../../src/store/photos';

const NAME = 'photo-kitchen';
let d: KitchenDb;
beforeEach(async () => {
  d = new KitchenDb(NAME);
  setDatabase(d);
  await d.open();
});
afterEach(async () => {
  await d.delete();
  setDatabase(undefined);
});

test('a photograph is kept by itself, taken away, and put back as it was', async () => {
  const id = await keepPhoto('jar-1', { width: 3, height: 4, jpeg: '/9j/AAAA' }, 7);
  const kept = { v: 1, id, jar: 'jar-1', at: 7, width: 3, height: 4, jpeg: '/9j/AAAA' };
  expect(await photoOf(id)).toEqual(kept);
  const back = await dropPhoto(id);
  expect(await photoOf(id)).toBeNull();
  await back();
  expect(await photoOf(id)).toEqual(kept);
});
test('taking away what is gone already is no fault, and brings nothing back', async () => {
  const back = await dropPhoto('photo-none');
  await back();
  expect(await d.photos.count()).toBe(0);
});
