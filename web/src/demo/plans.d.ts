import type { Kit } from '@ironpan/core/kitchen';
import type { PlanRecord } from '@ironpan/core/records';
export declare function demoPlans(at: number, kit: Kit): readonly PlanRecord[];
