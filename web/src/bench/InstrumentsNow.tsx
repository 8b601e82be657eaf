import type { TaskState } from '@ironpan/core/batch';
import { INSTRUMENTS } from '@ironpan/core/instruments';
import type { Instrument } from '@ironpan/core/instruments';
import { celsius, grams, join } from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';
import { TraceLine } from '../drawings/TraceLine';
import type { BenchHeard } from '../instruments';
import type { Running } from '../live/running';
import { bandOf } from './bandOf';
import { isSilent } from './heardNow';
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
  const scale = useScale(r, t, heard);
  const band = bandOf(t, r.batch.kit, r.progress.outcome.stages[t.index], r.progress.recipe);
  const drawn = heard.watch?.drawn ?? [];
  const rows = INSTRUMENTS.flatMap((i) => {
    const x = heard.latest.get(i);
    return x ? [{ i, text: valueOf(i, x.value), old: isSilent(heard, i) }] : [];
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
      <div aria-live="polite">{scale !== null && <p className="alert alert-info mt-2">{scale}</p>}</div>
      {heard.ignored.frames > 0 && (
        <p className="quiet small mt-1">
          {`${heard.ignored.frames} ${heard.ignored.frames === 1 ? 'reading' : 'readings'} could not be used, and ${heard.ignored.frames === 1 ? 'was' : 'were'} not.`}
        </p>
      )}
    </section>
  );
}
