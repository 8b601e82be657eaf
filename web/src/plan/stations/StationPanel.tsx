import type { Run } from '@ironpan/core/steps';
import { AddStep } from './AddStep';
import { StepBlock } from './StepBlock';
import type { StationsProps } from './types';

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
