import { memo } from 'react';
import { kindOf, paramOf } from '@ironpan/core/steps';
import type { ParamValue, Run } from '@ironpan/core/steps';
import { runNames } from '@ironpan/core/words';
import { Foods } from './Foods';
import { ParamField } from './ParamField';
import { mainValues, stationFact } from './stationFacts';
import { StationPanel } from './StationPanel';
import type { StationsProps } from './types';

/** More stations than this are too narrow to stand each under its part of the drawing. */
const MOST_ALIGNED = 7;
/** The stations under the drawing: each with its two main values, one open in full. */
export const Stations = memo(function Stations(p: StationsProps) {
  const names = runNames(p.runs);
  const openAt = p.runs.findIndex((run) => run.steps.some((s) => s.id === p.open));
  const openRun = p.runs[openAt];
  return (
    <>
      <div
        className="wide:grid"
        style={{
          borderTop: '1px solid var(--line)',
          gridTemplateColumns:
            p.runs.length > MOST_ALIGNED
              ? 'repeat(auto-fit, minmax(8.5rem, 1fr))'
              : `repeat(${Math.max(1, p.runs.length)}, minmax(0, 1fr))`,
        }}
      >
        {p.runs.map((run, i) => (
          <section
            key={run.steps[0]?.id ?? i}
            aria-label={names[i] ?? ''}
            className={`px-3 py-2.5 ${i > 0 ? 'wide:border-l wide:border-dashed' : ''} max-wide:border-b`}
            style={{ borderColor: 'var(--line)', background: openAt === i ? 'var(--ground)' : undefined }}
          >
            <Head run={run} name={names[i] ?? ''} first={i === 0} isOpen={openAt === i} {...p} />
            <div className="wide:hidden">{openAt === i && <StationPanel run={run} name={names[i] ?? ''} {...p} />}</div>
          </section>
        ))}
      </div>
      <div className="hidden wide:block">
        {openRun && <StationPanel run={openRun} name={names[openAt] ?? ''} {...p} />}
      </div>
    </>
  );
});

interface HeadProps extends StationsProps {
  readonly run: Run;
  readonly name: string;
  readonly first: boolean;
  readonly isOpen: boolean;
}
function Head(p: HeadProps) {
  const fact = stationFact(p.run, p.look);
  const set = (step: string, param: string) => (value: ParamValue) =>
    p.onEdit([{ do: 'set', step, param, value }], `${step}.${param}`);
  return (
    <>
      <div className="flex items-center justify-between gap-2">
        <h2 className="text-lg">{p.name}</h2>
        <button
          type="button"
          className="link small"
          aria-expanded={p.isOpen}
          aria-label={`${p.isOpen ? 'Close' : 'Open'} ${p.name}`}
          onClick={() => p.onOpen(p.isOpen ? null : (p.run.steps[0]?.id ?? null))}
        >
          {p.isOpen ? 'close' : 'open'}
        </button>
      </div>
      <div className="mt-1 grid grid-cols-2 gap-x-3 gap-y-1.5 wide:grid-cols-1">
        {p.first && <Foods plan={p.plan} units={p.units} open={p.isOpen} onEdit={p.onEdit} />}
        {mainValues(p.run, p.plan.recipe).map(({ step, param, label }) => {
          const spec = kindOf(step.kind).params[param];
          const value = paramOf(step, param);
          return spec ? (
            <ParamField
              key={`${step.id}.${param}`}
              spec={spec}
              label={label}
              value={value}
              kit={p.kit}
              units={p.units}
              onChange={set(step.id, param)}
            />
          ) : null;
        })}
      </div>
      {fact && (
        <p className="mt-2">
          <span className="small quiet block">{fact.label}</span>
          <span className="num" data-fact={p.run.station}>
            {fact.text}
          </span>
        </p>
      )}
    </>
  );
}
