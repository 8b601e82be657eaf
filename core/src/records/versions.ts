import { batchTo2, jarTo2, kitTo2, planTo2 } from './to2';
import { eventTo2, jarEventTo2 } from './logTo2';
import { jarEventTo3 } from './logTo3';
import { batchTo3, eventTo3, methodTo2, planTo3, undoTo2 } from './to3';
import { jarTo3, moreWords, recipeTo4, undoTo3 } from './to4';
import { deepTo5 } from './to5';
import type { Versions } from './migrate';
import type { Table } from './types';

/** The migrations of every record; the newest version is one more than their number. */
export const VERSIONS: Readonly<Record<Table, Versions>> = {
  kit: { migrations: [kitTo2] },
  plans: { migrations: [planTo2, planTo3, recipeTo4, deepTo5] },
  batches: { migrations: [batchTo2, batchTo3, recipeTo4, deepTo5] },
  events: { migrations: [eventTo2, eventTo3, moreWords, moreWords, moreWords, deepTo5] },
  jars: { migrations: [jarTo2, jarTo3, moreWords, deepTo5] },
  jarEvents: { migrations: [jarEventTo2, jarEventTo3, moreWords, moreWords, deepTo5] },
  materials: { migrations: [deepTo5] },
  methods: { migrations: [methodTo2, recipeTo4, deepTo5] },
  fridge: { migrations: [] },
  settings: { migrations: [] },
  undo: { migrations: [undoTo2, undoTo3, deepTo5] },
  traces: { migrations: [] },
  photos: { migrations: [] },
  wishes: { migrations: [deepTo5] },
  hours: { migrations: [] },
  rhythms: { migrations: [deepTo5] },
  cupboard: { migrations: [] },
  leftOut: { migrations: [] },
  trials: { migrations: [deepTo5] },
  tastings: { migrations: [] },
};
