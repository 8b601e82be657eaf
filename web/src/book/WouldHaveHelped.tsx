import { cutName } from '@ironpan/core/units';
import { isPulpFate } from '@ironpan/core/batch';
import type { BodySummary } from '@ironpan/core/batch';
import {
  asMadeUnrescued,
  COMPLAINTS,
  complaintsOf,
  complaintsSaid,
  foundWord,
  leversOf,
} from '@ironpan/core/questions';
import type { Complaint, Remedy, Said } from '@ironpan/core/questions';
import { applyEdits } from '@ironpan/core/steps';
import type { Recipe } from '@ironpan/core/steps';
import {
  bodyText,
  COMPLAINT_NAMES,
  join,
  MEASURE_NAMES,
  measureText,
  millilitres,
  percent,
  remedyText,
  saidOn,
} from '@ironpan/core/words';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { now } from '../clock';
import { askRemedies } from '../offload';
import { useLive } from '../live/live';
import { fatesOfBatches } from '../store/fates';
import { addPlan, onePlan } from '../store/plans';
import { Busy } from '../ui/Busy';
import { ChoiceButtons } from '../ui/ChoiceButtons';
import { useAsked } from '../ui/useAsked';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';
import type { Running } from '../live/running';

/** What was wrong with it, and what would have prevented that: each thing done otherwise is folded again. */
export function WouldHaveHelped({ r }: { readonly r: Running }) {
  const fates = useLive(['fatesOf', r.batch.id], () => fatesOfBatches([r.batch.id])).data;
  if (!fates) return null;
  // What was said of any of its milk, the last word on each scale.
  const words = fates.filter((f) => !isPulpFate(f)).reduce<Said>((all, f) => ({ ...all, ...f.said }), {});
  return <Asked key={JSON.stringify(words)} r={r} words={words} />;
}
function Asked({ r, words }: { readonly r: Running; readonly words: Said }) {
  const s = r.progress.summary;
  const seen = complaintsSaid(words);
  const could = [...new Set([...seen, ...complaintsOf(s)])];
  const [said, say] = useState<Complaint | null>(
    seen[0] ?? (s.main?.body?.slip === 'slimy' || s.main?.body?.slip === 'slippery' ? 'slimy' : null),
  );
  const made = useMemo(() => asMadeUnrescued(r.progress, r.batch), [r]);
  const beliefs = r.progress.outcome.beliefs;
  const start = useMemo(() => {
    if (said === null) return null;
    return (on: (p: number) => void) => {
      const run = askRemedies(made, { kit: r.batch.kit, beliefs }, said, words, on);
      // The answer says what it answers: until a new one is there, the old one is not shown under the new question.
      return { done: run.done.then((found) => ({ of: said, found })), stop: run.stop };
    };
  }, [made, r.batch.kit, beliefs, said, words]);
  const asked = useAsked(start);
  if (!s.main || could.length === 0) return null;
  return (
    <section aria-label="What would have helped" className="plate p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-xl">What would have helped</h2>
        <Busy what="working it out again" asked={asked} />
      </div>
      <p className="quiet mt-1 mb-2">It was</p>
      <ChoiceButtons
        label="It was"
        options={could.map((c) => [c, COMPLAINT_NAMES[c]] as const)}
        chosen={said}
        onChoose={say}
      />
      {said !== null && <p className="mb-1">{seenText(said, words, s.main.body)}</p>}
      {asked.data?.of === said && <Found r={r} made={made} complaint={asked.data.of} found={asked.data.found} />}
    </section>
  );
}

/** Seen, worked out, or both: which of the two the answer goes by. */
function seenText(c: Complaint, words: Said, body: BodySummary | null): string {
  const word = foundWord(words, c);
  if (word === null) return 'Nobody has said so yet: this goes by what was worked out.';
  const scale = c === 'slimy' ? 'slip' : c === 'gritty' ? 'grit' : c === 'beany' ? 'beany' : 'thick';
  const reckoned = body && (c === 'slimy' ? body.slip : c === 'tooThick' || c === 'watery' ? body.word : null);
  const beside =
    reckoned && reckoned !== word ? `, worked out as ${saidOn(scale, reckoned).word}; this goes by what was seen` : '';
  return `Seen: ${saidOn(scale, word).word}${beside}.`;
}

interface FoundProps {
  readonly r: Running;
  readonly made: Recipe;
  readonly complaint: Complaint;
  readonly found: readonly Remedy[];
}
function Found({ r, made, complaint, found }: FoundProps) {
  const go = useNavigate();
  const write = useWrite();
  const levers = leversOf(made);
  const of = COMPLAINTS[complaint].of;
  if (found.length === 0)
    return <p>Nothing that can be turned in this way of making it would have helped by itself. Try another method.</p>;
  const plan = (x: Remedy): void =>
    write.run(
      'the new plan',
      async () => {
        const name = cutName(`${r.batch.name}, not ${COMPLAINT_NAMES[complaint]}`);
        const from = (await onePlan(r.batch.plan))?.from ?? null;
        return addPlan(name, from, applyEdits(made, x.edits), now());
      },
      (id) => void go(`/plan/${id}`),
    );
  return (
    <>
      <NotSaved of={write} />
      <ol>
        {found.map((x) => {
          const text = remedyText(x, levers);
          return (
            <li key={text} className="rowline flex flex-wrap items-center justify-between gap-x-4 gap-y-1 py-2">
              <div className="min-w-0 flex-1 basis-72">
                <p className="font-semibold">{text}</p>
                <p className="small">
                  {MEASURE_NAMES[of]}{' '}
                  <span className="num">
                    {join(measureText(of, x.before))} → {join(measureText(of, x.after))}
                  </span>
                  {x.reached ? '' : ', not enough by itself'}. Then {x.main.body ? bodyText(x.main.body) : 'as before'},{' '}
                  {join(percent(x.main.solids ?? 0))} solids, {join(millilitres(x.volumeMl))}.
                </p>
              </div>
              <button
                type="button"
                data-once
                className="link"
                aria-label={`Plan it so: ${text}`}
                onClick={() => plan(x)}
              >
                Plan it so
              </button>
            </li>
          );
        })}
      </ol>
      <p className="small quiet mt-2">
        Worked out from what was poured and timed in this batch, one thing changed at a time. Estimates.
      </p>
    </>
  );
}
