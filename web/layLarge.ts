import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { digestOf, endOfJar, fateOfJar } from '@ironpan/core/batch';
import { backupBytes } from '@ironpan/core/formats';
import { NOTHING_LEARNED, together } from '@ironpan/core/learning';
import type { Evidence, Learned } from '@ironpan/core/learning';
import { groupBy } from '@ironpan/core/numerics';
import { milkOf } from '@ironpan/core/words';
import { largeKitchen } from './src/demo/large';

/**
 * Lays large kitchens down as lines of rows, a file a table, for the measurements in the browser (npm run bench:kitchen):
 * the same as the application stores, and the same kitchen as the archive it exports.
 */
const AT = Date.UTC(2026, 2, 14, 7, 30);
const SIZES = [50, 5000];
const IMPORTED = 1000;
const out = fileURLToPath(new URL('../.cache/large', import.meta.url));

function tablesOf(batches: number): Readonly<Record<string, readonly object[]>> {
  const { kit, plans, made, traces } = largeKitchen(batches, 7, AT);
  const logs = groupBy(
    made.flatMap((m) => m.jarEvents),
    (e) => e.jar,
  );
  const jars = made.flatMap((m) => m.jars);
  return {
    kit: [kit],
    plans,
    batches: made.map((m) => m.batch),
    events: made.flatMap((m) => m.events),
    jars,
    jarEvents: made.flatMap((m) => m.jarEvents),
    traces,
    learned: learnedFrom(
      made.filter((m) => m.jars.length > 0).flatMap((m) => digestOf(m.batch, m.events, m.progress).evidence),
    ),
    digests: made.map(({ batch, events, progress, jars: filled }) => ({
      ...digestOf(batch, events, progress),
      ...(filled.length === 0 && progress.state === 'finished' ? { state: 'open', evidence: [] } : {}),
      number: batch.number,
      name: batch.name,
      startedAt: batch.startedAt,
      milk: milkOf(batch.recipe),
      promisedMl: batch.promised.volumeMl,
    })),
    fates: made.flatMap((m) =>
      m.jars.map((j) => ({
        ...fateOfJar(j, logs.get(j.id) ?? [], m.batch, []),
        milk: milkOf(m.batch.recipe),
        method: plans.find((p) => p.id === m.batch.plan)?.from?.method ?? null,
      })),
    ),
    standing: jars.filter((j) => endOfJar(logs.get(j.id) ?? []) === null).map((j) => ({ jar: j.id })),
  };
}
function learnedFrom(evidence: readonly Evidence[]): readonly Learned[] {
  const by = new Map<string, Learned>();
  for (const e of evidence) {
    const had = by.get(e.coefficient) ?? NOTHING_LEARNED;
    by.set(e.coefficient, { coefficient: e.coefficient, ...together(had, e, 1) });
  }
  return [...by.values()];
}
for (const n of SIZES) {
  const dir = join(out, String(n));
  mkdirSync(dir, { recursive: true });
  const tables = tablesOf(n);
  for (const [table, rows] of Object.entries(tables))
    writeFileSync(join(dir, `${table}.jsonl`), rows.map((r) => JSON.stringify(r)).join('\n'));
  const readings = (tables.traces ?? []).reduce((sum, t) => sum + (t as { values: number[] }).values.length, 0);
  console.log(
    `${n} batches: ${tables.events?.length} log lines, ${tables.jars?.length} jars, ${readings} readings of a probe`,
  );
}
const { kit, plans, made, traces } = largeKitchen(IMPORTED, 9, AT);
const empty = { materials: [], methods: [], fridge: [], settings: [], undo: [] };
writeFileSync(
  join(out, 'kitchen.zip'),
  backupBytes(
    {
      ...empty,
      kit: [kit],
      plans,
      batches: made.map((m) => m.batch),
      events: made.flatMap((m) => m.events),
      jars: made.flatMap((m) => m.jars),
      jarEvents: made.flatMap((m) => m.jarEvents),
      traces,
    },
    AT,
  ),
);
