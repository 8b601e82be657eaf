import { db } from './db';
import type { LastingRow } from './rows';

/** Keeps how long a milk may be trusted here; the same again is not written, so that nobody is told of nothing. */
export async function keepLasting(row: LastingRow): Promise<void> {
  const d = db();
  await d.transaction('rw', d.lasting, async () => {
    const had = await d.lasting.get(row.id);
    const same = had && had.mean === row.mean && had.jars === row.jars && had.turned === row.turned;
    if (!same) await d.lasting.put(row);
  });
}
/** Nothing can be said any more: the usual value holds. */
export const forgetLasting = (id: string): Promise<void> => db().lasting.delete(id);
