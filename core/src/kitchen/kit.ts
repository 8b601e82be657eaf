export type ThingKind = 'jug' | 'strainer' | 'pot' | 'bowl' | 'hob' | 'jar';
interface Vessel {
  readonly ml: number;
  readonly diameterCm: number;
  readonly massG: number;
  readonly made: 'glass' | 'steel';
}
export type Thing = { readonly id: string; readonly name: string } & (
  | { readonly is: 'jug'; readonly ratedMl: number; readonly watts: number; readonly lid: 'vented' | 'sealed' }
  | { readonly is: 'strainer'; readonly openingUm: number; readonly layers: number }
  | ({ readonly is: 'pot' } & Vessel)
  | ({ readonly is: 'bowl' } & Vessel)
  | { readonly is: 'hob'; readonly watts: number; readonly heat: 'gas' | 'electric' | 'induction' }
  | { readonly is: 'jar'; readonly ml: number; readonly glass: boolean }
);
export type ThingOf<K extends ThingKind> = Extract<Thing, { is: K }>;

/** A coefficient of this kitchen, as a multiple of the usual value: lognormal with 1 σ `sd`, kept inside [low, high]. */
export interface Belief {
  readonly mean: number;
  readonly sd: number;
  readonly n: number;
  readonly low: number;
  readonly high: number;
}
export type Beliefs = Readonly<Record<string, Belief>>;

/** The things of the kitchen, its place and its habits. */
export interface Kit {
  readonly v: 2;
  readonly id: 'kit';
  readonly name: string;
  readonly altitudeM: number;
  readonly roomC: number;
  readonly fridgeC: number;
  readonly tapC: number;
  readonly cupMl: number;
  /** What this kitchen pays: power per kWh, a bought litre, and foods per kg where they differ from the usual. */
  readonly currency: string;
  readonly perKWh: number;
  readonly boughtPerL: number;
  readonly prices: Readonly<Record<string, number>>;
  readonly things: readonly Thing[];
  /** Which thing of each kind a plan means when it does not name one. */
  readonly use: Readonly<Record<ThingKind, string>>;
  /** A narrow funnel that was calibrated: seconds of its runs; absent: none was. */
  readonly funnel?: { readonly waterS: readonly number[]; readonly syrupS: readonly number[]; readonly syrup: 20 | 40 };
  readonly rev: number;
}

/** All of a kitchen that a fold uses: its kit, and what is believed of its things and foods. Passed as one, everywhere. */
export interface Here {
  readonly kit: Kit;
  readonly beliefs: Beliefs;
}
/** A kitchen that has taught nothing yet: every coefficient at its usual value (a plan file, a kit just bought). */
export const unlearned = (kit: Kit): Here => ({ kit, beliefs: {} });

/** A usual kitchen, so that nobody must fill anything in to begin (sizes: common practice). */
export const USUAL_KIT: Kit = {
  v: 2,
  id: 'kit',
  name: 'My kitchen',
  altitudeM: 0,
  roomC: 20,
  fridgeC: 4,
  tapC: 15,
  cupMl: 250,
  currency: '€',
  perKWh: 0.3,
  boughtPerL: 2.5,
  prices: {},
  rev: 1,
  things: [
    { id: 'jug', is: 'jug', name: 'Blender jug', ratedMl: 1500, watts: 800, lid: 'vented' },
    { id: 'fine-bag', is: 'strainer', name: 'Fine bag', openingUm: 100, layers: 1 },
    { id: 'cloth', is: 'strainer', name: 'Cheesecloth, four layers', openingUm: 500, layers: 4 },
    { id: 'sieve', is: 'strainer', name: 'Kitchen sieve', openingUm: 600, layers: 1 },
    { id: 'pot', is: 'pot', name: 'Pot', ml: 5000, diameterCm: 22, massG: 1400, made: 'steel' },
    { id: 'bowl', is: 'bowl', name: 'Bowl', ml: 3000, diameterCm: 22, massG: 800, made: 'glass' },
    { id: 'hob', is: 'hob', name: 'Hob', watts: 1800, heat: 'electric' },
    { id: 'jar', is: 'jar', name: 'Litre jar', ml: 1000, glass: true },
  ],
  use: { jug: 'jug', strainer: 'fine-bag', pot: 'pot', bowl: 'bowl', hob: 'hob', jar: 'jar' },
};

