/** Brings one row from version n to n + 1. Each is kept for ever: old backups come back years later. */
export type Migration = (row: Readonly<Record<string, unknown>>) => Record<string, unknown>;
/** migrations[0] brings version 1 to 2; the newest version is one more than their number. */
export interface Versions {
  readonly migrations: readonly Migration[];
}
export type Migrated =
  | { readonly ok: true; readonly row: Record<string, unknown> }
  | { readonly ok: false; readonly fault: 'noVersion' | 'newer'; readonly version: unknown };

/** The version that the last migration leads to. */
export const newest = (v: Versions): number => v.migrations.length + 1;

/** Runs every migration a row still needs, in order. Import and the database's own upgrade both call this. */
export function migrate(v: Versions, row: Readonly<Record<string, unknown>>): Migrated {
  const at = row.v;
  if (typeof at !== 'number' || !Number.isInteger(at) || at < 1) return { ok: false, fault: 'noVersion', version: at };
  if (at > newest(v)) return { ok: false, fault: 'newer', version: at };
  let now: Record<string, unknown> = { ...row };
  for (let i = at; i < newest(v); i += 1) now = { ...(v.migrations[i - 1] as Migration)(now), v: i + 1 };
  return { ok: true, row: now };
}
