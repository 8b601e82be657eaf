import type { Beside } from '../../live/useBeside';

/** A batch by its number, a plan by its name. */
export const shortName = (b: Beside): string => (b.row.is === 'batch' ? String(b.row.of.batch.number) : b.name);
