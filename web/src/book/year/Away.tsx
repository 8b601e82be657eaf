import type { Year } from '@ironpan/core/questions';
import { plain } from '@ironpan/core/units';
import { ABANDONED_WHY, grams, join, millilitres, THROWN_WHY } from '@ironpan/core/words';
import type { ApexOptions } from 'apexcharts';
import { useMemo } from 'react';
import { AsTable } from '../../ui/AsTable';
import { Chart } from '../../ui/Chart';
import { themeColour } from '../../ui/themeColour';

const ROW = 44;
const AXIS = 48;
/** What was poured away and why, and what became of the pulp. */
export function Away({ year }: { readonly year: Year }) {
  const { away, abandoned, pulp } = year;
  const options = useMemo(
    (): ApexOptions => ({
      chart: { type: 'bar' },
      series: [{ name: 'poured away', data: away.map(([, ml]) => ml / 1000) }],
      plotOptions: { bar: { horizontal: true } },
      colors: [themeColour('--amber')],
      stroke: { show: true, width: 1.5, colors: [themeColour('--edge')] },
      tooltip: { y: { formatter: (v) => join(millilitres(1000 * v)) } },
      xaxis: {
        categories: away.map(([why]) => THROWN_WHY[why]),
        labels: { formatter: (v) => `${plain(Number(v), 1)} L` },
      },
    }),
    [away],
  );
  const all = pulp.used + pulp.thrown + pulp.there;
  return (
    <section aria-label="Poured away" className="plate min-w-0 p-4">
      <h2 className="text-xl">Poured away</h2>
      {away.length === 0 ? (
        <p>No milk was thrown away.</p>
      ) : (
        <>
          <Chart label="Poured away" height={AXIS + ROW * away.length} options={options} />
          <AsTable heads={['why', 'milk']} rows={away.map(([why, ml]) => [THROWN_WHY[why], join(millilitres(ml))])} />
        </>
      )}
      {abandoned.length > 0 && (
        <p className="mt-2">
          Given up at the bench:{' '}
          {abandoned
            .map(([why, n]) => `${n === 1 ? 'one batch' : `${plain(n)} batches`} (${ABANDONED_WHY[why].toLowerCase()})`)
            .join(', ')}
          .
        </p>
      )}
      <h3 className="mt-4">Pulp</h3>
      {all === 0 ? (
        <p>No pulp was kept.</p>
      ) : (
        <p>
          {join(grams(all))} came of it: {join(grams(pulp.used))} used, given or dried, {join(grams(pulp.thrown))}{' '}
          thrown away, {join(grams(pulp.there))} still there.
        </p>
      )}
    </section>
  );
}
