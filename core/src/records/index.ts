export { TABLES } from './types';
export type {
  Id,
  PlanId,
  BatchId,
  JarId,
  PlanRecord,
  BatchRecord,
  EventRecord,
  JarRecord,
  JarEventRecord,
  KitRecord,
  Kitchen,
  Table,
} from './types';
export { migrate, newest } from './migrate';
export type { Migration, Versions, Migrated } from './migrate';
export { VERSIONS } from './versions';
export { validRow } from './validate';
export { faultOf, pathText } from './faults';
export type { Fault } from './faults';
export { id, number, object, text, step as stepSchema } from './parts';
