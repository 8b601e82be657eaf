/** What a food is made of besides water. Water is kept beside these, never among them. */
export type Component =
  | 'protein'
  | 'fat'
  | 'starch'
  | 'sugars'
  | 'solubleFibre'
  | 'insolubleFibre'
  | 'otherCarb'
  | 'ash'
  | 'salt';
export type Grams = Readonly<Record<Component, number>>;
/** Every component, in one order. */
export const COMPONENTS: readonly Component[] = [
  'protein',
  'fat',
  'starch',
  'sugars',
  'solubleFibre',
  'insolubleFibre',
  'otherCarb',
  'ash',
  'salt',
];

/** The one fixed-shape constructor: every component vector has the same hidden class, which keeps the fold fast. */
function vector(
  protein: number,
  fat: number,
  starch: number,
  sugars: number,
  solubleFibre: number,
  insolubleFibre: number,
  otherCarb: number,
  ash: number,
  salt: number,
): Grams {
  return { protein, fat, starch, sugars, solubleFibre, insolubleFibre, otherCarb, ash, salt };
}

/** None of anything. */
export const NO_GRAMS: Grams = vector(0, 0, 0, 0, 0, 0, 0, 0, 0);

/** A vector from the named amounts, the rest zero: grams({ fat: 3 }). */
export function grams(g: Partial<Grams>): Grams {
  return vector(
    g.protein ?? 0,
    g.fat ?? 0,
    g.starch ?? 0,
    g.sugars ?? 0,
    g.solubleFibre ?? 0,
    g.insolubleFibre ?? 0,
    g.otherCarb ?? 0,
    g.ash ?? 0,
    g.salt ?? 0,
  );
}

/** The same with some amounts replaced; always of the one shape. */
export function withGrams(g: Grams, change: Partial<Grams>): Grams {
  return vector(
    change.protein ?? g.protein,
    change.fat ?? g.fat,
    change.starch ?? g.starch,
    change.sugars ?? g.sugars,
    change.solubleFibre ?? g.solubleFibre,
    change.insolubleFibre ?? g.insolubleFibre,
    change.otherCarb ?? g.otherCarb,
    change.ash ?? g.ash,
    change.salt ?? g.salt,
  );
}

/** a + b·by, component by component; the only arithmetic on vectors, so that no component can be forgotten. */
export function addGrams(a: Grams, b: Grams, by = 1): Grams {
  return vector(
    a.protein + b.protein * by,
    a.fat + b.fat * by,
    a.starch + b.starch * by,
    a.sugars + b.sugars * by,
    a.solubleFibre + b.solubleFibre * by,
    a.insolubleFibre + b.insolubleFibre * by,
    a.otherCarb + b.otherCarb * by,
    a.ash + b.ash * by,
    a.salt + b.salt * by,
  );
}

/** a·by, component by component. */
export function scaleGrams(a: Grams, by: number): Grams {
  return addGrams(NO_GRAMS, a, by);
}

/** a − b, never below zero: what is left when `b` is taken from `a`. */
export function takeGrams(a: Grams, b: Grams): Grams {
  const d = addGrams(a, b, -1);
  return vector(
    Math.max(0, d.protein),
    Math.max(0, d.fat),
    Math.max(0, d.starch),
    Math.max(0, d.sugars),
    Math.max(0, d.solubleFibre),
    Math.max(0, d.insolubleFibre),
    Math.max(0, d.otherCarb),
    Math.max(0, d.ash),
    Math.max(0, d.salt),
  );
}

/** All of it together, g. */
export function sumGrams(a: Grams): number {
  return a.protein + a.fat + a.starch + a.sugars + a.solubleFibre + a.insolubleFibre + a.otherCarb + a.ash + a.salt;
}
