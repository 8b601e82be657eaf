import { LOOK_SCALES } from '@ironpan/core/batch';
import { leverAt, leversOf } from '@ironpan/core/questions';
import type { Lever } from '@ironpan/core/questions';
import type { TrialRecord } from '@ironpan/core/records';
import { aliasesOf, DESIGNS, designOfSize, MOST_TIMES, reachOf, WEIGHED } from '@ironpan/core/trials';
import type { Factor } from '@ironpan/core/trials';
import { aliasText, askedName, couldTell, upper } from '@ironpan/core/words';
import type { Asked } from '@ironpan/core/words';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { TrialNow } from '../../live/useTrial';
import type { HereRecord } from '../../store/here';
import { ChoiceButtons } from '../../ui/ChoiceButtons';
import { SelectField } from '../../ui/SelectField';
import { FactorField } from './FactorField';
import { factorOf } from './factorOf';
import { expectedOf, spreadOf } from './expected';

interface LayoutProps {
  readonly of: TrialNow;
  readonly here: HereRecord;
  readonly change: (what: string, to: (t: TrialRecord) => TrialRecord) => void;
}
const MOST_FACTORS = Math.max(...Object.values(DESIGNS).map((d) => d.factors));
/** The first thing that a cook would try: how long it is ground, else whatever comes first. */
const usual = (levers: readonly Lever[]): Lever | undefined =>
  levers.find((l) => l.key.endsWith('.durationS') && l.stepLabel.toLowerCase() === 'grind') ?? levers[0];
/** What is not changed yet. */
const untaken = (levers: readonly Lever[], factors: readonly Factor[]): readonly Lever[] =>
  levers.filter((l) => !factors.some((f) => leverAt([l], f.at)));
/** No kitchen makes more than sixteen batches for one question: of three things all eight twice, of four the half once. */
const mostTimes = (factors: number): number => (factors >= 4 ? 1 : factors === 3 ? 2 : MOST_TIMES);
const withFactors = (t: TrialRecord, factors: readonly Factor[]): TrialRecord => ({
  ...t,
  factors,
  design: designOfSize(factors.length, DESIGNS[t.design].half),
  times: Math.min(t.times, mostTimes(factors.length)),
});

/** What is changed, how often it is made, and what that can tell. It may be changed until the first run is planned. */
export function Layout({ of: { trial, design }, here, change }: LayoutProps) {
  const levers = useMemo(() => leversOf(trial.base), [trial.base]);
  const free = untaken(levers, trial.factors);
  const add = (): void =>
    change('what is changed', (t) => {
      const l = usual(untaken(leversOf(t.base), t.factors));
      return l && t.factors.length < MOST_FACTORS ? withFactors(t, [...t.factors, factorOf(l)]) : t;
    });
  const n = trial.factors.length;
  return (
    <section aria-label="What is changed" className="plate mb-4 p-4">
      <h2 className="text-xl">What is changed</h2>
      <p className="quiet mb-3">
        Everything else stays as it is in the plan. Every batch is made from a plan of its own, in an order that is
        drawn, so that a bag that clogs or a warmer week falls on no one thing.
      </p>
      <ul>
        {trial.factors.map((f, i) => (
          <li key={JSON.stringify(f.at)} className="rowline py-2">
            <FactorField
              f={f}
              which={i + 1}
              levers={levers}
              free={free}
              onChange={(to) =>
                change('what is changed', (t) =>
                  withFactors(
                    t,
                    t.factors.map((x, k) => (k === i ? to : x)),
                  ),
                )
              }
              onRemove={() =>
                change('what is changed', (t) =>
                  withFactors(
                    t,
                    t.factors.filter((_, k) => k !== i),
                  ),
                )
              }
            />
          </li>
        ))}
      </ul>
      {free.length > 0 && n < MOST_FACTORS && (
        <button type="button" className={`btn mt-2 ${n === 0 ? 'btn-primary btn-lg' : 'btn-outline'}`} onClick={add}>
          {n === 0 ? 'Choose what to change' : 'Change one more'}
        </button>
      )}
      {n === MOST_FACTORS && (
        <p className="small quiet mt-2">More than four at once cannot be told apart in a kitchen.</p>
      )}
      {design && (
        <div className="mt-4">
          <div className="flex flex-wrap items-end gap-x-5">
            {n === 3 && (
              <ChoiceButtons
                label="Which of their combinations"
                options={[
                  ['full', 'All 8 combinations'],
                  ['half', 'Half of them, 4'],
                ]}
                chosen={DESIGNS[trial.design].half ? 'half' : 'full'}
                onChoose={(w) => change('how it is laid out', (t) => ({ ...t, design: designOfSize(3, w === 'half') }))}
              />
            )}
            {n < 4 && (
              <ChoiceButtons
                label="How often each is made"
                options={Array.from({ length: mostTimes(n) }, (_, i) => [
                  String(i + 1),
                  ['Each once', 'Each twice', 'Each three times', 'Each four times'][i] ?? '',
                ])}
                chosen={String(trial.times)}
                onChoose={(w) => change('how often it is made', (t) => ({ ...t, times: Number(w) }))}
              />
            )}
          </div>
          <Tells trial={trial} design={design} here={here} change={change} />
        </div>
      )}
      {n === 0 && (
        <p className="mt-3">
          “What moves it”, on the page of each of{' '}
          <Link className="link" to="/plan">
            your plans
          </Link>
          , says beforehand what each thing would do.
        </p>
      )}
    </section>
  );
}

type TellsProps = Pick<LayoutProps, 'here' | 'change'> & {
  readonly trial: TrialRecord;
  readonly design: NonNullable<TrialNow['design']>;
};
/** What so many batches can tell, beside what is expected. */
function Tells({ trial, design, here, change }: TellsProps) {
  const expected = useMemo(() => expectedOf(trial, design, here), [trial, design, here]);
  const spread = useMemo(() => spreadOf(trial, here), [trial, here]);
  const of: Asked = trial.asks;
  const mixed = aliasText((t) => aliasesOf(design, t), trial.factors, trial.base);
  return (
    <>
      <SelectField
        label="What is asked"
        wide
        value={of}
        options={[...WEIGHED, ...LOOK_SCALES].map((w) => [w, upper(askedName(w))] as const)}
        onChange={(w) => change('what is asked', (t) => ({ ...t, asks: w as Asked }))}
      />
      <p className="mt-2" role="status">
        {couldTell(
          of,
          reachOf(design, spread(of)),
          expected(of)
            .filter((e) => e.term.length === 1)
            .map((e) => e.by),
        )}
      </p>
      {mixed !== '' && <p className="mt-2">{mixed}</p>}
    </>
  );
}
