import { look as lookAt } from '@ironpan/core/questions';
import { runsOf } from '@ironpan/core/steps';
import type { Recipe } from '@ironpan/core/steps';
import { stepTitle } from '@ironpan/core/words';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Flow } from '../drawings/Flow';
import { Empty, Loading } from '../ui/State';
import { unitsOf } from '../ui/cups';
import { useHere } from '../live/useHere';
import { useSettings } from '../live/useKitchen';
import { NotSaved } from '../ui/NotSaved';
import { BeforeYouStart } from './results/BeforeYouStart';
import { Glance } from './results/Glance';
import { faultsOf } from './faults';
import { PlanHead } from './PlanHead';
import { ReadyFrom } from './results/ReadyFrom';
import { Results } from './results/Results';
import { School } from './School';
import { Stations } from './stations/Stations';
import { StepOrder } from './order/StepOrder';
import { usePlan } from './usePlan';
import { useRanges } from './results/useRanges';
import { useWidth } from '../ui/useWidth';

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
  const [open, setOpen] = useState<string | null>(null);
  const [ref, width] = useWidth(Math.min(900, document.documentElement.clientWidth));
  const recipe = plan?.recipe;
  const sound = useMemo(() => (recipe ? withoutFaults(recipe) : null), [recipe]);
  const drawn = useMemo(() => (sound && here ? lookAt(sound, here) : null), [sound, here]);
  // A plan that cannot be made as it stands is drawn without what cannot be done, and is not promised anything of.
  const seen = sound === recipe ? drawn : null;
  const runs = useMemo(() => (recipe ? runsOf(recipe) : []), [recipe]);
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
  const jar = drawn?.outcome.stages.find((s) => s.figures.jars !== undefined)?.figures;
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
          {!seen && <CannotBeMade recipe={plan.recipe} />}
          {drawn && sound && (
            <>
              <Flow
                recipe={sound}
                outcome={drawn.outcome}
                width={width}
                compact={compact}
                jars={jar?.jars ?? 0}
                jarShare={jar ? (jar.eachMl ?? 0) / Math.max(1, jar.jarMl ?? 1) : 0}
              />
              {seen && (compact || seen.warnings.some((w) => w.weight !== 'know')) && <Glance look={seen} />}
              <Stations
                plan={plan}
                look={drawn}
                kit={kit}
                units={unitsOf(settings, kit)}
                runs={runs}
                open={open}
                onOpen={setOpen}
                onEdit={session.edit}
              />
              <StepOrder plan={plan} onOpen={setOpen} onEdit={session.edit} />
            </>
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
          {seen && <ReadyFrom plan={plan} />}
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

/** The steps that can be made, in order; the same recipe where all of them can. */
function withoutFaults(r: Recipe): Recipe {
  let now = r;
  for (let faults = faultsOf(now); faults.length > 0; faults = faultsOf(now)) {
    const first = faults[0]?.step;
    now = { ...now, steps: now.steps.filter((s) => s.id !== first) };
  }
  return now;
}
function CannotBeMade({ recipe }: { readonly recipe: Recipe }) {
  const faults = faultsOf(recipe);
  const steps = [...new Set(faults.map((f) => f.step))].map((id) => recipe.steps.find((s) => s.id === id));
  return (
    <div className="alert alert-error m-4" role="alert">
      <p>
        This plan cannot be made as it stands: {steps.map((s) => (s ? `“${stepTitle(s, recipe)}”` : '')).join(', ')}{' '}
        {steps.length > 1 ? 'cannot be done where they stand' : 'cannot be done where it stands'}. What is wrong is said
        at
        {steps.length > 1 ? ' each step' : ' the step'} below; undo takes the last change back.
      </p>
    </div>
  );
}
