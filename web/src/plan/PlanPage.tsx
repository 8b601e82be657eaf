import { look as lookAt } from '@ironpan/core/questions';
import type { Station } from '@ironpan/core/steps';
import { orderFaults } from '@ironpan/core/steps';
import { orderFaultText } from '@ironpan/core/words';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Flow } from '../drawings/Flow';
import { stationOrder } from '../drawings/flowOrder';
import { Empty, Loading } from '../ui/State';
import { unitsOf } from '../ui/cups';
import { useHere } from '../live/useHere';
import { useSettings } from '../live/useKitchen';
import { NotSaved } from '../ui/NotSaved';
import { BeforeYouStart } from './results/BeforeYouStart';
import { Glance } from './results/Glance';
import { PlanHead } from './PlanHead';
import { Results } from './results/Results';
import { School } from './School';
import { Stations } from './stations/Stations';
import { usePlan } from './usePlan';
import { useRanges } from './results/useRanges';
import { useWidth } from './useWidth';

const COMPACT_BELOW = 640;

/** One plan. */
export function PlanPage() {
  const { id = '' } = useParams();
  return <OpenPlan key={id} id={id} />;
}

function OpenPlan({ id }: { readonly id: string }) {
  const { plan, session, undo, unsaved } = usePlan(id);
  const here = useHere();
  const kit = here?.kit;
  const settings = useSettings();
  const [open, setOpen] = useState<Station | null>(null);
  const [ref, width] = useWidth(Math.min(900, document.documentElement.clientWidth));
  const recipe = plan?.recipe;
  const seen = useMemo(() => (recipe && here ? lookAt(recipe, here) : null), [recipe, here]);
  const stations = useMemo(() => (recipe ? stationOrder(recipe) : []), [recipe]);
  const ranges = useRanges(seen ? recipe : undefined, here);
  if (plan === null)
    return (
      <Empty title="This plan is not here">
        <p>It may have been deleted in another window.</p>
        <Link className="btn btn-primary" to="/plan">
          All plans
        </Link>
      </Empty>
    );
  if (!plan || !here || !kit || !settings) return <Loading />;
  const compact = width < COMPACT_BELOW;
  const jar = seen?.outcome.stages.find((s) => s.figures.jars !== undefined)?.figures;
  return (
    <div className="mx-auto max-w-[84rem]">
      <PlanHead
        plan={plan}
        look={seen}
        here={here}
        undo={undo}
        onRename={session.rename}
        onEdit={session.edit}
        onStep={session.step}
      />
      <div className="px-4 wide:px-5">
        <NotSaved of={{ failed: unsaved, again: session.again }} />
      </div>
      <div className="grid gap-4 px-0 wide:grid-cols-[minmax(0,1fr)_19rem] wide:px-5">
        <div className="plate self-start overflow-clip max-wide:rounded-none max-wide:border-x-0" ref={ref}>
          {seen ? (
            <>
              <Flow
                recipe={plan.recipe}
                outcome={seen.outcome}
                width={width}
                compact={compact}
                jars={jar?.jars ?? 0}
                jarShare={jar ? (jar.eachMl ?? 0) / Math.max(1, jar.jarMl ?? 1) : 0}
              />
              {(compact || seen.warnings.some((w) => w.weight !== 'know')) && <Glance look={seen} />}
              <Stations
                plan={plan}
                look={seen}
                kit={kit}
                units={unitsOf(settings, kit)}
                stations={stations}
                open={open}
                onOpen={setOpen}
                onEdit={session.edit}
              />
            </>
          ) : (
            <div className="alert alert-error m-4" role="alert">
              {orderFaults(plan.recipe).map((f) => (
                <p key={f.step}>This plan cannot be made: {orderFaultText(f)}</p>
              ))}
              <p>Undo the last change, or leave the step out.</p>
            </div>
          )}
          <School plan={plan} here={here} onEdit={session.edit} />
        </div>
        <aside className="flex flex-col gap-4 px-4 wide:px-0">
          {seen && (
            <BeforeYouStart
              title="Before you start"
              warnings={seen.warnings.filter((w) => w.weight !== 'know')}
              onMend={session.edit}
            />
          )}
          {seen && <Results look={seen} recipe={plan.recipe} here={here} now={ranges} />}
          {seen && (
            <BeforeYouStart
              title="Good to know"
              warnings={seen.warnings.filter((w) => w.weight === 'know')}
              onMend={session.edit}
            />
          )}
        </aside>
      </div>
    </div>
  );
}
