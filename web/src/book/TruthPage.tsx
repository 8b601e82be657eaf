import { ENOUGH_PROMISES, PROMISED, truthOf } from '@ironpan/core/comparing';
import type { Kept, PromisedFigure } from '@ironpan/core/comparing';
import type { Kit } from '@ironpan/core/kitchen';
import { groupBy } from '@ironpan/core/numerics';
import {
  biasText,
  changedText,
  keepTruthText,
  join,
  learningText,
  measureText,
  milkName,
  promisedName,
  truthText,
  upper,
} from '@ironpan/core/words';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { now } from '../clock';
import { PromiseLine } from '../drawings/PromiseLine';
import { useLive } from '../live/live';
import { useHere } from '../live/useHere';
import { useLearned } from '../live/useLearned';
import { askTruth } from '../offload';
import type { TruthTold } from '../offload/truth.worker';
import { countClosed } from '../store/book';
import { databaseName } from '../store/db';
import { realm } from '../store/realm';
import { AsTable } from '../ui/AsTable';
import { Busy } from '../ui/Busy';
import { dayIn } from '../ui/times';
import { useAsked } from '../ui/useAsked';
import { useWidth } from '../ui/useWidth';
import { BookTabs } from './BookTabs';

/** How true the promises were: the ranges that were stated, and what came. */
export function TruthPage() {
  const closed = useLive(['closed'], countClosed).data;
  const start = useMemo(
    () =>
      closed === undefined
        ? null
        : (on: (p: number) => void) => askTruth({ database: databaseName(realm()), now: now() }, on),
    [closed],
  );
  const asked = useAsked(start);
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-3xl">How true it was</h1>
        <BookTabs />
      </div>
      <p className="quiet mb-3">
        Each batch was begun with a promise: a figure, and the range in which four in five should come. This is what the
        scale said of them. <Busy what="Reading the promises" asked={asked} />
      </p>
      {asked.data && (
        <>
          <Meanwhile since={Math.min(...asked.data.kept.map((k) => k.at))} />
          <Told of={asked.data} />
        </>
      )}
    </div>
  );
}
/** Things that became others while promises were given: those that did not know it yet were farther off. */
function Meanwhile({ since }: { readonly since: number }) {
  const here = useHere();
  return here ? <Changes kit={here.kit} since={since} /> : null;
}
function Changes({ kit, since }: { readonly kit: Kit; readonly since: number }) {
  const changed = (useLearned(kit) ?? []).flatMap(({ r, name }) =>
    r.taught?.changed && r.taught.changed.at >= since ? [{ name, ...r.taught.changed }] : [],
  );
  if (changed.length === 0) return null;
  return (
    <div className="plate mb-4 p-4">
      <ul>
        {changed.map((c) => (
          <li key={c.name}>{changedText(c.name, c.from, c.to, dayIn(c.at, now()))}</li>
        ))}
      </ul>
      <p className="small quiet">
        What was promised about then did not know it yet.{' '}
        <Link className="link" to="/kit">
          What your kitchen taught
        </Link>
      </p>
    </div>
  );
}
function Told({ of }: { readonly of: TruthTold }) {
  const groups = PROMISED.flatMap((figure) =>
    [
      ...groupBy(
        of.kept.filter((k) => k.of === figure),
        (k) => k.milk,
      ),
    ].map(([milk, kept]) => ({ figure, milk, kept })),
  );
  return (
    <>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4 wide:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        {groups.map((g) => (
          <One key={`${g.figure} ${g.milk}`} {...g} />
        ))}
      </div>
      {of.keeping.length > 0 && (
        <section aria-label="Keeping" className="plate mt-4 p-4">
          <h2 className="text-xl">Keeping</h2>
          <ul>
            {of.keeping.map((k) => (
              <li key={k.milk} className="mt-1">
                <b>{upper(milkName(k.milk))}.</b> {keepTruthText(k)}
              </li>
            ))}
          </ul>
          <p className="small quiet mt-1">
            A look at a jar when its time is up, or the day it turns, is what tells. Nobody needs to drink it for that.
          </p>
        </section>
      )}
      {groups.length === 0 && (
        <p className="plate p-4">
          No batch was measured yet. Weigh the jars when you fill them, and each promise is held against what came.
        </p>
      )}
      <p className="small quiet mt-4">{leftText(of)}</p>
    </>
  );
}
/** Of what nothing can be said. */
function leftText({ otherwise, unmeasured }: TruthTold): string {
  const count = (n: number, one: string, many: string): string =>
    n === 1 ? `One batch ${one}` : `${n} batches ${many}`;
  return [
    ...(unmeasured > 0 ? [`${count(unmeasured, 'was', 'were')} not weighed.`] : []),
    ...(otherwise > 0
      ? [
          `${count(otherwise, 'was', 'were')} made otherwise than planned (a rescue, a step left out, milk spilt): no promise was given of that.`,
        ]
      : []),
  ].join(' ');
}

interface OneProps {
  readonly figure: PromisedFigure;
  readonly milk: string;
  readonly kept: readonly Kept[];
}
/** More are not told apart. */
const DRAWN = 60;
function One({ figure, milk, kept }: OneProps) {
  const [box, width] = useWidth(560);
  const truth = truthOf(kept);
  const shown = [...kept].sort((a, b) => a.at - b.at).slice(-DRAWN);
  const name = `${upper(milkName(milk))}: ${promisedName(figure)}`;
  const say = (x: number): string => join(measureText(figure, x));
  return (
    <section aria-label={name} className="plate min-w-0 p-4">
      <h2 className="text-xl">{name}</h2>
      {truth ? (
        <p className="mt-1">
          <b>{truthText(truth)}</b> {biasText(truth)} {learningText(truth)}
        </p>
      ) : (
        <p className="mt-1">
          Measured {kept.length === 1 ? 'once' : `${kept.length} times`}: too few to say how true it is. From{' '}
          {ENOUGH_PROMISES} on it is told.
        </p>
      )}
      <div ref={box} className="mt-2">
        <PromiseLine
          width={width}
          dots={shown.map((k) => ({
            key: k.batch,
            came: k.came / k.value,
            low: k.low / k.value,
            high: k.high / k.value,
          }))}
        />
      </div>
      <p className="small quiet">
        The line is what was promised; each bar the range that was said, each dot what came. Hollow: outside its range.
      </p>
      <AsTable
        heads={['begun', 'promised', 'range', 'came']}
        rows={shown.toReversed().map((k) => [
          <Link key={k.batch} to={`/book/${k.batch}`} className="underline underline-offset-4">
            {dayIn(k.at, now())}
          </Link>,
          say(k.value),
          `${say(k.low)} to ${say(k.high)}`,
          `${say(k.came)}${k.came < k.low ? ', below' : k.came > k.high ? ', above' : ''}`,
        ])}
      />
    </section>
  );
}
