import { useRef, useState } from 'react';
import { now } from '../clock';
import { exportKitchen } from '../offload';
import type { Running } from '../offload';
import { databaseName } from '../store/db';
import { openRealm, realm } from '../store/realm';
import { wipe } from '../store/transfer';
import { Dialog } from '../ui/Dialog';
import { download } from '../ui/download';
import { causeOf } from '../ui/notSaved';
import { fileDate } from '../ui/times';
import { tell } from '../ui/toast';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';
import { ImportFile } from './ImportFile';
import { Kept } from './Kept';

/** What is practised is not kept: there is nothing of it to take out or to bring in. */
export function YourData() {
  if (realm() !== 'practice') return <KeptData />;
  return (
    <section aria-label="Your data" className="plate p-4">
      <h2 className="mb-1 text-xl">Your data</h2>
      <p>This is practice: it is laid out anew each time, and nothing of it is exported.</p>
    </section>
  );
}
/** One file out, one file in, and which kitchen is open. */
function KeptData() {
  const [asking, setAsking] = useState(false);
  const demo = realm() === 'demo';
  const write = useWrite();
  const [share, setShare] = useState<number | null>(null);
  const running = useRef<Running<Blob> | null>(null);
  const out = (): void => {
    const at = now();
    const name = `ironpan-${demo ? 'demo' : 'kitchen'}-${fileDate(at)}.zip`;
    const run = exportKitchen(databaseName(realm()), at, setShare);
    running.current = run;
    setShare(0);
    run.done.then(
      (file) => {
        setShare(null);
        download(name, file);
      },
      (e: unknown) => {
        setShare(null);
        tell(`The file could not be made. ${causeOf(e)}`);
      },
    );
  };
  const stop = (): void => {
    running.current?.stop();
    setShare(null);
  };
  const empty = (): void =>
    write.run('that it is empty', wipe, () => {
      setAsking(false);
      tell('The kitchen is empty.');
    });
  const layAgain = (): void =>
    write.run(
      'the demo',
      async () => (await import('../demo/lay')).layDemo(now()),
      () => tell('The demo is laid out afresh.'),
    );
  return (
    <section aria-label="Your data" className="plate p-4">
      <h2 className="mb-1 text-xl">Your data</h2>
      <p className="mb-3">
        Everything stays in this browser, at this address. One file holds it all: plans, batches, readings, jars, kit
        and preferences.
      </p>
      <div className="mb-4 flex flex-wrap gap-3">
        <button type="button" className="btn btn-outline" disabled={share !== null} onClick={out}>
          Export everything
        </button>
        {demo && (
          <button type="button" className="btn btn-outline" onClick={layAgain}>
            Lay the demo out afresh
          </button>
        )}
        <button type="button" className="btn btn-outline" onClick={() => void openRealm(demo ? 'kitchen' : 'demo')}>
          {demo ? 'Leave the demo, open my own kitchen' : 'Open the demo kitchen'}
        </button>
        <button type="button" className="btn btn-outline" onClick={() => setAsking(true)}>
          Empty this kitchen
        </button>
      </div>
      {share !== null && (
        <p className="mb-3" aria-live="polite">
          Packing it … <span className="num">{Math.round(100 * share)} %</span>{' '}
          <button type="button" className="link" onClick={stop}>
            Stop
          </button>
        </p>
      )}
      {!asking && <NotSaved of={write} />}
      <ImportFile />
      <Kept />
      {asking && (
        <Dialog title="Empty this kitchen?" onClose={() => setAsking(false)}>
          <p className="mb-4">
            Plans, batches, jars and kit of {demo ? 'the demo' : 'your kitchen'} are deleted from this browser. Export
            first if you may want them back.
          </p>
          <NotSaved of={write} />
          <div className="flex flex-wrap gap-3">
            <button type="button" className="btn btn-outline btn-lg" onClick={out}>
              Export first
            </button>
            <button type="button" className="btn btn-primary btn-lg" onClick={empty}>
              Delete all of it
            </button>
          </div>
        </Dialog>
      )}
    </section>
  );
}
