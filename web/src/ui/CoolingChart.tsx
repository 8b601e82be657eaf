import { COOLING_LIMITS } from '@ironpan/core/steps';
import type { ColdAtLast } from '@ironpan/core/steps';
import { interpolate } from '@ironpan/core/numerics';
import { plain } from '@ironpan/core/units';
import { duration, join } from '@ironpan/core/words';
import type { ApexOptions } from 'apexcharts';
import { useMemo } from 'react';
import { AsTable } from './AsTable';
import { Chart } from './Chart';
import { themeColour } from './themeColour';

export interface Measured {
  readonly atS: number;
  readonly c: number;
}
interface CoolingChartProps {
  readonly way: ColdAtLast;
  readonly measured?: readonly Measured[];
}
const H = 3600;
/** More would press the first hour flat, h. */
const MOST_H = 9;
const LEFT_AT_TOP_C = 100;
const NONE: readonly Measured[] = [];

/** How it cools, in its vessel and then in the fridge, beside the steps it must stay under; measured points over it. */
export function CoolingChart({ way, measured = NONE }: CoolingChartProps) {
  const options = useMemo((): ApexOptions => {
    const { points } = way;
    const { mid, last, end } = hoursOf(way);
    const shown = points.filter(([s]) => s <= end * H);
    const limit = [
      [mid, LEFT_AT_TOP_C],
      [mid, COOLING_LIMITS.midC],
      [last, COOLING_LIMITS.midC],
      [last, COOLING_LIMITS.endC],
      [end, COOLING_LIMITS.endC],
    ] as const;
    const label = (x: number, y: number, text: string, textAnchor: 'start' | 'end') => ({
      x,
      y,
      marker: { size: 0 },
      label: {
        text,
        textAnchor,
        offsetX: textAnchor === 'start' ? 6 : -4,
        offsetY: 2,
        borderWidth: 0,
        style: { background: 'transparent', color: themeColour('--flame-text'), fontSize: '13px', fontWeight: 700 },
      },
    });
    return {
      chart: { type: 'line' },
      series: [
        { name: 'milk', type: 'line', data: shown.map(([s, c]) => ({ x: s / H, y: c })) },
        { name: 'must be under', type: 'line', data: limit.map(([x, y]) => ({ x, y })) },
        ...(measured.length > 0
          ? [{ name: 'measured', type: 'scatter', data: measured.map((m) => ({ x: m.atS / H, y: m.c })) }]
          : []),
      ],
      colors: [themeColour('--water'), themeColour('--flame-text'), themeColour('--ink')],
      stroke: { curve: 'straight', width: [3, 2, 0], dashArray: [0, 6, 0] },
      markers: { size: [0, 0, 6] },
      tooltip: { enabled: false },
      xaxis: {
        type: 'numeric',
        min: 0,
        max: end,
        tickAmount: end,
        labels: { formatter: (v) => `${plain(Number(v))} h` },
      },
      yaxis: { min: 0, max: LEFT_AT_TOP_C, tickAmount: 5, labels: { formatter: (v) => `${plain(v)} °C` } },
      annotations: {
        points: [
          label(mid, 80, `${COOLING_LIMITS.midC} °C by here`, 'start'),
          label(last, COOLING_LIMITS.midC + 6, `${COOLING_LIMITS.endC} °C by here`, 'end'),
        ],
      },
    };
  }, [way, measured]);
  return (
    <>
      <Chart label="How it cools" height={220} options={options} />
      <AsTable
        heads={measured.length > 0 ? ['after', 'milk', 'measured'] : ['after', 'milk']}
        rows={rowsOf(way, measured)}
      />
    </>
  );
}
/** When it must be under each limit, and where the drawing ends, h from the beginning. */
function hoursOf({ points, to5S }: ColdAtLast): { readonly mid: number; readonly last: number; readonly end: number } {
  const from = (points.find(([, c]) => c <= COOLING_LIMITS.fromC)?.[0] ?? 0) / H;
  const last = from + COOLING_LIMITS.endS / H;
  const end = Math.ceil(Math.min(MOST_H, Math.max(last + 0.3, (to5S ?? 0) / H + from)));
  return { mid: from + COOLING_LIMITS.midS / H, last, end };
}
/** The first hour is told closely, h. */
const TOLD_H = [0, 0.25, 0.5, 0.75, 1, 1.5, 2, 3, 4, 5, 6, 7, 8, 9];
function rowsOf(way: ColdAtLast, measured: readonly Measured[]): readonly (readonly string[])[] {
  const { end } = hoursOf(way);
  const told = measured.map((m) => ({ s: m.atS, seen: `${plain(m.c, 1)} °C` }));
  const usual = TOLD_H.filter((h) => h <= end).map((h) => ({ s: h * H, seen: '' }));
  return [...usual, ...told]
    .sort((a, b) => a.s - b.s)
    .map(({ s, seen }) => [
      s === 0 ? '0 min' : join(duration(s)),
      `${plain(interpolate(way.points, s), 0)} °C`,
      ...(measured.length > 0 ? [seen] : []),
    ]);
}
