import { USUAL_HOURS } from '@ironpan/core/schedule';
import type { Hours } from '@ironpan/core/schedule';
import type { HoursRecord } from '@ironpan/core/records';
import { db } from './db';

const ID = 'hours';
/** When somebody is there; a kitchen that never said has the usual night. */
export async function readHours(): Promise<Hours> {
  const row = await db().hours.get(ID);
  if (!row) return USUAL_HOURS;
  const { v: _, id: __, updatedAt: ___, ...hours } = row;
  return hours;
}
/** Changes them as they stand now, whatever another window has changed meanwhile. */
export async function saveHours(change: (h: Hours) => Hours, at: number): Promise<void> {
  const d = db();
  await d.transaction('rw', d.hours, async () => {
    await d.hours.put({ v: 1, id: ID, ...change(await readHours()), updatedAt: at } satisfies HoursRecord);
  });
}
