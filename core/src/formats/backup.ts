import { orderFaults } from '../steps';
import { orderFaultText } from '../words';
import { TABLES, validRow } from '../records';
import type { Fault, Kitchen, Table } from '../records';
import type { Recipe } from '../steps';

/** The one file that holds a whole kitchen. */
export const BACKUP_FORMAT = 'ironpan-kitchen';
const BACKUP_VERSION = 1;
/** A kitchen of many years is a few megabytes; more than this is some other file. */
export const BACKUP_MOST_BYTES = 32_000_000;

export function backupText(k: Kitchen, exportedAt: number): string {
  return `${JSON.stringify({ format: BACKUP_FORMAT, version: BACKUP_VERSION, exportedAt, tables: k }, null, 1)}\n`;
}

export type ReadBackup =
  | { readonly ok: true; readonly kitchen: Kitchen; readonly exportedAt: number }
  | { readonly ok: false; readonly faults: readonly Fault[] };
const refuse = (say: string, path = ''): ReadBackup => ({ ok: false, faults: [{ path, say }] });
/** Enough to see the pattern of what is wrong. */
const MOST_FAULTS = 12;

/** Reads a backup whole: every row is judged before anything is handed on. */
export function readBackup(given: string): ReadBackup {
  if (given.length > BACKUP_MOST_BYTES)
    return refuse(
      `This file is ${Math.round(given.length / 1e6)} MB; a kitchen is under ${BACKUP_MOST_BYTES / 1e6} MB. Choose the file that Ironpan exported.`,
    );
  let data: unknown;
  try {
    data = JSON.parse(given);
  } catch (e) {
    return refuse(
      `The file is cut short or is not JSON (${e instanceof Error ? e.message : 'unreadable'}). Export it again from where it came.`,
    );
  }
  if (typeof data !== 'object' || data === null || (data as { format?: unknown }).format !== BACKUP_FORMAT)
    return refuse(`This is not a kitchen that Ironpan exported: “format” must be “${BACKUP_FORMAT}”.`, 'format');
  const d = data as { version?: unknown; exportedAt?: unknown; tables?: unknown };
  if (d.version !== BACKUP_VERSION)
    return refuse(
      typeof d.version === 'number' && d.version > BACKUP_VERSION
        ? `The file has version ${d.version}, made by a newer Ironpan; this one reads version ${BACKUP_VERSION}. Update first.`
        : `“version” must be ${BACKUP_VERSION}.`,
      'version',
    );
  if (typeof d.tables !== 'object' || d.tables === null || Array.isArray(d.tables))
    return refuse('“tables” is missing.', 'tables');
  return readTables(d.tables as Record<string, unknown>, typeof d.exportedAt === 'number' ? d.exportedAt : 0);
}

const LATER_TABLES: readonly Table[] = ['materials', 'methods'];

function readTables(tables: Readonly<Record<string, unknown>>, exportedAt: number): ReadBackup {
  const faults: Fault[] = [];
  const rows = Object.fromEntries(TABLES.map((t) => [t, [] as unknown[]])) as Record<Table, unknown[]>;
  for (const name of Object.keys(tables))
    if (!(TABLES as readonly string[]).includes(name))
      faults.push({ path: `tables.${name}`, say: `tables.${name} is not known here.` });
  for (const table of TABLES) {
    // A file of version 1 knew no own materials and schools.
    const list = tables[table] ?? (LATER_TABLES.includes(table) ? [] : undefined);
    if (!Array.isArray(list)) {
      faults.push({ path: `tables.${table}`, say: `tables.${table} is missing or is not a list.` });
      continue;
    }
    list.forEach((row, i) => {
      if (faults.length >= MOST_FAULTS) return;
      const judged = validRow(table, row);
      if ('row' in judged) rows[table].push(judged.row);
      else
        for (const f of judged.faults)
          faults.push({ path: `tables.${table}[${i}]`, say: `${table}, row ${i + 1}: ${f.say}` });
    });
  }
  const kitchen = rows as unknown as Kitchen;
  if (faults.length === 0) faults.push(...belongTogether(kitchen));
  return faults.length > 0 ? { ok: false, faults: faults.slice(0, MOST_FAULTS) } : { ok: true, kitchen, exportedAt };
}

/** What one row alone cannot show: twins, lines that point to nothing, steps out of order. */
function belongTogether(k: Kitchen): readonly Fault[] {
  const faults: Fault[] = [];
  for (const t of TABLES) {
    const seen = new Set<string>();
    (k[t] as readonly { id: string }[]).forEach((r, i) => {
      if (seen.has(r.id))
        faults.push({ path: `tables.${t}[${i}]`, say: `${t}, row ${i + 1}: its id “${r.id}” stands there twice.` });
      seen.add(r.id);
    });
  }
  const batches = new Set(k.batches.map((b) => b.id));
  const jars = new Set(k.jars.map((j) => j.id));
  k.events.forEach((e, i) => {
    if (!batches.has(e.batch))
      faults.push({ path: `tables.events[${i}]`, say: `events, row ${i + 1}: its batch is not in the file.` });
  });
  k.jars.forEach((j, i) => {
    if (!batches.has(j.batch))
      faults.push({ path: `tables.jars[${i}]`, say: `jars, row ${i + 1}: its batch is not in the file.` });
  });
  k.jarEvents.forEach((e, i) => {
    if (!jars.has(e.jar))
      faults.push({ path: `tables.jarEvents[${i}]`, say: `jarEvents, row ${i + 1}: its jar is not in the file.` });
  });
  k.plans.forEach((p, i) => faults.push(...recipeFaults('plans', p, i)));
  k.batches.forEach((b, i) => faults.push(...recipeFaults('batches', b, i)));
  k.methods.forEach((m, i) => faults.push(...recipeFaults('methods', m, i)));
  return faults;
}
function recipeFaults(table: string, p: { readonly recipe: Recipe }, i: number): readonly Fault[] {
  const ids = new Set(p.recipe.materials.map((m) => m.id));
  return [
    ...p.recipe.larder
      .filter((l) => !ids.has(l.material))
      .map((l) => ({
        path: `tables.${table}[${i}]`,
        say: `${table}, row ${i + 1}: the material “${l.material}” is not described.`,
      })),
    ...orderFaults(p.recipe).map((f) => ({
      path: `tables.${table}[${i}].recipe.steps[${f.index}]`,
      say: `${table}, row ${i + 1}: ${orderFaultText(f)}`,
    })),
  ];
}
