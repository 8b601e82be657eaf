import { clockParam, ifStoppedNow, inOrder, lastSeq, progressOf, timerS } from '@ironpan/core/batch';
import type { Progress, TaskState } from '@ironpan/core/batch';
import { topUp } from '@ironpan/core/questions';
import type { TopUp } from '@ironpan/core/questions';
import type { Reading } from '@ironpan/core/steps';
import {
  BODY_WORDS,
  SLIP_WORDS,
  changeText,
  inSeveral,
  streamName,
  topUpText,
  roughly,
  fitText,
  join,
  millilitres,
  percent,
} from '@ironpan/core/words';
import { useMemo } from 'react';
import { now as nowMs, useNow } from '../clock';
import type { Running } from '../live/running';
import { append } from '../store/batches';
import { OfOne } from '../ui/OfOne';
import { NotSaved } from '../ui/NotSaved';
import { tell } from '../ui/toast';
import { useWrite } from '../ui/useWrite';

/** So much longer than its timer (as it was before this reading) a load ran, s; 0: it is of something else. */
function overOf(before: Progress, reading: Reading): number {
  const t = before.tasks.find((x) => x.step.id === reading.step && x.task.id === reading.task);
  return t?.step.kind === 'grind' && clockParam(t) === reading.what ? reading.value - timerS(t.task) : 0;
}

/** What the last reading changed, in a sentence, and what the batch should now bring beside what was promised. */
export function Changed({ r, t }: { readonly r: Running; readonly t: TaskState }) {
  const said = useMemo(() => {
    const last = inOrder(r.events)
      .filter((e) => e.is === 'reading')
      .at(-1);
    if (last?.is !== 'reading') return null;
    const before = progressOf(
      r.batch,
      // A timer and the cook's own figure beside it are one answer.
      r.events.filter((e) => !(e.is === 'reading' && e.at === last.at && e.reading.what === last.reading.what)),
      r.traces,
    );
    const fit = r.progress.outcome.fits.find((f) => f.step === last.reading.step && f.what === last.reading.what);
    const more = topUp(r.progress, r.batch);
    return {
      text: changeText(before.summary, r.progress.summary, overOf(before, last.reading)),
      fit: fit ? fitText(fit) : null,
      more,
    };
  }, [r]);
  const write = useWrite();
  const take = ({ why, edits }: TopUp): void =>
    write.run(
      'the change',
      () =>
        append(
          r.batch.id,
          [{ is: 'edited', against: why === 'short' ? 'short' : 'tooThin', edits }],
          nowMs(),
          lastSeq(r.events),
        ),
      () => tell('It is part of this batch now. Beside its steps it can be taken back.'),
    );
  const now = useNow();
  // While something goes on whose length counts, what it would be if it stopped now.
  const stopped = useMemo(() => ifStoppedNow(r.progress, r.batch, t, now), [r, t, now]);
  const m = stopped?.main ?? r.progress.summary.main;
  const ml = stopped?.jarredMl ?? r.progress.summary.jarredMl;
  const planned = useMemo(() => progressOf(r.batch, []).summary.main?.body ?? null, [r.batch]);
  const p = r.batch.promised;
  return (
    <section aria-label="What it should bring" className="plate p-4">
      <h2 className="mb-1 text-lg">What it should bring</h2>
      {m && (
        <table className="table w-full">
          <thead>
            <tr>
              <th scope="col">
                <span className="sr-only">figure</span>
              </th>
              <th scope="col" className="text-right!">
                {stopped ? 'if it stops now' : 'now'}
              </th>
              <th scope="col" className="text-right!">
                promised
              </th>
            </tr>
          </thead>
          <tbody>
            <Row label="milk" now={join(millilitres(ml))} was={join(millilitres(p.volumeMl))} />
            {inSeveral(r.progress.summary) && <OfOne name={streamName(m.stream)} columns={3} />}
            <Row label="solids" now={join(percent(m.solids ?? 0))} was={join(percent(p.solids))} />
            {m.body && (
              <>
                <Row label="body" now={BODY_WORDS[m.body.word]} was={planned ? BODY_WORDS[planned.word] : ''} />
                <Row label="slip" now={SLIP_WORDS[m.body.slip]} was={planned ? SLIP_WORDS[planned.slip] : ''} />
              </>
            )}
            <Row label="keeps" now={join(roughly(m.keep?.s ?? 0))} was={join(roughly(p.keepS))} />
          </tbody>
        </table>
      )}
      <div aria-live="polite">
        {said && (
          <p className="alert alert-info mt-3" data-changed>
            {said.text}
            {said.fit !== null && <span className="mt-1 block">{said.fit}</span>}
            {said.more !== null && (
              <span className="mt-1 block">
                <b>{topUpText(said.more)}</b>
                <button
                  type="button"
                  data-once
                  className="btn btn-outline btn-lg mt-2 block w-full"
                  onClick={() => said.more && take(said.more)}
                >
                  Do it
                </button>
              </span>
            )}
          </p>
        )}
      </div>
      <NotSaved of={write} />
    </section>
  );
}
function Row({ label, now, was }: { readonly label: string; readonly now: string; readonly was: string }) {
  return (
    <tr>
      <th scope="row" className="py-1 text-left font-normal">
        {label}
      </th>
      <td className="num py-1 text-right">{now}</td>
      <td className="num quiet py-1 text-right font-normal!">{was}</td>
    </tr>
  );
}
