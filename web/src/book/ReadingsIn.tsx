import { readingFaultText } from '@ironpan/core/words';
import { useState } from 'react';
import { now } from '../clock';
import { askReadings } from '../offload';
import type { ReadingsTold } from '../offload/readings.worker';
import { databaseName } from '../store/db';
import { realm } from '../store/realm';
import { FileField } from '../ui/FileField';
import { NotSaved } from '../ui/NotSaved';
import { causeOf } from '../ui/notSaved';
import { tell } from '../ui/toast';
import { useWrite } from '../ui/useWrite';

/** More faults say nothing more. */
const MOST_FAULTS = 6;
/** A longer file is no table of readings. */
const MOST_BYTES = 20_000_000;

/** Readings from a table into the batches they belong to: judged whole first, then written, all of them or none. */
export function ReadingsIn({ onDone }: { readonly onDone: () => void }) {
  const [file, setFile] = useState<File | null>(null);
  const [told, setTold] = useState<ReadingsTold | null>(null);
  const [say, setSay] = useState<string | null>(null);
  const write = useWrite();
  const ask = (f: File, writeAt: number | null): Promise<ReadingsTold> =>
    askReadings({ database: databaseName(realm()), file: f, writeAt }).done;
  const look = (f: File): void => {
    setFile(f);
    setTold(null);
    setSay(f.size > MOST_BYTES ? 'This file is too long for a table of readings. Cut it into parts.' : 'Reading …');
    if (f.size > MOST_BYTES) return;
    ask(f, null).then(
      (t) => {
        setSay(null);
        setTold(t);
      },
      (e: unknown) => setSay(`The file could not be read. ${causeOf(e)}`),
    );
  };
  const take = (): void => {
    if (!file) return;
    write.run(
      'these readings',
      () => ask(file, now()),
      (t) => {
        // The book changed since it was looked at: nothing was written, and why stands here.
        if (t.faults.length > 0) {
          setTold(t);
          return;
        }
        tell(`${countText(t)} written down.`);
        onDone();
      },
    );
  };
  const some = told && told.faults.length === 0 && told.come + told.corrected > 0;
  return (
    <section aria-label="Readings in" className="mt-5">
      <h3>Readings in</h3>
      <p className="quiet small mb-2">
        Columns batch, step, reading, value and unit, in any order, as in the table of readings above. Points or commas
        in figures. What is known already is passed over.
      </p>
      <FileField label="A table of readings" accept=".csv,.tsv,.txt,text/csv" onFile={look} />
      {say !== null && (
        <p role="status" className="mt-2">
          {say}
        </p>
      )}
      {told && told.faults.length > 0 && (
        <div role="alert" className="alert alert-warning mt-3 block">
          <p>Nothing was taken.</p>
          <ul>
            {told.faults.slice(0, MOST_FAULTS).map((f, i) => (
              <li key={i}>{readingFaultText(f)}</li>
            ))}
          </ul>
          {told.faults.length > MOST_FAULTS && <p>And {told.faults.length - MOST_FAULTS} lines more.</p>}
        </div>
      )}
      {told && told.faults.length === 0 && (
        <p className="mt-2" role="status">
          {countText(told)}
          {told.come + told.corrected > 0
            ? ` of ${told.batches === 1 ? 'one batch' : `${told.batches} batches`}`
            : ''}.{' '}
          {told.same > 0 && `${told.same} known already.`}
        </p>
      )}
      {some && (
        <button type="button" data-once className="btn btn-primary mt-2" onClick={take}>
          Write them down
        </button>
      )}
      <NotSaved of={write} />
    </section>
  );
}
function countText({ come, corrected }: ReadingsTold): string {
  const fresh = come === 0 ? '' : come === 1 ? 'One new reading' : `${come} new readings`;
  const other = corrected === 0 ? '' : corrected === 1 ? 'one corrected' : `${corrected} corrected`;
  return [fresh, other].filter((x) => x !== '').join(', ') || 'No new reading';
}
