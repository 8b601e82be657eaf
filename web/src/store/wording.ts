import { learnWording, MOST_WORDED, WORD_SCALES } from '@ironpan/core/learning';
import type { Worded, Wording } from '@ironpan/core/learning';
import type { WordScale } from '@ironpan/core/steps';
import { db } from './db';
import type { KitchenDb } from './db';
import type { FateRow, WordingRow } from './rows';

/** The tables that follow from what became of a jar: a transaction that keeps fates holds these. */
export const fateTables = (d: KitchenDb) => [d.fates, d.wording, d.leftOut];
/** How what is left out of the words of a scale is named. */
const leftOutId = (scale: WordScale): string => `word:${scale}`;

/** Inside a transaction: what these jars were said to be comes in place of what was said of them before. */
export async function reworded(before: readonly FateRow[], rows: readonly FateRow[], fit: boolean): Promise<void> {
  const jars = new Set([...before, ...rows].map((f) => f.jar));
  // A jar of which nothing was ever said changes no word.
  const scales = WORD_SCALES.filter((s) => [...before, ...rows].some((f) => f.worded.some((w) => w.scale === s)));
  if (scales.length === 0) return;
  const d = db();
  const had = await d.wording.bulkGet([...scales]);
  const come = rows.flatMap((f) => f.worded.map((w) => ({ ...w, jar: f.jar })));
  const next = scales.map((scale, i): WordingRow => {
    const stays = had[i]?.said.filter((w) => !jars.has(w.jar)) ?? [];
    const said = [...stays, ...come.filter((w) => w.scale === scale)].sort((a, b) => a.at - b.at).slice(-MOST_WORDED);
    return { scale, said, wording: had[i]?.wording ?? null };
  });
  await d.wording.bulkPut(next);
  if (fit) await fitWording(scales);
}
/** Inside a transaction: where the words of these scales begin is fitted anew. */
export async function fitWording(scales: readonly WordScale[] = WORD_SCALES): Promise<void> {
  const d = db();
  const rows = (await d.wording.bulkGet([...scales])).filter((r) => r !== undefined);
  const out = await d.leftOut.bulkGet(rows.map((r) => leftOutId(r.scale)));
  await d.wording.bulkPut(
    rows.map((r, i) => ({ ...r, wording: learnWording(r.scale, since(r.said, out[i]?.beforeAt ?? null)) })),
  );
}
const since = <W extends Worded>(said: readonly W[], at: number | null): readonly W[] =>
  at === null ? said : said.filter((w) => w.at >= at);

/** What was fitted, where anybody said a word. */
export const readWording = async (): Promise<readonly Wording[]> =>
  (await db().wording.toArray()).flatMap((r) => r.wording ?? []);
/** The same with every word that was said, and from when on they count; null: all of them. */
export interface WordingNow extends WordingRow {
  readonly beforeAt: number | null;
}
export async function allWording(): Promise<readonly WordingNow[]> {
  const d = db();
  const rows = (await d.wording.bulkGet([...WORD_SCALES])).flatMap((r) => (r && r.said.length > 0 ? [r] : []));
  const out = await d.leftOut.bulkGet(rows.map((r) => leftOutId(r.scale)));
  return rows.map((r, i) => ({ ...r, beforeAt: out[i]?.beforeAt ?? null }));
}
/** Words said before this instant count no more; null: all of them count again. */
export function countWordsFrom(scale: WordScale, from: number | null, at: number): Promise<void> {
  const d = db();
  return d.transaction('rw', d.wording, d.leftOut, async () => {
    const id = leftOutId(scale);
    if (from === null) await d.leftOut.delete(id);
    else await d.leftOut.put({ v: 1, id, batches: [], beforeAt: from, updatedAt: at });
    await fitWording([scale]);
  });
}
