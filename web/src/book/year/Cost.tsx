import type { Kit } from '@ironpan/core/kitchen';
import { sumOf } from '@ironpan/core/questions';
import type { YearBatch } from '@ironpan/core/questions';
import { plain } from '@ironpan/core/units';
import type { ApexOptions } from 'apexcharts';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { AsTable } from '../../ui/AsTable';
import { Chart } from '../../ui/Chart';
import { themeColour } from '../../ui/themeColour';
import { monthsOf } from './months';
import type { Span } from './months';

interface CostProps {
  readonly all: readonly YearBatch[];
  readonly span: Span;
  readonly kit: Kit;
}
/** What the milk cost, beside what as much of it would have cost bought. */
export function Cost({ all, span, kit }: CostProps) {
  const money = (x: number): string => `${plain(x, 2)} ${kit.currency}`;
  const months = useMemo(
    () =>
      monthsOf(span).map((m) => {
        const s = sumOf(all.filter((b) => b.at >= m.from && b.at < m.to));
        return { ...m, made: s.cost, bought: (s.ml / 1000) * kit.boughtPerL };
      }),
    [all, span, kit.boughtPerL],
  );
  const options = useMemo(
    (): ApexOptions => ({
      chart: { type: 'bar' },
      series: [
        { name: 'made', data: months.map((m) => m.made || null) },
        { name: 'bought', data: months.map((m) => m.bought || null) },
      ],
      colors: [themeColour('--water'), themeColour('--line')],
      stroke: { show: true, width: 1.5, colors: [themeColour('--edge')] },
      legend: { show: true, position: 'top', horizontalAlign: 'left' },
      tooltip: { y: { formatter: (v) => `${plain(v, 2)} ${kit.currency}` } },
      xaxis: { categories: months.map((m) => m.short) },
      yaxis: { labels: { formatter: (v) => `${plain(v, v < 10 && v % 1 !== 0 ? 1 : 0)} ${kit.currency}` } },
    }),
    [months, kit.currency],
  );
  const s = sumOf(all);
  const bought = (s.ml / 1000) * kit.boughtPerL;
  const less = bought - s.cost;
  return (
    <section aria-label="Made, and bought" className="plate min-w-0 p-4">
      <h2 className="text-xl">Made, and bought</h2>
      <p>
        {money(s.cost)} of food and power made what would cost {money(bought)} bought at {money(kit.boughtPerL)} a
        litre:{' '}
        <b>
          {money(Math.abs(less))} {less < 0 ? 'more' : 'less'}
        </b>
        . Your hands are not counted. Prices are set in the{' '}
        <Link className="link" to="/kit">
          kit
        </Link>
        .
      </p>
      <Chart label="Made, and bought" height={260} options={options} />
      <AsTable heads={['month', 'made', 'bought']} rows={months.map((m) => [m.name, money(m.made), money(m.bought)])} />
    </section>
  );
}
