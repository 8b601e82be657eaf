import type { Material } from './types';

/** Apart from the table itself, so that what only looks things up does not load every food. */
export function materialById(all: readonly Material[], id: string): Material {
  for (const m of all) if (m.id === id) return m;
  throw new RangeError(`material "${id}" is not among ${all.map((m) => m.id).join(', ')}`);
}

/** The materials a plan needs to hold: those it takes, and what they become when they are cooked. */
export function withCooked(all: readonly Material[], ids: readonly string[]): readonly Material[] {
  const want = new Set(ids);
  for (const m of all) if (want.has(m.id) && m.cookedAs !== null) want.add(m.cookedAs);
  return all.filter((m) => want.has(m.id));
}
