import { ArrowDown, ArrowUp, Copy, X } from 'lucide-react';
import { endsInJar, kindOf, paramOf } from '@ironpan/core/steps';
import type { OrderFault, Step } from '@ironpan/core/steps';
import { plain } from '@ironpan/core/units';
import { hotWaterOf, placeFaultText, stepTitle, streamName } from '@ironpan/core/words';
import { faultsOf } from '../faults';
import { Cooling } from './Cooling';
import { doubled, moveBy } from './order';
import { StepParam } from './StepParam';
import type { StationsProps } from './types';

/** One step in full: what it is, where it stands, and all it can be told. */
export function StepBlock({ step, p }: { readonly step: Step; readonly p: StationsProps }) {
  const kind = kindOf(step.kind);
  const { recipe } = p.plan;
  const of = 'of' in step.params ? step.params.of : undefined;
  const hot = hotWaterOf(step, p.kit);
  const cover = p.look.outcome.stages.find((s) => s.step === step.id)?.figures.coverIsCm;
  return (
    <fieldset className="min-w-0">
      <legend className="flex w-full flex-wrap items-center justify-between gap-x-3">
        <span>
          <b className="font-display text-base">{stepTitle(step, recipe)}</b>
          {typeof of === 'string' && <span className="small quiet"> {streamName(of, recipe)}</span>}
        </span>
        <StepTools step={step} p={p} />
      </legend>
      <p className="small quiet mb-1.5">{kind.what}</p>
      <PlaceFault step={step} p={p} />
      <div className="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3">
        {Object.entries(kind.params).map(([name, spec]) => (
          <StepParam key={name} step={step} param={name} spec={spec} value={paramOf(step, name)} p={p} />
        ))}
      </div>
      {hot !== null && <p className="small quiet mt-1">{hot}</p>}
      {step.kind === 'soak' && cover !== undefined && (
        <p className="small quiet mt-1">
          The water stands {plain(cover, 1)} cm{p.units.us ? ` (${plain(cover / 2.54, 1)} in)` : ''} over them once they
          have drunk.
        </p>
      )}
      {step.kind === 'cool' && endsInJar(recipe, step) && <Cooling step={step} p={p} />}
    </fieldset>
  );
}

interface ToolsProps {
  readonly step: Step;
  readonly p: Pick<StationsProps, 'plan' | 'onEdit'>;
}
/** Earlier, later, once more, not at all. */
export function StepTools({ step, p }: ToolsProps) {
  const { recipe } = p.plan;
  const at = recipe.steps.findIndex((s) => s.id === step.id);
  const label = stepTitle(step, recipe);
  const tool = (name: string, Icon: typeof ArrowUp, off: boolean, run: () => void) => (
    <button
      type="button"
      className="btn btn-ghost btn-square btn-sm"
      aria-label={`${name} ${label}`}
      title={name}
      disabled={off}
      onClick={run}
    >
      <Icon size={17} aria-hidden="true" />
    </button>
  );
  return (
    <span className="flex shrink-0">
      {tool('move earlier', ArrowUp, at <= 0, () => p.onEdit(moveBy(recipe, step.id, -1), `move.${step.id}`))}
      {tool('move later', ArrowDown, at >= recipe.steps.length - 1, () =>
        p.onEdit(moveBy(recipe, step.id, 1), `move.${step.id}`),
      )}
      {tool('double', Copy, false, () => p.onEdit(doubled(recipe, step), `double.${step.id}`))}
      {tool('leave out', X, false, () => p.onEdit([{ do: 'remove', step: step.id }], `remove.${step.id}`))}
    </span>
  );
}

/** What makes a step impossible where it stands, and the one press that puts it where it can be done. */
export function PlaceFault({ step, p }: ToolsProps) {
  const { recipe } = p.plan;
  const faults = faultsOf(recipe).filter((f) => f.step === step.id);
  if (faults.length === 0) return null;
  return (
    <div role="alert" className="mb-1.5" style={{ color: 'var(--flame-text)' }} data-fault={step.id}>
      {faults.map((f) => (
        <p key={`${f.why} ${f.stream}`} className="small">
          {placeFaultText(f, recipe)} <MoveThere fault={f} p={p} />
        </p>
      ))}
    </div>
  );
}
function MoveThere({ fault, p }: { readonly fault: OrderFault; readonly p: ToolsProps['p'] }) {
  const { steps } = p.plan.recipe;
  const before = steps.findIndex((s) => s.id === fault.by) - 1;
  const after = fault.madeBy ?? (fault.by === undefined ? undefined : (steps[before]?.id ?? null));
  if (after === undefined) return null;
  return (
    <button
      type="button"
      className="link small"
      onClick={() => p.onEdit([{ do: 'move', step: fault.step, after }], `move.${fault.step}`)}
    >
      Move it there
    </button>
  );
}
