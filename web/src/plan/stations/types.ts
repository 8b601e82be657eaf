import type { Kit } from '@ironpan/core/kitchen';
import type { Look } from '@ironpan/core/questions';
import type { PlanRecord } from '@ironpan/core/records';
import type { Edit, Run } from '@ironpan/core/steps';
import type { Units } from '../../ui/cups';

/** All that the stations of a plan show and change. */
export interface StationsProps {
  readonly plan: PlanRecord;
  readonly look: Look;
  readonly kit: Kit;
  readonly units: Units;
  readonly runs: readonly Run[];
  /** A step of the run that is open; null: none is. */
  readonly open: string | null;
  readonly onOpen: (step: string | null) => void;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
}
