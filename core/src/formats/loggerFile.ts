import Papa from 'papaparse';
import { parseNumber } from '../units';

/** One reading of a temperature logger. */
export interface Logged {
  readonly at: number;
  readonly c: number;
}
/** In which order a date is written, where its figures alone do not say. */
export type DateOrder = 'DMY' | 'MDY';
export interface LoggerHow {
  readonly order?: DateOrder;
  readonly unit?: 'C' | 'F';
}
/** What makes an instant of a day and an hour where the logger stood, UTC ms. */
export type InstantOf = (y: number, month: number, d: number, h: number, min: number, s: number) => number;
export type LoggerRead =
  | {
      readonly ok: true;
      readonly readings: readonly Logged[];
      /** Twice the same instant (the last counts), out of order (sorted), lines with no temperature (left out). */
      readonly twice: number;
      readonly reversed: number;
      readonly empty: number;
      /** Longer than three of its usual steps without a reading. */
      readonly gaps: readonly { readonly from: number; readonly to: number }[];
      readonly unit: 'C' | 'F';
    }
  /** Something that the file does not say and the cook must: asked, not guessed. */
  | { readonly ok: false; readonly asks: 'order' | 'unit'; readonly example: string }
  | { readonly ok: false; readonly fault: LoggerFault; readonly line: number };
export type LoggerFault = 'empty' | 'noTime' | 'noTemperature' | 'tooHot' | 'tooMany';

/** More readings than a logger of years has. */
const MOST = 3_000_000;
/** No fridge and no kitchen is as warm as that, °C: it is the other unit, or another thing. */
const HOTTEST_C = 60;
/** A fridge whose readings are all above this is one in °F, or none; asked. °C */
const ASK_ABOVE = 25;
const NAME_OF_TEMPERATURE = /temp|°|\bcelsius\b|\bfahrenheit\b|^\s*[cf]\s*$|\bvalue\b|wert|valeur|valor/i;
const NAME_OF_F = /°\s*f|fahrenheit|\(f\)|\bdeg\s*f\b|_f\b|^\s*f\s*$/i;
const NAME_OF_C = /°\s*c|celsius|\(c\)|\bdeg\s*c\b|_c\b|^\s*c\s*$/i;

const DATE = /(\d{1,4})[./-](\d{1,2})[./-](\d{1,4})/;
const TIME = /(\d{1,2}):(\d{2})(?::(\d{2}))?(?:[.,]\d+)?\s*([ap])?\.?m?\.?/i;

/**
 * A logger's file as it comes: any usual separator, one column for day and hour or two, ISO, day or month first, decimal
 * point or comma, °C or °F. What it does not say is asked, never guessed; readings are sorted, twice told ones told once.
 */
export function readLogger(text: string, instantOf: InstantOf, how: LoggerHow = {}): LoggerRead {
  const clean = text.replace(/^\uFEFF/, '');
  if (clean.trim() === '') return { ok: false, fault: 'empty', line: 1 };
  const { from, before } = whereItBegins(clean);
  const rows = table(clean.slice(from));
  const first = rows.findIndex((r) => r.some((cell) => hasDate(cell)));
  if (rows.length > MOST) return { ok: false, fault: 'tooMany', line: MOST };
  if (first < 0) return { ok: false, fault: 'noTime', line: 1 };
  const head = rows.slice(0, first).findLast((r) => r.length > 1) ?? [];
  const body = rows.slice(first);
  const columns = columnsOf(head, body[0] ?? []);
  if (!columns) return { ok: false, fault: 'noTemperature', line: before + first + 1 };
  const dated = datesOf(body, columns.date, how.order);
  if (typeof dated === 'string') return { ok: false, asks: 'order', example: dated };
  const name = head[columns.temperature] ?? '';
  const cells = body.map((r) => r[columns.temperature] ?? '');
  const unit = how.unit ?? unitOf(name, cells, head);
  if (unit === null) return { ok: false, asks: 'unit', example: cells.find((c) => figure(c) !== null) ?? '' };
  const raw: Logged[] = [];
  let empty = 0;
  for (const [i, row] of body.entries()) {
    const d = dated(row[columns.date] ?? '');
    const t = timeOf(columns.time === null ? (row[columns.date] ?? '') : (row[columns.time] ?? ''));
    const x = figure(cells[i] ?? '');
    if (!d || !t || x === null) {
      empty += 1;
      continue;
    }
    const c = unit === 'F' ? ((x - 32) * 5) / 9 : x;
    if (c > HOTTEST_C || c < -60) return { ok: false, fault: 'tooHot', line: before + first + i + 1 };
    raw.push({ at: instantOf(...d, ...t), c });
  }
  if (raw.length === 0) return { ok: false, fault: 'noTemperature', line: before + first + 1 };
  return { ok: true, ...inTime(raw), empty, unit };
}

/** The line of names before the first day; what a logger says of itself before that has other columns, or none. */
function whereItBegins(text: string): { readonly from: number; readonly before: number } {
  let from = 0;
  let at = 0;
  let before = 0;
  let n = 0;
  for (const line of text.slice(0, PREAMBLE).split('\n')) {
    if (DAY_LINE.test(line) && line.split(/[;,\t|]/).some((c) => hasDate(c.replaceAll('"', '')))) break;
    if (line.trim() !== '') {
      from = at;
      before = n;
    }
    at += line.length + 1;
    n += 1;
  }
  return { from, before };
}
/** No logger says more of itself than this, letters. */
const PREAMBLE = 20_000;
/** A line of readings: a day or an instant, and a figure beside it. */
const DAY_LINE = /\d.*[;,\t|].*\d/;

