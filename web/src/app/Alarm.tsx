import { useEffect, useRef } from 'react';
import { useLive } from '../live/live';
import { readCalls } from '../store/calls';
import { ring } from '../ui/alarm';
import { remind } from '../ui/reminder';
import { speak } from '../ui/voice';
import { ringsOf } from '../live/rings';
import type { Running } from '../live/running';

const NAME = 'Ironpan';
const SHAKES_MS = [300, 150, 300];

/**
 * Rings when a timer ends while the page is open, and again while a blender runs on. The window's title names the timer
 * until it is answered.
 */
export function Alarm({ batches, now }: { readonly batches: readonly Running[]; readonly now: number }) {
  const calls = useLive(['calls'], readCalls).data;
  const before = useRef<ReadonlySet<string> | null>(null);
  const over = ringsOf(batches, now);
  const keys = over.map((o) => o.key).join('|');
  const first = over[0]?.name;
  useEffect(() => {
    const ended = new Set(keys === '' ? [] : keys.split('|'));
    const had = before.current;
    before.current = ended;
    document.title = first === undefined ? NAME : `Time: ${first}`;
    // What was over before the page was opened has rung already, or nobody was there to hear it.
    const fresh = had ? over.filter((o) => !had.has(o.key)) : [];
    if (fresh.length === 0) return;
    ring();
    // No telephone without a motor has it, nor every browser.
    (navigator as { vibrate?: (pattern: readonly number[]) => boolean }).vibrate?.(SHAKES_MS);
    for (const o of fresh) {
      if (calls?.aloud) speak(`Time is up: ${o.name}.`);
      if (calls?.outside) remind(`Time is up: ${o.name}`, o.of);
    }
    // `over` is a new list at each second; its keys say when it changes, and how it calls is as it was then.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [keys, first]);
  // A screen reader reads it out at once, whatever it was reading.
  return (
    <div aria-live="assertive" className="sr-only" data-time-up>
      {first === undefined ? '' : `Time is up: ${first}.`}
    </div>
  );
}
