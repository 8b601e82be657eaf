import type { Beliefs, Kit } from '../kitchen';
import { seededRandom } from '../numerics';
import { WATERY_BELOW, SLIPPERY_FROM, BODY_FROM } from '../steps';
import type { Recipe } from '../steps';
import { leverEdit, summaryAt } from './levers';
import type { Lever } from './levers';
import { MEASURES } from './measures';
import { sampleBeliefs } from './ranges';

export interface MapAsked {
  readonly x: Lever;
  readonly y: Lever;
  readonly xs: readonly number[];
  readonly ys: readonly number[];
  readonly seed: number;
  /** Kitchens drawn from what is believed of this one, besides the likeliest. */
  readonly kitchens: number;
}
/** Row by row, the y of the first row first. */
export interface LeverMap {
  readonly xs: readonly number[];
  readonly ys: readonly number[];
  readonly body: readonly (readonly number[])[];
  readonly solids: readonly (readonly number[])[];
  /** Share 0..1 of the kitchens in which this cell is watery, slippery or worse, or too thick to pour well. */
  readonly watery: readonly (readonly number[])[];
  readonly slimy: readonly (readonly number[])[];
  readonly thick: readonly (readonly number[])[];
}

/** Evenly spaced values of a lever from `low` to `high`. */
export function steps(low: number, high: number, n: number): readonly number[] {
  return Array.from({ length: n }, (_, i) => low + ((high - low) * i) / Math.max(1, n - 1));
}
/** The span of a lever worth drawing: from a fifth of what it is to three times it; a temperature from 0 to 100 °C. */
export function span(l: Lever): readonly [number, number] {
  if (l.shown === 'C') return [Math.max(0, l.least), Math.min(100, l.most)];
  if (l.shown === 'count') return [l.least, Math.min(l.most, Math.max(6, l.now + 3))];
  const now = l.now > 0 ? l.now : l.high;
  return [Math.max(l.least, now * 0.2), Math.min(l.most, Math.max(now * 3, l.high))];
}

/**
 * Two levers against each other: every cell folded in the likeliest kitchen, and in some drawn from its beliefs, so that
 * the edge of a region is as wide as the kitchen is uncertain. Seeded: the same map every time.
 */
export function leverMap(
  r: Recipe,
  kit: Kit,
  beliefs: Beliefs,
  asked: MapAsked,
  onProgress: (done: number, of: number) => void = () => undefined,
): LeverMap {
  const random = seededRandom(asked.seed);
  const ids = r.materials.map((m) => m.id);
  const others = Array.from({ length: asked.kitchens }, () => sampleBeliefs(kit, beliefs, ids, random));
  const rows = asked.ys.map((y, j) => {
    const row = asked.xs.map((x) => cell(r, kit, [beliefs, ...others], asked, x, y));
    onProgress(j + 1, asked.ys.length);
    return row;
  });
  const pick = (f: (c: Cell) => number) => rows.map((row) => row.map(f));
  return {
    xs: asked.xs,
    ys: asked.ys,
    body: pick((c) => c.body),
    solids: pick((c) => c.solids),
    watery: pick((c) => c.watery),
    slimy: pick((c) => c.slimy),
    thick: pick((c) => c.thick),
  };
}
interface Cell {
  readonly body: number;
  readonly solids: number;
  readonly watery: number;
  readonly slimy: number;
  readonly thick: number;
}
function cell(r: Recipe, kit: Kit, all: readonly Beliefs[], asked: MapAsked, x: number, y: number): Cell {
  const edits = [leverEdit(asked.x.at, x), leverEdit(asked.y.at, y)];
  let watery = 0;
  let slimy = 0;
  let thick = 0;
  let body = 1;
  let solids = 0;
  all.forEach((b, i) => {
    const s = summaryAt(r, kit, b, edits);
    const here = MEASURES.body(s) ?? 1;
    const dry = MEASURES.solids(s) ?? 0;
    if (i === 0) {
      body = here;
      solids = dry;
    }
    if (dry < WATERY_BELOW) watery += 1;
    if ((MEASURES.slime(s) ?? 1) >= SLIPPERY_FROM.slippery) slimy += 1;
    if (here >= BODY_FROM.thick) thick += 1;
  });
  const n = all.length;
  return { body, solids, watery: watery / n, slimy: slimy / n, thick: thick / n };
}

/** The two levers that say most of this milk: the ones that move its body (or else its strength) furthest. */
export function tellingLevers(moved: readonly { readonly lever: Lever; readonly reach: number }[]): readonly Lever[] {
  const ranked = [...moved].sort((a, b) => b.reach - a.reach).map((m) => m.lever);
  const first = ranked[0];
  const second = ranked.find((l) => l !== first && l.label !== first?.label);
  return [first, second].filter((l): l is Lever => l !== undefined);
}
