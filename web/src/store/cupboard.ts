import { MOST_STORED_G } from '@ironpan/core/records';
import { foodLines } from '@ironpan/core/steps';
import type { Cupboard } from '@ironpan/core/questions';
import { db } from './db';

/** What there is of a food, and what was counted. */
export interface CupboardNow extends Cupboard {
  readonly countedAt: number;
}
/** What is in the cupboard now: what was counted, without what batches have taken since. */
export async function readCupboard(): Promise<ReadonlyMap<string, CupboardNow>> {
  const d = db();
  const rows = await d.cupboard.toArray();
  if (rows.length === 0) return new Map();
  const since = Math.min(...rows.map((r) => r.countedAt));
  const begun = await d.batches.where('startedAt').above(since).toArray();
  return new Map(
    rows.map((r) => {
      const taken = begun
        .filter((b) => b.startedAt > r.countedAt)
        .flatMap((b) => foodLines(b.recipe))
        .reduce((s, l) => s + (l.material === r.id ? l.grams : 0), 0);
      const { packG, countedAt, haveG } = r;
      return [r.id, { haveG: haveG === null ? null : Math.max(0, haveG - taken), packG, countedAt }] as const;
    }),
  );
}
/** Says how much there is of a food now. */
export const countFood = (material: string, haveG: number, at: number): Promise<void> =>
  change(material, at, (r) => ({ ...r, haveG, countedAt: at }));
/** So much more of it came home. */
export async function buyFood(material: string, g: number, at: number): Promise<void> {
  const d = db();
  await d.transaction('rw', d.cupboard, d.batches, async () => {
    const had = (await readCupboard()).get(material)?.haveG ?? 0;
    await change(material, at, (r) => ({ ...r, haveG: had + g, countedAt: at }));
  });
}
/** Takes that back: as much as there was before, whatever was begun meanwhile. */
export const unbuyFood = (material: string, g: number, at: number): Promise<void> => buyFood(material, -g, at);
export const sayPack = (material: string, packG: number, at: number): Promise<void> =>
  change(material, at, (r) => ({ ...r, packG }));

interface Row {
  readonly haveG: number | null;
  readonly countedAt: number;
  readonly packG: number | null;
}
async function change(material: string, at: number, to: (r: Row) => Row): Promise<void> {
  const d = db();
  await d.transaction('rw', d.cupboard, async () => {
    const had = (await d.cupboard.get(material)) ?? { haveG: null, countedAt: at, packG: null };
    const r = to({ haveG: had.haveG, countedAt: had.countedAt, packG: had.packG });
    await d.cupboard.put({
      v: 1,
      id: material,
      ...r,
      haveG: r.haveG === null ? null : Math.min(MOST_STORED_G, Math.max(0, r.haveG)),
      updatedAt: at,
    });
  });
}
