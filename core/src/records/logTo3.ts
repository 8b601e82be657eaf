import type { Migration } from './migrate';

/**
 * Version 3 of a jar’s log: a while elsewhere is told with its beginning and its end, and what turned with when that was
 * found. Version 2 said of a temperature only that it held from that line on. Frozen: never changed again.
 */
export const jarEventTo3: Migration = (r) => {
  if (r.is === 'tempered') return { ...r, where: 'other', from: r.at, to: null };
  return r.is === 'thrown' ? { ...r, foundAt: null } : { ...r };
};
