import { isPulp, roleOf } from '@ironpan/core/kitchen';
import type { Role } from '@ironpan/core/kitchen';
import { jarNow } from '@ironpan/core/batch';
import type { FilledJar, FridgeLine, JarNow } from '@ironpan/core/batch';
import type { Layer } from '@ironpan/core/steps';
import { milkName, milkOf, streamName } from '@ironpan/core/words';
import { useMemo } from 'react';
import { fridgeLog, jarsFilledSince, standingJars } from '../store/jars';
import type { JarLog, JarWithLog } from '../store/jars';
import { useLive } from './live';

export interface ShelfJar extends JarWithLog {
  readonly now: JarNow;
  /** Whose milk, and which of its milks: “coconut milk, third extract”. */
  readonly name: string;
  /** Which of its milks alone; empty: the plain one, or pulp. */
  readonly part: string;
  readonly pulp: boolean;
  readonly tone: 'good' | 'soon' | 'past';
  /** Milk that was not boiled enough: nobody may drink it as it is. Raw pulp is expected to be raw. */
  readonly danger: boolean;
  /** As last seen, else as expected; null: pulp. */
  readonly layers: readonly Layer[] | null;
  /** What must be read from across the kitchen; null: nothing. */
  readonly stamp: { readonly word: string; readonly stop: boolean } | null;
}
const SOON_S = 24 * 3600;
/** Jars stand as they are at the turn of each minute: nothing on a shelf changes faster. */
const MINUTE = 60_000;

/** A jar that cannot be reckoned: told by itself, so that it takes no other with it. */
export interface BrokenJar extends JarWithLog {
  readonly why: string;
}
export interface Shelf {
  readonly jars: readonly ShelfJar[];
  readonly broken: readonly BrokenJar[];
}

/** What stands, what is left of it and how long it has. */
export function useShelf(nowMs: number): Shelf | undefined {
  const data = useLive(['standing'], standingJars).data;
  const fridge = useLive(['fridge'], fridgeLog).data;
  const minute = Math.floor(nowMs / MINUTE) * MINUTE;
  return useMemo(() => {
    if (!data || !fridge) return undefined;
    const all = data.map((j) => seen(j, fridge, minute));
    return {
      jars: all
        .filter((j) => 'now' in j)
        .sort((a, b) => (a.now.keep?.s ?? Infinity) - (b.now.keep?.s ?? Infinity) || a.jar.id.localeCompare(b.jar.id)),
      broken: all.filter((j) => 'why' in j),
    };
  }, [data, fridge, minute]);
}
/** What stands among pulp and by-products: what was in a cloth, a cap of fat, a skin. */
const BY_PRODUCTS: ReadonlySet<Role> = new Set(['pulp', 'cap', 'skin']);
/** The role of what is in a jar. */
export const roleInJar = (jar: Pick<FilledJar, 'stream' | 'product'>): Role => {
  const role = roleOf(jar.stream);
  // Jars of older versions had their role by the name of their stream alone.
  return role === 'milk' && (jar.product === 'cap' || jar.product === 'skin') ? jar.product : role;
};
/** One jar as it stands at an instant. */
export function seen(j: JarWithLog, fridge: readonly FridgeLine[], at: number): ShelfJar | BrokenJar {
  try {
    const now = jarNow(j.jar, j.events, j.batch, fridge, at);
    const left = now.keep?.s ?? Infinity;
    const pulp = BY_PRODUCTS.has(roleInJar(j.jar));
    const danger = !pulp && !now.done;
    const over = now.turned || left <= 0 || danger || (now.flour && now.spoiled);
    const part = isPulp(j.jar.stream) || j.jar.product === 'milk' ? '' : streamName(j.jar.product, j.batch.recipe);
    return {
      ...j,
      now,
      name: part === '' ? streamName(j.jar.product, j.batch.recipe) : `${milkName(milkOf(j.batch.recipe))}, ${part}`,
      part,
      pulp,
      danger,
      layers: pulp ? null : (now.seenLayers ?? now.expected?.layers ?? null),
      stamp: stampOf(now, left, danger),
      tone: over ? 'past' : left < SOON_S ? 'soon' : 'good',
    };
  } catch (e) {
    return { ...j, why: e instanceof Error ? e.message : String(e) };
  }
}
/** Not to be eaten goes before raw by nature, and that before what was handled after heating. */
function stampOf(now: JarNow, left: number, danger: boolean): ShelfJar['stamp'] {
  if (now.turned) return { word: 'TURNED', stop: true };
  if (danger) return { word: 'NOT BOILED', stop: true };
  if (left <= 0 || (now.flour && now.spoiled)) return { word: 'PAST', stop: true };
  if (!now.done) return { word: 'BOIL FIRST', stop: true };
  if (now.flour) return { word: 'DRY', stop: false };
  if (now.ice) return { word: now.ice.state.toUpperCase(), stop: false };
  if (now.hygiene === 'raw') return { word: 'RAW', stop: false };
  return now.hygiene === 'touched' ? { word: 'HANDLED', stop: false } : null;
}
const MONTH = 30 * 86_400_000;
/** Milk of the last thirty days, whatever became of it. */
export function useMonth(nowMs: number): readonly JarLog[] | undefined {
  // By the hour, so that the question, and the reading of the storage, is not a new one each second.
  const hour = Math.floor(nowMs / 3_600_000) * 3_600_000;
  return useLive(['month', hour], () => jarsFilledSince(hour - MONTH)).data;
}
