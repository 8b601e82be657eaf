import { yearOf } from '@ironpan/core/questions';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { now } from '../../clock';
import { useHere } from '../../live/useHere';
import { useLive } from '../../live/live';
import { askYear } from '../../offload';
import { countClosed, firstBatchAt } from '../../store/book';
import { databaseName } from '../../store/db';
import { countFates } from '../../store/fates';
import { realm } from '../../store/realm';
import { Busy } from '../../ui/Busy';
import { SelectField } from '../../ui/SelectField';
import { Empty, Loading } from '../../ui/State';
import { useAsked } from '../../ui/useAsked';
import { BookTabs } from '../BookTabs';
import { Away } from './Away';
import { BestAndWorst } from './BestAndWorst';
import { Cost } from './Cost';
import { Litres } from './Litres';
import { spansOf } from './months';
import { Totals } from './Totals';

/** A year of the kitchen: what was made, what it cost, what went to waste, and whose hands it took. */
export function YearPage() {
  const first = useLive(['firstBatch'], firstBatchAt).data;
  const closed = useLive(['closed'], countClosed).data;
  const fates = useLive(['fatesCount'], countFates).dataAt;
  const here = useHere();
  const spans = useMemo(() => (first == null ? [] : spansOf(now(), first)), [first]);
  const [key, choose] = useState('last');
  const span = spans.find((s) => s.key === key) ?? spans[0];
  const start = useMemo(
    () =>
      span && closed !== undefined && fates > 0
        ? (on: (p: number) => void) => askYear({ database: databaseName(realm()), from: span.from, to: span.to }, on)
        : null,
    [span, closed, fates],
  );
  const asked = useAsked(start);
  const year = useMemo(() => (asked.data ? yearOf(asked.data) : null), [asked.data]);
  if (first === undefined || !here) return <Loading />;
  if (first === null || !span)
    return (
      <Empty title="No year yet">
        <p>What was made, what it cost and what went to waste is counted here, from your first batch on.</p>
        <Link className="btn btn-primary btn-lg" to="/plan">
          Plan a milk
        </Link>
      </Empty>
    );
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-3xl">The year</h1>
        <BookTabs />
      </div>
      <div className="mb-4 flex flex-wrap items-end gap-3">
        <SelectField
          label="of which year"
          hideLabel
          wide
          value={span.key}
          options={spans.map((s) => [s.key, s.name] as const)}
          onChange={choose}
        />
        <Busy what="Counting" asked={asked} />
      </div>
      {year && asked.data && (
        <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 wide:grid-cols-2">
          <Totals year={year} kit={here.kit} />
          {year.all.batches > 0 && (
            <>
              <Litres all={asked.data} year={year} span={span} />
              <Cost all={asked.data} span={span} kit={here.kit} />
              <Away year={year} />
              <BestAndWorst year={year} />
            </>
          )}
        </div>
      )}
    </div>
  );
}
