import { earNext, SILENCE, taughtBy } from '@ironpan/core/detect';
import type { EarWatch, LoudFrame, Taught } from '@ironpan/core/detect';
import { lastSeq, ranForS } from '@ironpan/core/batch';
import type { TaskState } from '@ironpan/core/batch';
import { useRef, useState } from 'react';
import { now as nowMs } from '../clock';
import { Level } from '../drawings/Level';
import { useLive } from '../live/live';
import type { Running } from '../live/running';
import { append } from '../store/batches';
import { keepTaught, readTaught } from '../store/ear';
import { realm } from '../store/realm';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';
import { begin, endOf } from './actions';
import { canListen, useMicrophone } from './useMicrophone';
import type { Microphone } from './useMicrophone';

interface EarProps {
  readonly r: Running;
  readonly t: TaskState;
  readonly onDone: () => void;
}
/** Teaching takes this long, s. */
const TEACHES_S = 5;
/** How long ago that was by now: a page that is busy hears of it late, s. */
const agoOf = (s: number): number => Math.max(0, performance.now() / 1000 - s);
/** The level is drawn at most this often, s: it is for the eye. */
const DRAWN_EVERY_S = 0.1;
const SAID: Readonly<Record<Microphone, string | null>> = {
  off: null,
  asking: 'The browser asks whether it may listen.',
  on: null,
  refused: 'The microphone is not to be had: the browser or you refused it. Press start and done by hand.',
  gone: 'The microphone was taken away. What was timed so far stays; go on by hand, or listen again.',
};

/** Hears the jug start and stop, and times each load by itself. Off until it is asked for, and off when the step ends. */
export function Ear({ r, t, onDone }: EarProps) {
  const taught = useLive(['ear'], readTaught).data ?? null;
  const write = useWrite();
  const [watch, setWatch] = useState<EarWatch>(SILENCE);
  const ear = useRef<EarWatch>(SILENCE);
  const lesson = useRef<{ readonly untilS: number; readonly frames: LoudFrame[] } | null>(null);
  const [learning, setLearning] = useState<'no' | 'now' | 'nothing'>('no');
  const drawnS = useRef(0);
  const say = (
    what: string,
    heard: Parameters<typeof append>[1],
    agoS: number,
    then: () => void = () => undefined,
  ): void =>
    write.run(what, () => append(r.batch.id, heard, nowMs() - Math.round(agoS * 1000), lastSeq(r.events)), then);

  const heard = (f: LoudFrame): void => {
    if (lesson.current) {
      learn(f);
      return;
    }
    const before = ear.current;
    const now = earNext(before, f, taught);
    ear.current = now;
    if (f.s - drawnS.current >= DRAWN_EVERY_S || now.runs !== before.runs) {
      drawnS.current = f.s;
      setWatch(now);
    }
    if (now.runs && !before.runs && t.status === 'waiting') say('the start', [begin(t)], agoOf(now.onS ?? f.s));
    if (!now.runs && before.runs && t.status === 'running' && t.pausedAt === null) {
      const agoS = agoOf(now.offS ?? f.s);
      say('that it is done', endOf(r, t, { ranS: Math.max(1, ranForS(t, nowMs()) - agoS) }, 'ear'), agoS, onDone);
    }
  };
  const learn = (f: LoudFrame): void => {
    const l = lesson.current;
    if (!l) return;
    l.frames.push(f);
    if (f.s < l.untilS) return;
    lesson.current = null;
    const got: Taught | null = taughtBy(l.frames);
    ear.current = SILENCE;
    setLearning(got ? 'no' : 'nothing');
    if (got) write.run('what the ear was taught', () => keepTaught(got));
  };
  const mic = useMicrophone(heard);
  // A jug of life does not run in the time of practice.
  if (!canListen() || realm() === 'practice') return null;
  const teach = (): void => {
    lesson.current = { untilS: performance.now() / 1000 + TEACHES_S, frames: [] };
    setLearning('now');
  };
  return (
    <section aria-label="The ear" className="plate p-4">
      <h2 className="text-lg">The ear</h2>
      {mic.is !== 'on' && (
        <>
          <p className="quiet small mb-2">
            Hears the jug start and stop, and times each load. Only how loud it is counts; no sound is kept or sent.
          </p>
          {SAID[mic.is] !== null && (
            <p className="alert alert-info mb-2" role="status">
              {SAID[mic.is]}
            </p>
          )}
          <button
            type="button"
            className="btn btn-outline btn-lg w-full"
            disabled={mic.is === 'asking'}
            onClick={() => {
              ear.current = SILENCE;
              mic.on();
            }}
          >
            Listen for the jug
          </button>
        </>
      )}
      {mic.is === 'on' && (
        <>
          <Level
            db={watch.recent.at(-1)?.db ?? null}
            lineDb={Number.isNaN(watch.thresholdDb) ? null : watch.thresholdDb}
          />
          <p aria-live="polite" className="my-1">
            {learning === 'now'
              ? `Run it once, within ${TEACHES_S} seconds.`
              : watch.deaf
                ? 'The kitchen is as loud as the jug: they cannot be told apart. Press by hand.'
                : watch.runs
                  ? 'It hears the jug.'
                  : 'It listens.'}
          </p>
          {learning === 'nothing' && (
            <p className="alert alert-warning mb-2">Nothing stood out. Closer to the jug, and once more.</p>
          )}
          <div className="grid grid-cols-2 gap-2">
            <button type="button" className="btn btn-outline btn-lg px-2" disabled={learning === 'now'} onClick={teach}>
              {taught ? 'Teach it again' : 'Teach it'}
            </button>
            <button type="button" className="btn btn-outline btn-lg px-2" onClick={mic.off}>
              Stop listening
            </button>
          </div>
        </>
      )}
      <NotSaved of={write} />
    </section>
  );
}
