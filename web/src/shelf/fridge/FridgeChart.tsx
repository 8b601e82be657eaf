import type { FridgeLine } from '@ironpan/core/batch';
import { COLD_C } from '@ironpan/core/steps';
import { plain } from '@ironpan/core/units';
import type { ApexOptions } from 'apexcharts';
import { useMemo } from 'react';
import { Chart } from '../../ui/Chart';
import { themeColour } from '../../ui/themeColour';
import { dayMonth } from '../../ui/times';

interface FridgeChartProps {
  readonly lines: readonly FridgeLine[];
  readonly from: number;
  readonly until: number;
}
/** How warm the fridge was, hour by hour; the warmest moment of an hour over it where a logger told it. */
export function FridgeChart({ lines, from, until }: FridgeChartProps) {
  const options = useMemo((): ApexOptions => {
    const last = lines.at(-1);
    const all = last ? [...lines, { ...last, at: until }] : [];
    const hot = all.filter((l) => l.hottestC !== undefined && l.hottestC > l.placeC + 1);
    const top = 4 * Math.ceil((Math.max(7, ...all.map((l) => Math.max(l.placeC, l.hottestC ?? 0))) + 0.5) / 4);
    const low = Math.min(0, 4 * Math.floor(Math.min(...all.map((l) => l.placeC)) / 4));
    return {
      chart: { type: 'line' },
      series: [
        { name: 'fridge', type: 'line', data: all.map((l) => ({ x: l.at, y: l.placeC })) },
        ...(hot.length > 0
          ? [{ name: 'warmest', type: 'scatter', data: hot.map((l) => ({ x: l.at, y: l.hottestC })) }]
          : []),
      ],
      colors: [themeColour('--water'), themeColour('--flame-text')],
      stroke: { curve: 'stepline', width: [2.5, 0] },
      markers: { size: [0, 4] },
      tooltip: { enabled: false },
      xaxis: {
        type: 'numeric',
        min: from,
        max: until,
        tickAmount: 7,
        labels: { formatter: (v) => dayMonth(Number(v)) },
      },
      yaxis: {
        min: low,
        max: top,
        tickAmount: (top - low) / 4,
        labels: { formatter: (v) => `${plain(v)} °C` },
      },
      annotations: {
        yaxis: [
          {
            y: COLD_C,
            borderColor: themeColour('--flame-text'),
            strokeDashArray: 6,
            label: {
              text: `${COLD_C} °C at most`,
              borderWidth: 0,
              style: { background: 'transparent', color: themeColour('--flame-text'), fontSize: '13px' },
            },
          },
        ],
      },
    };
  }, [lines, from, until]);
  return <Chart label="How warm the fridge was" height={190} options={options} />;
}
