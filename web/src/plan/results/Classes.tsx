import type { ProductSummary } from '@ironpan/core/batch';
import type { Recipe } from '@ironpan/core/steps';
import { classText, streamName } from '@ironpan/core/words';

/** What the published standards would call it; the strongest class that is met is said at once. */
export function Classes({
  products,
  recipe,
}: {
  readonly products: readonly ProductSummary[];
  readonly recipe: Recipe;
}) {
  if (products.every((p) => p.classes.length === 0)) return null;
  return (
    <details className="py-1">
      <summary className="cursor-pointer">By the standards</summary>
      {products.map((p) => (
        <div key={p.stream} className="small mt-1">
          {products.length > 1 && <p className="font-semibold">{streamName(p.stream, recipe)}</p>}
          <ul>
            {p.classes.map((c) => (
              <li key={c.id} className="leading-snug">
                {c.met ? '✓ ' : '– '}
                {classText(c)} <span className="quiet">({c.standard})</span>
              </li>
            ))}
          </ul>
        </div>
      ))}
    </details>
  );
}
