import { fold, summarise } from '@ironpan/core/batch';
import { ruleOf, stampOf } from '@ironpan/core/schedule';
import { useMemo } from 'react';
import { useHere } from '../../live/useHere';
import { addRhythm } from '../../store/rhythms';
import type { RhythmNow } from '../../store/rhythms';
import { NotSaved } from '../../ui/NotSaved';
import { SelectField } from '../../ui/SelectField';
import { useWrite } from '../../ui/useWrite';
import { nextMorning } from '../usual';
import { usePlanChoice } from '../usePlanChoice';
import { RhythmRow } from './RhythmRow';

/** What is made again and again, and the way to make something so. */
export function RhythmPart({ rhythms, now }: { readonly rhythms: readonly RhythmNow[]; readonly now: number }) {
  const here = useHere();
  const { groups, chosen, choose, plan } = usePlanChoice();
  const write = useWrite();
  const makes = useMemo(
    () =>
      new Map(
        here &&
          rhythms.map((r) => [r.id, summarise(r.recipe, fold(r.recipe, here), here.kit, 'main').jarredMl] as const),
      ),
    [rhythms, here],
  );
  const add = async (): Promise<void> => {
    await addRhythm(await plan(now), ruleOf({ is: 'days', n: 2 }), stampOf(nextMorning(now)), now);
  };
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
      <div className="flex flex-wrap items-end gap-3">
        <SelectField wide label="Another milk" value={chosen} groups={groups} onChange={choose} />
        <button type="button" className="btn btn-primary" onClick={() => write.run('A milk again and again', add)}>
          Make it again and again
        </button>
        <NotSaved of={write} />
      </div>
    </section>
  );
}
