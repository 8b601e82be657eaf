import { unlearned } from '@ironpan/core/kitchen';
import { canSkip, holdingNow, lastSeq, pausedSince } from '@ironpan/core/batch';
import { look } from '@ironpan/core/questions';
import type { TaskState } from '@ironpan/core/batch';
import { warningsOf } from '@ironpan/core/checks';
import { clock, duration, hotWaterOf, instruction, join, percent, warningText } from '@ironpan/core/words';
import { useEffect, useState } from 'react';
import { useNow, now as nowMs } from '../clock';
import { append } from '../store/batches';
import type { Happening } from '../store/batches';
import { useLive } from '../live/live';
import { useSettings } from '../live/useKitchen';
import { readCalls } from '../store/calls';
import { cupMlOf } from '../ui/cups';
import { whenOf } from '../ui/times';
import { soakOf, timerOf } from '../live/running';
import type { Running, Timer } from '../live/running';
import { NotSaved } from '../ui/NotSaved';
import { tell } from '../ui/toast';
import { useAwake } from '../ui/useAwake';
import { useWrite } from '../ui/useWrite';
import { speak } from '../ui/voice';
import { begin, endOf, farOff } from './actions';
import { AtHand } from './AtHand';
import { AbandonDialog, NoteDialog, SkipDialog, TookDialog } from './dialogs';

type Asking = 'skip' | 'abandon' | 'note' | 'took' | null;

/** One step, huge: what to do, what runs, and the buttons for wet hands. */
export function NowAtHand({ r, t }: { readonly r: Running; readonly t: TaskState }) {
  const now = useNow();
  const [asking, setAsking] = useState<Asking>(null);
  const stage = r.progress.outcome.stages[t.index];
  const settings = useSettings();
  const cupMl = settings ? cupMlOf(settings, r.batch.kit) : null;
  const timer = timerOf(r, now);
  const say = stage ? instruction(t.step, stage, t.task.id, r.progress.recipe, r.batch.kit, cupMl) : null;
  // The water is poured with the first task of a step; blanching brings its own to the boil.
  const hot = stage?.tasks[0]?.id === t.task.id || t.step.kind === 'grind' ? hotWaterOf(t.step, r.batch.kit) : null;
  useAwake(timer !== null && !timer.paused && t.task.hands !== 'free');
  const calls = useLive(['calls'], readCalls).data;
  const aloud = calls?.aloud === true && say !== null ? spoken(say.title, say.say, say.cue) : null;
  useEffect(() => {
    if (aloud !== null) speak(aloud);
  }, [aloud]);
  const write = useWrite();
  const seen = lastSeq(r.events);
  const log = (what: string, h: readonly Happening[], then: () => void = () => undefined): void =>
    write.run(
      what,
      () => append(r.batch.id, h, nowMs(), seen),
      () => {
        setAsking(null);
        then();
      },
    );
  const done = (): void => {
    if (timer && farOff(t, timer.ranS)) setAsking('took');
    else log('that it is done', endOf(r, t, timer ? timer.ranS : null));
  };
  const i = r.progress.tasks.indexOf(t);
  const before = r.progress.tasks[i - 1];
  const after = r.progress.tasks[i + 1];
  const waits = t.task.timed && t.status === 'waiting';
  if (!stage || !say) return null;
  return (
    <section aria-label="Now" className="plate flex flex-col p-4 wide:min-h-[36rem] wide:p-6">
      <p className="quiet num small">
        {i + 1} of {r.progress.tasks.length}
      </p>
      <h1 className="text-3xl wide:text-4xl">{say.title}</h1>
      <p className="mt-2 text-[1.2rem]">{say.say}</p>
      {hot !== null && <p className="mt-1 text-[1.1rem]">{hot}</p>}
      {say.cue !== null && <p className="quiet mt-1 text-[1.19rem]">Look for: {say.cue}</p>}
      {say.caution !== undefined && (
        <p className="alert alert-warning mt-2 text-[1.1rem]" role="note">
          {say.caution}
        </p>
      )}
      <div className="my-4 grid flex-1 items-center gap-4 sm:grid-cols-[minmax(0,14rem)_minmax(0,1fr)]">
        <AtHand t={t} stage={stage} soak={soakOf(r, now)} />
        {timer && <Fuse timer={timer} now={now} r={r} />}
      </div>
      <div className="order-2 mt-2.5 grid grid-cols-2 gap-2.5 sm:order-1 sm:mt-0 sm:mb-2.5 sm:grid-cols-4">
        {before && (
          <button
            type="button"
            className="btn btn-outline btn-lg"
            onClick={() => log('that you went back', [{ is: 'back', step: before.step.id }])}
          >
            Go back
          </button>
        )}
        {timer && t.task.hands !== 'free' && (
          <button
            type="button"
            className="btn btn-outline btn-lg"
            onClick={() =>
              log(timer.paused ? 'that it goes on' : 'the pause', [{ is: timer.paused ? 'resumed' : 'paused' }])
            }
          >
            {timer.paused ? 'Go on' : 'Pause'}
          </button>
        )}
        {canSkip(r.progress.recipe, t.step.id) && (
          <button type="button" className="btn btn-outline btn-lg" onClick={() => setAsking('skip')}>
            Leave out
          </button>
        )}
        <button type="button" className="btn btn-outline btn-lg" onClick={() => setAsking('note')}>
          Note
        </button>
        <button type="button" className="btn btn-outline btn-lg" onClick={() => setAsking('abandon')}>
          Abandon
        </button>
      </div>
      <div className="grid max-sm:order-1 sm:order-2">
        {waits ? (
          <button
            type="button"
            data-once
            className="btn btn-primary btn-lg text-lg!"
            onClick={() => log('the start', [begin(t)])}
          >
            {`Start: ${join(duration(t.task.timerS ?? t.task.durationS))}`}
          </button>
        ) : (
          <button type="button" data-once className="btn btn-primary btn-lg text-lg!" onClick={done}>
            {after ? 'Done, next' : 'Done, to the shelf'}
          </button>
        )}
      </div>
      {asking === null && <NotSaved of={write} />}
      {asking === 'skip' && (
        <SkipDialog
          write={write}
          dangers={dangersWithout(r, t)}
          onClose={() => setAsking(null)}
          onSkip={(why, text) => log('that it was left out', [{ is: 'skipped', step: t.step.id, why, text }])}
        />
      )}
      {asking === 'abandon' && (
        <AbandonDialog
          write={write}
          onClose={() => setAsking(null)}
          onAbandon={(why, text) => log('that it was abandoned', [{ is: 'abandoned', why, text }])}
        />
      )}
      {asking === 'note' && (
        <NoteDialog
          write={write}
          onClose={() => setAsking(null)}
          onNote={(text) =>
            log('the note', [{ is: 'note', text }], () => tell('Noted. It is in the log of this batch.'))
          }
        />
      )}
      {asking === 'took' && timer && (
        <TookDialog
          write={write}
          ranS={timer.ranS}
          plannedS={timer.plannedS}
          onClose={() => setAsking(null)}
          onTook={(s) => log('that it is done', endOf(r, t, s))}
        />
      )}
    </section>
  );
}

