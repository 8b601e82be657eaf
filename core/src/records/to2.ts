import type { Migration } from './migrate';

/**
 * Version 2: every milk. Materials, streams, steps and the kit gained what starch, β-glucan, enzymes, graded extracts
 * and prices need. Version 1 knew soybeans alone, so what is added says "none of it". Frozen: never changed again.
 */
type Row = Readonly<Record<string, unknown>>;
const row = (x: unknown): Row => (typeof x === 'object' && x !== null && !Array.isArray(x) ? (x as Row) : {});
const list = (x: unknown): readonly unknown[] => (Array.isArray(x) ? (x as unknown[]) : []);

const material = (m: unknown): Row => ({
  milk: 'soy',
  liquid: false,
  warmer: {},
  kneads: 0,
  rinse: null,
  starchBody: null,
  cookedAs: null,
  capBelowC: null,
  pricePerKg: 3.2,
  ...row(m),
});

const NEW_PARAMS: Readonly<Record<string, Row>> = {
  grind: { iceG: 0 },
  wash: { workS: 90 },
  finish: { syrup: 'none', syrupG: 0, brix: 0.7, cocoaG: 0, slakeG: 0 },
};
function step(s: unknown): Row {
  const r = row(s);
  return { ...r, params: { ...NEW_PARAMS[String(r.kind)], ...row(r.params) } };
}
function recipe(x: unknown): Row {
  const r = row(x);
  return { ...r, materials: list(r.materials).map(material), steps: list(r.steps).map(step) };
}
const thing = (t: unknown): Row => {
  const r = row(t);
  return r.is === 'strainer' ? { layers: 1, ...r } : r;
};
const kit = (x: unknown): Row => {
  const r = row(x);
  return { currency: '€', perKWh: 0.3, boughtPerL: 2.5, prices: {}, ...r, v: 2, things: list(r.things).map(thing) };
};
const UNSIEVED_UM = 100_000;
const stream = (x: unknown): Row => ({
  glucanOf: 0,
  amylase: 0,
  glucanase: 0,
  hydrolysedG: 0,
  topUm: UNSIEVED_UM,
  releasedC: 0,
  glucanCut: 0,
  squeezed: 1,
  ...row(x),
});

/** A kit from version 1 to 2. */
export const kitTo2: Migration = (r) => ({ ...kit(r) });
/** A plan from version 1 to 2. */
export const planTo2: Migration = (r) => ({ use: null, ...r, recipe: recipe(r.recipe) });
/** A batch from version 1 to 2. */
export const batchTo2: Migration = (r) => ({ ...r, recipe: recipe(r.recipe), kit: kit(r.kit) });
/** A jar from version 1 to 2. */
export const jarTo2: Migration = (r) => ({ ...r, stream: stream(r.stream) });
/** What undo keeps of a plan is brought along with it. */
export const recipeTo2 = (x: unknown): Row => recipe(x);
