import { MATERIALS } from '../materials';
import type { Material } from '../materials';
import { applyEdits, freshStepId, freshWaterOf, kindOf, makeStep, numberOf, orderFaults, stepAfter } from '../steps';
import type { Edit, Recipe, Step } from '../steps';
import type { PastedLine } from './pasted';
import type { Pasted } from './pastedWords';

export interface PastedPlan {
  readonly recipe: Recipe;
  /** Lines that this school has no use for; they are told, not dropped in silence. */
  readonly unused: readonly PastedLine[];
}
type Is<K extends Pasted['is']> = Extract<Pasted, { is: K }>;
interface Said<K extends Pasted['is']> {
  readonly line: PastedLine;
  readonly what: Is<K>;
  readonly grams: number;
}
function saying<K extends Pasted['is']>(lines: readonly PastedLine[], is: K): readonly Said<K>[] {
  return lines.flatMap((line) =>
    line.what?.is === is && line.grams !== null ? [{ line, what: line.what as Is<K>, grams: line.grams }] : [],
  );
}
const sum = (said: readonly { readonly grams: number }[]): number => said.reduce((g, x) => g + x.grams, 0);

/**
 * A school's plan with what the lines say: its foods, fresh water in the plan's own proportions, ice, warmth, soaking
 * water, what is stirred in. A food the school does not know goes into the jug with the rest.
 */
export function pastedRecipe(school: Recipe, lines: readonly PastedLine[], own: readonly Material[] = []): PastedPlan {
  const unused: PastedLine[] = [];
  let recipe = applyEdits(school, [...larderEdits(school, lines), ...waterEdits(school, lines)]);
  recipe = withMoreFoods(recipe, lines, own, unused);
  recipe = withSoak(recipe, lines, unused);
  recipe = withStirred(recipe, lines, unused);
  recipe = withSteps(recipe, lines, unused);
  return { recipe, unused };
}

function larderEdits(r: Recipe, lines: readonly PastedLine[]): readonly Edit[] {
  return r.larder.flatMap((l, index): readonly Edit[] => {
    const mine = saying(lines, 'food').filter((x) => x.what.material === l.material);
    return mine.length > 0 ? [{ do: 'larder', index, grams: sum(mine) }] : [];
  });
}
function waterEdits(r: Recipe, lines: readonly PastedLine[]): readonly Edit[] {
  const fresh = saying(lines, 'water').filter((x) => !x.what.thrown);
  const ice = saying(lines, 'ice');
  const grind = r.steps.find((s): s is Step<'grind'> => s.kind === 'grind');
  const c = fresh.find((x) => x.what.c !== null)?.what.c ?? null;
  return [
    ...(fresh.length > 0
      ? staged(
          r,
          fresh.map((x) => x.grams),
        )
      : []),
    ...(grind && fresh.length + ice.length > 0
      ? [{ do: 'set' as const, step: grind.id, param: 'iceG', value: sum(ice) }]
      : []),
    ...(grind && c !== null ? [{ do: 'set' as const, step: grind.id, param: 'waterC', value: c }] : []),
  ];
}
/** Waters that are said one by one stay so where the plan has as many; a single one is shared as the plan shares its own. */
function staged(recipe: Recipe, waters: readonly number[]): readonly Edit[] {
  const fresh = recipe.steps.flatMap((s) =>
    freshWaterOf(s).flatMap(([param, spec]) => (spec.water ? [{ step: s.id, param, now: numberOf(s, param) }] : [])),
  );
  if (waters.length > 1 && waters.length === fresh.length)
    return fresh.map((f, i) => ({ do: 'set', step: f.step, param: f.param, value: waters[i] ?? f.now }));
  const total = waters.reduce((g, x) => g + x, 0);
  const now = fresh.reduce((g, f) => g + f.now, 0);
  const to = (f: { readonly now: number }): number => (now > 0 ? (total * f.now) / now : total / fresh.length);
  return fresh.map((f) => ({ do: 'set', step: f.step, param: f.param, value: to(f) }));
}

/** Lines of one food added up, in the order in which they came. */
function byFood(
  said: readonly (Said<'food'> | Said<'stirred'>)[],
): readonly { material: string; grams: number; lines: PastedLine[] }[] {
  const all = new Map<string, { material: string; grams: number; lines: PastedLine[] }>();
  for (const x of said) {
    const { material } = x.what;
    const had = all.get(material) ?? { material, grams: 0, lines: [] };
    all.set(material, { material, grams: had.grams + x.grams, lines: [...had.lines, x.line] });
  }
  return [...all.values()];
}

