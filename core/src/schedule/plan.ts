import { mainStream, thingsOf } from '../batch';
import type { Here, Stream, ThingKind } from '../kitchen';
import { allergensIn } from '../materials';
import { contextOf, kindOf } from '../steps';
import type { Outcome, Recipe, Step } from '../steps';
import { standsS } from './standing';
import type { Block, Link, Use } from './types';

/** The work of one milk, and the block at whose end it is ready. */
export interface MilkWork {
  readonly blocks: readonly Block[];
  readonly links: readonly Link[];
  readonly uses: readonly Use[];
  readonly last: string;
}
/** Things that hold what is in them until it is taken out, and not only while somebody works with them. */
const HOLDS = ['pot', 'bowl', 'jug'] as const;
/**
 * What nobody leaves standing though it would keep (common practice), s: a slurry is strained once the jug is still, and
 * what was hot is cooled when it comes off the heat.
 */
const AT_ONCE_S: Readonly<Partial<Record<Step['kind'], number>>> = {
  grind: 600,
  knead: 600,
  boil: 900,
  heat: 900,
};
/** What a kitchen has one of though its kit does not list it. */
export const ICE_BATH = 'ice bath';
export const OVEN = 'oven';
function placesOf(s: Step): readonly string[] {
  if (s.kind === 'dry') return [OVEN];
  return s.kind === 'cool' && ['water', 'waterIce', 'iceBath'].includes(s.params.how) ? [ICE_BATH] : [];
}

/**
 * A folded plan as blocks: one a step, gone through without a break; how long may pass between two of them is how long what
 * stands meanwhile may wait. Nothing of it is typed. `milk`: a name of its own among several. `fridge`: what has soaked
 * waits in the fridge.
 */
export function workOf(milk: string, recipe: Recipe, o: Outcome, here: Here, fridge = false): MilkWork {
  const w = new Work(milk, recipe, here, fridge);
  for (const stage of o.stages) {
    const step = recipe.steps.find((s) => s.id === stage.step);
    if (step) w.step(step, stage);
  }
  const jarred = recipe.steps.findLast((s) => kindOf(s.kind).fills?.(s.params) === mainStream(recipe, o));
  return w.done(jarred?.id ?? null);
}

type Stage = Outcome['stages'][number];
class Work {
  readonly blocks: Block[] = [];
  readonly links: Link[] = [];
  readonly uses: Use[] = [];
  /** Each stream: the block that made it last, all that took it since, how it is, and what it stands in. */
  readonly #made = new Map<string, string>();
  readonly #taken = new Map<string, string[]>();
  readonly #now = new Map<string, Stream>();
  readonly #in = new Map<string, { readonly thing: string; readonly from: string }>();
  /** Soaks, and how much longer than planned each may be, s: to the longest by its own temperatures. */
  readonly #soaked = new Map<string, number>();
  /** Blocks after which nothing is left standing, and for how long at most, s. */
  readonly #soon = new Map<string, number>();
  /** Blocks by the step that they are. */
  readonly #of = new Map<string, string>();
  #before: string | null = null;

  constructor(
    readonly milk: string,
    readonly recipe: Recipe,
    readonly here: Here,
    readonly fridge: boolean,
  ) {}

