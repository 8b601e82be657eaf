import { daySdOf } from '@ironpan/core/learning';
import type { Learned, LeftOut, Seen } from '@ironpan/core/learning';
import { Z80 } from '@ironpan/core/numerics';
import { plain } from '@ironpan/core/units';
import { timesUsual } from '@ironpan/core/words';
import { Link } from 'react-router';
import { now } from '../clock';
import { TaughtLine } from '../drawings/TaughtLine';
import { useLive } from '../live/live';
import { bookRowsOf } from '../store/book';
import { leaveOut } from '../store/learned';
import type { LearnedNow } from '../store/learned';
import { NotSaved } from '../ui/NotSaved';
import { dayIn } from '../ui/times';
import { useWidth } from '../ui/useWidth';
import { useWrite } from '../ui/useWrite';

interface TaughtOneProps {
  readonly r: LearnedNow;
  readonly name: string;
  readonly usual: readonly [number, number];
}
/** More dots are not told apart, and more lines are not read. */
const DRAWN = 40;
const NONE: LeftOut = { batches: [], beforeAt: null };
const figure = (x: number): string => plain(x, 2);
const counts = (s: Seen, o: LeftOut): boolean =>
  !o.batches.includes(s.batch) && (o.beforeAt === null || s.at >= o.beforeAt);

/** One thing: usual, what batches said, now; what changed, what is odd, and what a cook leaves out. */
export function TaughtOne({ r, name, usual }: TaughtOneProps) {
  const write = useWrite();
  const [box, width] = useWidth(600);
  const { taught, leftOut } = r;
  const shown = r.seen.slice(-DRAWN);
  const change = (what: string, to: (o: LeftOut) => LeftOut): void =>
    write.run(what, () => leaveOut(r.coefficient, to, now()));
  const spread = Math.exp(Z80 * (taught?.sd ?? 0));
  const any = leftOut.batches.length > 0 || leftOut.beforeAt !== null;
  return (
    <>
      <h3 className="text-lg">{name}</h3>
      <dl className="my-1 flex flex-wrap gap-x-8 gap-y-1">
        <Said label="shipped" text={`1 (${figure(usual[0])} to ${figure(usual[1])})`} />
        <Said
          label="plans now use"
          text={
            taught
              ? `${timesUsual(taught.mean)} (${figure(taught.mean / spread)} to ${figure(taught.mean * spread)})`
              : 'as usual'
          }
        />
        <Said label="from" text={taught ? (taught.n === 1 ? '1 batch' : `${plain(taught.n)} batches`) : 'no batch'} />
      </dl>
      <div ref={box}>
        <TaughtLine
          width={width}
          usual={usual}
          dots={shown.map((s) => {
            const range = Math.exp(Z80 * s.sd);
            const value = Math.exp(s.ln);
            return { key: s.batch, value, low: value / range, high: value * range, counts: counts(s, leftOut) };
          })}
          levels={levelsOf(shown, taught)}
        />
      </div>
      {taught?.changed && (
        <p style={{ color: 'var(--flame-text)' }}>
          It changed about {dayIn(taught.changed.at, now())}: {timesUsual(taught.changed.from)} before,{' '}
          {timesUsual(taught.changed.to)} since. Only what came since counts. A new one, or one that clogs or dulls?
        </p>
      )}
      <Batches shown={shown} r={r} onChange={change} />
      <div className="mt-2 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-outline"
          aria-label={`Begin anew from today: ${name}`}
          onClick={() => change('the new beginning', (o) => ({ ...o, beforeAt: now() }))}
        >
          Begin anew from today
        </button>
        {any && (
          <button
            type="button"
            className="btn btn-outline"
            aria-label={`Count all again: ${name}`}
            onClick={() => change('that all count', () => NONE)}
          >
            Count all again
          </button>
        )}
      </div>
      <NotSaved of={write} />
    </>
  );
}
const Said = ({ label, text }: { readonly label: string; readonly text: string }) => (
  <div>
    <dt className="small quiet">{label}</dt>
    <dd className="num">{text}</dd>
  </div>
);
/** The level before and after a change, over the dots that are drawn; without a change one level over those that count. */
function levelsOf(shown: readonly Seen[], t: Learned | null) {
  if (!t) return [];
  const last = shown.length - 1;
  const at = t.changed ? shown.findIndex((s) => s.batch === t.changed?.batch) : -1;
  const since = { from: Math.max(0, at), to: last, value: t.mean };
  if (!t.changed || at <= 0) return [since];
  return [{ from: 0, to: at - 1, value: t.changed.from }, since];
}

interface BatchesProps {
  readonly shown: readonly Seen[];
  readonly r: LearnedNow;
  readonly onChange: (what: string, to: (o: LeftOut) => LeftOut) => void;
}
/** What each batch said; one that is odd is named, and any of them can be left out. */
function Batches({ shown, r, onChange }: BatchesProps) {
  const ids = shown.map((s) => s.batch);
  const rows = useLive(['bookOf', ids], () => bookRowsOf(ids)).data ?? [];
  const numberOf = new Map(rows.map((b) => [b.batch, b]));
  const odd = (r.taught?.odd ?? []).flatMap((id) => numberOf.get(id) ?? []);
  const day = Math.exp(Z80 * daySdOf(r.coefficient));
  return (
    <>
      {odd.length > 0 && (
        <p>
          {odd.map((b) => `Batch ${b.number}`).join(', ')} {odd.length === 1 ? 'lies' : 'lie'} far from the others and{' '}
          {odd.length === 1 ? 'counts' : 'count'} less. If something was spilt or weighed with the pot, leave{' '}
          {odd.length === 1 ? 'it' : 'them'} out.
        </p>
      )}
      <details className="mt-1">
        <summary className="cursor-pointer">What each batch said</summary>
        <table className="table mt-1 w-full">
          <thead>
            <tr>
              <th scope="col">batch</th>
              <th scope="col" className="text-right!">
                said
              </th>
              <th scope="col" className="text-right!">
                counts
              </th>
            </tr>
          </thead>
          <tbody>
            {shown.toReversed().map((s) => {
              const b = numberOf.get(s.batch);
              const label = b ? `${b.number} · ${b.name}` : 'a batch';
              const before = r.leftOut.beforeAt !== null && s.at < r.leftOut.beforeAt;
              return (
                <tr key={s.batch}>
                  <th scope="row" className="py-1.5 text-left font-normal">
                    <Link to={`/book/${s.batch}`} className="underline underline-offset-4">
                      {label}
                    </Link>{' '}
                    <span className="small quiet">{dayIn(s.at, now())}</span>
                  </th>
                  <td className="num text-right whitespace-nowrap">{figure(Math.exp(s.ln))} ×</td>
                  <td className="text-right">
                    <label className="inline-flex min-h-11 min-w-11 items-center justify-end">
                      <input
                        type="checkbox"
                        className="checkbox"
                        aria-label={`${label} counts`}
                        checked={counts(s, r.leftOut)}
                        disabled={before}
                        onChange={(e) => {
                          const on = e.target.checked;
                          onChange('which batches count', (o) => ({
                            ...o,
                            batches: on ? o.batches.filter((x) => x !== s.batch) : [...o.batches, s.batch],
                          }));
                        }}
                      />
                    </label>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
        <p className="small quiet mt-1">
          From one day to another it differs by itself by a factor of {figure(day)} or less, four times in five (an
          estimate); the shaded band is how kitchens usually are.
        </p>
      </details>
    </>
  );
}
