import { kindOf } from '../steps';
import { MEASURES, SET } from '../batch';
import type { Measure, Summary } from '../batch';
import type { Here } from '../kitchen';
import type { Outcome, Recipe } from '../steps';
import { HOUR_S } from '../units';
import { look } from './look';

/** What is wanted of one measure for a use: a span that is right, how far beyond it is quite wrong, and its weight. */
interface Want {
  readonly of: Measure;
  readonly low: number;
  readonly high: number;
  readonly off: number;
  readonly weight: number;
}
const want = (of: Measure, low: number, high: number, off: number, weight: number): Want => ({
  of,
  low,
  high,
  off,
  weight,
});
const ANY = Infinity;
const H = HOUR_S;
const QUICK = want('handsS', 0, 900, 2700, 0.5);
const CHEAP = want('costPerL', 0, 1.2, 4, 0.5);

/** What each use asks of a milk (common practice; spans are our own judgement). The ranking is computed from these. */
export const USES = {
  cold: [
    want('body', 1.1, 3, 3, 1),
    want('slime', 0, 1.5, 1.2, 1.5),
    want('grit', 0, 0.004, 0.01, 1),
    want('beany', 0, 20, 60, 0.7),
    want('solids', 0.04, 0.2, 0.03, 0.8),
    QUICK,
    CHEAP,
  ],
  hotDrinks: [
    want('bodyHot', 1, 5, 10, 1.5),
    want('slime', 0, 1.8, 1.5, 0.8),
    want('protein', 0.01, 1, 0.01, 0.6),
    want('beany', 0, 20, 60, 0.7),
    want('grit', 0, 0.004, 0.01, 0.6),
    QUICK,
    CHEAP,
  ],
  cooking: [
    want('fat', 0.05, 0.15, 0.05, 2),
    want('bodyHot', 1, 8, 20, 1.2),
    want('solids', 0.06, 1, 0.05, 0.6),
    CHEAP,
    QUICK,
  ],
  baking: [
    want('solids', 0.035, 1, 0.03, 0.8),
    want('fat', 0.01, 1, 0.01, 0.4),
    want('handsS', 0, 900, 2700, 1),
    want('costPerL', 0, 0.8, 3, 1),
    want('beany', 0, 40, 60, 0.3),
  ],
  yoghurt: [
    want('protein', 0.03, 1, 0.025, 2),
    want('solids', 0.07, 1, 0.05, 1),
    want('beany', 0, 20, 60, 0.6),
    want('slime', 0, 1.3, 1, 0.5),
  ],
  tofu: [want('protein', 0.035, 1, 0.03, 3), want('grit', 0, 0.004, 0.01, 0.5), want('beany', 0, 40, 60, 0.3)],
  freezing: [
    want('fat', 0.02, 0.25, 0.03, 0.6),
    want('bodyHot', 1, 6, 15, 1),
    want('solids', 0.05, 1, 0.04, 0.6),
    want('volumeMl', 900, ANY, 700, 0.6),
  ],
  family: [
    want('volumeMl', 1000, ANY, 700, 1.5),
    want('costPerL', 0, 0.6, 2, 1.5),
    want('keepS', 60 * H, ANY, 48 * H, 1),
    want('handsS', 0, 1500, 2400, 0.6),
    want('slime', 0, 1.8, 1.5, 0.6),
    want('beany', 0, 40, 60, 0.4),
  ],
  oneCup: [
    want('elapsedS', 0, 0.4 * H, 3 * H, 2.5),
    want('handsS', 0, 600, 1200, 1.5),
    want('slime', 0, 1.8, 1.5, 0.6),
    want('grit', 0, 0.004, 0.01, 0.5),
  ],
} as const satisfies Readonly<Record<string, readonly Want[]>>;
export type Use = keyof typeof USES;
/** Every use that can be asked for. */
export const USE_IDS = Object.keys(USES) as readonly Use[];

/** What a use asks of a milk, the weightiest first. */
export const asksOf = (use: Use): readonly Measure[] =>
  [...(USES[use] as readonly Want[])].sort((a, b) => b.weight - a.weight).map((w) => w.of);

