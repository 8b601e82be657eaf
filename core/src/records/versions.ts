import { batchTo2, jarTo2, kitTo2, planTo2 } from './to2';
import { eventTo2, jarEventTo2 } from './logTo2';
import type { Versions } from './migrate';
import type { Table } from './types';

/** The migrations of every record; the newest version is one more than their number. */
export const VERSIONS: Readonly<Record<Table, Versions>> = {
  kit: { migrations: [kitTo2] },
  plans: { migrations: [planTo2] },
  batches: { migrations: [batchTo2] },
  events: { migrations: [eventTo2] },
  jars: { migrations: [jarTo2] },
  jarEvents: { migrations: [jarEventTo2] },
  materials: { migrations: [] },
  methods: { migrations: [] },
  fridge: { migrations: [] },
  settings: { migrations: [] },
  undo: { migrations: [] },
  traces: { migrations: [] },
};
