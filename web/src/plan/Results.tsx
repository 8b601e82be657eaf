import { memo } from 'react';
import type { Look } from '@ironpan/core/batch';
import { plain } from '@ironpan/core/units';
import { duration, grams, join, millilitres, percent, roughly } from '@ironpan/core/words';
import type { Spoken } from '@ironpan/core/words';
import type { Ranges } from '../offload';
import { Figure } from '../ui/Figure';

interface ResultsProps {
  readonly look: Look;
  readonly ranges: Ranges | null;
}
/** What the plan should bring. A range beside a figure says how sure it is, in kitchens like this one. */
export const Results = memo(function Results({ look, ranges }: ResultsProps) {
  const s = look.summary;
  const m = s.main;
  const pulp = s.products.filter((p) => p !== m).reduce((g, p) => g + p.massG, 0);
  const between = (r: { low: number; high: number } | undefined, say: (x: number) => Spoken): string | undefined =>
    r && join(say(r.low)) !== join(say(r.high)) ? `${say(r.low).n}–${join(say(r.high))}` : undefined;
  return (
    <section aria-label="What you should get" className="plate px-4 py-3 contain-content">
      <h2 className="mb-1 text-lg">What you should get</h2>
      {!m || m.massG < 1 ? (
        <p className="quiet">Nothing yet: this plan makes no milk.</p>
      ) : (
        <dl>
          <Line label="Milk" of={millilitres(m.volumeMl)} range={between(ranges?.volumeMl, millilitres)} />
          <Line label="Strength, solids" of={percent(m.solids ?? 0)} range={between(ranges?.solids, percent)} />
          <Line
            label="Protein · fat"
            of={{ n: `${percent(m.protein ?? 0).n} · ${percent(m.fat ?? 0).n}`, unit: '%' }}
          />
          {m.beany !== null && <Line label="Beany, of 100" of={{ n: plain(m.beany), unit: 'estimate' }} />}
          <Line label="Wet pulp" of={grams(pulp)} />
          <Line label="Keeps in your fridge" of={roughly(m.keep?.s ?? 0)} range={between(ranges?.keepS, roughly)} />
          <Line label="Start to jar" of={duration(s.elapsedS)} />
          <Line label="With your hands" of={duration(s.handsS)} />
        </dl>
      )}
      <p className="small quiet mt-1.5 leading-snug">
        {m?.keep?.limit === 'cap' ? 'Keeping stops at the cap for this milk. ' : ''}Keeping times are a guide; your
        local food-safety authority decides. If in doubt, throw it out.
      </p>
    </section>
  );
});

function Line({
  label,
  of,
  range,
}: {
  readonly label: string;
  readonly of: Spoken;
  readonly range?: string | undefined;
}) {
  return (
    <div className="rowline flex items-baseline justify-between gap-3 py-0.5">
      <dt className="whitespace-nowrap">{label}</dt>
      <dd className="text-right" data-result={label}>
        <Figure of={of} size="text-[1.06rem]" />
        {range !== undefined && <span className="small quiet num ml-2 font-normal!">{range}</span>}
      </dd>
    </div>
  );
}
