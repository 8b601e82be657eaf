import { endQuestionOf, lastSeq } from '@ironpan/core/batch';
import type { EndQuestion, TaskState } from '@ironpan/core/batch';
import { useState } from 'react';
import { now as nowMs, useNow } from '../clock';
import { append } from '../store/batches';
import type { Happening } from '../store/batches';
import { courseReading } from '../instruments';
import { nameOfTask, timerOf } from '../live/running';
import type { Running, Timer } from '../live/running';
import { tell } from '../ui/toast';
import { useWrite } from '../ui/useWrite';
import type { Write } from '../ui/useWrite';
import { begin, endOf } from './actions';
import type { Took } from './actions';

export type Asking = 'skip' | 'abandon' | 'note' | 'rescue' | 'took' | null;
export interface AtStep {
  readonly timer: Timer | null;
  readonly asking: Asking;
  readonly ask: (a: Asking) => void;
  readonly write: Write;
  readonly log: (what: string, h: readonly Happening[], then?: () => void) => void;
  /** Opens a task again and all that came of it; their times and readings no longer count. */
  readonly goBack: (to: TaskState) => void;
  readonly start: () => void;
  readonly done: () => void;
  /** What is asked about its length while `asking` is `took`; null: nothing. */
  readonly question: EndQuestion | null;
  /** It is done; null: it has no timer. */
  readonly ended: (took: Took | null) => void;
  /** It is not done: the question is closed, and a timer that was paused runs again. */
  readonly keepGoing: () => void;
  /** Holds it or lets it go on; absent: there is nothing to hold. */
  readonly hold?: () => void;
}
/** What can be said of the task that is shown, and what is being asked about it. */
export function useStep(r: Running, t: TaskState, onDone: () => void): AtStep {
  const now = useNow();
  const [asking, ask] = useState<Asking>(null);
  const [question, setQuestion] = useState<EndQuestion | null>(null);
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
  const ended = (took: Took | null): void =>
    write.run(
      'that it is done',
      async () => append(r.batch.id, [...(await courseReading(r.batch.id, t)), ...endOf(r, t, took)], nowMs(), seen),
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
    goBack: (to) => {
      const lines: string[] = [];
      write.run(
        'that you went back',
        async () => {
          const back = { is: 'back', step: to.step.id, task: to.task.id } as const;
          lines.push(...(await append(r.batch.id, [back], nowMs(), seen)));
        },
        () => {
          const undo = (): void =>
            write.run('the undo', () =>
              append(
                r.batch.id,
                lines.map((of) => ({ is: 'undone', of }) as const),
                nowMs(),
              ),
            );
          tell(`Back at “${nameOfTask(to, r.progress.recipe)}”. Its time and readings start again.`, {
            label: 'Undo',
            run: undo,
          });
          onDone();
        },
      );
    },
    start: () => log('the start', [begin(t)]),
    done: () => {
      const q = timer && endQuestionOf(r.progress, t, timer.ranS);
      setQuestion(q);
      if (q) ask('took');
      else ended(timer && { ranS: timer.ranS });
    },
    question,
    keepGoing: () => {
      if (timer?.paused) log('that it goes on', [{ is: 'resumed', ...of }]);
      else ask(null);
    },
    ...(timer &&
      t.task.hands !== 'free' && {
        hold: () =>
          log(timer.paused ? 'that it goes on' : 'the pause', [{ is: timer.paused ? 'resumed' : 'paused', ...of }]),
      }),
  };
}
