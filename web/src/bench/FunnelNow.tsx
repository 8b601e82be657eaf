import { measuredOf } from '@ironpan/core/batch';
import type { Look, TaskState } from '@ironpan/core/batch';
import { bodyOf, contextOf, streamBefore } from '@ironpan/core/steps';
import type { FunnelRuns } from '@ironpan/core/steps';
import { measuredText } from '@ironpan/core/words';
import { useState } from 'react';
import { useKit } from '../live/useKitchen';
import { useLive } from '../live/live';
import type { Running } from '../live/running';
import { keepDraft, readDraft } from '../store/drafts';
import { NumberField } from '../ui/NumberField';
import { Runs } from '../ui/Runs';

/** A milk hotter than this steams and scalds at a funnel; it is measured when it has cooled, °C. */
const HOTTEST_C = 60;
/**
 * How thick the strained milk is, by the kitchen's own funnel, at any step it still goes through. What was measured waits in the
 * first look at its jar, where it stands beside what was expected.
 */
export function FunnelNow({ r, t }: { readonly r: Running; readonly t: TaskState }) {
  const kit = useKit();
  const main = r.progress.summary.main?.stream;
  const key = `look ${r.batch.id}:${main ?? ''}:1`;
  const kept = useLive(['draft', key], () => readDraft(key)).data;
  const [runs, setRuns] = useState<FunnelRuns | null>(null);
  const place = r.progress.recipe.steps.findIndex((s) => s.id === t.step.id);
  const milk = main === undefined ? undefined : streamBefore(r.progress.outcome, place, main);
  const here = { kit: r.batch.kit, beliefs: r.progress.outcome.beliefs };
  const ctx = contextOf(here, r.progress.recipe.materials);
  if (kept === undefined || !kit?.funnel || !milk || !bodyOf(milk, milk.temperatureC, ctx)) return null;
  const { funnel: cal } = kit;
  const draft = lookIn(kept);
  const now = runs ?? draft.look.measured?.funnel ?? null;
  const set = (f: FunnelRuns): void => {
    setRuns(f);
    const { funnel: _, ...measured } = draft.look.measured ?? {};
    const all = f.runsS.length > 0 ? { ...measured, funnel: f } : measured;
    const { measured: __, ...look } = draft.look;
    const then = { ...draft, look: Object.keys(all).length > 0 ? { ...look, measured: all } : look };
    // A closed tab loses at most the press; one that cannot be kept is no loss while the bench is open.
    keepDraft(key, JSON.stringify(then)).catch(() => undefined);
  };
  const c = now?.c ?? Math.min(HOTTEST_C, Math.round(milk.temperatureC));
  const told = now && now.runsS.length > 0 ? measuredOf({ funnel: now }, milk, ctx) : null;
  return (
    <details className="plate p-4" open={now !== null && now.runsS.length > 0}>
      <summary className="min-h-8 cursor-pointer text-lg font-semibold">How thick is it? By the funnel</summary>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <Runs label="through the funnel" runs={now?.runsS ?? []} onChange={(runsS) => set({ runsS, c, cal })} />
        <NumberField
          label="milk at"
          value={c}
          unit="°C"
          low={-2}
          high={95}
          onChange={(v) => set({ runsS: now?.runsS ?? [], c: v, cal })}
        />
      </div>
      {told && (
        <dl className="mt-2" role="status">
          {measuredText(told).map(([what, seen, expected]) => (
            <div key={what}>
              <dt className="sr-only">{what}</dt>
              <dd className="font-semibold">{seen}</dd>
              <dd className="quiet">{expected}</dd>
            </div>
          ))}
          {measuredText(told).length === 0 && (
            <dd>Faster than water: out of what it can tell. Was it full, and is its stem the same?</dd>
          )}
        </dl>
      )}
      <p className="small quiet mt-1">
        {milk.temperatureC > HOTTEST_C ? 'Let a cupful cool first: hot milk scalds. ' : ''}It is kept for the first look
        at its jar.
      </p>
    </details>
  );
}
interface Draft {
  readonly look: Look;
  readonly shaken: unknown;
}
function lookIn(text: string): Draft {
  const none: Draft = { look: {}, shaken: null };
  if (text === '') return none;
  try {
    return JSON.parse(text) as Draft;
  } catch {
    return none;
  }
}
