import Papa from 'papaparse';
import { kindOf } from '../steps';
import type { Reading, Step } from '../steps';
import { parseNumber, toInner, unitsOf } from '../units';
import type { InnerUnit, UnitName } from '../units';

/** One line of a table of readings, as it was written. */
export interface ReadingLine {
  /** In the file, the head being 1. */
  readonly line: number;
  readonly batch: string;
  readonly step: string;
  readonly stepId: string;
  readonly reading: string;
  readonly value: string;
  readonly unit: string;
  readonly atS: string;
}
/** Why a table, or a line of it, cannot be taken, as data; `words/readingsIn` says it. */
export type ReadingFault =
  | { readonly is: 'empty' }
  | { readonly is: 'tooMany'; readonly rows: number; readonly most: number }
  | { readonly is: 'heads'; readonly missing: readonly string[]; readonly has: readonly string[] }
  | { readonly is: 'quotes'; readonly line: number }
  | {
      readonly is:
        | 'batch'
        | 'open'
        | 'step'
        | 'twoSteps'
        | 'reading'
        | 'number'
        | 'ambiguous'
        | 'unit'
        | 'noUnit'
        | 'bounds';
      readonly line: number;
      /** What was written there, and what may be. */
      readonly text: string;
      readonly may: readonly string[];
    };
/** More at once are more than a cook wrote down; the file is to be cut. */
export const MOST_READING_LINES = 20_000;

const HEADS = ['batch', 'step', 'reading', 'value', 'unit'] as const;
type More = 'step id' | 'into its task (s)';
/** A head as it is known: small letters, and its unit left out where there is a column for units. */
const headOf = (text: string): string =>
  text
    .replace(/^\uFEFF/, '')
    .trim()
    .toLowerCase();

/** The lines of a table of readings: columns in any order, commas, semicolons or tabs between them. */
export function readReadings(text: string): {
  readonly lines: readonly ReadingLine[];
  readonly faults: readonly ReadingFault[];
} {
  const none = (fault: ReadingFault) => ({ lines: [], faults: [fault] });
  const parsed = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy', delimitersToGuess: [',', ';', '\t'] });
  const [heads, ...rows] = parsed.data;
  if (!heads || rows.length === 0) return none({ is: 'empty' });
  const broken = parsed.errors.find((e) => e.type === 'Quotes');
  if (broken) return none({ is: 'quotes', line: (broken.row ?? 0) + 1 });
  if (rows.length > MOST_READING_LINES) return none({ is: 'tooMany', rows: rows.length, most: MOST_READING_LINES });
  const has = heads.map(headOf);
  const missing = HEADS.filter((h) => !has.includes(h));
  if (missing.length > 0)
    return none({ is: 'heads', missing, has: heads.map((h) => h.trim()).filter((h) => h !== '') });
  const cell = (row: readonly string[], head: (typeof HEADS)[number] | More): string =>
    (row[has.indexOf(head)] ?? '').trim();
  // Where semicolons part the fields, a comma in a figure is its decimal mark.
  const decimal = (v: string): string =>
    parsed.meta.delimiter === ';' && /^[^.,]*,\d+$/.test(v) ? v.replace(',', '.') : v;
  const lines = rows.map((row, i): ReadingLine => ({
    line: i + 2,
    batch: cell(row, 'batch'),
    step: cell(row, 'step'),
    stepId: cell(row, 'step id'),
    reading: cell(row, 'reading'),
    value: decimal(cell(row, 'value')),
    unit: cell(row, 'unit'),
    atS: decimal(cell(row, 'into its task (s)')),
  }));
  return { lines, faults: [] };
}

/** A batch of this kitchen that a line may speak of. */
export interface ReadableBatch {
  readonly id: string;
  readonly open: boolean;
  readonly steps: readonly Step[];
  /** What stands of its readings now. */
  readonly readings: readonly Reading[];
}
export interface ReadIn {
  readonly batch: string;
  readonly reading: Omit<Reading, 'id'>;
  /** It comes in place of one that says otherwise. */
  readonly corrects: boolean;
}
export interface ReadingsMatched {
  readonly come: readonly ReadIn[];
  /** Lines that say what is known already. */
  readonly same: number;
  readonly faults: readonly ReadingFault[];
}
/** What a unit is called in a file. */
const UNIT_WORDS: Readonly<Record<string, UnitName>> = { '°c': 'C', '°f': 'F', c: 'C', f: 'F', l: 'l', sec: 's' };
const unitOf = (text: string, inner: InnerUnit): UnitName | null => {
  const name = UNIT_WORDS[text.toLowerCase()] ?? (text === '' && inner === 'count' ? 'count' : text.toLowerCase());
  return unitsOf(inner).find((u) => u === name) ?? null;
};
const shownUnit = (u: UnitName): string => (u === 'C' ? '°C' : u === 'F' ? '°F' : u === 'count' ? 'no unit' : u);