/**
 * The thing a step names; for 'in use', or for one that has left the kitchen, the one the kitchen uses. A kitchen with
 * none of the kind: RangeError.
 */
export function thingOf<K extends ThingKind>(kit: Kit, kind: K, id: string): ThingOf<K> {
  let used: ThingOf<K> | null = null;
  let first: ThingOf<K> | null = null;
  for (const t of kit.things) {
    if (t.is !== kind) continue;
    if (t.id === id) return t as ThingOf<K>;
    if (t.id === kit.use[kind]) used = t as ThingOf<K>;
    first ??= t as ThingOf<K>;
  }
  const found = used ?? first;
  if (!found) throw new RangeError(`no ${kind} in the kit`);
  return found;
}
/** The box a freeze step names; for 'in use', the first of the kit that is not glass, and a jar only where there is none. */
export const freezerBoxOf = (kit: Kit, id: string): ThingOf<'jar'> =>
  kit.things.find((t): t is ThingOf<'jar'> => t.is === 'jar' && (t.id === id || (id === IN_USE && !t.glass))) ??
  thingOf(kit, 'jar', id);
/** The reference a plan keeps when it means "the one this kitchen uses". */
export const IN_USE = 'in use';

/** Usual spread of each coefficient, 1 σ lognormal (models §9; estimates), and how far a fit may move it. */
export const COEFFICIENTS = {
  hold: { sd: 0.2, low: 0.4, high: 2.5 },
  power: { sd: 0.15, low: 0.3, high: 2 },
  hob: { sd: 0.15, low: 0.1, high: 1.6 },
  steam: { sd: 0.25, low: 0.2, high: 4 },
  uptake: { sd: 0.08, low: 0.6, high: 1.4 },
  opening: { sd: 0.3, low: 0.2, high: 4 },
  dissolving: { sd: 0.4, low: 0.2, high: 5 },
  swelling: { sd: 0.25, low: 0.4, high: 2.5 },
  leaving: { sd: 0.1, low: 0.5, high: 1.2 },
  settling: { sd: 0.4, low: 0.1, high: 10 },
  packing: { sd: 0.25, low: 0.3, high: 3 },
  cooling: { sd: 0.3, low: 0.2, high: 5 },
  keeping: { sd: 0.2, low: 1, high: 5 },
  /** Where a word of taste begins, above nothing: tasters differ (an estimate). */
  word: { sd: 0.3, low: 0.3, high: 3 },
} as const;
export type CoefficientKind = keyof typeof COEFFICIENTS;
const ids = new Map<CoefficientKind, Map<string, string>>();
/** Name of a coefficient; kept, because joining two words anew was a tenth of a fold with beliefs (measured). */
export function coefficientId(kind: CoefficientKind, thing: string): string {
  let mine = ids.get(kind);
  if (!mine) ids.set(kind, (mine = new Map<string, string>()));
  let id = mine.get(thing);
  if (id === undefined) mine.set(thing, (id = `${kind}:${thing}`));
  return id;
}
/** What a name of {@link coefficientId} names: the kind, and of which thing or food. Of no kind we know: null. */
export function coefficientIn(id: string): { readonly kind: CoefficientKind; readonly thing: string } | null {
  const cut = id.indexOf(':');
  const kind = id.slice(0, cut);
  return Object.hasOwn(COEFFICIENTS, kind) ? { kind: kind as CoefficientKind, thing: id.slice(cut + 1) } : null;
}
/** What is believed of a coefficient of which nothing was measured: its usual value and spread. */
export function usualBelief(id: string): Belief {
  const kind = id.slice(0, id.indexOf(':')) as CoefficientKind;
  return { mean: 1, n: 0, ...COEFFICIENTS[kind] };
}
/** How many times its usual value a coefficient is here, by its name; nothing believed of it: 1. */
export const believedOf = (beliefs: Beliefs, id: string): number => beliefs[id]?.mean ?? 1;
/** How many times its usual value a coefficient is here, > 0; nothing believed of it: 1. */
export function multiplier(beliefs: Beliefs, kind: CoefficientKind, thing: string): number {
  // A prediction without beliefs is the common case, and the key is a new string each time.
  for (const _ in beliefs) return beliefs[coefficientId(kind, thing)]?.mean ?? 1;
  return 1;
}
