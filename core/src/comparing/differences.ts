import { believedOf, coefficientIn } from '../kitchen';
import type { Kit } from '../kitchen';
import { kindOf, numberOf, paramOf } from '../steps';
import type { Recipe, Step } from '../steps';
import { sameWay } from './aligned';
import type { Made } from './made';

/** What of the kitchen itself reaches the milk. */
export const PLACE = ['altitudeM', 'roomC', 'fridgeC', 'tapC'] as const;
/** What is otherwise: everything more or less alike; an amount; another food in its place; a step's figure; … */
export type DifferenceOf =
  | { readonly of: 'size' }
  | { readonly of: 'amount'; readonly into: string; readonly material: string }
  /** Other foods in the place of those, where none is in both. */
  | { readonly of: 'swap'; readonly into: string; readonly gone: readonly string[]; readonly come: readonly string[] }
  | { readonly of: 'food'; readonly material: string }
  | { readonly of: 'param'; readonly step: string; readonly param: string }
  /** Steps that only one of them has, or that work on something else. */
  | { readonly of: 'way' }
  | { readonly of: 'coefficient'; readonly id: string }
  | { readonly of: 'thing'; readonly id: string }
  | { readonly of: 'place'; readonly what: (typeof PLACE)[number] }
  | { readonly of: 'jar' }
  | { readonly of: 'stood' | 'lost' | 'course'; readonly step: string };
export interface Difference {
  readonly key: string;
  readonly at: DifferenceOf;
  /** In the first and in the second, in the units of the fold; of an amount in the first: as it would be at the size of the second. Null: none. */
  readonly from: number | string | boolean | null;
  readonly to: number | string | boolean | null;
}
/** Closer than this share (and this much) two figures are the same: a clock or a scale tells no more. */
const SAME = { g: [0.004, 1], s: [0.02, 2], C: [0, 0.25], times: [0.01, 0], other: [1e-6, 0] } as const;
/** Shorter than this a batch does not stand, s. */
export const STOOD_S = 5 * 60;

/** Are two figures the same, as far as a kitchen can tell? */
export const alike = (x: number, y: number, unit: string): boolean => {
  const [share, least] = unit in SAME ? SAME[unit as keyof typeof SAME] : SAME.other;
  return Math.abs(x - y) <= Math.max(least, share * Math.max(Math.abs(x), Math.abs(y)));
};
/** How a food of the larder is known in both. */
export const lineKey = (l: { readonly into: string; readonly material: string }): string => `${l.into}.${l.material}`;
export const linesOf = (r: Recipe): ReadonlyMap<string, { into: string; material: string; grams: number }> => {
  const out = new Map<string, { into: string; material: string; grams: number }>();
  for (const l of r.larder) {
    const had = out.get(lineKey(l));
    out.set(lineKey(l), { ...l, grams: (had?.grams ?? 0) + l.grams });
  }
  return out;
};
/** The steps that both have, by id; the second is aligned to the first. */
export function pairsOf(a: Made, b: Made): ReadonlyMap<string, readonly [Step, Step]> {
  const theirs = new Map(b.recipe.steps.map((s) => [s.id, s]));
  return new Map(
    a.recipe.steps.flatMap((s) => {
      const t = theirs.get(s.id);
      return t?.kind === s.kind ? [[s.id, [s, t] as const] as const] : [];
    }),
  );
}

/**
 * How many times the amounts of the first the second took: the ratio that most of them share, 1 before any other. So a
 * batch made half as large again differs in one thing, and one with more water in its water.
 */
export function sizeOf(a: Made, b: Made): number {
  const ratios: number[] = [];
  const lines = linesOf(b.recipe);
  for (const [key, l] of linesOf(a.recipe)) {
    const to = lines.get(key)?.grams ?? 0;
    if (l.grams > 0 && to > 0) ratios.push(to / l.grams);
  }
  for (const [s, t] of pairsOf(a, b).values())
    for (const [name, spec] of Object.entries(kindOf(s.kind).params)) {
      if (spec.type !== 'number' || !spec.scales) continue;
      const [x, y] = [numberOf(s, name), numberOf(t, name)];
      if (x > 0 && y > 0) ratios.push(y / x);
    }
  const agree = (k: number): number => ratios.filter((r) => Math.abs(r / k - 1) < 0.02).length;
  let best = 1;
  for (const r of ratios) if (agree(r) > agree(best)) best = r;
  return best;
}

/** Everything in which `b`, aligned to `a`, went in otherwise; nothing: they are the same batch twice. */
export function differences(a: Made, b: Made): readonly Difference[] {
  const size = sizeOf(a, b);
  const out: Difference[] = [];
  if (size !== 1) out.push({ key: 'size', at: { of: 'size' }, from: 1, to: size });
  if (!sameWay(a, b)) out.push({ key: 'way', at: { of: 'way' }, from: null, to: null });
  return [...out, ...ofFood(a, b, size), ...ofSteps(a, b, size), ...ofKitchen(a, b), ...ofTheDay(a, b)];
}

