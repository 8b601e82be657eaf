import { ArchiveWriter, readBackup } from '@ironpan/core/formats';
import type { ReadBackup } from '@ironpan/core/formats';
import type { Fault } from '@ironpan/core/records';
import { KitchenDb, setDatabase } from '../store/db';
import { eachRow, importAll, importCounts } from '../store/transfer';
import type { Count, How } from '../store/transfer';
import { answering } from './answering';

export type KitchenAsked =
  | { readonly do: 'export'; readonly database: string; readonly at: number }
  | { readonly do: 'read'; readonly database: string; readonly file: Blob }
  | { readonly do: 'write'; readonly how: How };
export type FileRead =
  | { readonly ok: true; readonly counts: Readonly<Record<How, readonly Count[]>> }
  | { readonly ok: false; readonly faults: readonly Fault[] };

/** What was read and found whole, until it is written or the worker is ended. */
let whole: Extract<ReadBackup, { ok: true }> | null = null;

let said = 0;
/** A message of progress about every 50 ms. */
function progress(share: number): void {
  if (performance.now() - said < 50) return;
  said = performance.now();
  self.postMessage({ progress: share });
}

async function exported(at: number): Promise<Blob> {
  const pieces: Uint8Array<ArrayBuffer>[] = [];
  const w = new ArchiveWriter((p) => pieces.push(p as Uint8Array<ArrayBuffer>));
  await eachRow((table, rows) => w.add(table, rows), progress);
  w.end(at);
  return new Blob(pieces, { type: 'application/zip' });
}
async function read(file: Blob): Promise<FileRead> {
  const r = readBackup(new Uint8Array(await file.arrayBuffer()), progress);
  if (!r.ok) return r;
  whole = r;
  return {
    ok: true,
    counts: { merge: await importCounts(r.kitchen, 'merge'), replace: await importCounts(r.kitchen, 'replace') },
  };
}
async function answer(a: KitchenAsked): Promise<unknown> {
  if (a.do !== 'write') setDatabase(new KitchenDb(a.database));
  switch (a.do) {
    case 'export':
      return exported(a.at);
    case 'read':
      return read(a.file);
    case 'write':
      if (!whole) throw new Error('nothing was read');
      return importAll(whole.kitchen, a.how, whole.digests, progress);
  }
}

/** The whole kitchen out to a file and in from one, away from the screen; Joi and the packing are only ever here. */
answering(answer);
