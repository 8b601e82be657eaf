import { coolingByProbe } from '@ironpan/core/batch';
import type { TaskState } from '@ironpan/core/batch';
import type { Trace } from '@ironpan/core/steps';
import { coldInTime, coolingNow, endsInJar, furtherC } from '@ironpan/core/steps';
import { celsius, coolingStages, join } from '@ironpan/core/words';
import { useMemo } from 'react';
import { CoolingChart } from '../ui/CoolingChart';
import type { Running } from '../live/running';

interface CoolingNowProps {
  readonly r: Running;
  readonly t: TaskState;
  /** What a probe in it told so far; null: none is. */
  readonly probe: Trace | null;
}
/** A point of the probe's line is drawn every so many s. */
const DRAWN_S = 60;
/** How what stands in front of the cook cools, as it is reckoned with what was measured so far. */
export function CoolingNow({ r, t, probe }: CoolingNowProps) {
  const { progress, batch } = r;
  const { step } = t;
  const seen = useMemo(() => {
    if (step.kind !== 'cool' || !endsInJar(progress.recipe, step)) return null;
    const outcome = coolingByProbe(progress, t, probe) ?? progress.outcome;
    const here = { kit: batch.kit, beliefs: outcome.beliefs };
    const way = coolingNow(progress.recipe, outcome, here, step);
    const measured = progress.readings.flatMap((x) =>
      x.step === step.id && x.what === 'nowC' && x.atS !== undefined ? [{ atS: x.atS, c: x.value }] : [],
    );
    const late = way !== null && !coldInTime(way, here.kit.fridgeC);
    const told = (probe?.values ?? []).flatMap((c, i) => {
      const atS = i * (probe?.everyS ?? 1);
      return atS % DRAWN_S === 0 ? [{ atS, c }] : [];
    });
    return (
      way && {
        way,
        measured: [...measured, ...told],
        byProbe: outcome !== progress.outcome,
        toC: late ? furtherC(progress.recipe, outcome, here, step) : null,
      }
    );
  }, [progress, batch, step, t, probe]);
  if (!seen) return null;
  return (
    <section aria-label="How it cools" className="plate p-4">
      <h2 className="text-lg">How it cools</h2>
      <CoolingChart way={seen.way} measured={seen.measured} />
      <ul>
        {coolingStages(seen.way).map((s) => (
          <li key={s.what} className="flex flex-wrap justify-between gap-x-3">
            <span>{s.what}</span>
            <span className="num" style={s.kept ? undefined : { color: 'var(--flame-text)' }}>
              {s.took} <span className="quiet font-normal">of {s.most}</span>
              {!s.kept && <b> · too slow</b>}
            </span>
          </li>
        ))}
      </ul>
      {seen.toC !== null && (
        <p className="alert alert-warning mt-2" role="status">
          Cool it down to {join(celsius(seen.toC))} before you jar it: then the fridge does the rest in time.
        </p>
      )}
      {seen.byProbe && <p className="small quiet mt-1">By what the probe has told so far.</p>}
      {seen.measured.length === 0 && (
        <p className="small quiet mt-1">
          An estimate. Measure it on the way, in the middle and stirred: the curve then goes by that.
        </p>
      )}
    </section>
  );
}
