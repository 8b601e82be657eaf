import { readFileSync } from 'node:fs';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';

export const open = (path: string): Record<string, Uint8Array> => unzipSync(readFileSync(path));
export const manifestOf = (path: string): Record<string, unknown> =>
  JSON.parse(strFromU8(open(path)['manifest.json'] ?? new Uint8Array())) as Record<string, unknown>;
/** The same kitchen as the one JSON text that version 1 wrote. */
export function asVersion1(path: string): string {
  const tables: Record<string, unknown[]> = {};
  const later = ['fridge', 'settings', 'undo', 'traces', 'photos', 'wishes', 'hours'];
  for (const t of ['kit', 'plans', 'batches', 'events', 'jars', 'jarEvents', 'materials', 'methods']) tables[t] = [];
  for (const [name, bytes] of Object.entries(open(path))) {
    const table = name.split('/')[0] ?? '';
    if (name === 'manifest.json' || later.includes(table)) continue;
    const rows = strFromU8(bytes)
      .split('\n')
      .filter((l) => l !== '');
    tables[table]?.push(...rows.map((l) => JSON.parse(l) as unknown));
  }
  return JSON.stringify({ format: 'ironpan-kitchen', version: 1, exportedAt: 5, tables });
}
/** The archive with one of its files changed; null takes it out. */
export function changed(path: string, name: RegExp, to: (text: string) => string | null): Buffer {
  const files = open(path);
  const out: Record<string, Uint8Array> = {};
  for (const [n, bytes] of Object.entries(files)) {
    const text = name.test(n) ? to(strFromU8(bytes)) : strFromU8(bytes);
    if (text !== null) out[n] = strToU8(text);
  }
  return Buffer.from(zipSync(out));
}
