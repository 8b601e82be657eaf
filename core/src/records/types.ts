import type { BatchEvent, FilledJar, FrozenBatch, JarEvent } from '../batch';
import type { Kit } from '../kitchen';
import type { Material } from '../materials';
import type { Recipe } from '../steps';

/** A string that names one record of one kind; made only by `newId` and by validated imports. */
export type Id<B extends string> = string & { readonly __id?: B };
export type PlanId = Id<'plan'>;
export type BatchId = Id<'batch'>;
export type JarId = Id<'jar'>;

/** What a cook will make. `rev` grows with each edit; a write against an older one is kept beside, never lost. */
export interface PlanRecord {
  readonly v: 2;
  readonly id: PlanId;
  readonly rev: number;
  readonly name: string;
  readonly from: { readonly method: string; readonly edition: number } | null;
  /** What the milk is for, as it was asked before; null: not asked. */
  readonly use: string | null;
  readonly recipe: Recipe;
  readonly createdAt: number;
  readonly updatedAt: number;
}
/** A batch as it was begun; everything after is in its log. `number` is a label, never a key. */
export interface BatchRecord extends FrozenBatch {
  readonly v: 2;
  readonly id: BatchId;
  readonly number: number;
  readonly plan: PlanId;
  readonly model: string;
}
export type EventRecord = BatchEvent & { readonly v: 1 };
export interface JarRecord extends FilledJar {
  readonly v: 2;
}
export type JarEventRecord = JarEvent & { readonly v: 1 };
export type KitRecord = Kit & { readonly updatedAt: number };
/** A cook's own material: a known one with what differs. */
export interface MaterialRecord {
  readonly v: 1;
  readonly id: string;
  readonly like: string;
  readonly material: Material;
  readonly updatedAt: number;
}
/** A cook's own school: a plan kept to start others from. */
export interface MethodRecord {
  readonly v: 1;
  readonly id: string;
  readonly name: string;
  readonly line: string;
  /** The school it grew from, if any. */
  readonly base: string | null;
  readonly recipe: Recipe;
  readonly updatedAt: number;
}

/** The tables of a kitchen, by name; a backup holds exactly these. */
export interface Kitchen {
  readonly kit: readonly KitRecord[];
  readonly plans: readonly PlanRecord[];
  readonly batches: readonly BatchRecord[];
  readonly events: readonly EventRecord[];
  readonly jars: readonly JarRecord[];
  readonly jarEvents: readonly JarEventRecord[];
  readonly materials: readonly MaterialRecord[];
  readonly methods: readonly MethodRecord[];
}
export const TABLES = [
  'kit',
  'plans',
  'batches',
  'events',
  'jars',
  'jarEvents',
  'materials',
  'methods',
] as const satisfies readonly (keyof Kitchen)[];
export type Table = keyof Kitchen;
