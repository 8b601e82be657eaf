import { USUAL_KIT } from '@ironpan/core/kitchen';
import type { Kit } from '@ironpan/core/kitchen';
import type { KitRecord } from '@ironpan/core/records';
import { db } from './db';

/** This kitchen; until something is changed, the usual one. */
export async function readKit(): Promise<KitRecord> {
  return (await db().kit.get('kit')) ?? { ...USUAL_KIT, updatedAt: 0 };
}
export function saveKit(change: (k: Kit) => Kit, at: number): Promise<void> {
  const d = db();
  return d.transaction('rw', d.kit, async () => {
    const now = await readKit();
    await d.kit.put({ ...change(now), v: 2, id: 'kit', rev: now.rev + 1, updatedAt: at });
  });
}
/** The kit as a batch keeps it: what the fold uses, without the bookkeeping of the record. */
export function frozenKit({ updatedAt: _, ...kit }: KitRecord): Kit {
  return kit;
}
export interface Settings {
  /** Show cups beside grams: of which size. */
  readonly cups: 'none' | 'us' | 'metric' | 'own';
  /** Ounces, °F and inches beside grams, °C and cm. */
  readonly us: boolean;
  /** One-letter keys for the places. */
  readonly keys: boolean;
}
const USUAL: Settings = { cups: 'none', us: false, keys: true };
export async function readSettings(): Promise<Settings> {
  const row = await db().settings.get('settings');
  return { ...USUAL, ...(row?.value as Partial<Settings> | undefined) };
}
export async function saveSettings(s: Settings): Promise<void> {
  await db().settings.put({ key: 'settings', value: s });
}
export async function readNote<T>(key: string): Promise<T | null> {
  return ((await db().settings.get(key))?.value as T | undefined) ?? null;
}
