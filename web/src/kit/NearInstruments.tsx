import type { Instrument } from '@ironpan/core/instruments';
import { useState } from 'react';
import { canPair, pairNearBy, putAway, useNearBy } from '../instruments';
import { standInsHere } from '../store/paired';

const WHAT: Readonly<Partial<Record<Instrument, string>>> = {
  scale: 'scale',
  probe: 'probe thermometer',
  fridge: 'fridge thermometer',
};
/** Why none was paired; null: the cook closed the browser's list. */
function whyNot(what: string, e: unknown): string | null {
  const name = e instanceof Error ? e.name : '';
  if (name === 'NotFoundError' || name === 'AbortError') return null;
  if (name === 'SecurityError') return 'This browser does not let this page use Bluetooth.';
  return `The ${what} does not answer. Is it on, near, and not held by another device? Then press once more.`;
}
/** The cook's own instruments, over Bluetooth where the browser has it; where it has not, there is nothing to see. */
export function NearInstruments() {
  const near = useNearBy();
  const [failed, setFailed] = useState<string | null>(null);
  const pair = (i: Instrument): void => {
    setFailed(null);
    pairNearBy(i).catch((e: unknown) => setFailed(whyNot(WHAT[i] ?? i, e)));
  };
  const can = canPair();
  if (standInsHere() || can.length === 0) return null;
  return (
    <section aria-label="Instruments" className="plate p-4">
      <h2 className="mb-1 text-xl">Instruments</h2>
      <p className="quiet mb-2">
        Bluetooth scales and thermometers that speak the standard services. The bench then shows what they tell; scale
        and probe write it down, and one in the fridge keeps the fridge’s log. The browser asks which, each time this
        page is opened anew.
      </p>
      {failed !== null && (
        <p className="alert alert-warning mb-2" role="alert">
          {failed}
        </p>
      )}
      <ul>
        {can.map((i) => {
          const one = near.find((x) => x.of === i);
          return (
            <li key={i} className="rowline flex min-h-14 flex-wrap items-center justify-between gap-x-4 gap-y-1 py-1.5">
              <span>
                {one ? one.name : `No ${WHAT[i] ?? i} is paired`}
                {one && (
                  <span className="quiet small block">
                    {WHAT[i]}, {one.line === 'live' ? 'heard' : 'not heard any more; it is called again'}
                  </span>
                )}
              </span>
              {one ? (
                <button
                  type="button"
                  className="btn btn-outline"
                  aria-label={`Put away: ${one.name}`}
                  onClick={() => putAway(i)}
                >
                  Put it away
                </button>
              ) : (
                <button type="button" data-once className="btn btn-outline" onClick={() => pair(i)}>
                  {`Pair a ${WHAT[i] ?? i}`}
                </button>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