  step(step: Step, stage: Stage): void {
    const kind = kindOf(step.kind);
    const reads = kind.reads(step.params);
    const takes = [...reads, ...(kind.joins?.(step.params) ?? [])];
    const changes = [...kind.writes(step.params), ...(kind.usesUp?.(step.params) ?? [])];
    if (stage.tasks.length === 0) {
      // It goes in together with what was done before.
      this.#keep(stage, this.#before);
      return;
    }
    const id = `${this.milk}/${step.id}`;
    const parts = stage.tasks.map((t) => ({ durationS: Math.ceil(t.durationS), hands: t.hands }));
    this.blocks.push({ id, milk: this.milk, parts, notBeforeS: 0, fixedS: null });
    this.#of.set(step.id, id);
    const soon = AT_ONCE_S[step.kind];
    if (soon !== undefined) this.#soon.set(id, soon);
    const { longestS, longestFridgeS, soakS } = stage.figures;
    const most = this.fridge ? Math.max(longestS ?? 0, longestFridgeS ?? 0) : longestS;
    if (step.kind === 'soak' && most !== undefined) this.#soaked.set(id, Math.max(0, most - (soakS ?? 0)));
    const after = new Map<string, number | null>();
    const ctx = contextOf(this.here, this.recipe.materials);
    for (const name of takes) {
      const by = this.#made.get(name);
      if (by === undefined) continue;
      const s = this.#now.get(name);
      const soak = this.#soaked.get(by);
      const keeps = soak ?? (s ? standsS(s, ctx) : null);
      const soon = this.#soon.get(by);
      const most = soon === undefined ? keeps : Math.min(keeps ?? soon, soon);
      const had = after.get(by);
      after.set(by, most === null ? (had ?? null) : Math.floor(Math.min(had ?? Infinity, most)));
    }
    // Whoever still takes what this changes comes first; what takes nothing has its turn in the list.
    for (const name of changes) for (const b of this.#taken.get(name) ?? []) if (!after.has(b)) after.set(b, null);
    if (reads.length === 0 && this.#before !== null && !after.has(this.#before)) after.set(this.#before, null);
    for (const [from, mostS] of after) if (from !== id) this.links.push({ from, to: id, leastS: 0, mostS });
    this.#occupy(step, id, takes);
    for (const name of takes) this.#taken.set(name, [...(this.#taken.get(name) ?? []), id]);
    this.#keep(stage, id);
    this.#before = id;
  }
  /** What a step holds is held until it is taken out: into something else, or by a step that has a vessel of its own. */
  #occupy(step: Step, id: string, takes: readonly string[]): void {
    // Jars are many, and stay where they are put.
    const isJar = (id: string) => this.here.kit.things.some((t) => t.id === id && t.is === 'jar');
    const things = [...thingsOf(step, this.here.kit).filter((t) => !isJar(t)), ...placesOf(step)];
    const own = things.find((t) => this.here.kit.things.some((x) => x.id === t && HOLDS.some((h) => h === x.is)));
    const held = new Set<string>();
    for (const name of takes) {
      const at = this.#in.get(name);
      if (!at || held.has(at.thing)) continue;
      held.add(at.thing);
      this.#hold(at.thing, at.from, id);
    }
    for (const thing of things) if (!held.has(thing)) this.#hold(thing, id, id);
    const kind = kindOf(step.kind);
    for (const name of [...takes, ...kind.writes(step.params)]) {
      const at = this.#in.get(name);
      const stays = own ?? (kind.reads(step.params).includes(name) && keeps(step) ? at?.thing : undefined);
      if (stays === undefined) this.#in.delete(name);
      else this.#in.set(name, { thing: stays, from: at?.thing === stays ? at.from : id });
    }
  }
  /** The longest that it is held, once. */
  #hold(thing: string, from: string, to: string): void {
    const i = this.uses.findIndex((u) => u.thing === thing && u.from === from);
    if (i >= 0) this.uses[i] = { thing, milk: this.milk, from, to };
    else this.uses.push({ thing, milk: this.milk, from, to });
  }
  #keep(stage: Stage, by: string | null): void {
    for (const [name, s] of stage.writes) {
      if (s === null) {
        this.#now.delete(name);
        continue;
      }
      this.#now.set(name, s);
      if (by !== null) {
        this.#made.set(name, by);
        this.#taken.set(name, []);
      }
    }
  }
  done(jarred: string | null): MilkWork {
    const { blocks, links, uses } = this;
    const last = (jarred !== null ? this.#of.get(jarred) : undefined) ?? blocks.at(-1)?.id;
    if (last === undefined) throw new RangeError('this plan has no work in it');
    return { blocks, links, uses, last };
  }
}
/** What is only stirred, cooled or stirred into stays in what it stands in. */
const keeps = (s: Step): boolean => ['skim', 'add', 'cool', 'stand', 'enzyme', 'drain', 'hull'].includes(s.kind);

/** What a jug or a cloth needs between two milks, s (common practice): rinsed after a milder one, washed after a stronger. */
export const SET_UP_S = { rinse: 60, wash: 300 } as const;
/** Things that are washed up between two milks; a hob is wiped later. */
const WASHED = ['jug', 'strainer', 'pot', 'bowl'] as const;
/** Fat leaves a film: so much more of it in the dry matter of the first than of the second wants washing. */
const FILM = 0.05;
/** What a milk leaves in a jug that water alone does not take away. */
export interface Leaves {
  readonly allergens: readonly string[];
  /** Fat in the dry matter of all its food, 0..1. */
  readonly fat: number;
}
const fatOf = (m: Recipe['materials'][number]): number =>
  m.per100g.fat /
  Math.max(
    1e-9,
    Object.values(m.per100g).reduce((x, g) => x + g, 0),
  );
/** Every allergen that may be left behind; an own food whose allergens nobody has stated counts as one, by its name. */
function allergenNames(foods: Recipe['materials']): readonly string[] {
  const { contains, mayHoldGluten, unstated } = allergensIn(foods);
  return [...contains, ...(mayHoldGluten ? ['gluten'] : []), ...unstated];
}
export function leavesOf(recipe: Recipe, o: Outcome): Leaves {
  const grams = new Map<string, number>();
  for (const s of Object.values(o.products))
    for (const [m, g] of Object.entries(s.madeFrom)) grams.set(m, (grams.get(m) ?? 0) + g);
  const foods = recipe.materials.filter((m) => (grams.get(m.id) ?? 0) > 0);
  const all = foods.reduce((x, m) => x + (grams.get(m.id) ?? 0), 0);
  const fat = foods.reduce((x, m) => x + (grams.get(m.id) ?? 0) * fatOf(m), 0);
  return { allergens: allergenNames(foods), fat: all > 0 ? fat / all : 0 };
}
/** Allergens that the first leaves and the second has not of its own. */
export const carried = (before: Leaves, after: Leaves): readonly string[] =>
  before.allergens.filter((a) => !after.allergens.includes(a));
/** By what each milk leaves behind: the same again, or a stronger one after a milder, needs a rinse. */
export function setUpBy(isA: (thing: string) => ThingKind | undefined, leaves: ReadonlyMap<string, Leaves>) {
  return (thing: string, before: string, after: string): number => {
    const is = isA(thing);
    if (!WASHED.some((w) => w === is)) return 0;
    const [a, b] = [leaves.get(before), leaves.get(after)];
    if (!a || !b) return SET_UP_S.wash;
    return carried(a, b).length === 0 && a.fat <= b.fat + FILM ? SET_UP_S.rinse : SET_UP_S.wash;
  };
}
