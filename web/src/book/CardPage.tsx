import { measuredStages } from '@ironpan/core/batch';
import { asMade, look } from '@ironpan/core/questions';
import { cardOf, milkName, milkOf, upper } from '@ironpan/core/words';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { useBatch } from '../live/running';
import { BrokenBatch } from '../ui/BrokenBatch';
import { RecipeCard } from '../ui/RecipeCard';
import { Empty, Loading } from '../ui/State';
import { fullDate } from '../ui/times';

/** A batch on one page, with what was really poured and timed. */
export function CardPage() {
  const { id = '' } = useParams();
  const r = useBatch(id);
  const card = useMemo(() => {
    if (!r || 'why' in r) return null;
    const { batch, progress } = r;
    const recipe = asMade(progress, batch);
    const warnings = look(recipe, { kit: batch.kit, beliefs: batch.beliefs })?.warnings ?? [];
    const outcome = { ...progress.outcome, stages: measuredStages(progress) };
    return cardOf(batch.name, recipe, batch.kit, { outcome, summary: progress.summary, warnings });
  }, [r]);
  if (r === undefined) return <Loading />;
  if (r && 'why' in r) return <BrokenBatch b={r} />;
  if (r === null || !card)
    return (
      <Empty title="This batch is not in the book">
        <Link className="btn btn-primary" to="/book">
          To the book
        </Link>
      </Empty>
    );
  const of = `${upper(milkName(milkOf(r.batch.recipe)))}, batch ${r.batch.number}, as it went, begun ${fullDate(r.batch.startedAt)}`;
  return <RecipeCard card={card} of={of} back={[`/book/${id}`, 'Back to the batch']} />;
}
