import type { Beliefs, Kit, Thing } from '../kitchen';
import { kindOf, numberOf, paramOf, withParams } from '../steps';
import type { ParamValue, Recipe, Step } from '../steps';
import type { Difference, DifferenceOf } from './differences';
import { lineKey, linesOf, pairsOf, PLACE, sizeOf } from './differences';
import type { Made } from './made';

type Swap = Extract<DifferenceOf, { of: 'swap' }>;
/** Makes batches of which some things are as in the first and the others as in the second. */
export type Mix = (theirs: ReadonlySet<string>) => Made;

/**
 * Two batches, the second aligned to the first, and the differences between them. With all their keys it is the second
 * (but for what is too little to be a difference), with none it is the first.
 */
export function mixer(a: Made, b: Made, all: readonly Difference[]): Mix {
  const size = sizeOf(a, b);
  const differs = new Set(all.map((d) => d.key));
  const pairs = pairsOf(a, b);
  return (theirs) => {
    const is = (key: string): boolean => theirs.has(key);
    const grown = is('size') ? size : 1;
    const mix: Mixing = { a, b, is, differs: (key) => differs.has(key), grown, size };
    const way = is('way') ? b : a;
    const steps = way.recipe.steps.map((s) => stepOf(mix, s, pairs.get(s.id)));
    return {
      recipe: { ...foodsOf(mix, way.recipe, all), steps },
      kit: kitOf(mix),
      beliefs: beliefsOf(mix),
      readings: readingsOf(mix),
      traces: b.traces.size > 0 ? new Map([...a.traces, ...b.traces]) : a.traces,
      gapS: gapsOf(mix),
    };
  };
}
interface Mixing {
  readonly a: Made;
  readonly b: Made;
  readonly is: (key: string) => boolean;
  readonly differs: (key: string) => boolean;
  /** What amounts are multiplied with, those of the first; and what the second took of them. */
  readonly grown: number;
  readonly size: number;
}
/** An amount by its own difference and by the size of the batch. */
const amount = (m: Mixing, key: string, x: number, y: number): number =>
  m.differs(key) && m.is(key) ? (y * m.grown) / m.size : x * m.grown;

function stepOf(m: Mixing, s: Step, pair: readonly [Step, Step] | undefined): Step {
  const more: Record<string, ParamValue> = {};
  for (const [name, spec] of Object.entries(kindOf(s.kind).params)) {
    const scales = spec.type === 'number' && spec.scales;
    if (!pair) {
      // A step that only one of them has, made at the size of this mixture.
      const by = m.is('way') ? m.grown / m.size : m.grown;
      if (scales && by !== 1) more[name] = Math.min(spec.high, numberOf(s, name) * by);
      continue;
    }
    const key = `param.${s.id}.${name}`;
    if (scales) more[name] = Math.min(spec.high, amount(m, key, numberOf(pair[0], name), numberOf(pair[1], name)));
    else if (m.differs(key)) more[name] = paramOf(m.is(key) ? pair[1] : pair[0], name);
  }
  return withParams(s, more);
}

function foodsOf(m: Mixing, way: Recipe, all: readonly Difference[]): Omit<Recipe, 'steps'> {
  const [mine, theirs] = [linesOf(m.a.recipe), linesOf(m.b.recipe)];
  const swaps = all.flatMap((d) => (d.at.of === 'swap' ? [d.at] : []));
  const there = new Set(way.larder.map((l) => l.into));
  const swapped = (l: { into: string; material: string }): boolean =>
    swaps.some((x) => x.into === l.into && (x.gone.includes(l.material) || x.come.includes(l.material)));
  const lines = [...new Map([...mine, ...theirs])].flatMap(([key, l]) => {
    const grams = amount(m, `amount.${key}`, mine.get(key)?.grams ?? 0, theirs.get(key)?.grams ?? 0);
    return grams > 0 && there.has(l.into) && !swapped(l) ? [{ into: l.into, material: l.material, grams }] : [];
  });
  for (const s of swaps) if (there.has(s.into)) lines.push(...swappedIn(m, s, mine, theirs));
  const materials = new Map([...m.b.recipe.materials, ...m.a.recipe.materials].map((x) => [x.id, x]));
  for (const x of m.b.recipe.materials) if (m.is(`food.${x.id}`)) materials.set(x.id, x);
  return { larder: lines, materials: [...materials.values()] };
}

type Lines = ReturnType<typeof linesOf>;
/** One set of foods or the other; where it is one for one, how much of it is a difference of its own. */
function swappedIn(m: Mixing, s: Swap, mine: Lines, theirs: Lines): Recipe['larder'] {
  const { into, gone, come } = s;
  const of = (lines: Lines, material: string): number => lines.get(lineKey({ into, material }))?.grams ?? 0;
  const is = m.is(`swap.${into}`);
  const [one = '', other = ''] = [gone[0], come[0]];
  if (gone.length + come.length === 2) {
    const grams = amount(m, `amount.${lineKey({ into, material: one })}`, of(mine, one), of(theirs, other));
    return [{ into, material: is ? other : one, grams }];
  }
  return is
    ? come.map((material) => ({ into, material, grams: (of(theirs, material) * m.grown) / m.size }))
    : gone.map((material) => ({ into, material, grams: of(mine, material) * m.grown }));
}

function kitOf(m: Mixing): Kit {
  const things = new Map<string, Thing>();
  for (const t of [...m.b.kit.things, ...m.a.kit.things]) things.set(t.id, t);
  for (const t of m.b.kit.things) if (m.is(`thing.${t.id}`)) things.set(t.id, t);
  const place = Object.fromEntries(PLACE.map((w) => [w, (m.is(`place.${w}`) ? m.b : m.a).kit[w]]));
  const jar = (m.is('jar') ? m.b : m.a).kit.use.jar;
  return { ...m.a.kit, ...place, use: { ...m.a.kit.use, jar }, things: [...things.values()] };
}
function beliefsOf(m: Mixing): Beliefs {
  const ids = new Set([...Object.keys(m.a.beliefs), ...Object.keys(m.b.beliefs)]);
  // What neither says is as usual: by absence.
  return Object.fromEntries(
    [...ids].flatMap((id) => {
      const said = (m.is(`coefficient.${id}`) ? m.b : m.a).beliefs[id];
      return said ? [[id, said] as const] : [];
    }),
  );
}
function readingsOf(m: Mixing): Made['readings'] {
  const key = (r: Made['readings'][number]): string => `${r.trace === undefined ? 'lost' : 'course'}.${r.step}`;
  return [...m.a.readings.filter((r) => !m.is(key(r))), ...m.b.readings.filter((r) => m.is(key(r)))];
}
function gapsOf(m: Mixing): Made['gapS'] {
  const out: Record<string, number> = { ...m.a.gapS };
  for (const step of new Set([...Object.keys(m.a.gapS), ...Object.keys(m.b.gapS)]))
    if (m.is(`stood.${step}`)) out[step] = m.b.gapS[step] ?? 0;
  return out;
}
