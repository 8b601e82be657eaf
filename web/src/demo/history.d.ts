import type { Progress } from '@ironpan/core/batch';
import type { BatchRecord, EventRecord, JarEventRecord, JarRecord, KitRecord, PlanRecord } from '@ironpan/core/records';
/** What a past batch of the demo is made from: a plan, when it began, and a seed. Its outcome is folded, never typed in. */
export interface Past {
  readonly plan: string;
  /** Hours before the demo was laid out. */
  readonly beganHoursAgo: number;
  readonly seed: number;
  readonly end: 'drunk' | 'kept' | 'thrown' | 'abandoned';
}
export interface Made {
  readonly batch: BatchRecord;
  readonly events: readonly EventRecord[];
  readonly jars: readonly JarRecord[];
  readonly jarEvents: readonly JarEventRecord[];
  readonly progress: Progress;
}
/** The batch as it truly went in a kitchen drawn at random, and what its cooks wrote down of it. */
export declare function makePast(p: Past, number: number, plan: PlanRecord, kit: KitRecord, laidAt: number): Made;
