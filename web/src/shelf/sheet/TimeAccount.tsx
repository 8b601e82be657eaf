import { plain } from '@ironpan/core/units';
import { limitText, outText } from '@ironpan/core/words';
import { now } from '../../clock';
import { whenOf } from '../../ui/times';
import type { ShelfJar } from '../../live/shelf';

const PARTS = [
  ['beforeD', 'before it was filled', 'var(--amber)'],
  ['placedD', 'where it stands', 'var(--water)'],
  ['outD', 'while it stood out', 'var(--flame)'],
] as const;

/** Where its time went: the budget as a bar, spent from the left; and what each while out of the fridge cost. */
export function TimeAccount({ j }: { readonly j: ShelfJar }) {
  const { keep, spending } = j.now;
  if (!keep || keep.budgetD <= 0) return null;
  const outD = spending.outs.reduce((x, o) => x + o.spentD, 0);
  const spent = { beforeD: spending.beforeD, placedD: spending.placedD, outD };
  const all = Math.max(keep.budgetD, spent.beforeD + spent.placedD + spent.outD);
  return (
    <section aria-label="Where its time went" className="mt-4">
      <h3 className="mb-1 text-lg">Where its time went</h3>
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
          spent[k] < 0.005 ? null : (
            <div key={k} className="flex items-baseline gap-1.5">
              <dt className="small">
                <span
                  className="mr-1.5 inline-block size-3 border align-[-1px]"
                  style={{ background: colour, borderColor: 'var(--iron)' }}
                />
                {label}
              </dt>
              <dd className="num small">{plain(spent[k], 2)} d</dd>
            </div>
          ),
        )}
        <div className="flex items-baseline gap-1.5">
          <dt className="small">left of {plain(keep.budgetD, 1)} days at 4 °C</dt>
          <dd className="num small">{plain(Math.max(0, keep.leftD), 2)} d</dd>
        </div>
      </dl>
      <p className="small quiet mt-1">{limitText(j.now)} An estimate.</p>
      {spending.outs.length > 0 && (
        <ul className="mt-1">
          {spending.outs.map((o) => (
            <li key={o.out.id}>{outText(o, (at) => whenOf(at, now()))}</li>
          ))}
        </ul>
      )}
    </section>
  );
}