/** Foods beside those of the school go into the jug before it runs. */
function withMoreFoods(
  r: Recipe,
  lines: readonly PastedLine[],
  own: readonly Material[],
  unused: PastedLine[],
): Recipe {
  const grind = r.steps.findIndex((s) => s.kind === 'grind');
  const jug = r.steps[grind];
  return byFood(saying(lines, 'food')).reduce<Recipe>((was, x) => {
    if (r.larder.some((l) => l.material === x.material)) return was;
    const food = [...own, ...MATERIALS].find((m) => m.id === x.material);
    if (jug?.kind !== 'grind' || !food || x.grams <= 0) {
      unused.push(...x.lines);
      return was;
    }
    return withFood(was, jug.params.of, food, x.grams, jug.id);
  }, r);
}

function withSoak(r: Recipe, lines: readonly PastedLine[], unused: PastedLine[]): Recipe {
  const thrown = saying(lines, 'water').filter((x) => x.what.thrown);
  const soak = r.steps.find((s) => s.kind === 'soak');
  if (thrown.length === 0) return r;
  if (soak) return applyEdits(r, [{ do: 'set', step: soak.id, param: 'waterG', value: sum(thrown) }]);
  unused.push(...thrown.map((x) => x.line));
  return r;
}

/** What is stirred in: where the school does, else before it is filled. */
function withStirred(r: Recipe, lines: readonly PastedLine[], unused: PastedLine[]): Recipe {
  const jar = r.steps.find((s) => kindOf(s.kind).fills !== undefined);
  const filled = jar && kindOf(jar.kind).fills?.(jar.params);
  return byFood(saying(lines, 'stirred')).reduce<Recipe>((was, x) => {
    const food = MATERIALS.find((m) => m.id === x.material);
    if (!food || !jar || filled === undefined) {
      unused.push(...x.lines);
      return was;
    }
    return withFood(was, filled, food, x.grams, jar.id);
  }, r);
}
/** So much of a food: in the step that adds it to this stream, or in one of its own before another. */
function withFood(r: Recipe, of: string, food: Material, grams: number, before: string): Recipe {
  const has = r.steps.find((s) => s.kind === 'add' && s.params.food === food.id && s.params.of === of);
  if (has) return applyEdits(r, [{ do: 'set', step: has.id, param: 'amountG', value: grams }]);
  const step = makeStep(freshStepId(r, food.id), 'add', { of, food: food.id, amountG: grams });
  const at = r.steps.findIndex((s) => s.id === before);
  return applyEdits(r, [
    { do: 'foods', foods: [food] },
    { do: 'insert', after: r.steps[at - 1]?.id ?? null, step },
  ]);
}

/**
 * What is done, in the order of the recipe: a step of the method that is of this kind takes what was said of it; where
 * the method has none, one is put in after the last that was spoken of. What cannot stand there is told.
 */
function withSteps(r: Recipe, lines: readonly PastedLine[], unused: PastedLine[]): Recipe {
  let now = r;
  let at = -1;
  for (const { line, what } of saying(lines, 'step')) {
    const found = now.steps.findIndex(
      (s, i) => i > at && (s.kind === what.kind || (what.kind === 'boil' && s.kind === 'blanch')),
    );
    const has = now.steps[found];
    if (has) {
      now = applyEdits(now, said(has, what.set));
      at = found;
      continue;
    }
    const after = now.steps[at]?.id ?? null;
    const step = stepAfter(now, what.kind, after);
    const next = applyEdits(now, [{ do: 'insert', after, step }, ...said(step, what.set)]);
    if (orderFaults(next).length > 0) unused.push(line);
    else {
      now = next;
      at += 1;
    }
  }
  return now;
}
/** What was said of a step, as far as its kind knows it, within its bounds. */
function said(s: Step, set: Is<'step'>['set']): readonly Edit[] {
  return Object.entries(set).flatMap(([param, value]): readonly Edit[] => {
    const spec = kindOf(s.kind).params[param];
    if (!spec) return [];
    const v =
      spec.type === 'number' && typeof value === 'number' ? Math.min(spec.high, Math.max(spec.low, value)) : value;
    return [{ do: 'set', step: s.id, param, value: v }];
  });
}
