import { useState } from 'react';
import type { Kit } from '@ironpan/core/kitchen';
import { MOST_PASSES } from '@ironpan/core/questions';
import type { Look } from '@ironpan/core/questions';
import type { PlanRecord } from '@ironpan/core/records';
import { kindOf, KINDS, makeStep, orderFaults, paramOf } from '@ironpan/core/steps';
import type { Edit, Kind, Recipe, Station, Step } from '@ironpan/core/steps';
import { plain } from '@ironpan/core/units';
import { hotWaterOf, stationName, streamName } from '@ironpan/core/words';
import type { Units } from '../../ui/cups';
import { SelectField } from '../../ui/SelectField';
import { ParamField } from './ParamField';
import { stepsAt } from './stationFacts';
import { StreamField } from './StreamField';

/** All that the stations of a plan show and change. */
export interface StationsProps {
  readonly plan: PlanRecord;
  readonly look: Look;
  readonly kit: Kit;
  readonly units: Units;
  readonly stations: readonly Station[];
  readonly open: Station | null;
  readonly onOpen: (s: Station | null) => void;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
}

/** A station in full: every step that is done there, with all it can be told. */
export function StationPanel(p: StationsProps & { readonly station: Station }) {
  const steps = stepsAt(p.plan.recipe, p.station);
  return (
    <div
      className="grid gap-x-6 gap-y-4 p-3 max-wide:px-0 wide:grid-cols-2 wide:px-4 wide:py-4"
      style={{ background: 'var(--ground)', borderTop: '1px solid var(--line)' }}
    >
      {steps.map((s) => (
        <StepBlock key={s.id} step={s} p={p} />
      ))}
      {steps.length === 0 && <p className="quiet">Nothing is done here in this plan.</p>}
      <AddStep p={p} />
    </div>
  );
}

function StepBlock({ step, p }: { readonly step: Step; readonly p: StationsProps }) {
  const kind = kindOf(step.kind);
  const without = { ...p.plan.recipe, steps: p.plan.recipe.steps.filter((s) => s.id !== step.id) };
  const needed = orderFaults(without).length > 0;
  const of = 'of' in step.params ? step.params.of : undefined;
  const hot = hotWaterOf(step, p.kit);
  const cover = p.look.outcome.stages.find((s) => s.step === step.id)?.figures.coverIsCm;
  return (
    <fieldset className="min-w-0">
      <legend className="flex w-full items-baseline justify-between gap-3">
        <span>
          <b className="font-display text-base">{kind.label}</b>
          {typeof of === 'string' && <span className="small quiet"> {streamName(of, p.plan.recipe)}</span>}
        </span>
        {needed ? (
          <span className="small quiet">a later step needs it</span>
        ) : (
          <button
            type="button"
            className="link small"
            onClick={() => p.onEdit([{ do: 'remove', step: step.id }], `remove.${step.id}`)}
          >
            leave out
            <span className="sr-only"> {kind.label}</span>
          </button>
        )}
      </legend>
      <p className="small quiet mb-1.5">{kind.what}</p>
      <div className="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3">
        {Object.entries(kind.params).map(([name, spec]) => {
          const value = paramOf(step, name);
          if (spec.type === 'stream')
            return (
              <StreamField
                key={name}
                recipe={p.plan.recipe}
                step={step}
                param={name}
                label={spec.label}
                onChange={(v) => p.onEdit([{ do: 'set', step: step.id, param: name, value: v }], `${step.id}.${name}`)}
              />
            );
          return (
            <ParamField
              key={name}
              spec={spec}
              value={value}
              kit={p.kit}
              units={p.units}
              slider
              onChange={(v) => p.onEdit([{ do: 'set', step: step.id, param: name, value: v }], `${step.id}.${name}`)}
            />
          );
        })}
      </div>
      {hot !== null && <p className="small quiet mt-1">{hot}</p>}
      {step.kind === 'soak' && cover !== undefined && (
        <p className="small quiet mt-1">
          The water stands {plain(cover, 1)} cm{p.units.us ? ` (${plain(cover / 2.54, 1)} in)` : ''} over them once they
          have drunk.
        </p>
      )}
    </fieldset>
  );
}

/** The kinds that could stand at the end of this station, each tried against the rest of the plan. */
function addable(
  r: Recipe,
  station: Station,
): readonly { readonly kind: Kind; readonly step: Step; readonly after: string | null }[] {
  const mine = stepsAt(r, station);
  const after = mine.at(-1)?.id ?? r.steps.findLast((s) => kindOf(s.kind).station !== 'jar')?.id ?? null;
  return KINDS.filter((k) => kindOf(k).station === station).flatMap((kind) => {
    if (kind === 'wash' && r.steps.filter((s) => s.kind === 'wash').length >= MOST_PASSES) return [];
    const step = makeStep(freeId(r, kind), kind);
    const at = after === null ? 0 : r.steps.findIndex((s) => s.id === after) + 1;
    const steps = [...r.steps.slice(0, at), step, ...r.steps.slice(at)];
    return orderFaults({ ...r, steps }).length === 0 ? [{ kind, step, after }] : [];
  });
}
function freeId(r: Recipe, kind: Kind): string {
  const taken = new Set(r.steps.map((s) => s.id));
  for (let n = 1; ; n += 1) {
    const id = n === 1 ? kind : `${kind}${n}`;
    if (!taken.has(id)) return id;
  }
}
function AddStep({ p }: { readonly p: StationsProps & { readonly station: Station } }) {
  const can = addable(p.plan.recipe, p.station);
  const [chosen, setChosen] = useState<Kind | null>(null);
  const pick = can.find((c) => c.kind === chosen) ?? can.find((c) => c.kind === 'wash') ?? can[0];
  if (!pick) return null;
  return (
    <div className="flex items-end gap-2 self-end">
      <SelectField
        label={`Add to ${stationName(p.station, p.plan.recipe).toLowerCase()}`}
        value={pick.kind}
        options={can.map((c) => [c.kind, kindOf(c.kind).label] as const)}
        onChange={(v) => setChosen(v as Kind)}
      />
      <button
        type="button"
        className="btn btn-outline"
        onClick={() => p.onEdit([{ do: 'insert', after: pick.after, step: pick.step }], `add.${pick.step.id}`)}
      >
        Add
      </button>
    </div>
  );
}
