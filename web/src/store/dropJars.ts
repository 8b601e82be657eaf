import type { KitchenDb } from './db';

/** The tables that a jar's leaving touches, besides its fate. */
export const tablesOfJars = (d: KitchenDb) => [d.jars, d.standing, d.jarEvents, d.photos];
/** Inside a transaction over them: jars that never were, with their logs and photographs, which nothing else would name. */
export async function dropJars(d: KitchenDb, ids: readonly string[]): Promise<void> {
  const some = [...ids];
  await d.jars.bulkDelete(some);
  await d.standing.bulkDelete(some);
  await d.jarEvents.where('jar').anyOf(some).delete();
  await d.photos.where('jar').anyOf(some).delete();
}
