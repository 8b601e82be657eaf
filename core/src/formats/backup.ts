import { strFromU8 } from 'fflate';
import type { Digest } from '../batch';
import { TABLES, validRow } from '../records';
import type { Fault, Kitchen, Table } from '../records';
import { ArchiveWriter, BACKUP_FORMAT, isArchive, openArchive, readChunk, versionFault } from './archive';
import { checkShape } from './shape';
import { belongTogether } from './together';

/** Ten years with traces come to a hundred megabytes packed; more than this is some other file. */
const BACKUP_MOST_BYTES = 600_000_000;

/** A whole kitchen as one archive. Large ones are written piece by piece with `ArchiveWriter`. */
export function backupBytes(k: Kitchen, exportedAt: number): Uint8Array {
  const pieces: Uint8Array[] = [];
  const w = new ArchiveWriter((p) => pieces.push(p));
  for (const t of TABLES) w.add(t, k[t]);
  w.end(exportedAt);
  const out = new Uint8Array(pieces.reduce((n, p) => n + p.length, 0));
  let at = 0;
  for (const p of pieces) {
    out.set(p, at);
    at += p.length;
  }
  return out;
}

export type ReadBackup =
  | { readonly ok: true; readonly kitchen: Kitchen; readonly digests: readonly Digest[]; readonly exportedAt: number }
  | { readonly ok: false; readonly faults: readonly Fault[] };
type Refused = Extract<ReadBackup, { ok: false }>;
const refuse = (say: string, path = ''): Refused => ({ ok: false, faults: [{ path, say }] });
/** Enough to see the pattern of what is wrong. */
const MOST_FAULTS = 12;

/** Share of the work that is done, 0..1. */
type OnProgress = (share: number) => void;
/** Of the whole, how much is reading rows; the rest is looking at whether they belong together. */
const READING = 0.7;

/**
 * Reads a backup whole, archive or the JSON of version 1: every row is judged, and whether they belong together, before
 * anything is handed on.
 */
export function readBackup(given: Uint8Array, onProgress: OnProgress = () => undefined): ReadBackup {
  if (given.length > BACKUP_MOST_BYTES)
    return refuse(
      `This file is ${Math.round(given.length / 1e6)} MB; a kitchen is under ${BACKUP_MOST_BYTES / 1e6} MB. Choose the file that Ironpan exported.`,
    );
  const rows = Object.fromEntries(TABLES.map((t) => [t, [] as unknown[]])) as Record<Table, unknown[]>;
  const judge = new Judge(rows);
  const read = isArchive(given) ? readArchive(given, judge, onProgress) : readText(strFromU8(given), judge, onProgress);
  if (!read.ok) return read;
  const kitchen = rows as unknown as Kitchen;
  const of = (x: number): void => onProgress(READING + (1 - READING) * x);
  const { faults, digests } =
    judge.faults.length > 0 ? { faults: judge.faults, digests: [] } : belongTogether(kitchen, MOST_FAULTS, of);
  return faults.length > 0
    ? { ok: false, faults: faults.slice(0, MOST_FAULTS) }
    : { ok: true, kitchen, digests, exportedAt: read.exportedAt };
}

/** Takes rows one by one, keeps the good and remembers what is wrong with the others. */
class Judge {
  readonly faults: Fault[] = [];
  constructor(private readonly rows: Record<Table, unknown[]>) {}
  get full(): boolean {
    return this.faults.length >= MOST_FAULTS;
  }
  take(table: Table, row: unknown, n: number): void {
    if (this.full) return;
    const judged = validRow(table, row);
    if ('row' in judged) this.rows[table].push(judged.row);
    else
      for (const f of judged.faults)
        this.faults.push({ path: `tables.${table}[${n - 1}]`, say: `${table}, row ${n}: ${f.say}` });
  }
}
type Read = { readonly ok: true; readonly exportedAt: number } | Refused;

function readArchive(bytes: Uint8Array, judge: Judge, onProgress: OnProgress): Read {
  const opened = openArchive(bytes);
  if (!opened.ok) return opened;
  const all = opened.chunks.reduce((n, c) => n + c.rows, 0);
  const seen = new Map<Table, number>();
  let done = 0;
  for (const c of opened.chunks) {
    const rows = readChunk(bytes, c);
    if (!Array.isArray(rows)) return { ok: false, faults: [rows as Fault] };
    let n = seen.get(c.table) ?? 0;
    for (const row of rows) {
      n += 1;
      judge.take(c.table, row, n);
    }
    seen.set(c.table, n);
    done += rows.length;
    onProgress((READING * done) / Math.max(1, all));
    if (judge.full) break;
  }
  return { ok: true, exportedAt: opened.exportedAt };
}

/** A file of version 1 has these; the others it knew later, or never. */
const HAD_AT_FIRST: readonly Table[] = ['kit', 'plans', 'batches', 'events', 'jars', 'jarEvents'];
const MAY_LACK = TABLES.filter((t) => !HAD_AT_FIRST.includes(t));

function readText(text: string, judge: Judge, onProgress: OnProgress): Read {
  const bad = checkShape(text);
  if (bad) return refuse(`This cannot be a kitchen: ${bad}`);
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (e) {
    return refuse(
      `The file is cut short or is not JSON (${e instanceof Error ? e.message : 'unreadable'}). Export it again from where it came.`,
    );
  }
  if (typeof data !== 'object' || data === null || (data as { format?: unknown }).format !== BACKUP_FORMAT)
    return refuse(`This is not a kitchen that Ironpan exported: “format” must be “${BACKUP_FORMAT}”.`, 'format');
  const d = data as { version?: unknown; exportedAt?: unknown; tables?: unknown };
  if (d.version !== 1) return refuse(versionFault(d.version), 'version');
  if (typeof d.tables !== 'object' || d.tables === null || Array.isArray(d.tables))
    return refuse('“tables” is missing.', 'tables');
  const tables = d.tables as Readonly<Record<string, unknown>>;
  for (const name of Object.keys(tables))
    if (!(TABLES as readonly string[]).includes(name))
      judge.faults.push({ path: `tables.${name}`, say: `tables.${name} is not known here.` });
  for (const [t, table] of TABLES.entries()) {
    const list = tables[table] ?? (MAY_LACK.includes(table) ? [] : undefined);
    if (Array.isArray(list)) list.forEach((row, i) => judge.take(table, row, i + 1));
    else judge.faults.push({ path: `tables.${table}`, say: `tables.${table} is missing or is not a list.` });
    onProgress((READING * (t + 1)) / TABLES.length);
  }
  return { ok: true, exportedAt: typeof d.exportedAt === 'number' ? d.exportedAt : 0 };
}
