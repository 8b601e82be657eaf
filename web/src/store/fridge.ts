import { lineAt, linesOf } from '@ironpan/core/batch';
import { db } from './db';
import { keepFates } from './fates';
import { fateTables } from './wording';
import { newId } from './ids';
import { readKit } from './kit';

/**
 * Writes what a logger told of the fridge: its hours take the place of what a logger said of them before; what was set
 * in Kit stays, and holds again where the logger is silent. Jars that stand are reckoned by it from then on.
 * @param live it goes on telling: what was said before its first reading is of an earlier time, and stays
 * @returns how many lines its readings came to
 */
export async function saveLogger(
  readings: readonly { readonly at: number; readonly c: number }[],
  live = false,
): Promise<number> {
  const d = db();
  const [first, last] = [readings[0]?.at ?? 0, readings.at(-1)?.at ?? 0];
  // A line stands at the beginning of its hour.
  const from = live ? Math.floor(first / HOUR_MS) * HOUR_MS : first - HOUR_MS;
  const kit = await readKit();
  let written = 0;
  const jars = await d.transaction('rw', d.fridge, d.jars, async () => {
    const all = await d.fridge.orderBy('at').toArray();
    const set = all.filter((l) => l.hottestC === undefined);
    const old = all.filter((l) => l.hottestC !== undefined && l.at >= from && l.at <= last + HOUR_MS);
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
    return d.jars
      .where('filledAt')
      .between(first - LONGEST_MS, last)
      .primaryKeys();
  });
  // They spent their time otherwise than was thought; a few at a time, so that nothing waits.
  for (let i = 0; i < jars.length; i += AT_ONCE)
    await d.transaction('rw', [d.jars, d.jarEvents, d.batches, d.plans, d.fridge, ...fateTables(d)], () =>
      keepFates(jars.slice(i, i + AT_ONCE)),
    );
  return written;
}
const HOUR_MS = 3_600_000;
const AT_ONCE = 10;
/** No jar stands longer than a frozen one may, and some days of thaw, ms. */
const LONGEST_MS = 70 * 24 * HOUR_MS;