function table(text: string): readonly (readonly string[])[] {
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy', delimitersToGuess: [';', '\t', ',', '|'] });
  return data;
}
const hasDate = (cell: string): boolean => DATE.test(cell) || isEpoch(cell);
const isEpoch = (cell: string): boolean => /^\s*1\d{9}(\d{3})?\s*$/.test(cell);

interface Columns {
  readonly date: number;
  /** null: in the same cell as the day. */
  readonly time: number | null;
  readonly temperature: number;
}
function columnsOf(head: readonly string[], row: readonly string[]): Columns | null {
  const date = row.findIndex((c) => hasDate(c));
  const same = TIME.test(row[date] ?? '') || isEpoch(row[date] ?? '');
  const time = same ? null : row.findIndex((c, i) => i !== date && TIME.test(c) && !DATE.test(c));
  const can = row.flatMap((c, i) => (i !== date && i !== time && figure(c) !== null ? [i] : []));
  // A running number is no temperature; where a column is named, the name counts.
  const named = can.find((i) => NAME_OF_TEMPERATURE.test(head[i] ?? ''));
  const temperature = named ?? can.find((i) => !/^\s*(#|no|nr|id|index|record)/i.test(head[i] ?? '')) ?? can[0];
  return temperature === undefined ? null : { date, time: time === -1 ? null : time, temperature };
}
/** A figure with what may stand behind it. */
function figure(cell: string): number | null {
  const bare = cell.replace(/°?\s*[CF]\s*$/i, '').trim();
  if (bare === '' || TIME.test(cell) || DATE.test(cell)) return null;
  const n = parseNumber(bare.replace(/^[+]/, ''));
  return n.ok ? n.value : null;
}
function unitOf(name: string, cells: readonly string[], head: readonly string[]): 'C' | 'F' | null {
  const some = cells.find((c) => figure(c) !== null) ?? '';
  for (const said of [name, some, ...head]) {
    if (NAME_OF_F.test(said) && !NAME_OF_C.test(said)) return 'F';
    if (NAME_OF_C.test(said)) return 'C';
  }
  // Nothing says it: figures of a fridge in °C are below the warmth of a room, those in °F above freezing, 32.
  const all = cells.flatMap((c) => figure(c) ?? []);
  const middle = [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)] ?? 0;
  return middle > ASK_ABOVE ? null : 'C';
}

type Day = readonly [y: number, m: number, d: number];
/** How days are read; a text: the day of which nothing says which figure is the month. */
function datesOf(
  body: readonly (readonly string[])[],
  column: number,
  order: DateOrder | undefined,
): string | ((cell: string) => Day | null) {
  let dayFirst = order === undefined ? null : order === 'DMY';
  if (dayFirst === null)
    for (const row of body) {
      const m = DATE.exec(row[column] ?? '');
      if (!m || (m[1] ?? '').length === 4) continue;
      if (Number(m[1]) > 12) dayFirst = true;
      else if (Number(m[2]) > 12) dayFirst = false;
      // Points between the figures: the day comes first, everywhere.
      else if ((row[column] ?? '').includes('.')) dayFirst = true;
      if (dayFirst !== null) break;
    }
  const unsure = body.find((row) => /^\d{1,2}$/.test(DATE.exec(row[column] ?? '')?.[1] ?? ''));
  if (dayFirst === null && unsure) return DATE.exec(unsure[column] ?? '')?.[0] ?? '';
  return (cell) => {
    if (isEpoch(cell)) {
      const d = new Date(Number(cell.trim()) * (cell.trim().length > 10 ? 1 : 1000));
      return [d.getUTCFullYear(), d.getUTCMonth() + 1, d.getUTCDate()];
    }
    const m = DATE.exec(cell);
    if (!m) return null;
    const [a, b, c] = [Number(m[1]), Number(m[2]), Number(m[3])];
    const [y, mo, d] = (m[1] ?? '').length === 4 ? [a, b, c] : dayFirst ? [c, b, a] : [c, a, b];
    const year = y < 100 ? 2000 + y : y;
    return mo >= 1 && mo <= 12 && d >= 1 && d <= 31 ? [year, mo, d] : null;
  };
}
function timeOf(cell: string): readonly [number, number, number] | null {
  if (isEpoch(cell)) {
    const d = new Date(Number(cell.trim()) * (cell.trim().length > 10 ? 1 : 1000));
    return [d.getUTCHours(), d.getUTCMinutes(), d.getUTCSeconds()];
  }
  const m = TIME.exec(cell);
  if (!m) return null;
  const h = Number(m[1]);
  const half = m[4]?.toLowerCase();
  const hour = half === undefined ? h : (h % 12) + (half === 'p' ? 12 : 0);
  return hour < 24 && Number(m[2]) < 60 ? [hour, Number(m[2]), Number(m[3] ?? 0)] : null;
}

/** Sorted, each instant once (the last told counts), and where it was silent. */
function inTime(raw: readonly Logged[]) {
  let reversed = 0;
  for (let i = 1; i < raw.length; i += 1) if ((raw[i]?.at ?? 0) < (raw[i - 1]?.at ?? 0)) reversed += 1;
  const by = new Map(raw.map((r) => [r.at, r] as const));
  const readings = [...by.values()].sort((a, b) => a.at - b.at);
  const steps = readings.slice(1).map((r, i) => r.at - (readings[i]?.at ?? 0));
  const usual = [...steps].sort((a, b) => a - b)[Math.floor(steps.length / 2)] ?? 0;
  const gaps = steps.flatMap((s, i) => {
    const [from, to] = [readings[i]?.at ?? 0, readings[i + 1]?.at ?? 0];
    return s > 3 * usual ? [{ from, to }] : [];
  });
  return { readings, twice: raw.length - readings.length, reversed, gaps };
}
