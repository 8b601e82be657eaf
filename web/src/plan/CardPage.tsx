import { look } from '@ironpan/core/questions';
import { cardOf, milkName, milkOf, upper } from '@ironpan/core/words';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { useHere } from '../live/useHere';
import { useLive } from '../live/live';
import { onePlan } from '../store/plans';
import { RecipeCard } from '../ui/RecipeCard';
import { Empty, Loading } from '../ui/State';

/** A plan on one page. */
export function CardPage() {
  const { id = '' } = useParams();
  const plan = useLive(['plan card', id], () => onePlan(id)).data;
  const here = useHere();
  const card = useMemo(() => {
    const seen = plan && here ? look(plan.recipe, here) : null;
    return plan && here && seen ? cardOf(plan.name, plan.recipe, here.kit, seen) : null;
  }, [plan, here]);
  if (plan === undefined || !here) return <Loading />;
  if (plan === null || !card)
    return (
      <Empty title={plan === null ? 'This plan is not here' : 'This plan has no card yet: its steps are out of order'}>
        <Link className="btn btn-primary" to={plan === null ? '/plan' : `/plan/${id}`}>
          {plan === null ? 'All plans' : 'Back to the plan'}
        </Link>
      </Empty>
    );
  return (
    <RecipeCard card={card} of={upper(milkName(milkOf(plan.recipe)))} back={[`/plan/${id}`, 'Back to the plan']} />
  );
}
