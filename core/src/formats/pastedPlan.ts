import { MATERIALS } from '../materials';
import type { Material } from '../materials';
import { applyEdits, kindOf, makeStep, numberOf } from '../steps';
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
 * water, finish. A food the school does not know goes into the jug with the rest; a finish is added where it has none.
 */
export function pastedRecipe(school: Recipe, lines: readonly PastedLine[], own: readonly Material[] = []): PastedPlan {
  const unused: PastedLine[] = [];
  let recipe = applyEdits(school, [...larderEdits(school, lines), ...waterEdits(school, lines)]);
  recipe = withMoreFoods(recipe, lines, own, unused);
  recipe = withSoak(recipe, lines, unused);
  recipe = withFinish(recipe, lines, unused);
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
    ...(fresh.length > 0 ? shared(r, sum(fresh)) : []),
    ...(grind && fresh.length + ice.length > 0
      ? [{ do: 'set' as const, step: grind.id, param: 'iceG', value: sum(ice) }]
      : []),
    ...(grind && c !== null ? [{ do: 'set' as const, step: grind.id, param: 'waterC', value: c }] : []),
  ];
}
function shared(recipe: Recipe, total: number): readonly Edit[] {
  const fresh = recipe.steps.flatMap((s) =>
    Object.entries(kindOf(s.kind).params).flatMap(([param, spec]) =>
      spec.type === 'number' && spec.fresh && spec.water ? [{ step: s.id, param, now: numberOf(s, param) }] : [],
    ),
  );
  const now = fresh.reduce((g, f) => g + f.now, 0);
  const to = (f: { readonly now: number }): number => (now > 0 ? (total * f.now) / now : total / fresh.length);
  return fresh.map((f) => ({ do: 'set', step: f.step, param: f.param, value: to(f) }));
}

/** Foods beside those of the school, poured into the jug before it runs. */
function withMoreFoods(
  r: Recipe,
  lines: readonly PastedLine[],
  own: readonly Material[],
  unused: PastedLine[],
): Recipe {
  const grind = r.steps.find((s): s is Step<'grind'> => s.kind === 'grind');
  return saying(lines, 'food').reduce<Recipe>((was, x) => {
    if (r.larder.some((l) => l.material === x.what.material)) return was;
    const food = [...own, ...MATERIALS].find((m) => m.id === x.what.material);
    const name = `more-${x.what.material}`;
    if (!grind || !food || x.grams <= 0) {
      unused.push(x.line);
      return was;
    }
    const had = was.larder.findIndex((l) => l.into === name);
    if (had >= 0)
      return applyEdits(was, [{ do: 'larder', index: had, grams: (was.larder[had]?.grams ?? 0) + x.grams }]);
    const at = was.steps.findIndex((s) => s.id === grind.id);
    const pour = makeStep(name, 'pool', { of: name, into: grind.params.of });
    return {
      materials: was.materials.some((m) => m.id === food.id) ? was.materials : [...was.materials, food],
      larder: [...was.larder, { into: name, material: food.id, grams: x.grams }],
      steps: [...was.steps.slice(0, at), pour, ...was.steps.slice(at)],
    };
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

function withFinish(r: Recipe, lines: readonly PastedLine[], unused: PastedLine[]): Recipe {
  const dry = saying(lines, 'finish');
  const [syrup, ...more] = saying(lines, 'syrup');
  unused.push(...more.map((x) => x.line));
  if (dry.length === 0 && !syrup) return r;
  const jar = r.steps.findIndex((s) => kindOf(s.kind).fills !== undefined);
  const before = r.steps[jar];
  const filled = before && kindOf(before.kind).fills?.(before.params);
  const has = r.steps.find((s) => s.kind === 'finish');
  if (!has && filled === undefined) {
    unused.push(...dry.map((x) => x.line), ...(syrup ? [syrup.line] : []));
    return r;
  }
  const finish = has ?? makeStep('finish', 'finish', filled === undefined ? {} : { of: filled });
  const whole = has ? r : { ...r, steps: [...r.steps.slice(0, jar), finish, ...r.steps.slice(jar)] };
  const params = new Map<string, number>();
  for (const x of dry) params.set(x.what.param, (params.get(x.what.param) ?? 0) + x.grams);
  return applyEdits(whole, [
    ...[...params].map(([param, value]): Edit => ({ do: 'set', step: finish.id, param, value })),
    ...(syrup
      ? [
          { do: 'set' as const, step: finish.id, param: 'syrup', value: syrup.what.syrup },
          { do: 'set' as const, step: finish.id, param: 'syrupG', value: syrup.grams },
        ]
      : []),
  ]);
}
