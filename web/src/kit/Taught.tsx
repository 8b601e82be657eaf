import { MODEL } from '@ironpan/core/batch';
import { usualBelief } from '@ironpan/core/kitchen';
import type { Kit } from '@ironpan/core/kitchen';
import { Z80 } from '@ironpan/core/numerics';
import { useLive } from '../live/live';
import { useLearned } from '../live/useLearned';
import { countStale } from '../store/learned';
import { TaughtOne } from './TaughtOne';

/** All that the kitchen taught: of each thing and food what was shipped, what batches said, and what plans now count with. */
export function Taught({ kit }: { readonly kit: Kit }) {
  const known = useLearned(kit);
  const stale = useLive(['stale'], () => countStale(MODEL)).data ?? 0;
  if (!known) return null;
  return (
    <section aria-label="What your kitchen taught" className="plate p-4">
      <h2 className="text-xl">What your kitchen taught</h2>
      <p className="quiet mb-3">
        What you weigh and time says how your things work. Plans count with it, and the more batches say so, the
        narrower their ranges. It follows from the book: nothing of it is stored for itself.
      </p>
      {stale > 0 && (
        <p className="alert mb-3" role="status">
          {stale === 1 ? 'One batch is' : `${stale} batches are`} still being worked out anew; what they taught follows.
        </p>
      )}
      {known.length === 0 && (
        <p>
          Nothing yet. Weigh the milk that comes through the bag, or time how long the pot takes to boil, and it is
          learned from here on.
        </p>
      )}
      <ul className="flex flex-col gap-3">
        {known.map(({ r, name }) => (
          <li key={r.coefficient} className="rowline pb-3">
            <TaughtOne r={r} name={name} usual={usualOf(r.coefficient)} />
          </li>
        ))}
      </ul>
    </section>
  );
}
/** The range of four kitchens in five before anything was measured. */
function usualOf(id: string): readonly [number, number] {
  const { sd } = usualBelief(id);
  return [Math.exp(-Z80 * sd), Math.exp(Z80 * sd)];
}
