import { lineAt, linesOf } from '@ironpan/core/batch';
import { db } from './db';
import { areFatesStale, fatesFresh, fatesStale, keepFates } from './fates';
import { fateTables } from './wording';
import { newId } from './ids';
import { readKit, saveKit } from './kit';

interface SaveHow {
  readonly live?: boolean;
  readonly fridgeC?: number | null;
  readonly at?: number;
}
/**
 * Writes what a logger told of the fridge: its hours take the place of what a logger said of them before; what was set
 * in Kit stays, and holds again where the logger is silent. Jars that stand are reckoned by it from then on.
 * @param how `live`: it goes on telling: what was said before its first reading is of an earlier time, and stays.
 *   `fridgeC`: the kit's fridge is set to it, in the same transaction, at the instant `at`.
 * @returns how many lines its readings came to
 */
export async function saveLogger(
  readings: readonly { readonly at: number; readonly c: number }[],
  { live = false, fridgeC = null, at = last(readings) }: SaveHow = {},
): Promise<number> {
  const d = db();
  const [first, end] = [readings[0]?.at ?? 0, last(readings)];
  // A line stands at the beginning of its hour.
  const from = live ? Math.floor(first / HOUR_MS) * HOUR_MS : first - HOUR_MS;
  let written = 0;
  const { jars, wasStale } = await d.transaction('rw', [d.kit, d.fridge, d.jars, d.fates, d.settings], async () => {
    if (fridgeC !== null) await saveKit((k) => ({ ...k, fridgeC }), at);
    const kit = await readKit();
    const all = await d.fridge.orderBy('at').toArray();
    const set = all.filter((l) => l.hottestC === undefined);
    const old = all.filter((l) => l.hottestC !== undefined && l.at >= from && l.at <= end + HOUR_MS);
    const elseC = (at: number): number => lineAt(set, at)?.placeC ?? kit.fridgeC;
    const lines = linesOf(
      readings,
      elseC,
      set.map((l) => l.at),
    );
    await d.fridge.bulkDelete(old.map((l) => l.id));
    await d.fridge.bulkPut(lines.map((l) => ({ v: 1 as const, id: newId('fridge'), ...l })));
    written = lines.length;
    // Whatever stood in it in those days: also what was finished since.
    const stood = await d.jars
      .where('filledAt')
      .between(first - LONGEST_MS, end)
      .primaryKeys();
    const stale = await areFatesStale();
    // Cut off before they are worked out again, the next start does it.
    await fatesStale(stood);
    return { jars: stood, wasStale: stale };
  });
  // They spent their time otherwise than was thought; a few at a time, so that nothing waits.
  for (let i = 0; i < jars.length; i += AT_ONCE)
    await d.transaction('rw', [d.jars, d.jarEvents, d.batches, d.plans, d.fridge, ...fateTables(d)], () =>
      keepFates(jars.slice(i, i + AT_ONCE)),
    );
  if (!wasStale) await fatesFresh();
  return written;
}
const last = (readings: readonly { readonly at: number }[]): number => readings.at(-1)?.at ?? 0;
const HOUR_MS = 3_600_000;
const AT_ONCE = 10;
/** No jar stands longer than a frozen one may, and some days of thaw, ms. */
const LONGEST_MS = 70 * 24 * HOUR_MS;
