import type { TastingRecord } from '@ironpan/core/records';
import { tooFewText, tastingAsks } from '@ironpan/core/words';
import type { Serving } from '@ironpan/core/trials';
import { useId, useState } from 'react';
import { now } from '../../clock';
import { answerTasting, changeTasting, unanswer } from '../../store/tastings';
import { NotSaved } from '../../ui/NotSaved';
import { useWrite } from '../../ui/useWrite';
import { testOf } from './testOf';

interface TasteProps {
  readonly t: TastingRecord;
  readonly servings: readonly Serving[];
}
/** The cups before whoever tastes, by their numbers alone; the one that is chosen is pressed. */
export function Taste({ t, servings }: TasteProps) {
  const last = t.answers.at(-1);
  const [by, setBy] = useState(last?.by ?? '');
  const write = useWrite();
  const id = useId();
  const done = new Set(t.answers.map((a) => a.serving));
  const at = servings.findIndex((_, i) => !done.has(i));
  const serving = servings[at];
  if (!serving || tooFewText(testOf(t)) !== null) return null;
  const choose = (cup: number): void => write.run('that cup', () => answerTasting(t.id, at, by.trim(), cup, now()));
  const stop = (): void =>
    write.run('that it is over', () => changeTasting(t.id, (x) => ({ ...x, n: x.answers.length }), now()));
  return (
    <section aria-label="For who tastes" className="plate mb-4 p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-3">
        <h2 className="text-xl">For who tastes</h2>
        <p className="num">
          {at + 1} of {t.n}
        </p>
      </div>
      <p className="my-2 text-2xl">{tastingAsks(t.kind, t.about)}</p>
      <p className="quiet mb-3">From left to right, back and forth as often as you like. If you cannot tell, guess.</p>
      <div className="flex flex-wrap gap-3" role="group" aria-label="The cups">
        {serving.codes.map((code, cup) => (
          <button
            key={code}
            type="button"
            data-once
            className="btn btn-outline num h-auto min-h-20 min-w-24 flex-1 flex-col gap-1 py-3 text-3xl"
            onClick={() => choose(cup)}
          >
            <Cup />
            {code}
          </button>
        ))}
      </div>
      <div className="mt-4 flex flex-wrap items-end gap-3">
        <div>
          <label htmlFor={id} className="small quiet block">
            who tastes (empty: you)
          </label>
          <input
            id={id}
            className="input"
            maxLength={40}
            autoComplete="off"
            value={by}
            onChange={(e) => setBy(e.target.value)}
          />
        </div>
        {last && (
          <>
            <button
              type="button"
              className="btn btn-outline"
              onClick={() => write.run('that it is taken back', () => unanswer(t.id, now()))}
            >
              Take the last one back
            </button>
            <button type="button" className="btn btn-outline" onClick={stop}>
              No more: count these {t.answers.length}
            </button>
          </>
        )}
      </div>
      <NotSaved of={write} />
    </section>
  );
}
/** A tumbler, filled: every one alike. */
const Cup = () => (
  <svg viewBox="0 0 44 52" width="44" height="52" aria-hidden="true">
    <path d="M7 14 L10 49 H34 L37 14 Z" fill="var(--oat)" />
    <path d="M5 3 L10 49 H34 L39 3" fill="none" stroke="var(--ink)" strokeWidth="2.5" strokeLinejoin="round" />
  </svg>
);
