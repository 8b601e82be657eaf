import { LOOK_SCALES } from '@ironpan/core/batch';
import { toldBy, WEIGHED } from '@ironpan/core/trials';
import type { Effect } from '@ironpan/core/trials';
import {
  apartText,
  askedName,
  askedText,
  differenceText,
  effectText,
  noughtText,
  termText,
  upper,
} from '@ironpan/core/words';
import type { Asked } from '@ironpan/core/words';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { cameOf } from '../../live/useTrial';
import type { TrialNow } from '../../live/useTrial';
import type { HereRecord } from '../../store/here';
import { SelectField } from '../../ui/SelectField';
import { expectedOf, spreadOf } from './expected';

interface CameProps {
  readonly of: TrialNow;
  readonly here: HereRecord;
  readonly onAsk: (of: Asked) => void;
}
/** How each figure comes to be known. */
const HOW: Readonly<Record<string, string>> = {
  volumeMl: 'Weigh the jars when they are filled.',
  solids: 'Dry a spoonful, or weigh a full measure, in a look at its jar.',
  body: 'Run it through the funnel in a look at its jar.',
};
/** What the batches of a trial came to, and what that tells of each thing that was changed. */
export function Came({ of, here, onAsk }: CameProps) {
  const { trial, runs } = of;
  const asked = trial.asks;
  const came = runs.map((r) => cameOf(r, asked));
  const known = came.filter((x) => x !== null).length;
  return (
    <section aria-label="What it told" className="plate min-w-0 p-4">
      <h2 className="text-xl">What it told</h2>
      <Strayed of={of} />
      <SelectField
        label="What is asked"
        wide
        value={asked}
        options={[...WEIGHED, ...LOOK_SCALES].map((w) => [w, upper(askedName(w))] as const)}
        onChange={(w) => onAsk(w as Asked)}
      />
      <ul className="mt-3 flex flex-wrap gap-x-6">
        {runs.map((r, i) => (
          <li key={r.run}>
            <span className="quiet">batch {i + 1}: </span>
            <b className="num">{came[i] == null ? 'not known' : askedText(asked, came[i])}</b>
          </li>
        ))}
      </ul>
      {known < runs.length && (
        <p className="mt-2">
          {known} of {runs.length} are known. {HOW[asked] ?? 'Say the word of it in a look at its jar.'}
        </p>
      )}
      <Effects of={of} here={here} />
    </section>
  );
}
function Effects({ of: { trial, runs, design }, here }: Pick<CameProps, 'of' | 'here'>) {
  const asked = trial.asks;
  const told = useMemo(() => {
    if (!design) return null;
    // The design counts its runs in standard order, whatever the order they were made in.
    const by = new Map(runs.map((r) => [r.run, cameOf(r, asked)]));
    const got = toldBy(
      design,
      design.runs.map((_, i) => by.get(i) ?? null),
      spreadOf(trial, here)(asked),
    );
    if (!got) return null;
    const expected = expectedOf(trial, design, here)(asked);
    return {
      nought: noughtText(got.nought),
      effects: got.effects.map((e) => ({
        e,
        expected: expected.find((x) => x.term.join() === e.term.join())?.by ?? null,
      })),
    };
  }, [trial, runs, design, here, asked]);
  if (!told) return <p className="mt-2">That does not tell yet what each change does by itself.</p>;
  return (
    <>
      {told.nought !== '' && <p className="mt-2">{told.nought}</p>}
      <ul className="mt-3" aria-label="Effects">
        {told.effects.map(({ e, expected }) => (
          <li key={e.term.join()} className="rowline py-2">
            <p>{effectText(asked, e, termText(e.term, trial.factors, trial.base))}</p>
            <p className="small quiet">
              {expected !== null && `Expected: ${expected < 0 ? '−' : '+'}${apartText(asked, expected)}. `}
              {orWords(e, trial)}
            </p>
          </li>
        ))}
      </ul>
    </>
  );
}
const orWords = (e: Effect, trial: TrialNow['trial']): string =>
  e.aliases.length === 0
    ? ''
    : `Or it is what ${e.aliases.map((t) => termText(t, trial.factors, trial.base)).join(', or ')} ${e.aliases.length === 1 && e.aliases[0]?.length === 1 ? 'does' : 'do'}: half of all batches cannot tell.`;

/** What was changed by hand beside what the trial changes: two things at once, and its effects are not its own. */
function Strayed({ of: { runs } }: Pick<CameProps, 'of'>) {
  const all = runs.flatMap((r, i) => r.batches.flatMap((b) => b.strayed.map((s) => ({ ...s, b, place: i + 1 }))));
  if (all.length === 0) return null;
  return (
    <div role="status" className="alert my-2 block">
      <p>
        <b>More was changed than this trial changes.</b> What it tells is then of both together; make those batches once
        more as they were laid out, if it matters.
      </p>
      <ul>
        {all.map(({ b, place, of: d, laid, went }) => (
          <li key={`${b.r.batch.id} ${d.key}`}>
            Batch {place} (
            <Link className="link" to={`/book/${b.r.batch.id}`}>
              {b.r.batch.number}
            </Link>
            ): {differenceText(d, laid, went, 'laid out')}
          </li>
        ))}
      </ul>
    </div>
  );
}
