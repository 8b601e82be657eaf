import { MEASURES, SET } from '../batch';
import type { Measure } from '../batch';
import type { Here } from '../kitchen';
import { seededRandom } from '../numerics';
import { WATERY_BELOW, wordFrom } from '../steps';
import type { Recipe } from '../steps';
import { leverEdits, summaryAt } from './levers';
import type { Lever } from './levers';
import { doubted, sampleBeliefs } from './ranges';

/** What the ground of a map can show. */
export type Ground = Extract<Measure, 'body' | 'solids' | 'fat' | 'volumeMl'>;
export interface MapAsked {
  readonly ground: Ground;
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
  /** Which levers and ground: keys of x and y, and the measure. */
  readonly of: string;
  readonly xs: readonly number[];
  readonly ys: readonly number[];
  readonly ground: readonly (readonly number[])[];
  /** Share 0..1 of the kitchens in which this cell is watery, slippery or worse, or too thick to pour well. */
  readonly watery: readonly (readonly number[])[];
  readonly slimy: readonly (readonly number[])[];
  readonly thick: readonly (readonly number[])[];
}

/** Values of a lever over its span: evenly spaced, or every whole number where it counts. */
export function valuesOf(l: Lever, n: number): readonly number[] {
  const [low, high] = span(l);
  return l.shown === 'count' ? steps(low, high, Math.round(high - low) + 1) : steps(low, high, n);
}
function steps(low: number, high: number, n: number): readonly number[] {
  return Array.from({ length: n }, (_, i) => low + ((high - low) * i) / Math.max(1, n - 1));
}
/** The span of a lever worth drawing: from a fifth of what it is to three times it; a temperature from 0 to 100 °C. */
export function span(l: Lever): readonly [number, number] {
  if (l.shown === 'C') return [Math.max(0, l.least), Math.min(100, l.most)];
  if (l.at.of === 'choice') return [l.least, l.most];
  if (l.shown === 'count') return [l.least, Math.min(l.most, Math.max(6, l.now + 3))];
  const now = l.now > 0 ? l.now : l.high;
  const nice = (x: number): number => {
    const unit = 10 ** Math.floor(Math.log10(Math.max(1e-6, x)));
    return Math.round(x / (unit / 2)) * (unit / 2);
  };
  return [Math.max(l.least, nice(now * 0.25)), Math.min(l.most, nice(Math.max(now * 2.5, l.high)))];
}

/**
 * Two levers against each other: every cell folded in the likeliest kitchen, and in some drawn from its beliefs, so that
 * the edge of a region is as wide as the kitchen is uncertain. Seeded: the same map every time.
 */
export function leverMap(
  r: Recipe,
  here: Here,
  asked: MapAsked,
  onProgress: (done: number, of: number) => void = () => undefined,
): LeverMap {
  const random = seededRandom(asked.seed);
  const ids = doubted(r);
  const others = Array.from({ length: asked.kitchens }, (): Here => ({
    kit: here.kit,
    beliefs: sampleBeliefs(here, ids, random),
  }));
  const rows = asked.ys.map((y, j) => {
    const row = asked.xs.map((x) => cell(r, [here, ...others], asked, x, y));
    onProgress(j + 1, asked.ys.length);
    return row;
  });
  const pick = (f: (c: Cell) => number) => rows.map((row) => row.map(f));
  return {
    of: mapKey(asked),
    xs: asked.xs,
    ys: asked.ys,
    ground: pick((c) => c.ground),
    watery: pick((c) => c.watery),
    slimy: pick((c) => c.slimy),
    thick: pick((c) => c.thick),
  };
}
/** Less than this is no milk, g. */
const LEAST_G = 5;

interface Cell {
  readonly ground: number;
  readonly watery: number;
  readonly slimy: number;
  readonly thick: number;
}
function cell(r: Recipe, all: readonly Here[], asked: MapAsked, x: number, y: number): Cell {
  const edits = [...leverEdits(r, asked.x.at, x), ...leverEdits(r, asked.y.at, y)];
  let watery = 0;
  let slimy = 0;
  let thick = 0;
  let ground = 0;
  const slippery = wordFrom('slip', 'slippery', all[0]?.beliefs ?? {});
  const tooThick = wordFrom('thick', 'thick', all[0]?.beliefs ?? {});
  all.forEach((kitchen, i) => {
    const s = summaryAt(r, kitchen, edits, 'light');
    const body = MEASURES.body(s) ?? SET;
    const dry = MEASURES.solids(s) ?? 0;
    if (i === 0) ground = MEASURES[asked.ground](s) ?? 0;
    // So little water that nothing comes through is too thick, not watery.
    const none = (s.main?.massG ?? 0) < LEAST_G;
    if (none) thick += 1;
    else if (dry < WATERY_BELOW) watery += 1;
    if ((MEASURES.slime(s) ?? 1) >= slippery) slimy += 1;
    if (!none && body >= tooThick) thick += 1;
  });
  const n = all.length;
  return { ground, watery: watery / n, slimy: slimy / n, thick: thick / n };
}

/** Pairs worth looking at first, by what decides that milk (common practice); else those that move it furthest. */
const TELLING: readonly (readonly [RegExp, RegExp])[] = [
  [/^grind\.durationS$/, /^grind\.waterC$/],
  [/^grind\.waterG$/, /^passes$/],
];
const BY_HAND: readonly (readonly [RegExp, RegExp])[] = [[/^wash\.waterG$/, /^passes$/]];
/** The two levers to map first: for flakes the jug's seconds and the water's warmth, else fresh water and passes. */
export function tellingLevers(r: Recipe, levers: readonly Lever[]): readonly Lever[] {
  const flakes = r.materials.some((m) => m.rinse !== null);
  for (const pair of [...(flakes ? TELLING : [...TELLING].reverse()), ...BY_HAND]) {
    const found = pair.map((p) => levers.find((l) => p.test(l.key))).filter((l): l is Lever => l !== undefined);
    if (found.length === 2) return found;
  }
  const fresh = levers.filter((l) => l.shown === 'g');
  return [...fresh, ...levers.filter((l) => l.shown !== 'g')].slice(0, 2);
}
/** Which map this is, so that an answer can be told from one to an older question. */
export const mapKey = (a: Pick<MapAsked, 'x' | 'y' | 'ground'>): string => `${a.x.key}|${a.y.key}|${a.ground}`;
