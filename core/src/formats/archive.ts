import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { strFromU8, strToU8, unzipSync, Zip, ZipDeflate } from 'fflate';
import { MOST_PHOTO_TEXT, TABLES } from '../records';
import type { Fault, Table } from '../records';
import { checkShape } from './shape';

/** The one file that holds a whole kitchen: a zip of a manifest and of chunks of lines, a record a line. */
export const BACKUP_FORMAT = 'ironpan-kitchen';
/** 1 was one JSON text; 2 is this archive; 3 may hold photographs. */
export const BACKUP_VERSION = 3;
const FIRST_ARCHIVE = 2;
const MANIFEST = 'manifest.json';
/** A chunk is closed at so many rows or letters, so that no kitchen needs one text as long as itself. */
const CHUNK_ROWS = 500;
const CHUNK_LETTERS = 2_000_000;
/** No chunk of ours unpacks to more than this, bytes; what does was made to fill a memory. */
const MOST_CHUNK_BYTES = 64_000_000;

interface Chunk {
  readonly file: string;
  readonly table: Table;
  readonly rows: number;
  readonly bytes: number;
  readonly sha256: string;
}
interface Manifest {
  readonly format: string;
  readonly version: number;
  readonly exportedAt: number;
  readonly counts: Readonly<Record<string, number>>;
  readonly chunks: readonly Chunk[];
}

/** Writes an archive piece by piece; each piece goes to `onData` as soon as it is packed. */
export class ArchiveWriter {
  private readonly zip: Zip;
  private readonly chunks: Chunk[] = [];
  private lines: string[] = [];
  private letters = 0;
  private table: Table | null = null;

  constructor(onData: (piece: Uint8Array) => void) {
    this.zip = new Zip((e, piece) => {
      if (e) throw e;
      onData(piece);
    });
  }
  /** Adds rows of one table; tables come one after the other. */
  add(table: Table, rows: readonly unknown[]): void {
    if (table !== this.table) this.close();
    this.table = table;
    for (const row of rows) {
      const line = JSON.stringify(row);
      this.lines.push(line);
      this.letters += line.length + 1;
      if (this.lines.length >= CHUNK_ROWS || this.letters >= CHUNK_LETTERS) this.close();
    }
  }
  private close(): void {
    if (this.table === null || this.lines.length === 0) return;
    const bytes = strToU8(`${this.lines.join('\n')}\n`);
    const n = this.chunks.filter((c) => c.table === this.table).length + 1;
    const file = `${this.table}/${String(n).padStart(5, '0')}.jsonl`;
    this.chunks.push({
      file,
      table: this.table,
      rows: this.lines.length,
      bytes: bytes.length,
      sha256: bytesToHex(sha256(bytes)),
    });
    this.put(file, bytes);
    this.lines = [];
    this.letters = 0;
  }
  private put(name: string, bytes: Uint8Array): void {
    const file = new ZipDeflate(name, { level: 6 });
    // A fixed date: the same kitchen at the same instant makes the same file.
    file.mtime = '1980-01-02T00:00:00';
    this.zip.add(file);
    file.push(bytes, true);
  }
  /** Closes the archive with its manifest. */
  end(exportedAt: number): void {
    this.close();
    const counts = Object.fromEntries(
      TABLES.map((t) => [t, this.chunks.reduce((n, c) => n + (c.table === t ? c.rows : 0), 0)]),
    );
    const manifest: Manifest = {
      format: BACKUP_FORMAT,
      version: BACKUP_VERSION,
      exportedAt,
      counts,
      chunks: this.chunks,
    };
    this.put(MANIFEST, strToU8(`${JSON.stringify(manifest, null, 1)}\n`));
    this.zip.end();
  }
}

/** Does it begin as a zip does? */
export const isArchive = (b: Uint8Array): boolean => b[0] === 0x50 && b[1] === 0x4b;

type Opened =
  | { readonly ok: true; readonly exportedAt: number; readonly chunks: readonly Chunk[] }
  | { readonly ok: false; readonly faults: readonly Fault[] };
const refuse = (say: string, path = ''): { readonly ok: false; readonly faults: readonly Fault[] } => ({
  ok: false,
  faults: [{ path, say }],
});
const AGAIN = 'Export it again from where it came.';

function unzipOne(bytes: Uint8Array, name: string): Uint8Array | null | 'large' {
  const seen = { large: false, found: false };
  const all = unzipSync(bytes, {
    filter: (f) => {
      // A part that is there twice is unpacked once.
      if (f.name !== name || seen.found) return false;
      seen.found = true;
      seen.large = f.originalSize > MOST_CHUNK_BYTES;
      return !seen.large;
    },
  });
  if (seen.large) return 'large';
  return Object.hasOwn(all, name) ? (all[name] ?? null) : null;
}

