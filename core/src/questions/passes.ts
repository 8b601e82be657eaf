import { fold } from '../batch';
import type { Here } from '../kitchen';
import { solidsG } from '../kitchen';
import { applyEdits, highestOf, makeStep, orderFaults } from '../steps';
import type { Edit, Recipe, Step } from '../steps';

/** What one more pass would bring and cost. */
export interface NextPass {
  readonly waterG: number;
  readonly milkG: number;
  readonly solids: number;
  /** Solids it brings, as a share of what the milk has already. */
  readonly more: number;
  readonly minutes: number;
  readonly edits: readonly Edit[];
}
type Wash = Step<'wash'>;
const washes = (r: Recipe): readonly Wash[] => r.steps.filter((s): s is Wash => s.kind === 'wash');

interface Pressed {
  readonly last: Step<'strain'> | Wash;
  readonly pulp: string;
  readonly into: string;
}
/** The last time pulp was pressed in this plan; none: nothing to press again. */
function pressed(r: Recipe): Pressed | null {
  const last = r.steps.findLast((s): s is Step<'strain'> | Wash => s.kind === 'strain' || s.kind === 'wash');
  const strain = r.steps.find((s): s is Step<'strain'> => s.kind === 'strain');
  if (!last || !strain) return null;
  const after = washes(r).at(-1) ?? strain;
  return { last: after, pulp: strain.params.pulp, into: after.params.into };
}
function passId(r: Recipe): string {
  const taken = new Set(r.steps.map((s) => s.id));
  for (let n = 1; ; n += 1) if (!taken.has(`pass${n}`)) return `pass${n}`;
}

/** One more wash of the pulp with as much water as the last, folded: null where no pulp was pressed. */
export function nextPass(r: Recipe, here: Here): NextPass | null {
  const p = pressed(r);
  if (!p || washes(r).length >= 15) return null;
  const o = fold(r, here);
  const pulp = o.stages.flatMap((s) => s.writes).findLast(([n, s]) => n === p.pulp && s !== null)?.[1];
  if (!pulp) return null;
  const waterG = p.last.kind === 'wash' ? p.last.params.waterG : Math.max(50, Math.round(pulp.freeWaterG / 10) * 10);
  const id = passId(r);
  const step = makeStep(id, 'wash', { of: p.pulp, into: p.into, waterG });
  const edits: readonly Edit[] = [{ do: 'insert', after: p.last.id, step }];
  const more = fold(applyEdits(r, edits), here);
  const stage = more.stages.find((s) => s.step === id);
  const f = stage?.figures ?? {};
  const before = o.products[p.into] ?? o.stages.flatMap((s) => s.writes).findLast(([n, s]) => n === p.into && s)?.[1];
  const had = before ? solidsG(before) : 0;
  const brought = (f.milkG ?? 0) * (f.milkSolids ?? 0);
  return {
    waterG,
    milkG: f.milkG ?? 0,
    solids: f.milkSolids ?? 0,
    more: had > 0 ? brought / had : 0,
    minutes: (stage?.tasks.reduce((s, t) => s + t.durationS, 0) ?? 0) / 60,
    edits,
  };
}

/** Passes a plan may have (fields and levers go no further). */
export const MOST_PASSES = 16;
/** How often the pulp is pressed in this plan; null: never. */
export const passCount = (r: Recipe): number | null => (pressed(r) ? washes(r).length + 1 : null);
/** The plan with `n` passes in all: washes added like the last one, or left out from the end. */
export function passEdits(r: Recipe, n: number): readonly Edit[] {
  const p = pressed(r);
  const had = washes(r);
  const want = Math.max(0, Math.round(n) - 1);
  if (!p) return [];
  if (want <= had.length) return had.slice(want).map((w): Edit => ({ do: 'remove', step: w.id }));
  const like = had.at(-1)?.params ?? { waterG: 200 };
  let after = p.last.id;
  return Array.from({ length: want - had.length }, (_, i): Edit => {
    const id = `more${had.length + i + 1}`;
    const edit: Edit = { do: 'insert', after, step: makeStep(id, 'wash', { ...like, of: p.pulp, into: p.into }) };
    after = id;
    return edit;
  });
}

/** The fewest passes with which every jar of the plan still has something to hold. */
export function leastPasses(r: Recipe): number {
  const now = passCount(r) ?? 1;
  for (let n = 1; n < now; n += 1) if (orderFaults(applyEdits(r, passEdits(r, n))).length === 0) return n;
  return now;
}

