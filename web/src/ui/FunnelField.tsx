import { funnelTells } from '@ironpan/core/steps';
import type { Calibration, FunnelRuns } from '@ironpan/core/steps';
import { funnelText } from '@ironpan/core/words';
import { NumberField } from './NumberField';
import { Runs } from './Runs';

interface FunnelFieldProps {
  readonly cal: Calibration;
  readonly funnel: FunnelRuns | undefined;
  /** How warm the milk is taken to be until it is said, °C. */
  readonly usualC: number;
  readonly gPerMl: number;
  readonly onSay: (funnel: FunnelRuns | undefined) => void;
}
/** Runs of a milk through the kitchen's funnel, and what they tell at once. */
export function FunnelField({ cal, funnel: f, usualC, gPerMl, onSay }: FunnelFieldProps) {
  const told = f ? funnelTells(f, gPerMl) : null;
  return (
    <div>
      <div className="flex flex-wrap items-end gap-3">
        <Runs
          label="through the funnel"
          runs={f?.runsS ?? []}
          onChange={(runsS) => onSay(runsS.length > 0 ? { runsS, c: f?.c ?? usualC, cal } : undefined)}
        />
        {f && (
          <NumberField label="milk at" value={f.c} unit="°C" low={-2} high={95} onChange={(c) => onSay({ ...f, c })} />
        )}
      </div>
      {f && (
        <p className="mt-1" role="status">
          {told
            ? funnelText(told)
            : 'Faster than water: out of what it can tell. Was it full, and is its stem the same?'}
        </p>
      )}
    </div>
  );
}
