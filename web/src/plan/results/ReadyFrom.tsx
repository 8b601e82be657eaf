import type { PlanRecord } from '@ironpan/core/records';
import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { now } from '../../clock';
import { useLive } from '../../live/live';
import { useOpen } from '../../live/running';
import { useHere } from '../../live/useHere';
import { useWishes } from '../../live/wishes';
import { askClock } from '../../offload';
import { askedOf, itemsOf } from '../../offload/clockItems';
import { readHours } from '../../store/hours';
import { addWish } from '../../store/wishes';
import { NotSaved } from '../../ui/NotSaved';
import { whenOf } from '../../ui/times';
import { useWrite } from '../../ui/useWrite';

/** While values are being changed nothing is asked, ms. */
const SETTLED = 900;

/** When this plan could be ready from now, beside all that is on the clock already; and the way onto it. */
export function ReadyFrom({ plan }: { readonly plan: PlanRecord }) {
  const wishes = useWishes();
  const hours = useLive(['hours'], readHours).data;
  const open = useOpen();
  const here = useHere();
  const [ready, setReady] = useState<number | 'none' | null>(null);
  const write = useWrite();
  const go = useNavigate();
  useEffect(() => {
    if (!wishes || !hours || !open || !here) return;
    let stop: () => void = () => undefined;
    const soon = setTimeout(() => {
      const asked = askedOf(itemsOf(wishes, open.running), hours, here, now(), null, false);
      const mine = {
        ...{ id: 'this', recipe: plan.recipe, ml: null, byAt: null },
        notBeforeAt: null,
        fixed: {},
        batch: null,
      };
      const search = askClock({ ...asked, milks: [...asked.milks, mine] }, () => undefined);
      stop = search.stop;
      search.done.then(
        (t) => setReady(t.shown?.milks.find((m) => m.milk === 'this')?.readyAt ?? 'none'),
        () => setReady('none'),
      );
    }, SETTLED);
    return () => {
      clearTimeout(soon);
      stop();
    };
  }, [plan.recipe, wishes, hours, open, here]);
  const beside = (wishes?.length ?? 0) + (open?.running.length ?? 0) > 0;
  return (
    <section aria-label="When" className="plate flex flex-wrap items-center justify-between gap-x-4 gap-y-2 px-4 py-3">
      <p>
        {ready === null ? (
          <span className="quiet">When it could be ready is worked out.</span>
        ) : ready === 'none' ? (
          <span className="quiet">There is no time for it in the hours in which you are there.</span>
        ) : (
          <>
            {beside ? 'Beside all that is on the clock, it can be ready' : 'Begun as soon as can be, it is ready'}{' '}
            <b className="num">{whenOf(ready, now())}</b>.
          </>
        )}
      </p>
      <button
        type="button"
        className="btn btn-outline"
        onClick={() =>
          write.run(
            'this plan on the clock',
            () => addWish(plan, null, now()),
            () => void go('/clock'),
          )
        }
      >
        Put it on the clock
      </button>
      <NotSaved of={write} />
    </section>
  );
}
