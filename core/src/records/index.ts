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
  MaterialRecord,
  MethodRecord,
  Kitchen,
  Table,
} from './types';
export { migrate, newest } from './migrate';
export type { Migration, Versions, Migrated } from './migrate';
export { VERSIONS } from './versions';
export { recipeTo2 } from './to2';
export { validRow } from './validate';
export { faultOf, pathText } from './faults';
export type { Fault } from './faults';
export { id, number, object, text, step as stepSchema, material as materialSchema } from './parts';
