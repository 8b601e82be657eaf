import { MEASURES } from '@ironpan/core/batch';
import type { Measure } from '@ironpan/core/batch';
import { asksOf } from '@ironpan/core/questions';
import type { Use } from '@ironpan/core/questions';
import { join, MEASURE_NAMES, measureText, roughly } from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';
import type { RankedSchool } from './useSchools';

/** A column of the methods: what it is called, what it says and what it is sorted by; null: nothing, and last. */
export interface Column {
  readonly id: Measure;
  readonly label: string;
  readonly of: (r: RankedSchool) => number | null;
  readonly text: (r: RankedSchool) => string;
}
/** To the minute within two hours, else to the hour: a cell is narrow, and a soak is no clockwork. */
export const readyIn = (s: number): string => (s < 7200 ? `${plain(s / 60)} min` : join(roughly(s)));
/** Every use asks for these at the end. */
const ALWAYS: readonly Measure[] = ['handsS', 'elapsedS', 'costPerL'];
const LABELS: Readonly<Partial<Record<Measure, string>>> = {
  handsS: 'your hands',
  elapsedS: 'ready in',
  costPerL: 'a litre costs',
  keepS: 'keeps',
  volumeMl: 'makes',
};
/** What the use itself asks, as many as there is room for. */
const OF_USE = 4;

const column = (id: Measure, currency: string): Column => {
  const of = (r: RankedSchool): number | null => MEASURES[id](r.summary);
  const said = (x: number): string => {
    if (id === 'elapsedS') return readyIn(x);
    if (id === 'handsS') return `${plain(x / 60)} min`;
    if (id === 'keepS') return join(roughly(x));
    if ((id === 'grit' && x < 0.00005) || (id === 'slime' && x < 1.005)) return 'none';
    if (id === 'beany') return plain(x);
    return join(measureText(id, x, currency));
  };
  return {
    id,
    label: LABELS[id] ?? MEASURE_NAMES[id],
    of,
    text: (r) => {
      const x = of(r);
      return x === null ? '–' : said(x);
    },
  };
};
/** The columns by the use that is asked: what counts for it first, then what each costs the cook. */
export function columnsFor(use: Use, currency: string): readonly Column[] {
  const asked = asksOf(use).filter((m) => !ALWAYS.includes(m));
  return [...asked.slice(0, OF_USE), ...ALWAYS].map((m) => column(m, currency));
}
