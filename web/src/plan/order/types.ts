import type { PlanRecord } from '@ironpan/core/records';
import type { Edit } from '@ironpan/core/steps';

export interface OrderProps {
  readonly plan: PlanRecord;
  /** Shows the station of a step in full. */
  readonly onOpen: (step: string) => void;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
}
