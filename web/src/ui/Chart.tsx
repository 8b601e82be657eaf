import type ApexCharts from 'apexcharts';
import type { ApexOptions } from 'apexcharts';
import { useEffect, useRef } from 'react';
import { themeColour } from './themeColour';
import { reportAs } from '../report';

interface ChartProps {
  readonly label: string;
  readonly height: number;
  /** Told once; a new one draws the chart anew. */
  readonly options: ApexOptions;
}
/** A chart; whoever shows one shows its table too, which is what a screen reader is given. */
export function Chart({ label, height, options }: ChartProps) {
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const host = box.current;
    if (!host) return;
    // A place of its own for each drawing: the library may draw once more after it was told to go.
    const place = host.appendChild(document.createElement('div'));
    let chart: ApexCharts | null = null;
    let gone = false;
    // A heavy part: it comes after the page, and only where something is drawn.
    void import('apexcharts')
      .then(async ({ default: Apex }) => {
        if (gone) return;
        chart = new Apex(place, plain(options, height));
        await chart.render();
      })
      // What cannot be drawn stands in its table.
      .catch(reportAs('Drawing a chart'));
    return () => {
      gone = true;
      chart?.destroy();
      place.remove();
    };
  }, [options, height]);
  return <div ref={box} aria-hidden="true" data-chart={label} style={{ minHeight: height }} />;
}
/** As this kitchen wears it: its letters and colours, no toolbar, nothing that moves by itself. */
function plain(o: ApexOptions, height: number): ApexOptions {
  const ink = themeColour('--ink');
  const ash = themeColour('--ash');
  const text = { colors: ash, fontFamily: 'var(--font-sans)', fontSize: '13px' };
  return {
    ...o,
    chart: {
      ...o.chart,
      height,
      fontFamily: 'var(--font-sans)',
      foreColor: ink,
      background: 'transparent',
      toolbar: { show: false },
      zoom: { enabled: false },
      animations: { enabled: false },
    },
    grid: { borderColor: themeColour('--line'), ...o.grid },
    legend: { show: false, ...o.legend },
    dataLabels: { enabled: false },
    xaxis: { ...o.xaxis, labels: { style: text, ...o.xaxis?.labels } },
    yaxis: Array.isArray(o.yaxis) ? o.yaxis : { ...o.yaxis, labels: { style: text, ...o.yaxis?.labels } },
  };
}
