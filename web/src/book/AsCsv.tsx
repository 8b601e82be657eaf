import { useState } from 'react';
import { now } from '../clock';
import { askCsv } from '../offload';
import type { CsvTable } from '../offload/csv.worker';
import { databaseName } from '../store/db';
import { realm } from '../store/realm';
import { Dialog } from '../ui/Dialog';
import { download } from '../ui/download';
import { causeOf } from '../ui/notSaved';
import { fileDate } from '../ui/times';
import { tell } from '../ui/toast';
import { ReadingsIn } from './ReadingsIn';

const TABLES: readonly (readonly [CsvTable, string, string])[] = [
  ['batches', 'Batches', 'a line each: promised, worked out, measured, solids'],
  ['jars', 'Jars', 'what became of each, how long it was fine, what was said of it'],
  ['readings', 'Readings', 'all that was weighed, timed and measured, by step'],
];

/** The book as tables, for a spreadsheet or a statistics program. */
export function AsCsv() {
  const [open, setOpen] = useState(false);
  const [making, setMaking] = useState<CsvTable | null>(null);
  const out = (table: CsvTable): void => {
    setMaking(table);
    askCsv({ database: databaseName(realm()), table })
      .done.then(
        (file) => download(`ironpan-${table}-${fileDate(now())}.csv`, file),
        (e: unknown) => tell(`The table could not be made. ${causeOf(e)}`),
      )
      .finally(() => setMaking(null));
  };
  return (
    <>
      <button type="button" className="btn btn-outline" onClick={() => setOpen(true)}>
        As CSV
      </button>
      {open && (
        <Dialog title="The book as CSV" onClose={() => setOpen(false)}>
          <p className="quiet mb-3">
            Commas between fields, points in figures, units in the heads, times in UTC. To take the kitchen elsewhere
            whole, use the archive in Kit.
          </p>
          <ul className="flex flex-col gap-3">
            {TABLES.map(([table, name, what]) => (
              <li key={table} className="flex flex-wrap items-center gap-x-4 gap-y-1">
                <button
                  type="button"
                  className="btn btn-primary"
                  aria-label={`Take out ${name.toLowerCase()}`}
                  disabled={making !== null}
                  onClick={() => out(table)}
                >
                  {name}
                </button>
                <span className="small quiet" role="status">
                  {making === table ? 'is being written …' : what}
                </span>
              </li>
            ))}
          </ul>
          <ReadingsIn onDone={() => setOpen(false)} />
        </Dialog>
      )}
    </>
  );
}
