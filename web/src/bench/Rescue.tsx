import { lastSeq, MAKING_TROUBLES, MILK_TROUBLES, readableAt, recordedOf } from '@ironpan/core/batch';
import type { Trouble } from '@ironpan/core/batch';
import { leversOf, asMadeUnrescued, troublesOf } from '@ironpan/core/questions';
import type { Rescued, RescueLine, RescueMove } from '@ironpan/core/questions';
import { bodyText, join, percent, remedyText, rescueText, rescueThen, TROUBLE_NAMES } from '@ironpan/core/words';
import { useMemo, useState } from 'react';
import { now } from '../clock';
import type { Running } from '../live/running';
import { askRescue } from '../offload';
import { Busy } from '../ui/Busy';
import { ChoiceButtons } from '../ui/ChoiceButtons';
import { Dialog } from '../ui/Dialog';
import { NotSaved } from '../ui/NotSaved';
import { ReadingField } from '../ui/ReadingField';
import { useAsked } from '../ui/useAsked';
import type { Write } from '../ui/useWrite';

interface RescueProps {
  readonly r: Running;
  readonly write: Write;
  readonly onDo: (against: Trouble, move: RescueMove) => void;
  readonly onClose: () => void;
}
/** Something is wrong: what, and what can be done about it now. */
export function RescueDialog({ r, write, onDo, onClose }: RescueProps) {
  const could = troublesOf(r.progress);
  const [against, say] = useState<Trouble | null>(null);
  const of = (all: readonly Trouble[]) =>
    all.filter((t) => could.includes(t)).map((t) => [t, TROUBLE_NAMES[t]] as const);
  const milk = of(MILK_TROUBLES);
  const start = useMemo(() => {
    if (against === null) return null;
    const { batch, events, traces } = r;
    return () => askRescue({ batch, events, traces, against, now: now() });
  }, [r, against]);
  const asked = useAsked(start);
  const found = asked.data?.against === against ? asked.data : null;
  return (
    <Dialog title="What is wrong?" wide onClose={onClose}>
      {milk.length > 0 && (
        <>
          <p className="quiet mb-1">The milk is</p>
          <ChoiceButtons large label="The milk is" options={milk} chosen={against} onChoose={say} />
        </>
      )}
      <p className="quiet mb-1">{milk.length > 0 ? 'Or in the making' : 'In the making'}</p>
      <ChoiceButtons large label="In the making" options={of(MAKING_TROUBLES)} chosen={against} onChoose={say} />
      <Busy what="working out what can be done" asked={asked} />
      <NotSaved of={write} />
      <div aria-live="polite">{found && <Found r={r} found={found} onDo={onDo} />}</div>
    </Dialog>
  );
}

interface FoundProps {
  readonly r: Running;
  readonly found: Rescued;
  readonly onDo: RescueProps['onDo'];
}
function Found({ r, found, onDo }: FoundProps) {
  const levers = found.otherwise.length > 0 ? leversOf(asMadeUnrescued(r.progress, r.batch)) : [];
  const next = [...found.otherwise.map((x) => `${remedyText(x, levers)}.`), ...found.next.map(rescueText)];
  const main = r.progress.summary.main;
  const milk: readonly Trouble[] = MILK_TROUBLES;
  return (
    <>
      {main?.body && milk.includes(found.against) && (
        <p className="small quiet">
          Worked out as {bodyText(main.body)}, {join(percent(main.solids ?? 0))} solids.
        </p>
      )}
      <Lost r={r} found={found} />
      {found.said.map((l) => (
        <p key={l.say} className={`mt-2 text-[1.1rem] ${STOPS.includes(l.say) ? 'alert alert-error' : ''}`}>
          {rescueText(l)}
        </p>
      ))}
      {found.now.length > 0 && (
        <section aria-label="What can be done now" className="mt-3">
          <h3 className="text-lg">Now{found.now.length > 1 ? ', one of these' : ''}</h3>
          <ul>
            {found.now.map((m) => (
              <li
                key={`${m.say} ${m.named ?? ''}`}
                className="rowline flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-2"
              >
                <div className="min-w-0 flex-1 basis-72">
                  <p className="text-[1.1rem] font-semibold">{rescueText(m)}</p>
                  <p className="small">{rescueThen(m)}</p>
                </div>
                <button
                  type="button"
                  data-once
                  className="btn btn-primary btn-lg w-full sm:w-auto"
                  aria-label={`Do it: ${rescueText(m)}`}
                  onClick={() => onDo(found.against, m)}
                >
                  Do it
                </button>
              </li>
            ))}
          </ul>
        </section>
      )}
      <Lines title={found.now.length > 0 ? 'Good to know' : 'Too late to fix'} lines={found.past.map(rescueText)} />
      <Lines title="Next time" lines={next} />
      {found.now.length > 0 && (
        <p className="small quiet mt-3">
          What you choose becomes steps of this batch, worked out from what was poured and timed so far. It can be taken
          back until it is begun. Estimates.
        </p>
      )}
    </>
  );
}
/** What must not be missed. */
const STOPS: readonly RescueLine['say'][] = ['throwOut', 'soakOver', 'wholeOver', 'sourThrow'];
function Lines({ title, lines }: { readonly title: string; readonly lines: readonly string[] }) {
  if (lines.length === 0) return null;
  return (
    <section aria-label={title} className="mt-3">
      <h3 className="text-lg">{title}</h3>
      {lines.map((l) => (
        <p key={l}>{l}</p>
      ))}
    </section>
  );
}
/** How much ran over or out, as far as anybody can tell: the rest is worked out from what is left. */
function Lost({ r, found: { lostAt } }: { readonly r: Running; readonly found: Rescued }) {
  const step = lostAt && r.progress.recipe.steps.find((s) => s.id === lostAt.step.id);
  const of = step && readableAt(r.progress, step, r.batch, true).find((x) => x.what === lostAt.what);
  if (!of) return null;
  return (
    <div className="mt-2 max-w-md">
      <ReadingField
        batch={r.batch.id}
        seen={lastSeq(r.events)}
        step={step}
        of={of}
        recorded={recordedOf(r.progress.readings, step.id, of)?.value}
      />
    </div>
  );
}
