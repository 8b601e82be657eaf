import { lastSeq, readableAt, recordedOf } from '@ironpan/core/batch';
import { kindOf } from '@ironpan/core/steps';
import { ReadingField } from '../ui/ReadingField';
import type { Running } from '../live/running';

/** Every reading of the batch, and those that could still be given: a correction reckons the batch, and its jars, anew. */
export function Correct({ r }: { readonly r: Running }) {
  const steps = r.progress.recipe.steps
    .map((step) => ({
      step,
      can: readableAt(r.progress, step, r.batch).filter((x) => !x.spec.often || x.atS !== null),
    }))
    .filter((s) => s.can.length > 0);
  return (
    <section aria-label="Readings" className="plate p-4">
      <h2 className="text-xl">Readings</h2>
      <p className="quiet small mb-2">
        After a correction the batch and its jars are worked out anew. The log keeps both.
      </p>
      {steps.map(({ step, can }) => {
        const given = r.progress.readings.filter((x) => x.step === step.id).length;
        return (
          <details key={step.id} className="rowline py-1.5">
            <summary className="min-h-8 cursor-pointer font-semibold">
              {kindOf(step.kind).label}
              <span className="quiet small font-normal"> {given === 0 ? 'none' : `${given} recorded`}</span>
            </summary>
            <div className="grid gap-3 py-2 sm:grid-cols-2">
              {can.map((x) => (
                <ReadingField
                  key={`${x.what} ${x.atS ?? ''}`}
                  batch={r.batch.id}
                  seen={lastSeq(r.events)}
                  step={step}
                  of={x}
                  recorded={recordedOf(r.progress.readings, step.id, x)?.value}
                />
              ))}
            </div>
          </details>
        );
      })}
    </section>
  );
}
