import { Timer } from 'lucide-react';
import { useEffect, useState } from 'react';
import { now } from '../clock';
import { NumberField } from './NumberField';

interface RunsProps {
  readonly label: string;
  readonly runs: readonly number[];
  readonly onChange: (runs: readonly number[]) => void;
}
/** As many runs as are asked for. */
const RUNS = 3;
/** Three runs through a funnel, each with a stopwatch: pressed as it begins to run, and again as it ends. */
export function Runs({ label, runs, onChange }: RunsProps) {
  const [begun, setBegun] = useState<number | null>(null);
  const [shown, setShown] = useState(0);
  useEffect(() => {
    if (begun === null) return undefined;
    const t = setInterval(() => setShown((now() - begun) / 1000), 100);
    return () => clearInterval(t);
  }, [begun]);
  const set = (i: number, s: number): void => onChange(Object.assign([...runs], { [i]: s }).slice(0, RUNS));
  const press = (): void => {
    if (begun === null) {
      setShown(0);
      setBegun(now());
      return;
    }
    const s = Math.max(0.1, Math.round((now() - begun) / 100) / 10);
    setBegun(null);
    if (runs.length < RUNS) onChange([...runs, s]);
  };
  return (
    <fieldset className="min-w-0">
      <legend className="small quiet">{label}</legend>
      <div className="flex flex-wrap items-end gap-2">
        {Array.from({ length: RUNS }, (_, i) => (
          <NumberField
            key={i}
            label={`${label}, run ${i + 1}`}
            hideLabel
            value={runs[i] ?? null}
            unit="s"
            low={0.1}
            high={3600}
            width="3rem"
            onChange={(s) => {
              if (i <= runs.length) set(i, s);
            }}
          />
        ))}
        {(runs.length < RUNS || begun !== null) && (
          <button
            type="button"
            className={`btn btn-lg ${begun === null ? 'btn-outline' : 'btn-neutral'}`}
            aria-label={`${begun === null ? 'Start' : 'Stop'} the watch, ${label}`}
            onClick={press}
          >
            <Timer size={18} aria-hidden="true" />
            {begun === null ? 'Start' : `Stop ${shown.toFixed(1)} s`}
          </button>
        )}
        {runs.length > 0 && begun === null && (
          <button type="button" className="link small min-h-9" onClick={() => onChange([])}>
            Anew<span className="sr-only"> {label}</span>
          </button>
        )}
      </div>
    </fieldset>
  );
}
