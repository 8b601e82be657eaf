import { plain } from '@ironpan/core/units';
import { duration, grams, join, percent } from '@ironpan/core/words';
import { Link } from 'react-router';
import { Bowl } from '../drawings/Bowl';
import { benchOf, soakOf } from '../live/running';
import type { Running } from '../live/running';
import { whenOf } from '../ui/times';

/** Bowls that fill as the beans drink. */
export function Soaking({
  batches,
  now,
  roomC,
}: {
  readonly batches: readonly Running[];
  readonly now: number;
  readonly roomC: number;
}) {
  const soaks = batches.flatMap((b) =>
    b.progress.atHand.flatMap((t) => {
      const s = soakOf(b, t, now);
      return s ? [{ b, t, s }] : [];
    }),
  );
  return (
    <section aria-label="Soaking" className="mb-5">
      <ul className="flex flex-col" style={{ borderBottom: '10px solid var(--iron)' }}>
        {soaks.length === 0 && <li className="quiet px-2 pt-8 pb-3">Nothing stands soaking.</li>}
        {soaks.map(({ b, t, s }) => (
          <li key={`${b.batch.id} ${t.step.id}`} className="flex flex-wrap items-end gap-x-6 gap-y-2 px-2 pt-2">
            <Bowl uptake={s.uptakeShare} full={0.75} width={190} />
            <div className="min-w-56 flex-1 pb-3">
              <Link to={benchOf(b.batch.id, t)} className="text-lg font-semibold underline underline-offset-4">
                {b.batch.name}
              </Link>
              <p className="num">{`${join(duration(s.elapsedS))} of ${join(duration(s.plannedS))}`}</p>
              <div
                className="my-1.5 h-3 max-w-80 overflow-hidden rounded-full border"
                style={{ borderColor: 'var(--edge)', background: 'var(--plate)' }}
              >
                <div
                  className="h-full"
                  style={{ width: `${100 * Math.min(1, s.uptakeShare)}%`, background: 'var(--water)' }}
                />
              </div>
              <p>
                drunk <span className="num">{join(percent(s.uptakeShare))}</span> of what they can hold,{' '}
                {join(grams(s.drunkG))}
              </p>
              <p className="quiet small">
                {s.elapsedS < s.plannedS ? `ready ${whenOf(now + (s.plannedS - s.elapsedS) * 1000, now)}` : 'ready now'}{' '}
                · not beyond {join(duration(s.longestS))} at {plain(s.aroundC)} °C
              </p>
            </div>
          </li>
        ))}
      </ul>
      <h2 className="quiet small mt-1 font-sans font-medium">Soaking · room {plain(roomC, 1)} °C</h2>
    </section>
  );
}
