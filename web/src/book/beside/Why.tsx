import { EXPLAINED, toldOf } from '@ironpan/core/comparing';
import type { Cause, Explained, Explanation } from '@ironpan/core/comparing';
import { differenceText, join, MEASURE_NAMES, measureText, movedText, upper, verdictText } from '@ironpan/core/words';
import { useState } from 'react';
import { Waterfall } from '../../drawings/Waterfall';
import type { FallStep } from '../../drawings/Waterfall';
import type { Beside } from '../../live/useBeside';
import { Busy } from '../../ui/Busy';
import { ChoiceButtons } from '../../ui/ChoiceButtons';
import { useWide } from '../../ui/useWide';
import { shortName } from './names';
import { Parted } from './Parted';
import { useWhy } from './useWhy';

interface WhyProps {
  readonly first: Beside;
  readonly second: Beside;
}
/** So many causes are drawn; the rest together. */
const MOST_DRAWN = 5;

/** Why the second came out otherwise than the first: each difference swapped alone and in every order. */
export function Why({ first, second }: WhyProps) {
  const asked = useWhy(first, second);
  const [of, choose] = useState<Explained | null>(null);
  const wide = useWide();
  const e = asked.now;
  // Of what is the same in both there is nothing to ask; how much came of it is always worth asking.
  const there = e ? EXPLAINED.filter((m) => m === 'volumeMl' || toldOf(e, m).verdict !== 'same') : [];
  const chosen = of !== null && there.includes(of) ? of : e ? loudest(e) : null;
  return (
    <section aria-label="Why" className="plate p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="text-xl">Why {shortName(second)} is otherwise</h2>
        <Busy what="Folding each difference" asked={asked} />
      </div>
      <p className="quiet mb-3">
        Each difference is swapped alone and in every order, and worked out again; the shares add up. Estimates.
      </p>
      {e && chosen !== null && (
        <>
          <ChoiceButtons
            label="Of what"
            options={there.map((m) => [m, MEASURE_NAMES[m]] as const)}
            chosen={chosen}
            onChoose={choose}
          />
          <Drawn e={e} of={chosen} first={first} second={second} wide={wide} />
          <Parted e={e} of={chosen} first={first} second={second} />
        </>
      )}
    </section>
  );
}
/** The figure that moved most beside what a day does: what a cook would ask about first. */
function loudest(e: Explanation): Explained {
  const loud = (m: Explained): number => {
    const b = e.because[m];
    const told = toldOf(e, m);
    return !b || told.verdict === 'same' ? 0 : Math.abs(b.to - b.from) / Math.max(1e-9, Math.abs(b.from));
  };
  // The yield comes first where it moved at all.
  const weight = (m: Explained): number => loud(m) * (m === 'volumeMl' ? 3 : 1);
  return EXPLAINED.filter((m) => e.because[m]).reduce((x, m) => (weight(m) > weight(x) ? m : x), 'volumeMl');
}

interface DrawnProps extends WhyProps {
  readonly e: Explanation;
  readonly of: Explained;
  readonly wide: boolean;
}
function Drawn({ e, of, first, second, wide }: DrawnProps) {
  const because = e.because[of];
  if (!because) return null;
  const told = toldOf(e, of);
  const shown = told.causes.slice(0, MOST_DRAWN);
  const small = told.small + told.causes.slice(MOST_DRAWN).reduce((sum, c) => sum + c.share, 0);
  const steps: FallStep[] = shown.map((c) => ({
    key: c.of.key,
    name: upper(differenceText(c.of, first.made, second.made, `in ${shortName(first)}`)),
    value: movedText(of, c.share),
    note: noteOf(c),
    by: c.share,
  }));
  const tiny = (x: number): boolean => Math.abs(x) < 1e-9 || zero(movedText(of, x));
  if (!tiny(small))
    steps.push({ key: 'small', name: 'All smaller ones together', value: movedText(of, small), note: '', by: small });
  if (!tiny(because.rest))
    steps.push({
      key: 'rest',
      name: 'Nothing that was written down',
      value: movedText(of, because.rest),
      note: Math.abs(because.rest) <= because.day ? 'as from day to day' : 'more than from day to day',
      by: because.rest,
      rest: true,
    });
  const end = (b: Beside, value: number) => ({ title: b.name, text: join(measureText(of, value)), value });
  return (
    <>
      <p className="mb-3 font-semibold">{verdictText(of, because, told)}</p>
      {steps.length > 0 && (
        <Waterfall
          label={`What moved the ${MEASURE_NAMES[of]}`}
          from={end(first, because.from)}
          to={end(second, because.to)}
          steps={steps}
          wide={wide}
        />
      )}
      {!e.exact && <p className="small quiet mt-2">So many differences: the shares are from a sample of orders.</p>}
    </>
  );
}
/** It would be told as nothing. */
const zero = (text: string): boolean => !/[1-9]/.test(text);
const noteOf = (c: Cause): string =>
  c.anyDay === null ? '' : c.anyDay ? 'as from day to day' : 'more than from day to day';
