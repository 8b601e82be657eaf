import { limitText, outText } from '@ironpan/core/words';
import { now } from '../../clock';
import { whenOf } from '../../ui/times';
import type { ShelfJar } from '../../live/shelf';

const PARTS = [
  ['beforeD', 'while it was made', 'var(--amber)'],
  ['placedD', 'where it stands', 'var(--water)'],
  ['outD', 'while it stood out', 'var(--flame)'],
  ['leftD', 'left', 'var(--leaf-soft)'],
] as const;

/** Why it is to be used by then: how much of its keeping time went where, and what each while out of the fridge cost. */
export function TimeAccount({ j }: { readonly j: ShelfJar }) {
  const { keep, spending } = j.now;
  if (!keep || keep.budgetD <= 0) return null;
  const outD = spending.outs.reduce((x, o) => x + o.spentD, 0);
  const spent = { beforeD: spending.beforeD, placedD: spending.placedD, outD, leftD: Math.max(0, keep.leftD) };
  const all = Math.max(keep.budgetD, spent.beforeD + spent.placedD + spent.outD);
  return (
    <details className="mt-4">
      <summary className="cursor-pointer py-2 font-semibold">Why this use-by time</summary>
      <p className="mb-2">{limitText(j.now)} An estimate.</p>
      <div
        className="flex h-5 overflow-hidden rounded-sm border"
        style={{ borderColor: 'var(--iron)', background: 'var(--leaf-soft)' }}
        aria-hidden="true"
      >
        {PARTS.map(([k, , colour]) => (
          <span key={k} style={{ width: `${(100 * spent[k]) / all}%`, background: colour }} />
        ))}
      </div>
      <dl className="mt-1.5 flex flex-wrap gap-x-5 gap-y-0.5">
        {PARTS.map(([k, label, colour]) =>
          spent[k] / all < 0.005 ? null : (
            <div key={k} className="flex items-baseline gap-1.5">
              <dt className="small">
                <span
                  className="mr-1.5 inline-block size-3 border align-[-1px]"
                  style={{ background: colour, borderColor: 'var(--iron)' }}
                />
                {label}
              </dt>
              <dd className="num small">{Math.round((100 * spent[k]) / all)} %</dd>
            </div>
          ),
        )}
      </dl>
      {spending.outs.length > 0 && (
        <ul className="mt-1">
          {spending.outs.map((o) => (
            <li key={o.out.id}>{outText(o, (at) => whenOf(at, now()))}</li>
          ))}
        </ul>
      )}
    </details>
  );
}
