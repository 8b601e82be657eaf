import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { digestOf, endOfJar, fateOfJar } from '@ironpan/core/batch';
import { backupBytes } from '@ironpan/core/formats';
import { groupBy, seededRandom } from '@ironpan/core/numerics';
import type { JarEventRecord, PhotoRecord } from '@ironpan/core/records';
import { milkOf } from '@ironpan/core/words';
import { largeKitchen } from './src/demo/large';
import type { Made } from './src/demo/history';
import { learnedOf } from './src/store/learnedRows';
import type { DigestRow } from './src/store/rows';

/**
 * Lays large kitchens down as lines of rows, a file a table, for the measurements in the browser (npm run bench:kitchen):
 * the same as the application stores, and the same kitchen as the archive it exports.
 */
const AT = Date.UTC(2026, 2, 14, 7, 30);
const LARGEST = 5000;
const SIZES = [50, LARGEST];
/** The largest was kept for so long, years. */
const YEARS = 10;
const IMPORTED = 1000;
/** Of so many jars one was photographed: 400 of those of 5000 batches. */
const JARS_A_PHOTO = 30;
const out = fileURLToPath(new URL('../.cache/large', import.meta.url));

function tablesOf(batches: number): Readonly<Record<string, readonly object[]>> {
  // Both are made at one pace: what is compared is how long a kitchen has been kept, not how much it makes a month.
  const { kit, plans, made, traces } = largeKitchen(batches, 7, AT, true, (YEARS * batches) / LARGEST);
  const logs = groupBy(
    made.flatMap((m) => m.jarEvents),
    (e) => e.jar,
  );
  const jars = made.flatMap((m) => m.jars);
  const shot = photographed(made);
  const digests = made.map(({ batch, events, progress, jars: filled }): DigestRow => ({
    ...digestOf(batch, events, progress),
    ...(filled.length === 0 && progress.state === 'finished' ? { state: 'open', evidence: [] } : {}),
    number: batch.number,
    name: batch.name,
    startedAt: batch.startedAt,
    milk: milkOf(batch.recipe),
    promisedMl: batch.promised.volumeMl,
    plan: batch.plan,
  }));
  return {
    kit: [kit],
    plans,
    batches: made.map((m) => m.batch),
    events: made.flatMap((m) => m.events),
    jars,
    jarEvents: [...made.flatMap((m) => m.jarEvents), ...shot.looks],
    photos: shot.photos,
    traces,
    learned: learnedOf(digests),
    digests,
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
/** A photograph as large as one is kept. Nothing of it is to be seen: it is never opened here. */
const PHOTO_LETTERS = 200_000;
/** Looks with photographs, a few of jars that still stand. */
function photographed(made: readonly Made[]): {
  readonly looks: readonly JarEventRecord[];
  readonly photos: readonly PhotoRecord[];
} {
  const random = seededRandom(5);
  const letters = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/';
  const some = Array.from({ length: PHOTO_LETTERS }, () => letters[Math.floor(random() * 64)] ?? 'A').join('');
  const jars = made.flatMap((m) => m.jars).reverse();
  const shot = jars.filter((_, i) => i % JARS_A_PHOTO === 0);
  const frame = { left: 0.2, right: 0.8, top: 0.3, bottom: 0.9, tilt: 0 };
  return {
    photos: shot.map((j, i) => {
      const turn = (i * 7919) % PHOTO_LETTERS;
      const jpeg = `/9j/${some.slice(turn)}${some.slice(0, turn)}`;
      return { v: 1, id: `photo-${j.id}`, jar: j.id, at: j.filledAt + 1000, width: 960, height: 1280, jpeg };
    }),
    looks: shot.map((j) => {
      const look = { signs: ['fine' as const], photo: { of: `photo-${j.id}`, frame } };
      return { v: 6, id: `look-${j.id}`, jar: j.id, seq: 100, at: j.filledAt + 1000, is: 'looked', look };
    }),
  };
}
for (const n of SIZES) {
  const dir = join(out, String(n));
  mkdirSync(dir, { recursive: true });
  const tables = tablesOf(n);
  for (const [table, rows] of Object.entries(tables))
    writeFileSync(join(dir, `${table}.jsonl`), rows.map((r) => JSON.stringify(r)).join('\n'));
  const readings = (tables.traces ?? []).reduce((sum, t) => sum + (t as { values: number[] }).values.length, 0);
  console.log(
    `${n} batches: ${tables.events?.length} log lines, ${tables.jars?.length} jars, ${tables.photos?.length} photographs, ${readings} readings of a probe`,
  );
}
const { kit, plans, made, traces } = largeKitchen(IMPORTED, 9, AT);
const empty = {
  materials: [],
  methods: [],
  fridge: [],
  settings: [],
  undo: [],
  photos: [],
  wishes: [],
  hours: [],
  rhythms: [],
  trials: [],
  tastings: [],
  cupboard: [],
  leftOut: [],
};
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
