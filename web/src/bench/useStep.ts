import { lastSeq } from '@ironpan/core/batch';
import type { TaskState } from '@ironpan/core/batch';
import { useState } from 'react';
import { now as nowMs, useNow } from '../clock';
import { append } from '../store/batches';
import type { Happening } from '../store/batches';
import { courseReading } from '../instruments';
import { timerOf } from '../live/running';
import type { Running, Timer } from '../live/running';
import { useWrite } from '../ui/useWrite';
import type { Write } from '../ui/useWrite';
import { begin, endOf, farOff } from './actions';

export type Asking = 'skip' | 'abandon' | 'note' | 'rescue' | 'took' | null;
export interface AtStep {
  readonly timer: Timer | null;
  readonly asking: Asking;
  readonly ask: (a: Asking) => void;
  readonly write: Write;
  readonly log: (what: string, h: readonly Happening[], then?: () => void) => void;
  readonly start: () => void;
  readonly done: () => void;
  /** It is done; `tookS`: what its clock counts as. */
  readonly ended: (tookS: number | null) => void;
  /** Holds it or lets it go on; absent: there is nothing to hold. */
  readonly hold?: () => void;
}
/** What can be said of the task that is shown, and what is being asked about it. */
export function useStep(r: Running, t: TaskState, onDone: () => void): AtStep {
  const now = useNow();
  const [asking, ask] = useState<Asking>(null);
  const write = useWrite();
  const timer = timerOf(t, now);
  const seen = lastSeq(r.events);
  const log: AtStep['log'] = (what, h, then = () => undefined) =>
    write.run(
      what,
      () => append(r.batch.id, h, nowMs(), seen),
      () => {
        ask(null);
        then();
      },
    );
  const of = { step: t.step.id, task: t.task.id };
  // What a probe told of the task goes with its end, in one line of the log or not at all.
  const ended = (tookS: number | null): void =>
    write.run(
      'that it is done',
      async () => append(r.batch.id, [...(await courseReading(r.batch.id, t)), ...endOf(r, t, tookS)], nowMs(), seen),
      () => {
        ask(null);
        onDone();
      },
    );
  return {
    timer,
    asking,
    ask,
    write,
    log,
    ended,
    start: () => log('the start', [begin(t)]),
    done: () => {
      if (timer && farOff(t, timer.ranS)) ask('took');
      else ended(timer ? timer.ranS : null);
    },
    ...(timer &&
      t.task.hands !== 'free' && {
        hold: () =>
          log(timer.paused ? 'that it goes on' : 'the pause', [{ is: timer.paused ? 'resumed' : 'paused', ...of }]),
      }),
  };
}