/** What there is at hand. */
export interface AtHand {
  /** Hours until it should be ready; null: no hurry. */
  readonly hours: number | null;
  readonly blender: boolean;
}
export interface Candidate {
  readonly id: string;
  readonly milk: string;
  readonly recipe: Recipe;
}
export interface Point {
  readonly of: Measure;
  readonly value: number;
  readonly fit: number;
}
export interface Ranked {
  readonly id: string;
  readonly milk: string;
  readonly summary: Summary;
  /** 0..1: how well the computed outcomes meet what the use asks. */
  readonly fit: number;
  /** What speaks for it and against it, the weightiest first; both from the computed figures. */
  readonly good: readonly Point[];
  readonly bad: readonly Point[];
  /** Why it is out, or null. */
  readonly out: 'time' | 'blender' | 'order' | null;
  readonly dangers: number;
  /** The hottest that anything of it gets on its way, °C. */
  readonly warmestC: number;
}

const fitOf = (w: Want, x: number): number => {
  const short = x < w.low ? w.low - x : x > w.high ? x - w.high : 0;
  return Math.max(0, 1 - short / w.off);
};

/** Schools in the order in which their computed outcomes meet a use; what cannot be done with what is at hand comes last. */
export function rankFor(use: Use, all: readonly Candidate[], here: Here, at: AtHand): readonly Ranked[] {
  const seen = all.flatMap((c) => {
    const l = look(c.recipe, here);
    const dangers = l?.warnings.filter((w) => w.weight === 'danger').length ?? 0;
    return l ? [{ c, s: l.summary, dangers, warmestC: warmestOf(l.outcome) }] : [];
  });
  const middle = middles(seen.map((x) => x.s));
  return seen
    .map((x) => ({ ...judged(use, x.c, x.s, at, middle), dangers: x.dangers, warmestC: x.warmestC }))
    .sort((a, b) => Number(a.out !== null) - Number(b.out !== null) || b.fit - a.fit);
}

type Middles = Readonly<Partial<Record<Measure, number>>>;
/** The middle of each measure over all that is compared: what is said for a school is where it stands out. */
function middles(all: readonly Summary[]): Middles {
  const out: Partial<Record<Measure, number>> = {};
  for (const m of Object.keys(MEASURES) as Measure[]) {
    const v = all.map((s) => MEASURES[m](s)).filter((x): x is number => x !== null);
    v.sort((a, b) => a - b);
    const mid = v[Math.floor(v.length / 2)];
    if (mid !== undefined) out[m] = mid;
  }
  return out;
}
const MORE_IS_BETTER: readonly Measure[] = ['volumeMl', 'solids', 'protein', 'fat', 'keepS'];
/** How far a figure stands out to the good from the middle of all, as a share of it. */
function ahead(of: Measure, x: number, middle: number | undefined): number {
  if (middle === undefined) return 0;
  const by = (x - middle) / Math.max(1e-9, Math.abs(middle) + Math.abs(x));
  return MORE_IS_BETTER.includes(of) ? by : -by;
}
function warmestOf(o: Outcome): number {
  let c = -Infinity;
  for (const stage of o.stages) {
    c = Math.max(c, stage.figures.startC ?? -Infinity);
    for (const [, s] of stage.writes) if (s) c = Math.max(c, s.temperatureC);
  }
  return c;
}
type Judged = Omit<Ranked, 'dangers' | 'warmestC'>;
function judged(use: Use, c: Candidate, s: Summary, at: AtHand, middle: Middles): Judged {
  const points: (Point & { readonly weight: number; readonly ahead: number })[] = [];
  let sum = 0;
  let total = 0;
  for (const w of USES[use] as readonly Want[]) {
    const x = MEASURES[w.of](s);
    if (x === null) continue;
    const fit = fitOf(w, Math.min(x, w.of === 'body' || w.of === 'bodyHot' ? SET : x));
    points.push({ of: w.of, value: x, fit, weight: w.weight, ahead: ahead(w.of, x, middle[w.of]) });
    sum += fit * w.weight;
    total += w.weight;
  }
  // That a milk without β-glucan is not slimy is no news.
  const good = points
    .filter((p) => p.fit > 0.9 && !(p.of === 'slime' && p.value < 1.005))
    .sort((a, b) => b.weight * (0.2 + Math.max(0, b.ahead)) - a.weight * (0.2 + Math.max(0, a.ahead)));
  const bad = points.filter((p) => p.fit < 0.85).sort((a, b) => (1 - b.fit) * b.weight - (1 - a.fit) * a.weight);
  const late = at.hours !== null && s.toJarS > at.hours * H;
  const needsJug = c.recipe.steps.some((x) =>
    Object.values(kindOf(x.kind).params).some((p) => p.type === 'thing' && p.thing === 'jug'),
  );
  return {
    id: c.id,
    milk: c.milk,
    summary: s,
    fit: total > 0 ? sum / total : 0,
    good,
    bad,
    out: late ? 'time' : needsJug && !at.blender ? 'blender' : null,
  };
}
