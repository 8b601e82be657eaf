import { useEffect, useRef } from 'react';
import { useLive } from '../live/live';
import type { Running } from '../live/running';
import { useShelf } from '../live/shelf';
import { useNext } from '../live/useNext';
import { readReminding } from '../store/answers';
import { remind } from '../ui/reminder';

interface RemindersProps {
  readonly batches: readonly Running[];
  readonly now: number;
}
/** Where reminders are on: whatever comes due while a window is open is said by the browser, once. */
export function Reminders(p: RemindersProps) {
  const on = useLive(['reminders'], readReminding).data;
  return on ? <Watching {...p} /> : null;
}
function Watching({ batches, now }: RemindersProps) {
  const shelf = useShelf(now);
  const { open } = useNext(shelf?.jars ?? [], batches, now);
  const said = useRef<{ readonly since: number; readonly keys: Set<string> }>({ since: now, keys: new Set() });
  const due = shelf ? open.filter((i) => i.at <= now) : [];
  const keys = due.map((i) => i.key).join('|');
  useEffect(() => {
    if (!shelf) return;
    const { since, keys: had } = said.current;
    for (const i of due) {
      // What was due before the window was opened stands in the list; it is not called out again.
      if (!had.has(i.key) && i.at > since) remind(i.text, i.more);
      had.add(i.key);
    }
    // `due` is a new list at each second; its keys say when it changes.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [keys, shelf !== undefined]);
  return null;
}