/** A step as it is said: what, how much, and what ends it. */
const spoken = (title: string, what: string, cue: string | null): string =>
  [title, what, ...(cue === null ? [] : [`Look for: ${cue}`])].map((x) => x.replace(/[.]?$/, '.')).join(' ');

/** What leaving this step out would bring that is dangerous and is not so already. */
function dangersWithout(r: Running, t: TaskState): readonly string[] {
  const { recipe, outcome } = r.progress;
  const had = new Set(warningsOf({ outcome, recipe, kit: r.batch.kit }).map((w) => w.check));
  const without = { ...recipe, steps: recipe.steps.filter((s) => s.id !== t.step.id) };
  const seen = look(without, unlearned(r.batch.kit));
  return (seen?.warnings ?? []).filter((w) => w.weight === 'danger' && !had.has(w.check)).map(warningText);
}

/** A fuse that burns down, and the time that is left, large. */
function Fuse({ timer, now, r }: { readonly timer: Timer; readonly now: number; readonly r: Running }) {
  const left = timer.leftS;
  const share = timer.plannedS > 0 ? Math.min(1, timer.ranS / timer.plannedS) : 1;
  const holding = holdingNow(r.progress, r.batch, now, pausedSince(r.events));
  return (
    <div role="timer" aria-label={left > 0 ? `${join(duration(left))} left` : 'time is up'}>
      <p
        className="font-display text-[4.2rem] leading-none font-extrabold tabular-nums wide:text-[5.5rem]"
        style={left <= 0 ? { color: 'var(--flame-text)' } : undefined}
      >
        {left > 0 ? clock(left) : `+${clock(-left)}`}
      </p>
      <div
        className="mt-2 h-6 overflow-hidden rounded-sm border-1.5"
        style={{ borderColor: 'var(--iron)', background: 'var(--ground)' }}
      >
        <div className="h-full" style={{ width: `${100 * share}%`, background: 'var(--flame)' }} />
      </div>
      <p className="mt-1.5 text-[1.19rem]">
        {timer.paused ? (
          <b>Paused</b>
        ) : left > 0 ? (
          <>
            done about <span className="num">{whenOf(now + left * 1000, now)}</span>
          </>
        ) : (
          <b>Time is up: look, then press done.</b>
        )}
      </p>
      {holding && (
        <p className="text-[1.19rem]">
          inhibitor left now <span className="num">{join(percent(holding.left))}</span>, goal{' '}
          {join(percent(holding.goal))}
        </p>
      )}
    </div>
  );
}
