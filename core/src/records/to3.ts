import type { Migration } from './migrate';
import { recipeTo2 } from './to2';

/**
 * Version 3: a plan's language. `finish`, `holdBack`, `split` and `keep` are said with `add`, `pour`, `part` and `stand`;
 * freezing learned cubes. Frozen: never changed again, the foods it needs among it.
 */
type Row = Readonly<Record<string, unknown>>;
const row = (x: unknown): Row => (typeof x === 'object' && x !== null && !Array.isArray(x) ? (x as Row) : {});
const list = (x: unknown): readonly unknown[] => (Array.isArray(x) ? (x as unknown[]) : []);
const amount = (x: unknown): number => (typeof x === 'number' ? x : 0);

const NONE = {
  protein: 0,
  fat: 0,
  starch: 0,
  sugars: 0,
  solubleFibre: 0,
  insolubleFibre: 0,
  otherCarb: 0,
  ash: 0,
  salt: 0,
};
const ALL = Object.fromEntries(Object.keys(NONE).map((k) => [k, 1]));
const NO_LIMIT = { days: 60, capDays: 60 };
/** A food that is stirred in, as version 3 knows it. */
const food = (id: string, name: string, per100g: Row, cupG: number, pricePerKg: number, how: Row = {}): Row => ({
  id,
  name,
  milk: '',
  basis: 'dry',
  liquid: true,
  per100g: { ...NONE, ...per100g },
  canLeave: ALL,
  warmer: {},
  hydration: { k1H: 1, k2: 1 },
  hullShare: 0,
  hull: NONE,
  pieceUm: 20,
  openingJPerG: 0.01,
  kneads: 0,
  holdFactor: 1,
  foamShare: 0,
  rinse: null,
  starchBody: null,
  cookedAs: null,
  capBelowC: null,
  inhibitorLabileShare: null,
  keeps: { raw: NO_LIMIT, heated: NO_LIMIT, boiled: NO_LIMIT },
  stirredIn: { touches: false, aroma: false, floats: false, ...how },
  cupG,
  pricePerKg,
  allergens: [],
  source: 'common practice',
});
const RAW = { touches: true };
const syrup = (id: string, name: string, sugars: number, water: number): Row =>
  food(id, name, { sugars, otherCarb: 100 - water - sugars }, 320, 10, RAW);
const FOODS: Readonly<Record<string, Row>> = {
  salt: food('salt', 'Salt', { salt: 100 }, 292, 1),
  sugar: food('sugar', 'Sugar', { sugars: 100 }, 200, 1.3),
  vanilla: food('vanilla', 'Vanilla extract', {}, 208, 300, { aroma: true }),
  cocoa: food(
    'cocoa',
    'Cocoa powder, unsweetened',
    { protein: 19.6, fat: 13.7, sugars: 1.8, insolubleFibre: 33.2, otherCarb: 22.9, ash: 5.8 },
    86,
    18,
    { floats: true },
  ),
  honey: syrup('honey', 'Honey', 77, 17),
  maple: syrup('maple-syrup', 'Maple syrup', 60, 32),
  agave: syrup('agave-syrup', 'Agave syrup', 77, 23),
  dates: syrup('date-syrup', 'Date flesh, mashed', 65, 21),
  glucose: syrup('glucose-syrup', 'Glucose syrup', 40, 20),
};
const other = (brix: number): Row =>
  syrup(
    `syrup-brix-${Math.round(brix * 1000)}`,
    `Syrup of ${Math.round(brix * 100)} °Brix`,
    100 * brix,
    100 - 100 * brix,
  );

interface Out {
  readonly steps: Row[];
  readonly foods: Map<string, Row>;
}
const AT_ROOM = { id: 'water' };
/** What was stirred in at once: salt, sugar, syrup, vanilla, cocoa and the water that slaked it. */
function stirred(p: Row): readonly (readonly [Row, number])[] {
  const kind = String(p.syrup);
  const which = kind === 'other' ? other(amount(p.brix)) : FOODS[kind];
  return [
    [FOODS.salt ?? {}, amount(p.saltG)],
    [FOODS.sugar ?? {}, amount(p.sugarG)],
    ...(which ? [[which, amount(p.syrupG)] as const] : []),
    [FOODS.vanilla ?? {}, amount(p.vanillaG)],
    [FOODS.cocoa ?? {}, amount(p.cocoaG)],
    [AT_ROOM, amount(p.slakeG)],
  ];
}
/**
 * One step for each food. A batch's log speaks of its salt and of its sugar by name, so there both are kept, at none too;
 * what is not the first goes in together with it, so that a finished batch stays finished.
 */
