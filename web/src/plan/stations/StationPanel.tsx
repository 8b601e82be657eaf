import type { Kit } from '@ironpan/core/kitchen';
import type { Look } from '@ironpan/core/questions';
import type { PlanRecord } from '@ironpan/core/records';
import type { Edit, Run } from '@ironpan/core/steps';
import type { Units } from '../../ui/cups';
import { AddStep } from './AddStep';
import { StepBlock } from './StepBlock';

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

/** A station in full: every step that is done there, with all it can be told. */
export function StationPanel(p: StationsProps & { readonly run: Run; readonly name: string }) {
  const last = p.run.steps.at(-1);
  return (
    <div
      className="grid gap-x-6 gap-y-4 p-3 max-wide:px-0 wide:grid-cols-2 wide:px-4 wide:py-4"
      style={{ background: 'var(--ground)', borderTop: '1px solid var(--line)' }}
    >
      {p.run.steps.map((s) => (
        <StepBlock key={s.id} step={s} p={p} />
      ))}
      <AddStep
        label={`Add to ${p.name.toLowerCase()}`}
        usual={p.run.station}
        after={last?.id ?? null}
        plan={p.plan}
        onEdit={p.onEdit}
      />
    </div>
  );
}
