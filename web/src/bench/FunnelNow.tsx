import { measuredOf } from '@ironpan/core/batch';
import type { TaskState } from '@ironpan/core/batch';
import { bodyOf, contextOf, gPerMlOf, streamBefore } from '@ironpan/core/steps';
import { measuredText } from '@ironpan/core/words';
import { useHalfLook } from '../live/useHalfLook';
import { useKit } from '../live/useKitchen';
import type { Running } from '../live/running';
import { FunnelField } from '../ui/FunnelField';

/** Hotter milk scalds at a funnel; a cupful is let cool first, °C. */
const HOTTEST_C = 60;
/**
 * How thick the strained milk is, by the kitchen's own funnel, at any step it still goes through. What was measured waits
 * in the first look at its jar, where it stands beside what was expected.
 */
export function FunnelNow({ r, t }: { readonly r: Running; readonly t: TaskState }) {
  const kit = useKit();
  const main = r.progress.summary.main?.stream ?? '';
  const half = useHalfLook(`${r.batch.id}:${main}:1`);
  const place = r.progress.recipe.steps.findIndex((s) => s.id === t.step.id);
  const milk = streamBefore(r.progress.outcome, place, main);
  const here = { kit: r.batch.kit, beliefs: r.progress.outcome.beliefs };
  const ctx = contextOf(here, r.progress.recipe.materials);
  if (!half || !kit?.funnel || !milk || !bodyOf(milk, milk.temperatureC, ctx)) return null;
  const measured = half.look.measured ?? {};
  const hot = milk.temperatureC > HOTTEST_C;
  const [told] = measured.funnel ? measuredText(measuredOf({ funnel: measured.funnel }, milk, ctx)) : [];
  return (
    <details className="plate p-4" open={measured.funnel !== undefined}>
      <summary className="min-h-8 cursor-pointer text-lg font-semibold">How thick is it? By the funnel</summary>
      <div className="mt-2">
        <FunnelField
          cal={kit.funnel}
          funnel={measured.funnel}
          usualC={Math.round(hot ? kit.roomC : milk.temperatureC)}
          gPerMl={gPerMlOf(milk)}
          onSay={(funnel) => {
            const { funnel: _, ...others } = measured;
            const all = funnel ? { ...others, funnel } : others;
            half.say({ measured: Object.keys(all).length > 0 ? all : undefined });
          }}
        />
        {told && <p className="quiet">{told[2]}</p>}
      </div>
      <p className="small quiet mt-1">
        {hot ? 'Let a cupful cool first: hot milk scalds. ' : ''}Say how warm it is when it runs. It is kept for the
        first look at its jar.
      </p>
    </details>
  );
}