function finish(s: Row, out: Out, logged: boolean): void {
  const p = row(s.params);
  const all = stirred(p);
  const some = all.filter(([, g]) => g > 0);
  const kept = some.length === 0 ? [] : all.filter(([f, g], i) => g > 0 || (logged && i < 2 && f.id !== undefined));
  kept.forEach(([f, amountG], i) => {
    const id = String(f.id);
    if (f !== AT_ROOM) out.foods.set(id, f);
    out.steps.push({
      id: i === 0 ? s.id : `${String(s.id)}.${id}`,
      kind: 'add',
      params: { of: p.of, food: id, amountG, slaked: id === 'cocoa' && amount(p.slakeG) > 0, together: i > 0 },
    });
  });
}
function step(s: Row, out: Out, logged: boolean): void {
  const p = row(s.params);
  const say = (kind: string, params: Row): void => void out.steps.push({ id: s.id, kind, params });
  switch (s.kind) {
    case 'finish':
      finish(s, out, logged);
      break;
    case 'holdBack':
      say('pour', { into: p.into, liquid: 'water', amountG: p.waterG, atC: p.waterC, boiled: p.boiled });
      break;
    case 'split':
      say('part', { of: p.of, parts: [{ name: p.into, share: p.share }] });
      break;
    case 'keep':
      say('stand', {
        of: p.of,
        place: 'other',
        placeC: p.placeC,
        vessel: 'jar',
        jar: p.jar,
        durationS: p.durationS,
      });
      break;
    case 'freeze':
      say('freeze', { cubeMl: 0, ...p });
      break;
    default:
      out.steps.push(s);
  }
}
function recipe(x: unknown, logged: boolean): Row {
  const r = row(x);
  const out: Out = { steps: [], foods: new Map() };
  for (const s of list(r.steps)) step(row(s), out, logged);
  const had = list(r.materials);
  const more = [...out.foods].filter(([id]) => !had.some((m) => row(m).id === id)).map(([, f]) => f);
  return { ...r, materials: [...had, ...more], steps: out.steps };
}

/** A plan from version 2 to 3. */
export const planTo3: Migration = (r) => ({ ...r, recipe: recipe(r.recipe, false) });
/** A batch from version 2 to 3. */
export const batchTo3: Migration = (r) => ({ ...r, recipe: recipe(r.recipe, true) });
/** A method of a cook's own, whose first version had the words of plans of version 1 or 2. */
export const methodTo2: Migration = (r) => ({ ...r, recipe: recipe(recipeTo2(r.recipe), false) });
/** The same for what undo keeps. */
export const undoTo2: Migration = (r) => {
  const all = (x: unknown): readonly Row[] =>
    list(x).map((v) => ({ ...row(v), recipe: recipe(recipeTo2(row(v).recipe), false) }));
  return { ...r, past: all(r.past), future: all(r.future) };
};

const TASKS: Readonly<Record<string, string>> = { finish: 'add', measure: 'pour', split: 'part', keep: 'stand' };
const task = (x: unknown): unknown => (typeof x === 'string' ? (TASKS[x] ?? x) : x);
/** Salt and sugar were readings of one step; now each is the reading of its own. */
function reading(x: unknown): Row {
  const r = row(x);
  const named = { ...r, ...('task' in r ? { task: task(r.task) } : {}) };
  if (r.what === 'saltG') return { ...named, what: 'amountG' };
  return r.what === 'sugarG' ? { ...named, step: `${String(r.step)}.sugar`, what: 'amountG' } : named;
}
/** A batch’s line from version 2 to 3. */
export const eventTo3: Migration = (r) => ({
  ...r,
  ...('task' in r ? { task: task(r.task) } : {}),
  ...(r.is === 'reading' ? { reading: reading(r.reading) } : {}),
});
