import { lazy, Suspense, useState } from 'react';
import { ListOrdered } from 'lucide-react';
import { faultsOf } from '../faults';
import type { OrderProps } from './types';

/** The list is loaded when it is asked for: dragging is not needed to read a plan. */
const StepList = lazy(() => import('./StepList'));

/** Every step of the plan in its order, to be moved, doubled, left out or put in. Open of itself where an order is wrong. */
export function StepOrder(p: OrderProps) {
  const [asked, setAsked] = useState(false);
  const faulty = faultsOf(p.plan.recipe).length > 0;
  const open = asked || faulty;
  return (
    <section aria-label="All steps" className="px-3 py-2.5 wide:px-4" style={{ borderTop: '1px solid var(--line)' }}>
      <button
        type="button"
        className="link small inline-flex items-center gap-1.5"
        aria-expanded={open}
        disabled={faulty}
        onClick={() => setAsked(!open)}
      >
        <ListOrdered size={16} aria-hidden="true" />
        {open ? 'Close the list of steps' : 'All steps: move, double, put in, leave out'}
      </button>
      {open && (
        <Suspense fallback={<p className="quiet mt-2">…</p>}>
          <StepList {...p} />
        </Suspense>
      )}
    </section>
  );
}
