import type { PhotoRecord } from '@ironpan/core/records';
import { db } from './db';
import { newId } from './ids';

/** Keeps a photograph of a jar. @returns its id, which a look then names. */
export async function keepPhoto(
  jar: string,
  of: { readonly width: number; readonly height: number; readonly jpeg: string },
  at: number,
): Promise<string> {
  const id = newId('photo');
  await db().photos.add({ v: 1, id, jar, at, ...of });
  return id;
}
/** A photograph; null: it was taken away. */
export const photoOf = async (id: string): Promise<PhotoRecord | null> => (await db().photos.get(id)) ?? null;
/** Takes a photograph away; looks that named it stay. @returns what puts it back. */
export async function dropPhoto(id: string): Promise<() => Promise<unknown>> {
  const d = db();
  return d.transaction('rw', d.photos, async () => {
    const was = await d.photos.get(id);
    await d.photos.delete(id);
    return async () => (was ? d.photos.put(was) : undefined);
  });
}