function ofFood(a: Made, b: Made, size: number): Difference[] {
  const out: Difference[] = [];
  const [mine, theirs] = [linesOf(a.recipe), linesOf(b.recipe)];
  const gone = [...mine.values()].filter((l) => !theirs.has(lineKey(l)));
  const come = [...theirs.values()].filter((l) => !mine.has(lineKey(l)));
  const amount = (l: { into: string; material: string }, from: number, to: number): void => {
    if (!alike(from, to, 'g'))
      out.push({ key: `amount.${lineKey(l)}`, at: { of: 'amount', into: l.into, material: l.material }, from, to });
  };
  for (const [key, l] of mine) {
    const to = theirs.get(key);
    if (to) amount(l, l.grams * size, to.grams);
  }
  for (const into of new Set([...gone, ...come].map((l) => l.into))) {
    const [x, y] = [gone.filter((l) => l.into === into), come.filter((l) => l.into === into)];
    // With nothing in both, one of the two sets must be there: they are swapped as one.
    const apart = ![...mine.keys()].some((key) => theirs.has(key) && mine.get(key)?.into === into);
    if (apart && x.length > 0 && y.length > 0) {
      const [from, to] = [x, y].map((of) => of.map((l) => l.material)) as [string[], string[]];
      const at = { of: 'swap', into, gone: from, come: to } as const;
      out.push({ key: `swap.${into}`, at, from: from.join(' '), to: to.join(' ') });
      const [one, other] = [x[0], y[0]];
      if (one && other && x.length + y.length === 2) amount(one, one.grams * size, other.grams);
      continue;
    }
    for (const l of x) amount(l, l.grams * size, 0);
    for (const l of y) amount(l, 0, l.grams);
  }
  for (const m of a.recipe.materials) {
    const other = b.recipe.materials.find((x) => x.id === m.id);
    if (other && JSON.stringify(other) !== JSON.stringify(m))
      out.push({ key: `food.${m.id}`, at: { of: 'food', material: m.id }, from: null, to: null });
  }
  return out;
}

function ofSteps(a: Made, b: Made, size: number): Difference[] {
  const out: Difference[] = [];
  for (const [id, [s, t]] of pairsOf(a, b)) {
    const idle = [s, t].map((x) => kindOf(x.kind).idle?.(x.params as never) ?? []);
    for (const [name, spec] of Object.entries(kindOf(s.kind).params)) {
      if (spec.type === 'stream' || spec.type === 'parts' || spec.type === 'food') continue;
      if (idle.every((of) => of.includes(name))) continue;
      const [x, to] = [paramOf(s, name), paramOf(t, name)];
      if (typeof x === 'object' || typeof to === 'object') continue;
      const from = spec.type === 'number' && spec.scales ? (x as number) * size : x;
      const same = typeof from === 'number' && typeof to === 'number' && spec.type === 'number';
      if (same ? alike(from, to, spec.unit) : from === to) continue;
      out.push({ key: `param.${id}.${name}`, at: { of: 'param', step: id, param: name }, from, to });
    }
  }
  return out;
}

function ofKitchen(a: Made, b: Made): Difference[] {
  const out: Difference[] = [];
  for (const what of PLACE)
    if (!alike(a.kit[what], b.kit[what], what === 'altitudeM' ? 'm' : 'C'))
      out.push({ key: `place.${what}`, at: { of: 'place', what }, from: a.kit[what], to: b.kit[what] });
  for (const t of a.kit.things) {
    const other = b.kit.things.find((x) => x.id === t.id);
    // What it is called changes nothing.
    if (other && JSON.stringify({ ...other, name: '' }) !== JSON.stringify({ ...t, name: '' }))
      out.push({ key: `thing.${t.id}`, at: { of: 'thing', id: t.id }, from: t.name, to: other.name });
  }
  if (jarOf(a.kit) !== jarOf(b.kit)) out.push({ key: 'jar', at: { of: 'jar' }, from: jarOf(a.kit), to: jarOf(b.kit) });
  return out;
}
const jarOf = (k: Kit): string => k.use.jar;

function ofTheDay(a: Made, b: Made): Difference[] {
  const out: Difference[] = [];
  for (const id of new Set([...Object.keys(a.beliefs), ...Object.keys(b.beliefs)])) {
    // What a word means here is nothing that went in.
    if (coefficientIn(id)?.kind === 'word') continue;
    const [from, to] = [believedOf(a.beliefs, id), believedOf(b.beliefs, id)];
    if (!alike(from, to, 'times')) out.push({ key: `coefficient.${id}`, at: { of: 'coefficient', id }, from, to });
  }
  for (const step of new Set([...Object.keys(a.gapS), ...Object.keys(b.gapS)])) {
    const [from, to] = [a.gapS[step] ?? 0, b.gapS[step] ?? 0];
    if (Math.abs(to - from) >= STOOD_S && !alike(from, to, 's'))
      out.push({ key: `stood.${step}`, at: { of: 'stood', step }, from, to });
  }
  for (const r of [...a.readings, ...b.readings]) {
    const of = r.trace === undefined ? 'lost' : 'course';
    const key = `${of}.${r.step}`;
    if (out.some((d) => d.key === key)) continue;
    const [from, to] = [toldOf(a, r.step, of), toldOf(b, r.step, of)];
    if (from !== to) out.push({ key, at: { of, step: r.step }, from, to });
  }
  return out;
}
/** What ran over at a step, g; of a course: which it is. Null: nothing. */
function toldOf(m: Made, step: string, of: 'lost' | 'course'): number | string | null {
  const mine = m.readings.filter((r) => r.step === step && (r.trace === undefined) === (of === 'lost'));
  if (mine.length === 0) return null;
  return of === 'lost' ? mine.reduce((g, r) => g + r.value, 0) : mine.map((r) => r.trace ?? '').join(' ');
}
