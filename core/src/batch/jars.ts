import { hasFood, massG, portion, thingOf, volumeMl } from '../kitchen';
import type { Hygiene, Kit, Stream } from '../kitchen';
import { contextOf, isDone, keepBy, keptFor, makeStep } from '../steps';
import type { KeepBy } from '../steps';
import type { FilledJar, FrozenBatch, JarEvent } from './events';
import { fold } from './fold';
import type { Progress } from './progress';

/** Less than this is a smear, not something to keep, g. */
const LEAST_G = 5;

/**
 * The vessels a finished batch fills: what a jar step closed goes into its jars in equal parts, everything else that is
 * food into one tub each. Ids follow from the batch, so that a corrected reading rewrites the same jars.
 */
export function jarsOf(batch: FrozenBatch, p: Progress): readonly FilledJar[] {
  const out: FilledJar[] = [];
  const end = p.endedAt ?? batch.startedAt;
  for (const [product, s] of Object.entries(p.outcome.products)) {
    if (!hasFood(s) || massG(s) < LEAST_G) continue;
    const i = p.recipe.steps.findLastIndex((x) => x.kind === 'jar' && x.params.of === product);
    const step = p.recipe.steps[i];
    const n = step ? Math.max(1, p.outcome.stages[i]?.figures.jars ?? 1) : 1;
    const ml = volumeMl(s) / n;
    const vesselMl =
      step?.kind === 'jar' ? thingOf(batch.kit, 'jar', step.params.jar).ml : Math.ceil((ml * 1.2) / 100) * 100;
    const last = p.outcome.stages.findLastIndex((x) => x.writes.some(([w, made]) => w === product && made !== null));
    const stepId = p.outcome.stages[last]?.step;
    const filledAt =
      p.tasks.filter((t) => t.step.id === stepId).reduce((t, x) => Math.max(t, x.endedAt ?? 0), 0) || end;
    for (let k = 0; k < n; k += 1)
      out.push({
        id: `${batch.id}:${product}:${k + 1}`,
        batch: batch.id,
        product,
        vesselMl,
        filledMl: ml,
        filledAt,
        stream: portion(s, 1 / n),
      });
  }
  return out;
}

export interface JarNow {
  readonly leftMl: number;
  readonly leftG: number;
  readonly over: 'finished' | 'thrown' | null;
  readonly why: string | null;
  /** Time left, never beyond the caps; null for what has no keeping rule. */
  readonly keep: KeepBy | null;
  readonly ageS: number;
  readonly hygiene: Hygiene;
  /** False: soy that has not had its boil; not to be eaten. */
  readonly done: boolean;
}

/** Pulp is boiled in as much water as it weighs (common practice: loose enough to roll). */
const PULP_WATER = 1;

/** A jar at `now`: its filling folded through what happened to it, standing in this kitchen's fridge. */
export function jarNow(jar: FilledJar, events: readonly JarEvent[], batch: FrozenBatch, kit: Kit, now: number): JarNow {
  const ctx = contextOf(kit, batch.beliefs, batch.recipe.materials);
  let s: Stream = jar.stream;
  let since = jar.filledAt;
  let madeAt = jar.filledAt;
  let over: JarNow['over'] = null;
  let why: string | null = null;
  for (const e of [...events].sort((a, b) => a.at - b.at)) {
    if (over) break;
    if (e.is === 'poured') s = portion(s, Math.max(0, 1 - e.ml / Math.max(1e-9, volumeMl(s))));
    else if (e.is === 'boiled') {
      s = boiledPulp(keptFor(s, kit.fridgeC, kit.use.jar, (e.at - since) / 1000, ctx), e.forS, batch, kit);
      since = e.at;
      madeAt = e.at;
    } else {
      over = e.is;
      if (e.is === 'thrown') why = e.why;
    }
  }
  const kept = keptFor(s, kit.fridgeC, kit.use.jar, Math.max(0, (now - since) / 1000), ctx);
  const ageS = Math.max(0, (now - madeAt) / 1000);
  return {
    leftMl: over ? 0 : volumeMl(s),
    leftG: over ? 0 : massG(s),
    over,
    why,
    keep: keepBy(kept, kit.fridgeC, kit.use.jar, ageS, ctx),
    ageS,
    hygiene: kept.hygiene,
    done: isDone(kept),
  };
}

/** Raw pulp cooked on the hob: two steps of the same fold, the water it was loosened with boiled off again. */
function boiledPulp(s: Stream, forS: number, batch: FrozenBatch, kit: Kit): Stream {
  const loose = { ...s, freeWaterG: s.freeWaterG + PULP_WATER * massG(s) };
  const steps = [
    makeStep('boilPulp', 'boil', { of: 'pulp', holdS: forS }),
    makeStep('coolPulp', 'cool', { of: 'pulp', toC: 20 }),
  ];
  const o = fold(
    { materials: batch.recipe.materials, larder: [], steps },
    { kit, start: { pulp: { ...loose, readyAtS: 0 } } },
  );
  const out = o.products.pulp ?? s;
  return { ...out, freeWaterG: Math.min(out.freeWaterG, s.freeWaterG) };
}
