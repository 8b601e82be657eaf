import { clearAt } from '@ironpan/core/learning';
import type { Approach, SeenClear } from '@ironpan/core/learning';
import { plain } from '@ironpan/core/units';
import type { ApexOptions } from 'apexcharts';
import { useMemo } from 'react';
import { Chart } from '../../ui/Chart';
import { themeColour } from '../../ui/themeColour';

export interface PartsLine {
  readonly name: string;
  readonly seen: readonly SeenClear[];
  readonly expected: Approach;
  readonly fitted: Approach;
}
const POINTS = 36;
const COLOURS = ['--water', '--flame', '--leaf-text', '--amber'] as const;

/** How much of a milk has gone clear, by hours in the cold: a line for each method, its looks as dots, the first with its band. */
export function PartsChart({ lines }: { readonly lines: readonly PartsLine[] }) {
  const options = useMemo((): ApexOptions => {
    const seen = lines.flatMap((l) => l.seen);
    const end = Math.ceil(Math.max(24, ...seen.map((s) => s.hours * 1.1)) / 12) * 12;
    const hours = Array.from({ length: POINTS + 1 }, (_, i) => (end * i) / POINTS);
    const [first] = lines;
    const colour = lines.map((_, i) => themeColour(COLOURS[i % COLOURS.length] ?? '--water'));
    const line = (name: string, a: Approach) => ({
      type: 'line' as const,
      name,
      data: hours.map((x) => ({ x, y: 100 * clearAt(a, x).share })),
    });
    return {
      chart: { type: 'rangeArea' },
      series: [
        ...(first
          ? [
              {
                type: 'rangeArea' as const,
                name: 'expected, 80 % band',
                data: hours.map((x) => {
                  const b = clearAt(first.expected, x);
                  return { x, y: [100 * b.low, 100 * b.high] as [number, number] };
                }),
              },
            ]
          : []),
        ...lines.map((l) => line(l.name, l.fitted)),
        ...lines.map((l) => ({
          type: 'scatter' as const,
          name: `${l.name}, seen`,
          data: l.seen.map((s) => ({ x: s.hours, y: 100 * s.share })),
        })),
      ],
      colors: [...(first ? [colour[0] ?? ''] : []), ...colour, ...colour],
      fill: { opacity: [0.18, ...lines.map(() => 1), ...lines.map(() => 1)], type: 'solid' },
      stroke: { curve: 'smooth', width: [0, ...lines.map(() => 2.5), ...lines.map(() => 0)] },
      markers: { size: [0, ...lines.map(() => 0), ...lines.map(() => 5)], strokeWidth: 0 },
      tooltip: { enabled: false },
      legend: {
        show: lines.length > 1,
        position: 'top',
        horizontalAlign: 'left',
        customLegendItems: lines.map((l) => l.name),
        markers: { fillColors: colour },
      },
      xaxis: {
        type: 'numeric',
        min: 0,
        max: end,
        tickAmount: 6,
        labels: { formatter: (v) => `${plain(Number(v))} h` },
      },
      yaxis: { min: 0, max: 100, tickAmount: 4, labels: { formatter: (v) => `${plain(v)} %` } },
    };
  }, [lines]);
  return <Chart label="How it parts" height={210} options={options} />;
}