/** Each line in its batch; `of`: by the number of a batch, null: there is none of it. One fault, and nothing is to be taken. */
export function matchReadings(
  lines: readonly ReadingLine[],
  of: (number: string) => ReadableBatch | null,
): ReadingsMatched {
  const come: ReadIn[] = [];
  const faults: ReadingFault[] = [];
  let same = 0;
  for (const l of lines) {
    const found = matched(l, of);
    if ('is' in found) faults.push(found);
    else if (alreadyThere(found, come)) same += 1;
    else come.push({ batch: found.batch.id, reading: found.reading, corrects: standing(found) !== undefined });
  }
  return { come, same, faults };
}
interface Found {
  readonly batch: ReadableBatch;
  readonly reading: Omit<Reading, 'id'>;
}
const alike = (a: Omit<Reading, 'id'>, b: Omit<Reading, 'id'>): boolean =>
  a.step === b.step && a.what === b.what && a.atS === b.atS;
const standing = ({ batch, reading }: Found): Reading | undefined => batch.readings.findLast((r) => alike(r, reading));
/** A table shows six figures: what differs less is the same. */
const SAME = 1e-5;
const sameValue = (x: number, y: number): boolean => Math.abs(x - y) <= SAME * Math.max(Math.abs(x), Math.abs(y));
function alreadyThere(found: Found, come: readonly ReadIn[]): boolean {
  const before = come.findLast((c) => c.batch === found.batch.id && alike(c.reading, found.reading));
  const was = before?.reading ?? standing(found);
  return was !== undefined && sameValue(was.value, found.reading.value);
}

function matched(l: ReadingLine, of: (number: string) => ReadableBatch | null): Found | ReadingFault {
  const say = (
    is: Exclude<ReadingFault['is'], 'empty' | 'tooMany' | 'heads' | 'quotes'>,
    text: string,
    may: readonly string[] = [],
  ) => ({ is, line: l.line, text, may }) as const;
  const batch = of(l.batch);
  if (!batch) return say('batch', l.batch);
  if (batch.open) return say('open', l.batch);
  const called = (s: Step): boolean => kindOf(s.kind).label.toLowerCase() === l.step.toLowerCase();
  const steps = l.stepId === '' ? batch.steps.filter(called) : batch.steps.filter((s) => s.id === l.stepId);
  if (steps.length === 0)
    return say('step', l.stepId || l.step, [...new Set(batch.steps.map((s) => kindOf(s.kind).label))]);
  const [step] = steps;
  if (!step || steps.length > 1)
    return say(
      'twoSteps',
      l.step,
      steps.map((s) => s.id),
    );
  const specs = Object.entries(kindOf(step.kind).readings).filter(([, s]) => !s.retired && !s.byTrace);
  const spec = specs.find(
    ([what, s]) => [what, s.label.toLowerCase()].includes(l.reading.toLowerCase()) || what === l.reading,
  );
  if (!spec)
    return say(
      'reading',
      l.reading,
      specs.map(([, s]) => s.label),
    );
  const n = parseNumber(l.value);
  if (!n.ok) return say(n.fault === 'ambiguous' ? 'ambiguous' : 'number', l.value);
  const [what, { unit, low, high, task, label }] = spec;
  const units = unitsOf(unit);
  const name = unitOf(l.unit, unit);
  if (name === null)
    return say(l.unit === '' ? 'noUnit' : 'unit', l.unit === '' ? label : l.unit, units.map(shownUnit));
  const value = toInner(n.value, name);
  if (value < low || value > high) return say('bounds', `${l.value} ${l.unit}`.trim(), [label]);
  const into = l.atS === '' ? null : parseNumber(l.atS);
  if (into && !into.ok) return say('number', l.atS);
  const at = into?.ok ? { atS: into.value } : {};
  return { batch, reading: { step: step.id, task, what, value, source: 'cook', ...at } };
}
