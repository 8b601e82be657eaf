import type { TaskState } from '@ironpan/core/batch';
import { lastSeq } from '@ironpan/core/batch';
import { kindOf, numberOf } from '@ironpan/core/steps';
import type { Step } from '@ironpan/core/steps';
import { ReadingField } from '../ui/ReadingField';
import type { Running } from '../live/running';

/** What is planned of a thing that the step poured or timed; what it brings about is expected from its figure. */
const planned = (step: Step, what: string): number | undefined =>
  Object.hasOwn(kindOf(step.kind).params, what) ? numberOf(step, what) : undefined;
/** What can be weighed, timed or measured at this step. Each is optional; each makes the rest truer. */
export function Readings({ r, t }: { readonly r: Running; readonly t: TaskState }) {
  const kind = kindOf(t.step.kind);
  const stage = r.progress.outcome.stages[t.index];
  const here = Object.entries(kind.readings).filter(([, spec]) => spec.byClock !== true && spec.byTrace !== true);
  if (here.length === 0) return null;
  return (
    <section aria-label="Readings" className="plate p-4">
      <h2 className="text-lg">If you measure it</h2>
      <p className="quiet small mb-3">Each is optional. The rest of the batch is reckoned anew from it.</p>
      <div className="flex flex-col gap-3">
        {here.map(([what, spec]) => (
          <ReadingField
            key={what}
            batch={r.batch.id}
            seen={lastSeq(r.events)}
            step={t.step}
            what={what}
            expected={spec.figure === undefined ? planned(t.step, what) : stage?.figures[spec.figure]}
            recorded={r.progress.readings.find((x) => x.step === t.step.id && x.what === what)?.value}
          />
        ))}
      </div>
    </section>
  );
}
