import { progressOf } from '@ironpan/core/batch';
import type { BatchEvent, FrozenBatch, TraceChunk } from '@ironpan/core/batch';
import { changedTogether, comesOf, explain, plannedAs, wentAs } from '@ironpan/core/comparing';
import type { Explanation, Made, Together } from '@ironpan/core/comparing';
import type { Here } from '@ironpan/core/kitchen';
import type { Recipe } from '@ironpan/core/steps';
import { batchesOfMilk } from '../store/beside';
import { KitchenDb, setDatabase } from '../store/db';
import { answering } from './answering';
import type { Say } from './answering';
import { report } from '../report';

/** A batch with its log, or a plan in a kitchen. */
export type WhySide =
  | {
      readonly is: 'batch';
      readonly batch: FrozenBatch;
      readonly events: readonly BatchEvent[];
      readonly traces: readonly TraceChunk[];
    }
  | { readonly is: 'plan'; readonly recipe: Recipe; readonly here: Here };
export type WhyAsked =
  | { readonly what: 'why'; readonly first: WhySide; readonly second: WhySide }
  /** What of all that moved `order` always changed together, over the batches of this milk. */
  | {
      readonly what: 'together';
      readonly first: WhySide;
      readonly second: WhySide;
      readonly database: string;
      readonly milk: string;
      readonly order: readonly string[];
    };
/** The same two are explained alike whenever they are asked about. */
const SEED = 1;

function sideOf(s: WhySide): { readonly made: Made; readonly summary: ReturnType<typeof comesOf> } {
  if (s.is === 'plan') {
    const made = plannedAs(s.recipe, s.here);
    return { made, summary: comesOf(made) };
  }
  const p = progressOf(s.batch, s.events, s.traces);
  return { made: wentAs(s.batch, p), summary: p.summary };
}
function why(first: WhySide, second: WhySide, say: Say): Explanation {
  const [a, b] = [sideOf(first), sideOf(second)];
  return explain(a.made, b.made, { from: a.summary, to: b.summary }, SEED, say);
}
async function together(a: Extract<WhyAsked, { what: 'together' }>, say: Say): Promise<readonly Together[]> {
  setDatabase(new KitchenDb(a.database));
  const batches = await batchesOfMilk(a.milk);
  // The two themselves are counted once.
  const two = [a.first, a.second].flatMap((s) => (s.is === 'batch' ? [s.batch.id] : []));
  const log = batches.flatMap((b, i): readonly Made[] => {
    say(i + 1, batches.length);
    if (two.includes(b.batch.id)) return [];
    try {
      return [wentAs(b.batch, progressOf(b.batch, b.events, b.traces))];
    } catch (e) {
      // One that cannot be folded says nothing of the others.
      report(`Working out ${b.batch.number} · ${b.batch.name}`, e);
      return [];
    }
  });
  return changedTogether(sideOf(a.first).made, sideOf(a.second).made, log, a.order);
}

/** Why two are otherwise, away from the screen. */
answering(async (asked: WhyAsked, say): Promise<unknown> =>
  asked.what === 'why' ? why(asked.first, asked.second, say) : together(asked, say),
);
