import type { KitRecord, PlanRecord, TraceRecord } from '@ironpan/core/records';
import type { Made } from './history';
/** A kitchen of many years, for benchmarks and tests: the same seed and size lay down the same kitchen. */
export interface Large {
  readonly kit: KitRecord;
  readonly plans: readonly PlanRecord[];
  readonly made: readonly Made[];
  readonly traces: readonly TraceRecord[];
}
export declare function largeKitchen(batches: number, seed: number, at: number, traced?: boolean): Large;
