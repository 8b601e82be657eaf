import { jobsOf, oneCookEnds } from './jobs';
import {
  beanyIndexOf,
  contents,
  flowG,
  inhibitorLeftOf,
  isPulp,
  massG,
  solidsG,
  thingOf,
  volumeMl,
  waterG,
} from '../kitchen';
import type { Hygiene, Kit, Stream } from '../kitchen';
import {
  kindOf,
  bodyOf,
  bodyWord,
  contextOf,
  fillHeightMm,
  FROZEN_BELOW_C,
  gritShareOf,
  isBoiledEnough,
  isFlour,
  isPasty,
  JAR_FILL,
  keepBy,
  layersOf,
  settlesMmPerH,
  slipWord,
  stillAt,
} from '../steps';
import { DAY_S } from '../units';
import type { BodyWord, Ctx, KeepBy, Layer, Outcome, Recipe, SlipWord } from '../steps';
import { classesOf } from './classes';
import type { ClassResult } from './classes';
import { costOf } from './cost';
import type { Cost } from './cost';

/** What a cook wants to know of one thing that came out. Absent shares of an empty stream are null, never NaN. */
export interface ProductSummary {
  readonly stream: string;
  /** What stayed in a cloth: no milk. */
  readonly pulp: boolean;
  /** Dried so far that nothing grows in it. */
  readonly flour: boolean;
  readonly massG: number;
  readonly volumeMl: number;
  readonly solids: number | null;
  readonly protein: number | null;
  readonly fat: number | null;
  readonly carbohydrate: number | null;
  readonly moisture: number | null;
  readonly starch: number | null;
  readonly sugars: number | null;
  readonly kcalPer100Ml: number | null;
  /** Particles felt on the tongue, share of mass. */
  readonly grit: number | null;
  /** How thick it is as it will be served from the fridge, and after heating later; null where there is no liquid. */
  readonly body: BodySummary | null;
  readonly classes: readonly ClassResult[];
  readonly temperatureC: number;
  readonly inhibitorLeft: number | null;
  readonly beany: number | null;
  readonly hygiene: Hygiene;
  readonly done: boolean;
  /** Where it ends: in the freezer if it is frozen, else in the fridge. */
  readonly keep: KeepBy | null;
  /** Of frozen milk, its time from when it is moved to the fridge, thawing included; null: it is not frozen. */
  readonly keepThawed: KeepBy | null;
}
/** Thickness relative to water at the same temperature (an estimate); null: it sets. */
export interface BodySummary {
  readonly relative: number | null;
  readonly word: BodyWord;
  readonly slip: SlipWord;
  readonly pasty: boolean;
  readonly glucan: number;
  readonly starch: number | null;
  readonly mPaS: number | null;
  /** Viscosity relative to water if it is heated later to so many °C. */
  readonly later: readonly { readonly c: number; readonly relative: number | null; readonly word: BodyWord }[];
  /** Starch settling, mm/h; null: it stays up. */
  readonly settlesMmPerH: number | null;
  /** How it stands in its jar after a day in the fridge, from the top down; none asked for: empty. */
  readonly afterDay: readonly Layer[];
}
export interface Summary {
  readonly main: ProductSummary | null;
  readonly products: readonly ProductSummary[];
  /** All that goes into jars or boxes, ml. */
  readonly jarredMl: number;
  readonly cost: Cost;
  /** From the first step to the last with one cook, s: never less than the hands-on time. */
  readonly elapsedS: number;
  /** From the first step until the last milk is in its jar, s; without jars, to the last step. */
  readonly toJarS: number;
  readonly handsS: number;
  readonly steamG: number;
  readonly drainedG: number;
  readonly filmG: number;
}

/**
 * Energy, kcal per 100 ml, by the factors of Regulation (EU) No 1169/2011 annex XIV: protein 4, fat 9, carbohydrate 4,
 * fibre 2. Shares are of mass; densityKgL from composition.
 */
