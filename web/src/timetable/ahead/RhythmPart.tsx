import { fold, summarise } from '@ironpan/core/batch';
import { ruleOf, stampOf } from '@ironpan/core/schedule';
import { useMemo } from 'react';
import { useHere } from '../../live/useHere';
import { addRhythm } from '../../store/rhythms';
import type { RhythmNow } from '../../store/rhythms';
import { nextMorning } from '../usual';
import { ChooseMilk } from '../ChooseMilk';
import { RhythmRow } from './RhythmRow';

/** What is made again and again, and the way to make something so. */
export function RhythmPart({ rhythms, now }: { readonly rhythms: readonly RhythmNow[]; readonly now: number }) {
  const here = useHere();
  const makes = useMemo(
    () =>
      new Map(
        here &&
          rhythms.map((r) => [r.id, summarise(r.recipe, fold(r.recipe, here), here.kit, 'main').jarredMl] as const),
      ),
    [rhythms, here],
  );
  return (
    <section aria-label="Again and again" className="plate p-4 print:hidden">
      <h2 className="text-xl">Again and again</h2>
      {rhythms.length === 0 && (
        <p className="quiet mb-3">
          A milk that is wanted every other day, or every Sunday, is put on the clock by itself when its time is near.
        </p>
      )}
      <ul className="mb-3">
        {rhythms.map((r) => (
          <RhythmRow key={r.id} rhythm={r} planMl={makes.get(r.id) ?? null} now={now} />
        ))}
      </ul>
      <ChooseMilk
        act="Make it again and again"
        what="A milk again and again"
        now={now}
        onPlan={(plan) => addRhythm(plan, ruleOf({ is: 'days', n: 2 }), stampOf(nextMorning(now)), now)}
      />
    </section>
  );
}
