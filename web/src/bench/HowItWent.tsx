import { reviewOf } from '@ironpan/core/questions';
import { reviewText } from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';
import { Check, TriangleAlert } from 'lucide-react';
import { useMemo } from 'react';
import type { Running } from '../live/running';

/** What went well and what did not, and what it cost, once a batch is in its jars. */
export function HowItWent({ r }: { readonly r: Running }) {
  // The use-by instant stands above: as long as it keeps as predicted, no second figure stands beside it.
  const lines = useMemo(() => reviewOf(r.progress, r.batch).filter((l) => l.of !== 'keep' || !l.good), [r]);
  const { cost } = r.progress.summary;
  if (lines.length === 0) return null;
  return (
    <section aria-label="How it went" className="plate mx-auto max-w-xl p-4 text-left" style={{ color: 'var(--ink)' }}>
      <h2 className="mb-2 text-lg">How it went</h2>
      <ul className="flex flex-col gap-1.5">
        {lines.map((l) => (
          <li key={`${l.of} ${'task' in l ? `${l.task.step.id} ${l.task.task.id}` : ''}`} className="flex gap-2.5">
            {l.good ? (
              <Check size={18} aria-label="well" className="mt-0.5 shrink-0" style={{ color: 'var(--leaf-text)' }} />
            ) : (
              <TriangleAlert
                size={18}
                aria-label="not so well"
                className="mt-0.5 shrink-0"
                style={{ color: 'var(--flame-text)' }}
              />
            )}
            <span>{reviewText(l)}</span>
          </li>
        ))}
      </ul>
      <p className="quiet small mt-2">
        {`Food and power come to ${plain(cost.total, 2)} ${r.batch.kit.currency}${cost.perL === null ? '' : `, ${plain(cost.perL, 2)} a litre`}.`}
      </p>
    </section>
  );
}
