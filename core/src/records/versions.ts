import type { Versions } from './migrate';
import type { Table } from './types';

/** Every record stands at version 1: no migration has been needed yet. */
export const VERSIONS: Readonly<Record<Table, Versions>> = {
  kit: { migrations: [] },
  plans: { migrations: [] },
  batches: { migrations: [] },
  events: { migrations: [] },
  jars: { migrations: [] },
  jarEvents: { migrations: [] },
};
