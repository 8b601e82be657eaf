import type { TastedSide, TastingRecord } from '@ironpan/core/records';
import { GoneError } from './batches';
import { db } from './db';
import { newId, newSeed } from './ids';

/** Every tasting, the last changed first. */
export const allTastings = (): Promise<TastingRecord[]> => db().tastings.orderBy('updatedAt').reverse().toArray();
/** One tasting; null: not here. */
export const oneTasting = async (id: string): Promise<TastingRecord | null> => (await db().tastings.get(id)) ?? null;

/** So many find a clear difference eight times in ten. */
const USUAL_N = 12;
/** Two milks to be tasted blind; its id. */
export async function addTasting(a: TastedSide, b: TastedSide, at: number): Promise<string> {
  const id = newId('tasting');
  await db().tastings.add({
    ...{ v: 1, id, kind: 'triangle', about: 'liked', expects: null, a, b, n: USUAL_N, seed: newSeed(), answers: [] },
    ...{ createdAt: at, updatedAt: at },
  });
  return id;
}
/** Changes a tasting. Once a cup was chosen its cups stay as they were poured. */
export function changeTasting(id: string, change: (t: TastingRecord) => TastingRecord, at: number): Promise<void> {
  const d = db();
  return d.transaction('rw', d.tastings, async () => {
    const t = await d.tastings.get(id);
    if (!t) throw new GoneError('this tasting');
    const poured = t.answers.length > 0 && { kind: t.kind, about: t.about, expects: t.expects, seed: t.seed };
    await d.tastings.put({ ...change(t), ...poured, updatedAt: at });
  });
}
/** Somebody chose a cup. Chosen twice (two windows), the first stands. */
export const answerTasting = (id: string, serving: number, by: string, cup: number, at: number): Promise<void> =>
  changeTasting(
    id,
    (t) => (t.answers.some((x) => x.serving === serving) ? t : { ...t, answers: [...t.answers, { serving, by, cup }] }),
    at,
  );
/** The last answer is taken back. */
export const unanswer = (id: string, at: number): Promise<void> =>
  changeTasting(id, (t) => ({ ...t, answers: t.answers.slice(0, -1) }), at);
/** Takes a tasting away. */
export const deleteTasting = (id: string): Promise<void> => db().tastings.delete(id);
/** Puts it back as it was. */
export const restoreTasting = (t: TastingRecord): Promise<unknown> => db().tastings.put(t);
