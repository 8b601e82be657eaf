import type { Migration } from './migrate';

/**
 * Version 4: cooling says in what it is cooled, how much ice there is and how warm it is outside. Frozen: never changed
 * again. What was cooled before stood in its pot, in as much ice as it took.
 */
type Row = Readonly<Record<string, unknown>>;
const row = (x: unknown): Row => (typeof x === 'object' && x !== null && !Array.isArray(x) ? (x as Row) : {});
const list = (x: unknown): readonly unknown[] => (Array.isArray(x) ? (x as unknown[]) : []);

const MORE = { vessel: 'pot', jar: 'in use', iceG: 0, outsideC: 10 };
const step = (s: Row): Row => (s.kind === 'cool' ? { ...s, params: { ...MORE, ...row(s.params) } } : s);
const recipe = (x: unknown): Row => ({ ...row(x), steps: list(row(x).steps).map((s) => step(row(s))) });

/** A plan or a batch from version 3 to 4, and a method of one's own from 2 to 3. */
export const recipeTo4: Migration = (r) => ({ ...r, recipe: recipe(r.recipe) });
/** The same for what undo keeps. */
export const undoTo3: Migration = (r) => {
  const all = (x: unknown): readonly Row[] => list(x).map((v) => ({ ...row(v), recipe: recipe(row(v).recipe) }));
  return { ...r, past: all(r.past), future: all(r.future) };
};

/** A jar from version 2 to 3: nothing said what its vessel was; glass is what most are of, and the careful guess. */
export const jarTo3: Migration = (r) => ({ ...r, vessel: '', glass: true, from: null });
/** A log whose lines have more words from here on, and keep those they had. */
export const moreWords: Migration = (r) => ({ ...r });
