import type { TaskState } from '@ironpan/core/batch';
import { inWindow } from '@ironpan/core/detect';
import { INSTRUMENTS } from '@ironpan/core/instruments';
import type { Instrument } from '@ironpan/core/instruments';
import { boilsAtC } from '@ironpan/core/steps';
import { boilText, celsius, grams, holdText, join, windowText } from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';
import { useEffect, useRef } from 'react';
import { TraceLine } from '../drawings/TraceLine';
import type { BenchHeard } from '../instruments';
import type { Running } from '../live/running';
import { ring } from '../ui/alarm';
import { bandOf } from './bandOf';
import { staleAt } from './heardNow';
import { useScale } from './useScale';

interface InstrumentsNowProps {
  readonly r: Running;
  readonly t: TaskState;
  readonly heard: BenchHeard;
}
const NAME: Readonly<Record<Instrument, string>> = {
  scale: 'scale',
  probe: 'probe',
  fridge: 'fridge',
  plug: 'jug plug',
};
/** More than this a jug draws only while it turns, W. */
const TURNS_FROM_W = 30;
const valueOf = (i: Instrument, v: number): string =>
  i === 'scale'
    ? join(grams(v))
    : i === 'plug'
      ? `${v > TURNS_FROM_W ? 'turns' : 'stands'}, ${plain(v)}\u00a0W`
      : join(celsius(Math.round(v * 10) / 10));

/** What the paired instruments tell now, what it means, and what they wrote down by themselves. */
export function InstrumentsNow({ r, t, heard }: InstrumentsNowProps) {
  const said = useSaid(r, t, heard);
  const scale = useScale(r, t, heard);
  const band = bandOf(t, r.batch.kit);
  const drawn = heard.watch?.drawn ?? [];
  const stale = staleAt(heard);
  const rows = INSTRUMENTS.flatMap((i) => {
    const x = heard.latest.get(i);
    return x ? [{ i, text: valueOf(i, x.value), old: stale(x.at) }] : [];
  });
  return (
    <section aria-label="Instruments" className="plate p-4">
      <h2 className="text-lg">Instruments</h2>
      {heard.line !== 'live' && (
        <p className="quiet" role="status">
          {heard.line === 'lost'
            ? 'The instruments are not heard any more. All goes on by hand; they are called again.'
            : 'Calling the instruments …'}
        </p>
      )}
      <dl className="grid grid-cols-[auto_1fr] gap-x-4">
        {rows.map(({ i, text, old }) => (
          <div key={i} className="contents">
            <dt>{NAME[i]}</dt>
            <dd className="num text-right" style={old ? { color: 'var(--ash)' } : undefined}>
              {old ? `silent, last ${text}` : text}
            </dd>
          </div>
        ))}
      </dl>
      {drawn.length > 5 && (
        <TraceLine points={drawn} band={band} label={`The probe, now at ${join(celsius(drawn.at(-1)?.v ?? 0))}`} />
      )}
      <div aria-live="polite">
        {said !== null && (
          <p className={`alert mt-2 ${said.weight}`} data-said>
            {said.text}
          </p>
        )}
        {scale !== null && <p className="alert alert-info mt-2">{scale}</p>}
      </div>
      {heard.ignored.frames > 0 && (
        <p className="quiet small mt-1">
          {`${heard.ignored.frames} ${heard.ignored.frames === 1 ? 'reading' : 'readings'} could not be used, and ${heard.ignored.frames === 1 ? 'was' : 'were'} not.`}
        </p>
      )}
    </section>
  );
}

interface SaidOf {
  readonly text: string;
  readonly weight: 'alert-info' | 'alert-warning' | 'alert-success';
}
/** What the probe means at this task; the true boil and falling off it ring once. */
function useSaid(r: Running, t: TaskState, heard: BenchHeard): SaidOf | null {
  const boil = heard.watch?.boil;
  const is = boil?.is;
  const rung = useRef<string | null>(null);
  const boils = ['boil', 'blanch'].includes(t.step.kind);
  const calls = boils && (is === 'boil' || is === 'off') ? `${t.step.id} ${t.task.id} ${is}` : null;
  useEffect(() => {
    // On the way up the boil is news; while it is held, losing it is.
    const news = calls !== null && (t.task.id === 'heatUp' ? calls.endsWith('boil') : calls.endsWith('off'));
    if (news && rung.current !== calls) ring();
    if (calls !== null) rung.current = calls;
  }, [calls, t.task.id]);
  if (t.status !== 'running' || !heard.watch || !boil) return null;
  const boilC = boilsAtC(r.batch.kit);
  if (boils) {
    const text = t.task.id === 'heatUp' ? boilText(boil, boilC) : holdText(boil, boilC);
    if (text === null) return null;
    const held = t.task.id !== 'heatUp';
    const weight =
      is === 'boil' ? 'alert-success' : is === 'off' || held || is === 'foam' ? 'alert-warning' : 'alert-info';
    return { text, weight };
  }
  const band = bandOf(t, r.batch.kit);
  const at = band && inWindow(heard.watch.drawn.slice(-40), band);
  if (!band || !at) return null;
  return { text: windowText(at, band), weight: at.is === 'above' ? 'alert-warning' : 'alert-info' };
}
