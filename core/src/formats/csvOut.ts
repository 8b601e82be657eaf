import Papa from 'papaparse';
import type { Digest, Fate } from '../batch';
import type { BatchRecord, EventRecord } from '../records';
import { kindOf } from '../steps';
import type { Step } from '../steps';
import { fromInner } from '../units';

/** What a unit is called in a table; a count has none. */
const UNIT = { g: 'g', C: '°C', s: 's', min: 'min', h: 'h', count: '' } as const;
type Cell = string | number | null;
const FORMULA = /^[=+\-@\t\r＝＋－＠]/;
/**
 * A table as RFC 4180 has it: commas, CRLF, fields in quotes where they hold one of them, the heads first, decimal points
 * whatever the locale. A text that a spreadsheet would take for a formula is marked as text, with the full-width signs that
 * some of them take for the plain ones. No rows: the heads alone.
 */
export function csvOf(heads: readonly string[], rows: readonly (readonly Cell[])[]): string {
  return Papa.unparse([[...heads], ...rows.map((r) => [...r])], { newline: '\r\n', escapeFormulae: FORMULA });
}
const day = (ms: number): string => new Date(ms).toISOString();
/** Enough figures for any scale, and none that are only rounding. */
const figure = (x: number | null): number | null => (x === null ? null : Number(x.toPrecision(6)));
const share = (x: number | null): number | null => (x === null ? null : figure(100 * x));

/** A line of the book as the table needs it. */
export interface BatchLine extends Pick<Digest, 'batch' | 'state' | 'jarredMl' | 'measuredMl' | 'solids'> {
  readonly number: number;
  readonly name: string;
  readonly milk: string;
  readonly startedAt: number;
  readonly promisedMl: number;
}
const BATCH_HEADS = [
  'number',
  'name',
  'milk',
  'begun (UTC)',
  'state',
  'promised (ml)',
  'worked out (ml)',
  'measured (ml)',
  'solids (%)',
];
/** The batches of a kitchen, a line each. */
export const batchesCsv = (lines: readonly BatchLine[]): string =>
  csvOf(
    BATCH_HEADS,
    lines.map((b) => [
      ...[b.number, b.name, b.milk, day(b.startedAt), b.state],
      ...[figure(b.promisedMl), figure(b.jarredMl), figure(b.measuredMl), share(b.solids)],
    ]),
  );

const JAR_HEADS = [
  'batch',
  'product',
  'milk',
  'filled (UTC)',
  'filled (ml)',
  'end',
  'why thrown',
  'ended (UTC)',
  'fine for at least (days at 4 °C)',
  'turned by (days at 4 °C)',
  'thickness',
  'slip',
  'grit',
  'beany',
  'sweet',
  'liked',
];
/** The jars of a kitchen, a line each: what became of it and what was said. `numberOf`: of its batch. */
export const jarsCsv = (
  jars: readonly (Fate & { readonly milk: string })[],
  numberOf: ReadonlyMap<string, number>,
): string =>
  csvOf(
    JAR_HEADS,
    jars.map((j) => [
      ...[numberOf.get(j.batch) ?? null, j.product, j.milk, day(j.filledAt), figure(j.filledMl)],
      ...[j.end ?? 'standing', j.why, j.endedAt === null ? null : day(j.endedAt)],
      ...[figure(j.lasted?.fineD ?? null), figure(j.lasted?.turnedD ?? null)],
      ...(['thick', 'slip', 'grit', 'beany', 'sweet', 'liked'] as const).map((s) => j.said[s] ?? null),
    ]),
  );

const READING_HEADS = [
  'batch',
  'step',
  'step id',
  'reading',
  'value',
  'unit',
  'into its task (s)',
  'told by',
  'at (UTC)',
];
/** The readings of some batches with their logs, a line each, in the units a kitchen says them in. */
export const readingsCsv = (
  of: readonly {
    readonly batch: Pick<BatchRecord, 'number'>;
    readonly steps: readonly Step[];
    readonly events: readonly EventRecord[];
  }[],
): string =>
  csvOf(
    READING_HEADS,
    of.flatMap(({ batch, steps, events }) =>
      events.flatMap((e): Cell[][] => {
        if (e.is !== 'reading') return [];
        const kind = steps.find((s) => s.id === e.reading.step)?.kind;
        const spec = kind && kindOf(kind).readings[e.reading.what];
        if (!kind || !spec) return [];
        const value = figure(fromInner(e.reading.value, spec.shown));
        const { atS, source } = e.reading;
        return [
          [
            batch.number,
            kindOf(kind).label,
            e.reading.step,
            spec.label,
            value,
            UNIT[spec.shown],
            atS ?? null,
            source,
            day(e.at),
          ],
        ];
      }),
    ),
  );
