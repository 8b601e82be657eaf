export { TABLES } from './types';
export type {
  Id,
  PlanId,
  BatchId,
  JarId,
  PhotoRecord,
  PlanRecord,
  BatchRecord,
  EventRecord,
  JarRecord,
  JarEventRecord,
  KitRecord,
  MaterialRecord,
  MethodRecord,
  FridgeRecord,
  SettingsRecord,
  PlanVersion,
  UndoRecord,
  TraceRecord,
  RhythmRecord,
  WishRecord,
  CupboardRecord,
  LeftOutRecord,
  TastedSide,
  TastingRecord,
  TrialRecord,
  HoursRecord,
  Kitchen,
  Table,
} from './types';
export { migrate, newest } from './migrate';
export type { Migration, Versions, Migrated } from './migrate';
export { VERSIONS } from './versions';
export { recipeTo2 } from './to2';
export { undoTo2 } from './to3';
export { undoTo3 } from './to4';
export { deepTo5 } from './to5';
export { validRow } from './validate';
export { faultOf, pathText } from './faults';
export type { Fault } from './faults';
export { id, number, object, text, step as stepSchema, material as materialSchema } from './parts';
export {
  MOST_BATCH_NUMBER,
  MOST_NESTING,
  MOST_ONCE,
  MOST_PHOTO_PX,
  MOST_PHOTO_TEXT,
  MOST_STORED_G,
  MOST_TASTINGS,
  MOST_TEXT,
  MOST_UNDO,
} from './limits';
