import type { Here } from '@ironpan/core/kitchen';
import { bestMove, leverEdits, WANT_LESS } from '@ironpan/core/questions';
import type { Measure } from '@ironpan/core/batch';
import type { Moved } from '@ironpan/core/questions';
import type { PlanRecord } from '@ironpan/core/records';
import type { Edit, Recipe } from '@ironpan/core/steps';
import { join, leverName, leverValue, MEASURE_NAMES, measureText } from '@ironpan/core/words';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { LeverBars } from '../../drawings/LeverBars';
import { SelectField } from '../../ui/SelectField';
import { Empty, Loading } from '../../ui/State';
import { useHere } from '../../live/useHere';
import { tell } from '../../ui/toast';
import { Busy } from '../../ui/Busy';
import { barsOf, measuresFor, usualMeasure } from './leverWords';
import { useLevers } from './useMoves';
import { usePlan } from '../usePlan';
import { MapPart } from './MapPart';

/** What moves the open plan: its levers as bars, and two of them against each other as a map. */
export function MovesPage() {
  const { id = '' } = useParams();
  const { plan, session } = usePlan(id);
  const here = useHere();
  if (plan === null)
    return (
      <Empty title="This plan is not here">
        <Link className="btn btn-primary" to="/plan">
          All plans
        </Link>
      </Empty>
    );
  if (!plan || !here) return <Loading />;
  return <Moves plan={plan} here={here} onEdit={session.edit} onStep={session.step} />;
}

interface MovesProps {
  readonly plan: PlanRecord;
  readonly here: Here;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
  readonly onStep: (way: 'back' | 'forward') => Promise<void>;
}
function Moves({ plan, here, onEdit, onStep }: MovesProps) {
  const levers = useLevers(plan.recipe, here);
  const [asked, ask] = useState<Measure | null>(null);
  const moved = levers.data;
  const measures = moved ? measuresFor(plan.recipe, moved) : [];
  const usual = moved ? usualMeasure(moved, measures) : 'solids';
  const measure = asked !== null && measures.includes(asked) ? asked : usual;
  const take = (edits: readonly Edit[], say: string): void => {
    onEdit(edits, `moves.${say}`);
    tell(`The plan now has ${say}.`, { label: 'Undo', run: () => void onStep('back') });
  };
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-4 wide:px-5">
      <div className="mb-3 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1 className="text-3xl">What moves it</h1>
        <Link className="link" to={`/plan/${plan.id}`}>
          {plan.name}
        </Link>
        <Busy what="levers" asked={levers} />
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 wide:grid-cols-[26rem_minmax(0,1fr)]">
        <section aria-label="Levers" className="plate p-4">
          {moved ? (
            <>
              <SelectField
                label="What moves"
                value={measure}
                options={measures.map((m) => [m, MEASURE_NAMES[m]] as const)}
                onChange={(m) => ask(m as Measure)}
              />
              <p className="small quiet my-2">
                Each a third less and a third more, temperatures ten degrees; all else as planned. Now{' '}
                {join(measureText(measure, moved[0]?.values[measure][1] ?? null))}.
              </p>
              <LeverBars
                bars={barsOf(moved, measure)}
                caption={`What moves ${MEASURE_NAMES[measure]}`}
                less={`less ${WANT_LESS.includes(measure) ? '' : 'of it'}`.trim()}
                more="more"
              />
              <Best recipe={plan.recipe} moved={moved} measure={measure} onTake={take} />
            </>
          ) : (
            <p className="quiet">Folding the plan with each lever turned…</p>
          )}
        </section>
        {moved && <MapPart key={plan.id} plan={plan} here={here} moved={moved} onTake={take} />}
      </div>
    </div>
  );
}

/** Biggest for least effort: one press. */
function Best({
  recipe,
  moved,
  measure,
  onTake,
}: {
  readonly recipe: Recipe;
  readonly moved: readonly Moved[];
  readonly measure: Measure;
  readonly onTake: (edits: readonly Edit[], say: string) => void;
}) {
  const best = bestMove(moved, measure);
  if (!best) return null;
  const levers = moved.map((m) => m.lever);
  const say = `${leverName(best.lever, levers)} ${leverValue(best.lever, best.to)}`;
  return (
    <p className="mt-3 rounded-md p-3" style={{ background: 'var(--ground)' }}>
      <b>{WANT_LESS.includes(measure) ? 'Least of it' : 'Most of it'}:</b> {say} instead of{' '}
      {leverValue(best.lever, best.lever.now)}. {MEASURE_NAMES[measure]} from {join(measureText(measure, best.before))}{' '}
      to {join(measureText(measure, best.after))}.{' '}
      <button type="button" className="link" onClick={() => onTake(leverEdits(recipe, best.lever.at, best.to), say)}>
        Take it
      </button>
    </p>
  );
}
