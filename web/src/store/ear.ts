import type { Taught } from '@ironpan/core/detect';
import { db } from './db';

const KEY = 'ear';
/** What the ear was taught of this kitchen and its jug, two figures; no sound is ever kept. null: nothing. */
export const readTaught = async (): Promise<Taught | null> =>
  ((await db().settings.get(KEY))?.value as Taught | undefined) ?? null;
/** Keeps it, or forgets it. */
export const keepTaught = async (t: Taught | null): Promise<void> => {
  if (t === null) await db().settings.delete(KEY);
  else await db().settings.put({ key: KEY, value: t });
};
