import type { BodySummary, ProductSummary } from '../batch';
import type { Look } from '../questions';
import { MODEL } from '../batch';
import { contents, massG, solidsG, volumeMl, waterG } from '../kitchen';
import type { Stream } from '../kitchen';
import { fixText, warningText } from '../words';
import { writeKitchen } from './kitchenBlock';
import type { PlanFile } from './planFile';

/** How a result says what it is. */
export const OUTCOME_FORMAT = 'ironpan-outcome';
const OUTCOME_VERSION = 1;

/** Six significant digits: enough for any check, free of binary dust. */
const r = (x: number): number => (Number.isFinite(x) ? Number(x.toPrecision(6)) : 0);
const orNull = (x: number | null): number | null => (x === null || !Number.isFinite(x) ? null : r(x));

/** Each key of the result with what it means; the generated documentation prints these. */
export const PRODUCT_KEYS: Readonly<Record<string, string>> = {
  stream: 'name of the stream',
  massG: 'mass, g',
  volumeMl: 'volume at 20 °C by composition density, ml',
  solids: 'dry matter, fraction of mass (null: nothing in it)',
  protein: 'fraction of mass',
  fat: 'fraction of mass',
  carbohydrate: 'fraction of mass, fibre included',
  moisture: 'water, fraction of mass',
  starch: 'fraction of mass',
  sugars: 'fraction of mass',
  grit: 'particles felt on the tongue, fraction of mass (null: pulp)',
  body: 'null (pulp, or no liquid), or `relative` (viscosity over that of water at the same temperature; null with `sets` true), `word`, `slip`, `pasty`, its parts `glucan` and `starch`, `mPaS` from the fridge, `later` (the same after heating to 60, 80 and 95 °C) `settlesMmPerH`, and `afterDay`, its layers after a day in the fridge from the top down (`kind`: cream, clear, body, sediment; `share` of the height); estimates',
  classes: 'published classes of this milk: `id`, `standard`, `met`, the first minimum that fails, what is not checked',
  kcalPer100Ml: 'energy by the factors of Regulation (EU) 1169/2011 annex XIV, kcal',
  temperatureC: 'temperature at the end of the plan, °C',
  inhibitorLeft: 'trypsin inhibitor left, fraction of the raw bean’s (null: never had any)',
  beany: 'beany flavour index, 0..100, an estimate',
  hygiene: 'raw, heated (pasteurised), boiled, or touched (heated or boiled, then handled)',
  boiledEnough: 'inhibitor at the goal and ten minutes at the true boil',
  keepByHours:
    'hours from the end of the plan until it should be used, in this kitchen’s fridge; the lower of model and cap',
  keepLimit: 'what sets it: model (kept by temperature and time) or cap',
};
function body(b: BodySummary): Record<string, unknown> {
  return {
    relative: orNull(b.relative),
    sets: b.word === 'sets',
    word: b.word,
    slip: b.slip,
    pasty: b.pasty,
    glucan: r(b.glucan),
    starch: orNull(b.starch),
    mPaS: orNull(b.mPaS),
    later: b.later.map((x) => ({ c: x.c, relative: orNull(x.relative), sets: x.word === 'sets', word: x.word })),
    settlesMmPerH: orNull(b.settlesMmPerH),
    afterDay: b.afterDay,
  };
}
function product(p: ProductSummary): Record<string, unknown> {
  return {
    stream: p.stream,
    massG: r(p.massG),
    volumeMl: r(p.volumeMl),
    solids: orNull(p.solids),
    protein: orNull(p.protein),
    fat: orNull(p.fat),
    carbohydrate: orNull(p.carbohydrate),
    moisture: orNull(p.moisture),
    starch: orNull(p.starch),
    sugars: orNull(p.sugars),
    grit: orNull(p.grit),
    body: p.body ? body(p.body) : null,
    classes: p.classes.map((c) => ({
      id: c.id,
      standard: c.standard,
      met: c.met,
      fails: c.fails ? { of: c.fails.of, is: r(c.fails.is), needs: r(c.fails.needs) } : null,
      notChecked: c.notChecked,
    })),
    kcalPer100Ml: orNull(p.kcalPer100Ml),
    temperatureC: r(p.temperatureC),
    inhibitorLeft: orNull(p.inhibitorLeft),
    beany: orNull(p.beany),
    hygiene: p.hygiene,
    boiledEnough: p.done,
    keepByHours: p.keep ? r(p.keep.s / 3600) : null,
    keepLimit: p.keep?.limit ?? null,
  };
}
/** What a result tells of each stream. */
export const STREAM_KEYS: Readonly<Record<string, string>> = {
  massG: 'mass, g',
  volumeMl: 'volume at 20 °C, ml',
  waterG: 'water, free and in the particles, g',
  solidsG: 'dry matter, g',
  proteinG: 'protein, g',
  fatG: 'fat, g',
  temperatureC: 'temperature, °C',
};
function streamOf(s: Stream): Record<string, number> {
  const c = contents(s);
  return {
    massG: r(massG(s)),
    volumeMl: r(volumeMl(s)),
    waterG: r(waterG(s)),
    solidsG: r(solidsG(s)),
    proteinG: r(c.protein),
    fatG: r(c.fat),
    temperatureC: r(s.temperatureC),
  };
}

/** The predicted outcome as plain data for JSON: no NaN, no Infinity. */
export function writeOutcome(plan: PlanFile, look: Look): Record<string, unknown> {
  const { outcome, summary } = look;
  const pulp = summary.products.find((p) => p.pulp);
  return {
    format: OUTCOME_FORMAT,
    version: OUTCOME_VERSION,
    model: MODEL,
    name: plan.name,
    method: plan.method,
    milk: summary.main ? product(summary.main) : null,
    pulp: pulp ? product(pulp) : null,
    products: summary.products.map(product),
    totals: {
      elapsedS: r(summary.elapsedS),
      handsOnS: r(summary.handsS),
      steamG: r(summary.steamG),
      thrownAwayG: r(summary.drainedG),
      filmG: r(summary.filmG),
      jarredMl: r(summary.jarredMl),
      kWh: r(summary.cost.kWh),
      cost: r(summary.cost.total),
      costPerL: orNull(summary.cost.perL),
    },
    stages: outcome.stages.map((st, i) => ({
      step: st.step,
      kind: plan.recipe.steps[i]?.kind ?? null,
      startS: r(st.startS),
      durationS: r(st.endS - st.startS),
      made: Object.fromEntries(st.writes.flatMap(([n, s]) => (s ? [[n, streamOf(s)]] : []))),
      figures: Object.fromEntries(Object.entries(st.figures).map(([k, v]) => [k, r(v)])),
    })),
    warnings: look.warnings.map((w) => ({
      check: w.check,
      weight: w.weight,
      step: w.step,
      say: warningText(w),
      figures: Object.fromEntries(Object.entries(w.figures).map(([k, f]) => [k, { value: r(f.value), unit: f.unit }])),
      fixes: w.fixes.map(fixText),
    })),
    kitchen: writeKitchen(plan.kit),
  };
}