export function kcalPer100Ml(
  densityKgL: number,
  s: { protein: number; fat: number; carbohydrate: number; fibre: number },
): number {
  return 100 * densityKgL * (4 * s.protein + 9 * s.fat + 4 * (s.carbohydrate - s.fibre) + 2 * s.fibre);
}

/** Temperatures to which milk is heated later: a warm drink, a hot one, a boiling pan. */
const LATER_C = [60, 80, 95];

function bodySummary(s: Stream, kit: Kit, ctx: Ctx, light: boolean): BodySummary | null {
  const b = bodyOf(s, kit.fridgeC, ctx);
  if (!b) return null;
  return {
    relative: b.relative,
    word: bodyWord(b, s, ctx),
    slip: slipWord(b, ctx),
    pasty: isPasty(b),
    glucan: b.glucan,
    starch: b.starch,
    mPaS: b.mPaS,
    later: (light ? [] : LATER_C).map((c) => {
      const hot = bodyOf(s, c, ctx, c) ?? b;
      return { c, relative: hot.relative, word: bodyWord(hot, s, ctx) };
    }),
    settlesMmPerH: settlesMmPerH(s, b),
    afterDay: light ? [] : layersInJar(s, kit, ctx),
  };
}

/** In a jar as this kitchen fills them, standing a day in its fridge. */
function layersInJar(s: Stream, kit: Kit, ctx: Ctx): readonly Layer[] {
  const jar = thingOf(kit, 'jar', kit.use.jar);
  const ml = Math.min(volumeMl(s), JAR_FILL * jar.ml);
  return layersOf(s, fillHeightMm(ml, jar.ml), ctx, stillAt(kit.fridgeC, DAY_S));
}

function productOf(name: string, s: Stream, recipe: Recipe, kit: Kit, ctx: Ctx, depth: Depth): ProductSummary {
  const light = depth === 'light' || depth === 'keep';
  const frozen = s.temperatureC < FROZEN_BELOW_C;
  // Pulp has neither body nor class: it is no milk.
  const pulp = isPulp(s);
  const mass = massG(s);
  const ml = volumeMl(s);
  const c = contents(s);
  const of = (g: number) => (mass > 0 ? g / mass : null);
  const fibre = c.solubleFibre + c.insolubleFibre;
  const carb = c.starch + c.sugars + c.otherCarb + fibre;
  return {
    stream: name,
    pulp,
    flour: isFlour(s),
    massG: mass,
    volumeMl: ml,
    solids: of(solidsG(s)),
    protein: of(c.protein),
    fat: of(c.fat),
    carbohydrate: of(carb),
    moisture: of(waterG(s)),
    kcalPer100Ml:
      mass > 0
        ? kcalPer100Ml(mass / ml, {
            protein: c.protein / mass,
            fat: c.fat / mass,
            carbohydrate: carb / mass,
            fibre: fibre / mass,
          })
        : null,
    starch: of(c.starch),
    sugars: of(c.sugars),
    grit: pulp ? null : of(mass * gritShareOf(s, ctx)),
    body: pulp ? null : bodySummary(s, kit, ctx, light),
    classes: light || pulp ? [] : classesOf(s, recipe),
    temperatureC: s.temperatureC,
    inhibitorLeft: inhibitorLeftOf(s),
    beany: beanyIndexOf(s),
    hygiene: s.hygiene,
    done: isBoiledEnough(s),
    keep: depth === 'light' ? null : keepBy(s, frozen ? s.temperatureC : kit.fridgeC, kit.use.jar, ctx),
    keepThawed: frozen && depth === 'all' ? keepBy(s, kit.fridgeC, kit.use.jar, ctx) : null,
  };
}

/** Streams that go into jars or boxes, in the plan's own order. */
export function jarredStreams(recipe: Recipe, o: Outcome): readonly string[] {
  const out: string[] = [];
  for (const s of recipe.steps) {
    const stream = kindOf(s.kind).fills?.(s.params);
    if (stream !== undefined && o.products[stream] && !out.includes(stream)) out.push(stream);
  }
  return out;
}

