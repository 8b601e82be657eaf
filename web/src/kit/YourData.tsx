import { useState } from 'react';
import { now } from '../app/clock';
import { openRealm, realm } from '../store/realm';
import { readAll, wipe } from '../store/transfer';
import { Dialog } from '../ui/Dialog';
import { download } from '../ui/download';
import { fileDate } from '../ui/times';
import { tell } from '../ui/toast';
import { ImportFile } from './ImportFile';
import { Kept } from './Kept';

/** One file out, one file in, and which kitchen is open. */
export function YourData() {
  const [asking, setAsking] = useState(false);
  const demo = realm() === 'demo';
  const out = async (): Promise<void> => {
    const { backupText } = await import('@ironpan/core/formats');
    const at = now();
    download(`ironpan-${demo ? 'demo' : 'kitchen'}-${fileDate(at)}.json`, backupText(await readAll(), at));
  };
  const empty = async (): Promise<void> => {
    await wipe();
    setAsking(false);
    tell('The kitchen is empty.');
  };
  const layAgain = async (): Promise<void> => {
    const { layDemo } = await import('../demo/lay');
    await layDemo(now());
    tell('The demo is laid out afresh.');
  };
  return (
    <section aria-label="Your data" className="plate p-4">
      <h2 className="mb-1 text-xl">Your data</h2>
      <p className="mb-3">
        Everything stays in this browser, at this address. One file holds it all: plans, batches, readings, jars and
        kit.
      </p>
      <div className="mb-4 flex flex-wrap gap-3">
        <button type="button" className="btn btn-plain" onClick={() => void out()}>
          Export everything
        </button>
        {demo && (
          <button type="button" className="btn btn-plain" onClick={() => void layAgain()}>
            Lay the demo out afresh
          </button>
        )}
        <button type="button" className="btn btn-plain" onClick={() => openRealm(demo ? 'kitchen' : 'demo')}>
          {demo ? 'Leave the demo, open my own kitchen' : 'Open the demo kitchen'}
        </button>
        <button type="button" className="btn btn-plain" onClick={() => setAsking(true)}>
          Empty this kitchen
        </button>
      </div>
      <ImportFile />
      <Kept />
      {asking && (
        <Dialog title="Empty this kitchen?" onClose={() => setAsking(false)}>
          <p className="mb-4">
            Plans, batches, jars and kit of {demo ? 'the demo' : 'your kitchen'} are deleted from this browser. Export
            first if you may want them back.
          </p>
          <div className="flex flex-wrap gap-3">
            <button type="button" className="btn btn-plain btn-big" onClick={() => void out()}>
              Export first
            </button>
            <button type="button" className="btn btn-primary btn-big" onClick={() => void empty()}>
              Delete all of it
            </button>
          </div>
        </Dialog>
      )}
    </section>
  );
}
