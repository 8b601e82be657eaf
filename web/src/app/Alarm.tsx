import { useEffect, useRef } from 'react';
import { ring } from '../ui/alarm';
import { nameOfTask, timerOf } from '../live/running';
import type { Running } from '../live/running';

const NAME = 'Ironpan';

/** Rings once when a timer comes to its end while the page is open, and says it in the window's title until it is answered. */
export function Alarm({ batches, now }: { readonly batches: readonly Running[]; readonly now: number }) {
  const before = useRef<ReadonlySet<string> | null>(null);
  const over = batches.flatMap((b) => {
    const t = timerOf(b, now);
    return t && t.leftS <= 0 && !t.paused
      ? [{ key: `${b.batch.id} ${t.task.step.id} ${t.task.task.id}`, name: nameOfTask(t.task) }]
      : [];
  });
  const keys = over.map((o) => o.key).join('|');
  const first = over[0]?.name;
  useEffect(() => {
    const ended = new Set(keys === '' ? [] : keys.split('|'));
    const had = before.current;
    before.current = ended;
    document.title = first === undefined ? NAME : `Time: ${first}`;
    // What was over before the page was opened has rung already, or nobody was there to hear it.
    if (had && [...ended].some((k) => !had.has(k))) ring();
  }, [keys, first]);
  return null;
}
