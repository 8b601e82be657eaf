import { join, milkName, milkOf, millilitres } from '@ironpan/core/words';
import { useDeferredValue, useState } from 'react';
import { now } from '../../clock';
import { useLive } from '../../live/live';
import { besidePlan } from '../../store/beside';
import { bookFound, bookRowsOf } from '../../store/book';
import { allPlans } from '../../store/plans';
import { Dialog } from '../../ui/Dialog';
import { SearchField } from '../../ui/SearchField';
import { dayIn } from '../../ui/times';

interface AddBesideProps {
  readonly there: readonly string[];
  readonly milk: string | null;
  readonly onAdd: (id: string) => void;
  readonly onClose: () => void;
}
/** More are found by typing. */
const MOST = 12;

/** One batch or plan more to stand beside the others; those of the same milk first. */
export function AddBeside({ there, milk, onAdd, onClose }: AddBesideProps) {
  const [find, setFind] = useState('');
  const asked = useDeferredValue(find.trim());
  const batches = useLive(['besideFind', asked], async () => {
    const ids = await bookFound({ find: asked, milk: null, which: 'all', of: null, order: 'newest' });
    return bookRowsOf(ids.slice(0, 60));
  }).data;
  const plans = useLive(['plans'], allPlans).data;
  const words = asked.toLowerCase().split(/\s+/);
  const ofMilk = (m: string): number => Number(m !== milk);
  const rows = (batches ?? [])
    .filter((r) => !there.includes(r.batch))
    .sort((a, b) => ofMilk(a.milk) - ofMilk(b.milk))
    .slice(0, MOST);
  const some = (plans ?? [])
    .map((p) => ({ p, milk: milkOf(p.recipe) }))
    .filter(({ p, milk: m }) => words.every((w) => `${p.name} ${milkName(m)}`.toLowerCase().includes(w)))
    .filter(({ p }) => !there.includes(besidePlan(p.id)))
    .sort((a, b) => ofMilk(a.milk) - ofMilk(b.milk))
    .slice(0, MOST);
  return (
    <Dialog title="Stand another beside" onClose={onClose}>
      <SearchField label="Find a batch or a plan" hint="name, milk or number" value={find} onChange={setFind} />
      <h3 className="mt-3 mb-1">Batches</h3>
      {rows.length === 0 && <p className="quiet">None is called so.</p>}
      <ul>
        {rows.map((r) => (
          <li key={r.batch} className="rowline">
            <button type="button" className="link block min-h-11 w-full text-left" onClick={() => onAdd(r.batch)}>
              {r.number} · {r.name}
              <span className="quiet small">
                {' '}
                {dayIn(r.startedAt, now())}, {join(millilitres(r.measuredMl ?? r.jarredMl ?? r.promisedMl))}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {some.length > 0 && <h3 className="mt-3 mb-1">Plans</h3>}
      <ul>
        {some.map(({ p }) => (
          <li key={p.id} className="rowline">
            <button
              type="button"
              className="link block min-h-11 w-full text-left"
              onClick={() => onAdd(besidePlan(p.id))}
            >
              {p.name}
            </button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
