import { beanyIndexOf, contents, flowG, inhibitorLeftOf, massG, solidsG, volumeMl, waterG } from '../kitchen';
import type { Hygiene, Kit, Stream } from '../kitchen';
import { contextOf, isDone, keepBy } from '../steps';
import type { KeepBy, Outcome, Recipe } from '../steps';

/** What a cook wants to know of one thing that came out. Absent shares of an empty stream are null, never NaN. */
export interface ProductSummary {
  readonly stream: string;
  readonly massG: number;
  readonly volumeMl: number;
  readonly solids: number | null;
  readonly protein: number | null;
  readonly fat: number | null;
  readonly carbohydrate: number | null;
  readonly moisture: number | null;
  readonly kcalPer100Ml: number | null;
  readonly temperatureC: number;
  readonly inhibitorLeft: number | null;
  readonly beany: number | null;
  readonly hygiene: Hygiene;
  readonly done: boolean;
  readonly keep: KeepBy | null;
}
export interface Summary {
  readonly main: ProductSummary | null;
  readonly products: readonly ProductSummary[];
  readonly elapsedS: number;
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

function productOf(name: string, s: Stream, o: Outcome, recipe: Recipe, kit: Kit): ProductSummary {
  const ctx = contextOf(kit, o.beliefs, recipe.materials);
  const mass = massG(s);
  const ml = volumeMl(s);
  const c = contents(s);
  const of = (g: number) => (mass > 0 ? g / mass : null);
  const fibre = c.solubleFibre + c.insolubleFibre;
  const carb = c.starch + c.sugars + c.otherCarb + fibre;
  return {
    stream: name,
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
    temperatureC: s.temperatureC,
    inhibitorLeft: inhibitorLeftOf(s),
    beany: beanyIndexOf(s),
    hygiene: s.hygiene,
    done: isDone(s),
    keep: keepBy(s, kit.fridgeC, kit.use.jar, 0, ctx),
  };
}

/** The main product is what goes into jars last; without jars, what the last step made. */
export function mainStream(recipe: Recipe, o: Outcome): string | null {
  for (const s of [...recipe.steps].reverse()) if (s.kind === 'jar' && o.products[s.params.of]) return s.params.of;
  for (const s of [...recipe.steps].reverse())
    if ((s.kind === 'strain' || s.kind === 'wash') && o.products[s.params.into]) return s.params.into;
  return Object.keys(o.products)[0] ?? null;
}

export function summarise(recipe: Recipe, o: Outcome, kit: Kit): Summary {
  const names = Object.keys(o.products);
  const products = names.map((n) => productOf(n, o.products[n] as Stream, o, recipe, kit));
  const main = mainStream(recipe, o);
  let steamG = 0;
  let drainedG = 0;
  let filmG = 0;
  for (const f of o.ledger) {
    if (!('outside' in f.to)) continue;
    if (f.to.outside === 'steam') steamG += flowG(f);
    else if (f.to.outside === 'drain') drainedG += flowG(f);
    else if (f.to.outside === 'film') filmG += flowG(f);
  }
  let handsS = 0;
  for (const st of o.stages) for (const t of st.tasks) if (t.hands === 'busy') handsS += t.durationS;
  return {
    main: products.find((p) => p.stream === main) ?? null,
    products,
    elapsedS: o.stages.reduce((t, st) => Math.max(t, st.endS), 0),
    handsS,
    steamG,
    drainedG,
    filmG,
  };
}
