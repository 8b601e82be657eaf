import { memo } from 'react';
import type { ProductSummary } from '@ironpan/core/batch';
import type { Look } from '@ironpan/core/questions';
import type { Here } from '@ironpan/core/kitchen';
import type { Recipe } from '@ironpan/core/steps';
import { jarredStreams } from '@ironpan/core/batch';
import { taughtBy } from '@ironpan/core/questions';
import { plain } from '@ironpan/core/units';
import {
  duration,
  grams,
  join,
  millilitres,
  percent,
  roughly,
  streamName,
  taughtText,
  thickness,
} from '@ironpan/core/words';
import type { Spoken } from '@ironpan/core/words';
import { Figure } from '../../ui/Figure';
import { BodyResult } from './BodyResult';
import { Classes } from './Classes';
import { RESULTS_ID } from './places';
import type { RangesNow } from './useRanges';

interface ResultsProps {
  readonly look: Look;
  readonly recipe: Recipe;
  readonly here: Here;
  readonly now: RangesNow;
}
/** What the plan should bring. A range beside a figure says how sure it is, in kitchens like this one. */
export const Results = memo(function Results({ look, recipe, here, now }: ResultsProps) {
  const s = look.summary;
  const { kit } = here;
  const taught = taughtText(taughtBy(recipe, here));
  const m = s.main;
  const { ranges } = now;
  const jarred = jarredStreams(recipe, look.outcome);
  const jars = s.products.filter((p) => jarred.includes(p.stream));
  const several = jars.length > 1;
  const massOf = (of: readonly ProductSummary[]): number => of.reduce((g, p) => g + p.massG, 0);
  const pulp = massOf(s.products.filter((p) => p.pulp && !p.flour));
  const flour = massOf(s.products.filter((p) => p.flour));
  const between = (r: { low: number; high: number } | undefined, say: (x: number) => Spoken): string | undefined =>
    r && join(say(r.low)) !== join(say(r.high)) ? `${say(r.low).n}–${join(say(r.high))}` : undefined;
  // Only the low end of the keeping time is shown, and nothing where nine kitchens in ten reach the limit.
  const keepLow =
    ranges && join(roughly(ranges.keepS.low)) !== join(roughly(ranges.keepS.high)) ? ranges.keepS.low : null;
  return (
    <section id={RESULTS_ID} aria-label="What you should get" className="plate px-4 py-3 contain-content">
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="mb-1 text-lg">What you should get</h2>
        {now.progress !== null && (
          <button type="button" className="link small" onClick={now.stop}>
            ranges {plain(100 * now.progress)} %, stop
          </button>
        )}
      </div>
      {!m || m.massG < 1 ? (
        <p className="quiet">Nothing yet: this plan makes no milk.</p>
      ) : (
        <>
          {several && <Jars jars={jars} recipe={recipe} />}
          <dl>
            <Line
              label={several ? 'In all jars' : 'Milk'}
              of={millilitres(s.jarredMl)}
              range={between(ranges?.volumeMl, millilitres)}
            />
            <Line
              label={several ? `Strength, ${streamName(m.stream, recipe)}` : 'Strength, solids'}
              of={percent(m.solids ?? 0)}
              range={between(ranges?.solids, percent)}
            />
            <Line
              label="Protein · fat"
              of={{ n: `${percent(m.protein ?? 0).n} · ${percent(m.fat ?? 0).n}`, unit: '%' }}
            />
          </dl>
          {m.body && <BodyResult body={m.body} range={ranges?.body} beliefs={here.beliefs} />}
          <dl>
            {(m.grit ?? 0) >= 0.0005 && (
              <Line label="Grit, an estimate" of={{ n: plain(1000 * (m.grit ?? 0), 1), unit: 'g/kg' }} />
            )}
            {m.beany !== null && <Line label="Beany, of 100" of={{ n: plain(m.beany), unit: 'estimate' }} />}
            {pulp > 0 && <Line label="Wet pulp" of={grams(pulp)} />}
            {flour > 0 && <Line label="Pulp flour" of={grams(flour)} />}
            <Line label={m.keepThawed ? 'Keeps in the freezer' : 'Keeps in your fridge'} of={roughly(m.keep?.s ?? 0)} />
            {m.keepThawed && <Line label="Then in your fridge, thawing included" of={roughly(m.keepThawed.s)} />}
            <Line label="Start to jar" of={duration(s.toJarS)} />
            <Line label="With your hands" of={duration(s.handsS)} />
            {s.cost.perL !== null && (
              <Line
                label="A litre costs"
                of={{ n: plain(s.cost.perL, 2), unit: kit.currency }}
                range={`bought ${plain(kit.boughtPerL, 2)}`}
              />
            )}
          </dl>
          <Classes products={several ? jars : [m]} recipe={recipe} />
        </>
      )}
      <p className="small quiet mt-1.5 leading-snug">
        {taught !== null && `${taught} `}
        {m && keepLow !== null && `One kitchen in ten gets less than ${join(roughly(keepLow))}. `}
        {m?.keep?.limit === 'cap' ? 'Keeping stops at the cap for this milk. ' : ''}Keeping times are a guide; your
        local food-safety authority decides. If in doubt, throw it out.
      </p>
    </section>
  );
});

/** Graded extracts and finishes: each jar with what is in it. */
function Jars({ jars, recipe }: { readonly jars: readonly ProductSummary[]; readonly recipe: Recipe }) {
  return (
    <table className="mb-1 w-full [&_td]:pl-1.5 [&_th]:pl-1.5 [&_th:first-child]:pl-0">
      <thead>
        <tr className="small quiet text-right">
          <th scope="col" className="text-left! font-normal">
            jar
          </th>
          <th scope="col" className="font-normal">
            ml
          </th>
          <th scope="col" className="font-normal">
            solids
          </th>
          <th scope="col" className="font-normal">
            fat
          </th>
          <th scope="col" className="font-normal">
            body
          </th>
        </tr>
      </thead>
      <tbody>
        {jars.map((j) => (
          <tr key={j.stream} className="rowline num text-right text-[0.85rem]">
            <th scope="row" className="text-left! font-sans font-normal">
              {streamName(j.stream, recipe)}
            </th>
            <td>{plain(j.volumeMl)}</td>
            <td>{join(percent(j.solids ?? 0))}</td>
            <td>{join(percent(j.fat ?? 0))}</td>
            <td>{thickness(j.body?.relative ?? 1).n}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

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
      <dt className="shrink-0">{label}</dt>
      <dd className="text-right" data-result={label}>
        <Figure of={of} size="text-[1.06rem]" />
        {range !== undefined && <span className="small quiet num ml-2 inline-block font-normal!">{range}</span>}
      </dd>
    </div>
  );
}
