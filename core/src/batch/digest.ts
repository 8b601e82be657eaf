import { massG, volumeMl } from '../kitchen';
import { kindOf } from '../steps';
import { evidenceOf } from '../learning';
import type { Evidence } from '../learning';
import { endsBoiledEnough } from './boiledEnough';
import type { BatchEvent, FrozenBatch } from './events';
import { lastSeq } from './log';
import type { Progress } from './progress';
import { MODEL } from './promised';

/**
 * What a list needs of a batch without folding it again: kept beside it, and worth nothing once the model or the log it
 * was folded from (`lines` of them, the last of `seq`) is another.
 */
export interface Digest {
  readonly batch: string;
  readonly model: string;
  readonly seq: number;
  readonly lines: number;
  readonly state: Progress['state'];
  /** All that went into jars as reckoned, ml; solids of the main milk, share. Null: nothing came out. */
  readonly jarredMl: number | null;
  readonly solids: number | null;
  readonly measuredMl: number | null;
  /** Was it boiled enough, where that matters? Null: not finished. */
  readonly safe: boolean | null;
  /** What it says of the kitchen's things and foods; nothing until it is finished. */
  readonly evidence: readonly Evidence[];
  /** Its log cannot be folded: its own page says why. */
  readonly broken?: true;
}
/** A line of the book from a folded batch. */
export function digestOf(batch: FrozenBatch, events: readonly BatchEvent[], p: Progress): Digest {
  return {
    batch: batch.id,
    model: MODEL,
    seq: lastSeq(events),
    lines: events.length,
    state: p.state,
    jarredMl: p.summary.main ? p.summary.jarredMl : null,
    solids: p.summary.main?.solids ?? null,
    measuredMl: measuredMl(p),
    safe: p.state === 'finished' ? endsBoiledEnough(p.recipe, p.outcome) : null,
    evidence: p.state === 'finished' ? evidenceOf(p.outcome.fits) : [],
  };
}
/** The last weight of the milk that was read before its jars, g, and what it was read after; null: none was. */
export function lastMilkWeight(
  p: Pick<Progress, 'recipe' | 'readings'>,
): { readonly g: number; readonly after: 'straining' | 'boiling' } | null {
  for (const step of p.recipe.steps.toReversed())
    for (const r of p.readings) {
      const figure = r.step === step.id ? kindOf(step.kind).readings[r.what]?.figure : undefined;
      if (figure === 'milkG') return { g: r.value, after: 'straining' };
      if (figure === 'afterG') return { g: r.value, after: 'boiling' };
    }
  return null;
}
/** Milk in all the jars by the scale, ml; null when one of them was not weighed. */
export function measuredMl(p: Progress): number | null {
  let ml = 0;
  let jars = 0;
  for (const step of p.recipe.steps) {
    const kind = kindOf(step.kind);
    const stream = kind.fills?.(step.params);
    if (stream === undefined || !Object.hasOwn(kind.readings, 'filledG')) continue;
    jars += 1;
    const weighed = p.readings.find((x) => x.step === step.id && x.what === 'filledG');
    const s = p.outcome.products[stream];
    if (!weighed || !s || massG(s) <= 0) return null;
    ml += (weighed.value * volumeMl(s)) / massG(s);
  }
  return jars > 0 ? ml : null;
}
