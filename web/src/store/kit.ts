import { USUAL_KIT } from '@ironpan/core/kitchen';
import type { Kit } from '@ironpan/core/kitchen';
import type { KitRecord, SettingsRecord } from '@ironpan/core/records';
import { db } from './db';
import { newId } from './ids';

/** This kitchen; until something is changed, the usual one. */
export async function readKit(): Promise<KitRecord> {
  return (await db().kit.get('kit')) ?? { ...USUAL_KIT, updatedAt: 0 };
}
/** Settings of the fridge within this time are one, ms: a figure being typed is not a fridge being turned. */
const ONE_TURN_MS = 60_000;
/** Changes the kitchen; a fridge set to another temperature is written into its log, which jars are kept by. */
export function saveKit(change: (k: Kit) => Kit, at: number): Promise<void> {
  const d = db();
  return d.transaction('rw', d.kit, d.fridge, async () => {
    const now = await readKit();
    const then = change(now);
    await d.kit.put({ ...then, v: 2, id: 'kit', rev: now.rev + 1, updatedAt: at });
    if (then.fridgeC === now.fridgeC) return;
    const last = await d.fridge.orderBy('at').last();
    if (!last) await d.fridge.add({ v: 1, id: newId('fridge'), at: now.updatedAt, placeC: now.fridgeC });
    const sameTurn = last !== undefined && Math.abs(at - last.at) < ONE_TURN_MS;
    await d.fridge.put({
      v: 1,
      id: sameTurn ? last.id : newId('fridge'),
      at: sameTurn ? last.at : at,
      placeC: then.fridgeC,
    });
  });
}
/** The kit as a batch keeps it: what the fold uses, without the bookkeeping of the record. */
export function frozenKit({ updatedAt: _, ...kit }: KitRecord): Kit {
  return kit;
}
export type Settings = Omit<SettingsRecord, 'v' | 'id'>;
/** The row of the settings table that holds how figures are shown. */
export const PREFERENCES = 'settings';
/** How figures are shown until something is chosen. */
export const USUAL: Settings = { cups: 'none', us: false, keys: true };
/** How figures are shown. */
export async function readSettings(): Promise<Settings> {
  const row = await db().settings.get(PREFERENCES);
  return { ...USUAL, ...(row?.value as Partial<Settings> | undefined) };
}
/** Keeps how figures are shown. */
export async function saveSettings(s: Settings): Promise<void> {
  await db().settings.put({ key: PREFERENCES, value: s });
}
/** A note of the application to itself; null: none. */
export async function readNote<T>(key: string): Promise<T | null> {
  return ((await db().settings.get(key))?.value as T | undefined) ?? null;
}
