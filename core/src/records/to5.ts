import type { Migration } from './migrate';

/**
 * Version 5: a pot that cools says whether its lid is on, and stored foods follow the corrected laws. Frozen: never changed
 * again. Pots stood open before.
 */
type Row = Readonly<Record<string, unknown>>;
const isRow = (x: unknown): x is Row => typeof x === 'object' && x !== null && !Array.isArray(x);
const row = (x: unknown): Row => (isRow(x) ? x : {});

/** A figure of a food that is as it was shipped is what it is shipped as now; one that a cook changed stays. */
const instead = (x: unknown, was: number, now: number): unknown => (x === was ? now : x);
const FRESH_FAT_WAS = JSON.stringify([
  [25, 0.45],
  [42, 0.65],
  [60, 0.65],
  [85, 0.75],
]);
const FRESH_FAT = [
  [15, 0.6],
  [30, 0.76],
  [60, 0.8],
  [85, 0.85],
];
function soy(m: Row): Row {
  const leaves = row(m.canLeave);
  return {
    ...m,
    holdFactor: instead(m.holdFactor, 1.1, 1.6),
    canLeave: { ...leaves, fat: instead(leaves.fat, 0.85, 0.9), otherCarb: instead(leaves.otherCarb, 0.35, 0.6) },
  };
}
function coconut(m: Row): Row {
  const leaves = row(m.canLeave);
  const warmer = row(m.warmer);
  return {
    ...m,
    kneads: instead(m.kneads, 0.6, 0.45),
    canLeave: { ...leaves, fat: instead(leaves.fat, 0.45, 0.6) },
    warmer: JSON.stringify(warmer.fat) === FRESH_FAT_WAS ? { ...warmer, fat: FRESH_FAT } : warmer,
  };
}
const food = (m: Row): Row => {
  const milk = typeof m.behavesAs === 'string' ? m.behavesAs : m.milk;
  return milk === 'soy' ? soy(m) : milk === 'coconut' ? coconut(m) : m;
};

/** Every food and every step that cools, wherever in a record they stand. */
function deep(x: unknown): unknown {
  if (Array.isArray(x)) return x.map(deep);
  if (!isRow(x)) return x;
  const all: Row = Object.fromEntries(Object.entries(x).map(([k, v]) => [k, deep(v)]));
  if ('per100g' in all && 'holdFactor' in all) return food(all);
  if (all.kind === 'cool' && isRow(all.params)) return { ...all, params: { lid: false, ...all.params } };
  return all;
}
/** Whatever holds recipes, steps or foods: plans, batches, their lines, jars, methods, wishes, rhythms, trials, own foods. */
export const deepTo5: Migration = (r) => deep(r) as Record<string, unknown>;