const LEAST_SHARE = 0.15;
export interface Split {
  readonly firstG: number;
  readonly eachG: number;
  readonly passes: number;
  /** Dry matter in all the milk, g. */
  readonly solidsG: number;
  readonly folds: number;
  readonly edits: readonly Edit[];
}
/**
 * The same water over `n` passes, shared out so that most comes through: the first pass by search, the rest alike. Ways
 * are compared at equal energy a gram: a fuller jug runs longer, or it would only be seen to grind coarser.
 */
export function bestSplit(r: Recipe, here: Here, n: number): Split | null {
  const grind = r.steps.find((s): s is Step<'grind'> => s.kind === 'grind');
  const p = pressed(r);
  if (!grind || !p || n < leastPasses(r) || n > MOST_PASSES) return null;
  const total = grind.params.waterG + washes(r).reduce((g, w) => g + w.params.waterG, 0);
  let folds = 0;
  const seconds = asFine(r, grind, here);
  const edits = (share: number) => spread(r, grind, p, { total, share, n, durationS: seconds(total * share) });
  const gain = (share: number): number => {
    folds += 1;
    const o = fold(applyEdits(r, edits(share)), here);
    let sum = 0;
    for (const [name, s] of Object.entries(o.products)) if (name !== p.pulp) sum += solidsG(s);
    return sum;
  };
  let share = 1;
  if (n > 1) {
    // Golden section: one peak, from a first pass that is too dry to one that leaves nothing for the others.
    // No drier than the jug still turns over.
    const dry = fold(applyEdits(r, edits(LEAST_SHARE)), here);
    const missing = dry.stages.find((s) => s.step === grind.id)?.figures.waterWantedG ?? 0;
    let low = Math.min(0.9, LEAST_SHARE + missing / Math.max(1, total));
    let high = 0.97;
    folds += 1;
    const golden = (Math.sqrt(5) - 1) / 2;
    for (let i = 0; i < 14; i += 1) {
      const a = high - golden * (high - low);
      const b = low + golden * (high - low);
      if (gain(a) > gain(b)) high = b;
      else low = a;
    }
    share = (low + high) / 2;
  }
  const firstG = total * share;
  return {
    firstG,
    eachG: n > 1 ? (total - firstG) / (n - 1) : 0,
    passes: n,
    solidsG: gain(share),
    folds,
    edits: edits(share),
  };
}
/** How long each load runs with so much water, to absorb as much a gram as the plan's own, s. */
function asFine(r: Recipe, grind: Step<'grind'>, here: Here): (waterG: number) => number {
  const now = grind.params.durationS;
  const f = fold(r, here).stages.find((s) => s.step === grind.id)?.figures;
  const inJugG = ((f?.powerW ?? 0) * now * grind.params.loads) / Math.max(1e-9, f?.energyJPerG ?? 0);
  if (!(inJugG > 0)) return () => now;
  const most = highestOf('grind', 'durationS');
  return (waterG) => Math.min(most, Math.max(1, Math.round((now * (inJugG + waterG - grind.params.waterG)) / inJugG)));
}
interface Shared {
  readonly total: number;
  readonly share: number;
  readonly n: number;
  readonly durationS: number;
}
function spread(r: Recipe, grind: Step<'grind'>, p: Pressed, { total, share, n, durationS }: Shared): readonly Edit[] {
  const each = n > 1 ? (total * (1 - share)) / (n - 1) : 0;
  const had = washes(r);
  const edits: Edit[] = [{ do: 'set', step: grind.id, param: 'waterG', value: total * share }];
  if (durationS !== grind.params.durationS)
    edits.push({ do: 'set', step: grind.id, param: 'durationS', value: durationS });
  had.forEach((w, i) =>
    edits.push(i < n - 1 ? { do: 'set', step: w.id, param: 'waterG', value: each } : { do: 'remove', step: w.id }),
  );
  let after = had.slice(0, n - 1).at(-1)?.id ?? r.steps.find((s) => s.kind === 'strain')?.id ?? null;
  const template = had[0]?.params;
  for (let i = had.length; i < n - 1; i += 1) {
    const id = `split${i + 1}`;
    const step = makeStep(id, 'wash', { ...template, of: p.pulp, into: p.into, waterG: each });
    edits.push({ do: 'insert', after, step });
    after = id;
  }
  return edits;
}
