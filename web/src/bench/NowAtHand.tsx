import type { TaskState } from '@ironpan/core/batch';
import type { Trace } from '@ironpan/core/steps';
import { cautionsOf, hotWaterOf, instruction, keptByHand, muchOf, stirText } from '@ironpan/core/words';
import { useEffect } from 'react';
import { useNow } from '../clock';
import { readCalls } from '../store/calls';
import { useLive } from '../live/live';
import { useSettings } from '../live/useKitchen';
import type { Running } from '../live/running';
import { cupMlOf } from '../ui/cups';
import { NotSaved } from '../ui/NotSaved';
import { useAwake } from '../ui/useAwake';
import { speak } from '../ui/voice';
import { Asked } from './Asked';
import { AtHand } from './AtHand';
import { Fuse } from './Fuse';
import { RawWarning } from './RawWarning';
import { MainButton, MoreButtons } from './StepButtons';
import { useBenchKeys } from './useBenchKeys';
import type { SaidOf } from './useSaid';
import { useStep } from './useStep';
import { useStirring } from './useStirring';

interface NowAtHandProps {
  readonly r: Running;
  readonly t: TaskState;
  readonly probeC: number | null;
  /** All that it told of this task so far; null: nothing. */
  readonly probe: Trace | null;
  /** What instruments tell of it, and what to do; null: nothing. */
  readonly said: SaidOf | null;
  /** The task that was shown is done: whatever stands before the cook is shown again. */
  readonly onDone: () => void;
}
/** One step, huge: what to do, how much, what ends it, and the buttons for wet hands. */
export function NowAtHand({ r, t, probeC, probe, said, onDone }: NowAtHandProps) {
  const now = useNow();
  const at = useStep(r, t, onDone);
  const stage = r.progress.outcome.stages[t.index];
  const settings = useSettings();
  const cupMl = settings ? cupMlOf(settings, r.batch.kit) : null;
  const say = stage ? instruction(t.step, stage, t.task.id, r.progress.recipe, r.batch.kit, cupMl) : null;
  const much = stage ? muchOf(t.step, stage, t.task.id, r.progress.recipe, cupMl) : [];
  // The water is poured with the first task of a step; blanching brings its own to the boil.
  const hot = stage?.tasks[0]?.id === t.task.id || t.step.kind === 'grind' ? hotWaterOf(t.step, r.batch.kit) : null;
  const stirring = useStirring(t, stage, now, probeC);
  const { timer } = at;
  useAwake(timer !== null && !timer.paused && t.task.hands !== 'free');
  useBenchKeys(at, t);
  const calls = useLive(['calls'], readCalls).data;
  const aloud = calls?.aloud === true && say !== null ? spoken(say.title, say.say, say.cue) : null;
  useEffect(() => {
    if (aloud !== null) speak(aloud);
  }, [aloud]);
  if (!stage || !say) return null;
  // A probe in it tells better.
  const byHand = probeC === null ? keptByHand(t.step, t.task.id, stage, r.batch.kit) : null;
  const cautions = [
    ...(say.caution === undefined ? [] : [say.caution]),
    ...cautionsOf(t.step, stage, t.task.id, r.progress.recipe),
  ];
  return (
    <section aria-label="Now" className="plate flex flex-col p-4 wide:min-h-[36rem] wide:p-6">
      <p className="quiet num small">
        {r.progress.tasks.indexOf(t) + 1} of {r.progress.tasks.length}
      </p>
      <h1 className="text-3xl outline-offset-4 wide:text-4xl" tabIndex={-1} data-step-heading>
        {say.title}
      </h1>
      {much.length > 0 && (
        <ul
          className="num mt-1 flex flex-wrap gap-x-7 text-[1.45rem] leading-tight wide:text-[1.8rem]"
          aria-label="How much"
        >
          {much.map((x) => (
            <li key={x}>{x}</li>
          ))}
        </ul>
      )}
      <RawWarning r={r} t={t} probe={probe} onBack={onDone} />
      <p className="mt-2 text-[1.2rem]">{say.say}</p>
      {byHand !== null && <p className="mt-1 text-[1.1rem]">{byHand}</p>}
      {hot !== null && <p className="mt-1 text-[1.1rem]">{hot}</p>}
      {cautions.map((x) => (
        <p key={x} className="alert alert-warning mt-2 text-[1.1rem]" role="note">
          {x}
        </p>
      ))}
      <div aria-live="polite">
        {said !== null && (
          <p className={`alert mt-2 text-[1.2rem] ${said.weight}`} data-said>
            {said.text}
          </p>
        )}
      </div>
      <div
        className={`my-4 grid flex-1 items-center gap-x-4 gap-y-4 sm:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)] sm:gap-x-6 ${timer && t.step.kind !== 'grind' ? 'grid-cols-[minmax(0,8.5rem)_minmax(0,1fr)]' : ''}`}
      >
        <div>
          <AtHand r={r} t={t} stage={stage} now={now} probeC={probeC} />
          {stirring?.over === true && (
            <p className="alert alert-warning mt-2 text-[1.1rem]" data-stirring>
              {stirText(stirring)}
            </p>
          )}
        </div>
        <div>
          {timer && <Fuse timer={timer} now={now} r={r} probe={probe} />}
          {say.cue !== null && (
            <p className="mt-3 border-l-4 pl-3 text-[1.3rem]" style={{ borderColor: 'var(--leaf-text)' }} data-cue>
              <span className="quiet block text-base">{timer ? 'Until, whatever the clock says' : 'Until'}</span>
              {say.cue}
            </p>
          )}
        </div>
      </div>
      <div className="sticky bottom-32 z-10 wide:static">
        {said?.over && at.hold && at.timer?.paused === false && (
          <button type="button" data-once className="btn btn-primary btn-lg mb-2.5 w-full text-lg!" onClick={at.hold}>
            Off the heat
          </button>
        )}
        <MainButton r={r} t={t} at={at} quiet={said?.over === true && at.timer?.paused === false} />
      </div>
      <MoreButtons r={r} t={t} at={at} stirring={stirring} />
      {at.asking === null && <NotSaved of={at.write} />}
      <Asked r={r} t={t} at={at} onDone={onDone} />
    </section>
  );
}

/** A step as it is said: what, how much, and what ends it. */
const spoken = (title: string, what: string, cue: string | null): string =>
  [title, what, ...(cue === null ? [] : [`Look for: ${cue}`])].map((x) => x.replace(/[.]?$/, '.')).join(' ');
