import type { TaskState } from '@ironpan/core/batch';
import { lastSeq, ranForS, readableAt, recordedOf } from '@ironpan/core/batch';
import { now } from '../clock';
import { ReadingField } from '../ui/ReadingField';
import type { Running } from '../live/running';

/** What can be weighed, timed or measured at this step. Each is optional; each makes the rest truer. */
export function Readings({ r, t }: { readonly r: Running; readonly t: TaskState }) {
  // What is measured as it goes waits until it goes.
  const here = readableAt(r.progress, t.step, r.batch).filter(
    (x) => !x.spec.byClock && (!x.spec.often || x.atS !== null || t.status === 'running'),
  );
  if (here.length === 0) return null;
  return (
    <section aria-label="Readings" className="plate p-4">
      <h2 className="text-lg">If you measure it</h2>
      <p className="quiet small mb-3">Each is optional. The rest of the batch is worked out anew from it.</p>
      <div className="flex flex-col gap-3">
        {here.map((x) => (
          <ReadingField
            key={`${x.what} ${x.atS ?? ''}`}
            batch={r.batch.id}
            seen={lastSeq(r.events)}
            step={t.step}
            of={x}
            recorded={recordedOf(r.progress.readings, t.step.id, x)?.value}
            {...(x.spec.often && x.atS === null && { atS: () => ranForS(t, now()) })}
          />
        ))}
      </div>
    </section>
  );
}
