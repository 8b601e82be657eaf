import { INSTRUMENTS } from '@ironpan/core/instruments';
import type { Instrument } from '@ironpan/core/instruments';
import { db } from './db';
import { realm } from './realm';

const KEY = 'paired';
/** The instruments that ship with Ironpan tell invented figures: they have no place in a cook's own kitchen. */
export const standInsHere = (): boolean => realm() !== 'kitchen';

/** Which instruments the bench listens to. Practice has all of them until one is put away. */
export async function readPaired(): Promise<readonly Instrument[]> {
  if (!standInsHere()) return [];
  const kept = (await db().settings.get(KEY))?.value as readonly Instrument[] | undefined;
  return kept ?? (realm() === 'practice' ? INSTRUMENTS : []);
}
/** Pairs one, or puts it away. */
export function keepPaired(of: Instrument, on: boolean): Promise<void> {
  const d = db();
  return d.transaction('rw', d.settings, async () => {
    const had = await readPaired();
    await d.settings.put({ key: KEY, value: INSTRUMENTS.filter((i) => (i === of ? on : had.includes(i))) });
  });
}