/** The manifest of an archive, checked by itself; its chunks are read one by one with `readChunk`. */
export function openArchive(bytes: Uint8Array): Opened {
  let text: Uint8Array | null | 'large';
  try {
    text = unzipOne(bytes, MANIFEST);
  } catch {
    return refuse(`The file is torn or cut short: its last part is missing. ${AGAIN}`);
  }
  if (text === null || text === 'large')
    return refuse('This is a zip, but not a kitchen that Ironpan exported: it has no manifest.json.', MANIFEST);
  let m: Partial<Manifest> | null;
  try {
    m = JSON.parse(strFromU8(text)) as Partial<Manifest> | null;
  } catch {
    return refuse(`manifest.json cannot be read. ${AGAIN}`, MANIFEST);
  }
  if (m === null || typeof m !== 'object' || m.format !== BACKUP_FORMAT)
    return refuse(`This is not a kitchen that Ironpan exported: “format” must be “${BACKUP_FORMAT}”.`, 'format');
  if (typeof m.version !== 'number' || m.version < FIRST_ARCHIVE || m.version > BACKUP_VERSION)
    return refuse(versionFault(m.version), 'version');
  if (!Array.isArray(m.chunks) || m.chunks.length > MOST_PARTS || !m.chunks.every(isChunk))
    return refuse(`manifest.json does not list its parts. ${AGAIN}`, 'chunks');
  if (new Set(m.chunks.map((c) => c.file)).size < m.chunks.length)
    return refuse(`manifest.json names one of its parts twice. ${AGAIN}`, 'chunks');
  const faults: Fault[] = [];
  for (const t of TABLES) {
    const rows = m.chunks.reduce((n, c) => n + (c.table === t ? c.rows : 0), 0);
    // An older archive does not count what was not kept yet.
    if (((m.counts as Record<string, unknown> | undefined)?.[t] ?? 0) !== rows)
      faults.push({ path: t, say: `${t}: the manifest counts other rows than its parts hold. ${AGAIN}` });
  }
  if (faults.length > 0) return { ok: false, faults };
  return { ok: true, exportedAt: typeof m.exportedAt === 'number' ? m.exportedAt : 0, chunks: m.chunks };
}
/** Why an archive of this version cannot be read; null: it can. */
export function versionFault(version: unknown): string {
  return typeof version === 'number' && version > BACKUP_VERSION
    ? `The file has version ${version}, made by a newer Ironpan; this one reads up to version ${BACKUP_VERSION}. Update first.`
    : `“version” must be a whole number from 1 to ${BACKUP_VERSION}.`;
}
/** Parts are named by their table and a number: no name that an object already answers to. */
const PART_NAME = /^[A-Za-z]+\/\d{1,9}\.jsonl$/;
/** A part of ours has far fewer rows; what says it has more was made to fill a memory. */
const MOST_ROWS = 20 * CHUNK_ROWS;
const MOST_PARTS = 20_000;
function isChunk(c: unknown): c is Chunk {
  if (typeof c !== 'object' || c === null) return false;
  const x = c as Record<string, unknown>;
  return (
    typeof x.file === 'string' &&
    PART_NAME.test(x.file) &&
    (TABLES as readonly unknown[]).includes(x.table) &&
    Number.isInteger(x.rows) &&
    Number(x.rows) <= MOST_ROWS &&
    typeof x.sha256 === 'string'
  );
}

const NEWLINE = 10;
function newlinesIn(bytes: Uint8Array): number {
  let n = 0;
  for (const b of bytes) if (b === NEWLINE) n += 1;
  return n;
}
/** One chunk's rows, when it is there, whole and unchanged; else what is wrong with it. */
export function readChunk(bytes: Uint8Array, c: Chunk): readonly unknown[] | Fault {
  const fault = (say: string): Fault => ({ path: c.file, say });
  let got: Uint8Array | null | 'large';
  try {
    got = unzipOne(bytes, c.file);
  } catch {
    return fault(`Its part ${c.file} is torn. ${AGAIN}`);
  }
  if (got === null) return fault(`Its part ${c.file} is missing. ${AGAIN}`);
  if (got === 'large') return fault(`Its part ${c.file} is far larger than any part of a kitchen.`);
  if (bytesToHex(sha256(got)) !== c.sha256)
    return fault(`Its part ${c.file} was changed or damaged: the checksum is another. ${AGAIN}`);
  // Counted before it is cut into lines: millions of empty ones pack into a few kilobytes.
  const ends = newlinesIn(got);
  if (ends > c.rows + 1) return fault(`Its part ${c.file} has ${ends} rows in place of ${c.rows}.`);
  const lines = strFromU8(got)
    .split('\n')
    .filter((l) => l !== '');
  if (lines.length !== c.rows) return fault(`Its part ${c.file} has ${lines.length} rows in place of ${c.rows}.`);
  const rows: unknown[] = [];
  for (const [i, line] of lines.entries()) {
    const bad = c.table === 'photos' ? checkShape(line, MOST_PHOTO_TEXT) : checkShape(line);
    if (bad) return fault(`${c.file}, row ${i + 1}: ${bad}`);
    try {
      rows.push(JSON.parse(line));
    } catch {
      return fault(`${c.file}, row ${i + 1} is not JSON.`);
    }
  }
  return rows;
}