/** The main product is what the plan jars first; without jars, what the last strain made. */
export function mainStream(recipe: Recipe, o: Outcome): string | null {
  const jarred = jarredStreams(recipe, o)[0];
  if (jarred !== undefined) return jarred;
  for (const s of [...recipe.steps].reverse())
    if ((s.kind === 'strain' || s.kind === 'wash') && o.products[s.params.into]) return s.params.into;
  // Parted into others and not jarred: the greatest part of what was strained.
  const strained = Object.entries(o.products).filter(([, s]) => s.openedShare > 0 && !isPulp(s));
  const [most] = strained.sort(([, a], [, b]) => massG(b) - massG(a));
  return most?.[0] ?? Object.keys(o.products)[0] ?? null;
}

/** Less than this is nothing that came out, g: a second sieving may hold none. */
const LEAST_G = 0.5;
/**
 * How much to sum up: all; the main product alone; or, for many folds, that without its layers, its later heating and its
 * classes (`keep`), and without its keeping too (`light`).
 */
export type Depth = 'all' | 'main' | 'keep' | 'light';

/** The steps that fill milk, and not a by-product, into its jars or boxes. */
const fillingSteps = (recipe: Recipe, o: Outcome): ReadonlySet<string> =>
  new Set(
    recipe.steps.flatMap((s) => {
      const filled = o.products[kindOf(s.kind).fills?.(s.params) ?? ''];
      return filled && !isPulp(filled) ? [s.id] : [];
    }),
  );

/** What a fold brings, as a cook asks for it. Masses g, volumes ml at 20 °C, shares 0..1, times s. An empty fold: no main product, zeros. */
export function summarise(recipe: Recipe, o: Outcome, kit: Kit, depth: Depth = 'all'): Summary {
  const ctx = contextOf({ kit, beliefs: o.beliefs }, recipe.materials);
  const main = mainStream(recipe, o);
  const there = (n: string): boolean => n === main || massG(o.products[n] as Stream) >= LEAST_G;
  const names = depth === 'all' ? Object.keys(o.products).filter(there) : main === null ? [] : [main];
  const products = names.map((n) => productOf(n, o.products[n] as Stream, recipe, kit, ctx, depth));
  const jarred = jarredStreams(recipe, o);
  const jarredMl = jarred.reduce((ml, n) => ml + volumeMl(o.products[n] as Stream), 0);
  const mainMl = products.find((p) => p.stream === main)?.volumeMl ?? 0;
  let steamG = 0;
  let drainedG = 0;
  let filmG = 0;
  for (const f of o.ledger) {
    if (!('outside' in f.to)) continue;
    if (f.to.outside === 'steam') steamG += flowG(f);
    else if (f.to.outside === 'drain') drainedG += flowG(f);
    else if (f.to.outside === 'film') filmG += flowG(f);
  }
  const jobs = jobsOf(recipe, o, { kit, beliefs: o.beliefs });
  const ends = oneCookEnds(jobs);
  const elapsedS = Math.max(0, ...ends);
  const filling = fillingSteps(recipe, o);
  const toJarS = Math.max(0, ...ends.filter((_, i) => filling.has(jobs[i]?.step ?? '')));
  let handsS = 0;
  for (const st of o.stages) for (const t of st.tasks) if (t.hands === 'busy') handsS += t.durationS;
  return {
    main: products.find((p) => p.stream === main) ?? null,
    products,
    jarredMl: jarredMl > 0 ? jarredMl : mainMl,
    cost: costOf(recipe, o, kit, jarredMl > 0 ? jarredMl : mainMl),
    elapsedS,
    toJarS: toJarS > 0 ? toJarS : elapsedS,
    handsS,
    steamG,
    drainedG,
    filmG,
  };
}
