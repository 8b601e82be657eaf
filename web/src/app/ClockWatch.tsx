import { lastSeq, latestInstant } from '@ironpan/core/batch';
import { duration, join } from '@ironpan/core/words';
import { useEffect, useRef } from 'react';
import { append } from '../store/batches';
import { Dialog } from '../ui/Dialog';
import { notSaved } from '../ui/notSaved';
import type { Running } from '../live/running';
import { tell } from '../ui/toast';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';
import { answerJump, now, useJump } from '../clock';

/** Two windows see the same jump at slightly different moments: within these it is the same. */
const SAME_JUMP_MS = 10_000;
const SAME_TIME_MS = 15 * 60_000;
/** A line this far ahead of the clock was written before the clock was set back. */
const AHEAD_MS = 120_000;

const said = (b: Running, byMs: number, at: number): boolean =>
  b.events.some(
    (e) => e.is === 'clockSet' && Math.abs(e.byMs - byMs) < SAME_JUMP_MS && Math.abs(e.at - at) < SAME_TIME_MS,
  );
/** Writes into the logs of what is open that the clock was set: all that runs goes on as it was. */
const correct = async (open: readonly Running[], byMs: number, at: number): Promise<void> => {
  for (const b of open)
    if (!said(b, byMs, at)) await append(b.batch.id, [{ is: 'clockSet', byMs }], at, lastSeq(b.events));
};
const long = (ms: number): string => join(duration(Math.abs(ms) / 1000));

/**
 * Watches for the wall clock being set. Back, time cannot have gone: it is corrected and told. Forward, the device may
 * have slept while the milk stood: only the cook knows.
 */
export function ClockWatch({ open }: { readonly open: readonly Running[] }) {
  const jump = useJump();
  const write = useWrite();
  const runs = open.some((b) => b.progress.tasks.some((t) => t.begunAt !== null));
  useSetBackWhileAway(open);
  const back = jump !== null && jump.byMs < 0 ? jump : null;
  useEffect(() => {
    if (!back) return;
    answerJump();
    correct(open, back.byMs, back.at).then(
      () => {
        if (runs) tell(`The clock of this device was set back by ${long(back.byMs)}. What runs goes on as before.`);
      },
      (e: unknown) => tell(notSaved('that the clock was set back', e)),
    );
  }, [back, open, runs]);
  if (!jump || jump.byMs < 0 || !runs) return null;
  return (
    <Dialog title="Asleep, or clock changed?" onClose={answerJump}>
      <p className="mb-4">
        The clock of this device jumped forward by {long(jump.byMs)}. If it was asleep, that time has passed for what
        soaks and cooks. If the clock was set, it has not.
      </p>
      <NotSaved of={write} />
      <div className="grid gap-2 sm:grid-cols-2">
        <button type="button" className="btn btn-primary btn-lg" onClick={answerJump}>
          It was asleep: the time passed
        </button>
        <button
          type="button"
          data-once
          className="btn btn-outline btn-lg"
          onClick={() => write.run('that the clock was set', () => correct(open, jump.byMs, jump.at), answerJump)}
        >
          The clock was set: go on as before
        </button>
      </div>
    </Dialog>
  );
}

/** Opened again with the clock behind what the logs say: it was set back meanwhile, by that much at least. */
function useSetBackWhileAway(open: readonly Running[]): void {
  const looked = useRef(false);
  useEffect(() => {
    if (looked.current) return;
    looked.current = true;
    const at = now();
    const ahead = open.flatMap((b) => {
      const byMs = at - latestInstant(b.batch.startedAt, b.events);
      return byMs < -AHEAD_MS && b.events.length > 0 ? [{ b, byMs }] : [];
    });
    if (ahead.length === 0) return;
    Promise.all(ahead.map(({ b, byMs }) => correct([b], byMs, at))).then(
      () => tell('The clock of this device is behind what was written down. What runs goes on from where it was.'),
      (e: unknown) => tell(notSaved('that the clock was set back', e)),
    );
  }, [open]);
}
