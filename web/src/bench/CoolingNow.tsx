import type { TaskState } from '@ironpan/core/batch';
import { coldInTime, coolingNow, endsInJar, furtherC } from '@ironpan/core/steps';
import { celsius, coolingStages, join } from '@ironpan/core/words';
import { useMemo } from 'react';
import { CoolingChart } from '../ui/CoolingChart';
import type { Running } from '../live/running';

/** How what stands in front of the cook cools, as it is reckoned with what was measured so far. */
export function CoolingNow({ r, t }: { readonly r: Running; readonly t: TaskState }) {
  const { progress, batch } = r;
  const { step } = t;
  const seen = useMemo(() => {
    if (step.kind !== 'cool' || !endsInJar(progress.recipe, step)) return null;
    const here = { kit: batch.kit, beliefs: progress.outcome.beliefs };
    const way = coolingNow(progress.recipe, progress.outcome, here, step);
    const measured = progress.readings.flatMap((x) =>
      x.step === step.id && x.what === 'nowC' && x.atS !== undefined ? [{ atS: x.atS, c: x.value }] : [],
    );
    const late = way !== null && !coldInTime(way, here.kit.fridgeC);
    return way && { way, measured, toC: late ? furtherC(progress.recipe, progress.outcome, here, step) : null };
  }, [progress, batch, step]);
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
      {seen.measured.length === 0 && (
        <p className="small quiet mt-1">
          An estimate. Measure it on the way, in the middle and stirred: the curve then goes by that.
        </p>
      )}
    </section>
  );
}
