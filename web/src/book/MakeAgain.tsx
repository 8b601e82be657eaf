import { asMade } from '@ironpan/core/questions';
import { now } from '../clock';
import { addPlan, onePlan } from '../store/plans';
import type { Running } from '../live/running';
import { useNavigate } from 'react-router';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';

/** A new plan from a batch: as it was planned, or with what was really poured and timed. */
export function MakeAgain({ r }: { readonly r: Running }) {
  const go = useNavigate();
  const write = useWrite();
  const again = (way: 'planned' | 'went'): void =>
    write.run(
      'the new plan',
      async () => {
        const from = (await onePlan(r.batch.plan))?.from ?? null;
        const recipe = way === 'planned' ? r.batch.recipe : asMade(r.progress, r.batch);
        return addPlan(r.batch.name, from, recipe, now());
      },
      (id) => void go(`/plan/${id}`),
    );
  return (
    <div className="flex flex-wrap gap-3">
      <button type="button" data-once className="btn btn-primary btn-lg" onClick={() => again('planned')}>
        Make it again
      </button>
      {r.progress.readings.length > 0 && (
        <button type="button" data-once className="btn btn-outline btn-lg" onClick={() => again('went')}>
          Make it again, as it really went
        </button>
      )}
      <NotSaved of={write} />
    </div>
  );
}
