import { bodyOf, contextOf, isFrozen, layered, streamBefore } from '../steps';
import type { Kit, Stream, Thing } from '../kitchen';
import type { Body, Edit, FigureOf, Kind, Outcome, Recipe, Stage, Step } from '../steps';

export type FigureUnit = 'g' | 'ml' | 'C' | 's' | 'share' | 'count' | 'm' | 'um' | 'index' | 'times';
export interface Figure {
  readonly value: number;
  readonly unit: FigureUnit;
}
/** A move that mends, as data: it crosses a worker, is stored and is undone. `say` is a code for words. */
export interface Fix {
  readonly say: string;
  readonly figures: Readonly<Record<string, Figure>>;
  readonly edits: readonly Edit[];
}
export type Weight = 'know' | 'mend' | 'danger';
export interface Warning {
  readonly check: string;
  readonly step: string | null;
  readonly weight: Weight;
  readonly figures: Readonly<Record<string, Figure>>;
  readonly fixes: readonly Fix[];
}
/** What a check looks at: one folded plan. */
export interface Looked {
  readonly outcome: Outcome;
  readonly recipe: Recipe;
  readonly kit: Kit;
}
export interface Check {
  readonly id: string;
  readonly reason: string;
  /** A published source, or 'common practice'. */
  readonly source: string;
  find(l: Looked): readonly Warning[];
}

/** A figure of a warning, in the unit of the fold. */
export const fig = (value: number, unit: FigureUnit): Figure => ({ value, unit });
/** A move that sets one parameter. */
export const setFix = (
  say: string,
  step: string,
  param: string,
  value: number | string | boolean,
  figures: Fix['figures'] = {},
): Fix => ({ say, figures, edits: [{ do: 'set', step, param, value }] });

export interface At<K extends Kind> {
  readonly step: Step<K>;
  readonly stage: Stage;
  /** Its place in the plan. */
  readonly place: number;
  readonly f: (name: FigureOf<K>) => number;
}
/** Each folded plan's steps by kind, sorted out once for the sixty checks that look at it one after the other. */
let sorted: { readonly of: Looked; readonly by: Map<Kind, At<Kind>[]> } | null = null;
function byKind(l: Looked): Map<Kind, At<Kind>[]> {
  if (sorted?.of === l) return sorted.by;
  const all = new Map<Kind, At<Kind>[]>();
  l.recipe.steps.forEach((step, place) => {
    const stage = l.outcome.stages[place];
    if (!stage) return;
    const at: At<Kind> = { step, stage, place, f: (name) => stage.figures[name] ?? 0 };
    const same = all.get(step.kind);
    if (same) same.push(at);
    else all.set(step.kind, [at]);
  });
  sorted = { of: l, by: all };
  return all;
}
const NONE: readonly never[] = [];
/** The folded steps of some kinds, in the plan's order, with their figures; a figure that a stage has not reads as 0. */
export function stepsOf<K extends Kind>(l: Looked, ...kinds: readonly K[]): readonly At<K>[] {
  const all = byKind(l);
  const [one] = kinds;
  if (kinds.length === 1 && one !== undefined) return (all.get(one) ?? NONE) as unknown as readonly At<K>[];
  const found = kinds.flatMap((k): readonly At<Kind>[] => all.get(k) ?? []);
  return found.sort((a, b) => a.place - b.place) as unknown as readonly At<K>[];
}
/** Does this recipe hold a bean with a trypsin inhibitor, which must be boiled? */
export const mustBoil = (l: Looked): boolean => l.recipe.materials.some((m) => m.inhibitorLabileShare !== null);
/** The stream as this step left it. */
export const madeBy = (s: Pick<At<Kind>, 'stage'>, stream: string): Stream | undefined =>
  s.stage.writes.find(([n, made]) => n === stream && made !== null)?.[1] ?? undefined;
/** The body of a stream as it will be served from this fridge; null where there is no liquid. */
export const bodyAt = (l: Looked, s: Stream | undefined): Body | null =>
  s ? bodyOf(s, l.kit.fridgeC, contextOf({ kit: l.kit, beliefs: l.outcome.beliefs }, l.recipe.materials)) : null;
/** Is this stream frozen when the step at `place` takes it? */
export function arrivesFrozen(l: Looked, place: number, stream: string): boolean {
  const s = streamBefore(l.outcome, place, stream);
  return s !== undefined && isFrozen(s);
}
/** A step id this plan does not have yet. */
export function freshId(l: Looked, base: string): string {
  const taken = new Set(l.recipe.steps.map((s) => s.id));
  if (!taken.has(base)) return base;
  for (let i = 2; ; i += 1) if (!taken.has(`${base}${i}`)) return `${base}${i}`;
}
/** A move that puts a step in, after another or (null) first. */
export const insertFix = (say: string, after: string | null, step: Step): Fix => ({
  say,
  figures: {},
  edits: [{ do: 'insert', after, step }],
});
/** Opening of a strainer with its layers, µm: as the straining law takes it. */
export const effectiveUm = (t: Extract<Thing, { is: 'strainer' }>): number => layered(t.openingUm, t.layers);
