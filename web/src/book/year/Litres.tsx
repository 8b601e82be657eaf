import { sumOf } from '@ironpan/core/questions';
import type { Year, YearBatch } from '@ironpan/core/questions';
import { plain } from '@ironpan/core/units';
import { duration, join, milkName, millilitres, upper } from '@ironpan/core/words';
import type { ApexOptions } from 'apexcharts';
import { useMemo } from 'react';
import { foodColour } from '../../drawings/foodStyle';
import { AsTable } from '../../ui/AsTable';
import { Chart } from '../../ui/Chart';
import { themeColour } from '../../ui/themeColour';
import { monthsOf } from './months';
import type { Span } from './months';

interface LitresProps {
  readonly all: readonly YearBatch[];
  readonly year: Year;
  readonly span: Span;
}
/** A variable of the theme as the chart library needs it. */
const colourOf = (milk: string): string => themeColour(foodColour(milk).replace(/^var\(|\)$/g, ''));

/** Litres by milk, month by month. */
export function Litres({ all, year, span }: LitresProps) {
  const milks = useMemo(() => year.milks.filter(([, s]) => s.ml > 0), [year]);
  const months = useMemo(
    () =>
      monthsOf(span).map((m) => {
        const of = all.filter((b) => b.at >= m.from && b.at < m.to);
        return { ...m, ml: milks.map(([milk]) => sumOf(of.filter((b) => b.milk === milk)).ml) };
      }),
    [all, milks, span],
  );
  const options = useMemo(
    (): ApexOptions => ({
      chart: { type: 'bar', stacked: true },
      series: milks.map(([milk], i) => ({
        name: upper(milkName(milk)),
        // Of what was not made nothing is drawn, and no outline.
        data: months.map((m) => (m.ml[i] ? m.ml[i] / 1000 : null)),
      })),
      colors: milks.map(([milk]) => colourOf(milk)),
      // Pale fills carry an outline, and a milk is never told by its colour alone: the table says which is which.
      stroke: { show: true, width: 1.5, colors: [themeColour('--edge')] },
      legend: { show: true, position: 'top', horizontalAlign: 'left' },
      tooltip: { y: { formatter: (v) => join(millilitres(1000 * v)) } },
      xaxis: { categories: months.map((m) => m.short) },
      yaxis: { labels: { formatter: (v) => `${plain(v, v < 3 && v % 1 !== 0 ? 1 : 0)} L` } },
    }),
    [milks, months],
  );
  return (
    <section aria-label="Litres by milk" className="plate min-w-0 p-4">
      <h2 className="text-xl">Litres by milk</h2>
      <Chart label="Litres by milk" height={280} options={options} />
      <AsTable
        label="By milk, as a table"
        heads={['milk', 'batches', 'litres', 'power', 'hands']}
        rows={year.milks.map(([milk, s]) => [
          upper(milkName(milk)),
          s.batches,
          join(millilitres(s.ml)),
          join({ n: plain(s.kWh, 1), unit: 'kWh' }),
          join(duration(60 * Math.round(s.handsS / 60))),
        ])}
      />
      <AsTable
        label="By month, as a table"
        heads={['month', ...milks.map(([milk]) => milkName(milk))]}
        rows={months.map((m) => [m.name, ...m.ml.map((x) => (x === 0 ? '–' : join(millilitres(x))))])}
      />
    </section>
  );
}
