import { mainStream } from '@ironpan/core/batch';
import { massG } from '@ironpan/core/kitchen';
import { streamBefore } from '@ironpan/core/steps';
import type { Outcome, Recipe, Step } from '@ironpan/core/steps';

/** Which stream runs where: the way to the main milk on top, graded extracts under it as they come, the pulp lowest. */
export interface Lanes {
  /** Streams on the way to the main product. */
  readonly main: ReadonlySet<string>;
  /** Side streams from top to bottom. */
  readonly side: readonly string[];
  /** g that the lane must have room for. */
  readonly mostG: ReadonlyMap<string, number>;
}

/** Does the main milk come out of this step by another name? */
const leadsTo = (s: Step, main: ReadonlySet<string>): s is Step<'strain' | 'part'> =>
  s.kind === 'strain' ? main.has(s.params.into) : s.kind === 'part' && s.params.parts.some((x) => main.has(x.name));
const madeBefore = (o: Outcome, place: number, name: string): boolean =>
  o.ledger.some((f) => f.step === 'larder' && 'stream' in f.to && f.to.stream === name) ||
  streamBefore(o, place, name) !== undefined;

/** Which streams run in the middle, above and below. */
export function lanesOf(r: Recipe, o: Outcome): Lanes {
  const end = mainStream(r, o);
  const main = new Set<string>(end === null ? [] : [end]);
  for (const s of [...r.steps].reverse()) if (leadsTo(s, main)) main.add(s.params.of);
  if (main.size === 0) for (const l of r.larder) main.add(l.into);
  const pulps = new Set(r.steps.flatMap((s) => (s.kind === 'strain' ? [s.params.pulp] : [])));
  const held = new Set(
    r.steps.flatMap((s, i) => (s.kind === 'pour' && !madeBefore(o, i, s.params.into) ? [s.params.into] : [])),
  );
  const larder = new Set(r.larder.map((l) => l.into));
  const side: string[] = [];
  const mostG = new Map<string, number>();
  r.steps.forEach((s, i) => {
    for (const [name, made] of o.stages[i]?.writes ?? []) {
      if (made === null || main.has(name) || held.has(name) || larder.has(name)) continue;
      if (!side.includes(name)) side.push(name);
      const fresh = s.kind === 'wash' && s.params.of === name ? s.params.waterG : 0;
      mostG.set(name, Math.max(mostG.get(name) ?? 0, massG(made) + fresh));
    }
  });
  const low = (n: string): number => (pulps.has(n) ? 1 : 0);
  return { main, side: side.sort((a, b) => low(a) - low(b)), mostG };
}
