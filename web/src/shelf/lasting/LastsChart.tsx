import { plain } from '@ironpan/core/units';
import type { ApexOptions } from 'apexcharts';
import { useMemo } from 'react';
import type { Lasting } from '../../offload/lasting.worker';
import { Chart } from '../../ui/Chart';
import { themeColour } from '../../ui/themeColour';

interface LastsChartProps {
  readonly found: Lasting;
  /** What plans and jars are reckoned with, and the cap, days. */
  readonly usualD: number;
  readonly capD: number;
}
/** The share of jars still fine, stepwise, with its band; the fitted curve over it where there is one. */
export function LastsChart({ found, usualD, capD }: LastsChartProps) {
  const options = useMemo((): ApexOptions => {
    const end = Math.ceil(Math.max(capD, usualD, found.curve.at(-1)?.d ?? 0, found.steps.at(-1)?.d ?? 0) + 0.05);
    const last = found.steps.at(-1);
    const steps = last ? [...found.steps, { ...last, d: end }] : [];
    const water = themeColour('--water');
    const mark = (x: number, text: string, colour: string, down: number) => ({
      x,
      borderColor: colour,
      strokeDashArray: 0,
      label: {
        text,
        orientation: 'horizontal',
        offsetY: down,
        borderWidth: 0,
        style: { background: 'transparent', color: colour, fontSize: '13px', fontWeight: 700 },
      },
    });
    return {
      chart: { type: 'rangeArea' },
      series: [
        { type: 'rangeArea', name: '80 % band', data: steps.map((s) => ({ x: s.d, y: [s.low * 100, s.high * 100] })) },
        { type: 'line', name: 'still fine', data: steps.map((s) => ({ x: s.d, y: s.share * 100 })) },
        ...(found.curve.length > 0
          ? [
              {
                type: 'line' as const,
                name: 'fitted',
                data: found.curve.map((c) => ({ x: c.d, y: c.share * 100 })),
              },
            ]
          : []),
      ],
      colors: [water, water, themeColour('--ink')],
      fill: { opacity: [0.22, 1, 1], type: 'solid' },
      stroke: { curve: ['stepline', 'stepline', 'smooth'], width: [0, 3, 1.5], dashArray: [0, 0, 5] },
      tooltip: { enabled: false },
      xaxis: {
        type: 'numeric',
        min: 0,
        max: end,
        tickAmount: Math.min(end, 12),
        labels: { formatter: (v) => `${plain(Number(v))} d` },
      },
      yaxis: { min: 0, max: 100, tickAmount: 4, labels: { formatter: (v) => `${plain(v)} %` } },
      annotations: {
        xaxis: [
          mark(usualD, `we say ${plain(usualD, 1)} d`, themeColour('--flame-text'), 18),
          ...(capD > usualD + 0.3 ? [mark(capD, `cap ${plain(capD, 1)} d`, themeColour('--ash'), 40)] : []),
        ],
      },
    };
  }, [found, usualD, capD]);
  return <Chart label="How long it lasts" height={230} options={options} />;
}
