import type { TastingRecord, TrialRecord } from '@ironpan/core/records';
import { designFor } from '@ironpan/core/trials';
import { factorText, TASTING_NAMES, upper } from '@ironpan/core/words';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { now } from '../../clock';
import { useLive } from '../../live/live';
import { plansMadeMost } from '../../store/plans';
import { allTastings } from '../../store/tastings';
import { addTrial, allTrials } from '../../store/trials';
import { NotSaved } from '../../ui/NotSaved';
import { SelectField } from '../../ui/SelectField';
import { Loading } from '../../ui/State';
import { dayIn } from '../../ui/times';
import { useWrite } from '../../ui/useWrite';
import { BookTabs } from '../BookTabs';
import { NewTasting } from './NewTasting';
import { NextToTell } from './NextToTell';

/** Questions put to the kitchen: what is changed on purpose, what is tasted blind, and which batch would tell most. */
export function TrialsPage() {
  const trials = useLive(['trials'], allTrials).data;
  const tastings = useLive(['tastings'], allTastings).data;
  if (!trials || !tastings) return <Loading />;
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-3xl">Trials</h1>
        <BookTabs />
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 wide:grid-cols-2">
        <section aria-label="Change one thing, or a few" className="plate min-w-0 p-4">
          <h2 className="text-xl">Change one thing, or a few</h2>
          <p className="quiet mb-3">
            Two things changed at once and nobody knows which did it. A trial is laid out so that each can be told, and
            says beforehand how small an effect it can tell.
          </p>
          <NewTrial />
          <ul className="mt-3">
            {trials.map((t) => (
              <li key={t.id} className="rowline py-2">
                <Link to={`/book/trials/${t.id}`} className="link font-semibold">
                  {t.name}
                </Link>
                <p className="small quiet">{trialText(t)}</p>
              </li>
            ))}
          </ul>
        </section>
        <section aria-label="Taste blind" className="plate min-w-0 p-4">
          <h2 className="text-xl">Taste blind</h2>
          <p className="quiet mb-3">
            Who knows which is which tastes what they hope for. Cups with numbers, in an order that is drawn, and a
            count that says how often guessing does as well.
          </p>
          <NewTasting />
          <ul className="mt-3">
            {tastings.map((t) => (
              <li key={t.id} className="rowline py-2">
                <Link to={`/book/trials/tasting/${t.id}`} className="link font-semibold">
                  {t.a.name} beside {t.b.name}
                </Link>
                <p className="small quiet">{tastingText(t)}</p>
              </li>
            ))}
          </ul>
        </section>
        <NextToTell />
      </div>
    </div>
  );
}
function trialText(t: TrialRecord): string {
  if (t.factors.length === 0) return `Begun ${dayIn(t.createdAt, now())}; nothing is changed yet.`;
  const runs = designFor(t).runs.length;
  const planned = t.runs.length === 0 ? 'none planned yet' : `${t.runs.length} planned`;
  return `${upper(t.factors.map((f) => factorText(f, t.base)).join('; '))}. ${runs} batches, ${planned}.`;
}
const tastingText = (t: TastingRecord): string =>
  `${TASTING_NAMES[t.kind][0]}. ${t.answers.length} of ${t.n} tasted, begun ${dayIn(t.createdAt, now())}.`;

/** A trial is of a plan: chosen, it opens. */
function NewTrial() {
  const plans = useLive(['plansMadeMost'], plansMadeMost).data ?? [];
  const [chosen, choose] = useState('');
  const go = useNavigate();
  const write = useWrite();
  const plan = plans.find((p) => p.id === chosen) ?? plans[0];
  if (!plan)
    return (
      <p>
        A trial is of a plan, and there is none yet.{' '}
        <Link className="link" to="/plan">
          Plan a milk
        </Link>
      </p>
    );
  const begin = (): void =>
    write.run(
      'the new trial',
      () => addTrial(plan, now()),
      (id) => void go(`/book/trials/${id}`),
    );
  return (
    <div className="flex flex-wrap items-end gap-3">
      <SelectField
        label="of the plan"
        wide
        value={plan.id}
        options={plans.map((p) => [p.id, p.name] as const)}
        onChange={choose}
      />
      <button type="button" data-once className="btn btn-primary" onClick={begin}>
        New trial
      </button>
      <NotSaved of={write} />
    </div>
  );
}
