import { afterEach, beforeEach } from '@jest/globals';
import { KitchenDb, setDatabase } from '../src/store/db';

let count = 0;
/** A new, empty kitchen for each test. */
export function kitchenForEach(name = 'test'): () => KitchenDb {
  let d: KitchenDb;
  beforeEach(async () => {
    count += 1;
    d = new KitchenDb(`${name}-${count}-demo`);
    await d.open();
    setDatabase(d);
  });
  afterEach(() => {
    d.close();
    setDatabase(undefined);
  });
  return () => d;
}
