/** A stretch of time that can be asked about. */
export interface Span {
  readonly key: string;
  readonly name: string;
  readonly from: number;
  readonly to: number;
}
/** The first instant of a month of this clock’s zone. */
const monthAt = (year: number, month: number): number => new Date(year, month, 1).getTime();
/** The last twelve months to the end of this one, and every calendar year back to the first batch. */
export function spansOf(now: number, firstAt: number): readonly Span[] {
  const d = new Date(now);
  const [year, month] = [d.getFullYear(), d.getMonth()];
  const years = Array.from({ length: Math.max(0, year - new Date(firstAt).getFullYear()) + 1 }, (_, i) => year - i);
  return [
    { key: 'last', name: 'the last twelve months', from: monthAt(year, month - 11), to: monthAt(year, month + 1) },
    ...years.map((y) => ({ key: String(y), name: String(y), from: monthAt(y, 0), to: monthAt(y + 1, 0) })),
  ];
}
export interface Month {
  readonly from: number;
  readonly to: number;
  /** “Mar 26”, and “Mar” where its year is seen beside it. */
  readonly name: string;
  readonly short: string;
}
/** The months of a span, in order. */
export function monthsOf(s: Span): readonly Month[] {
  const first = new Date(s.from);
  const of = (at: number, o: Intl.DateTimeFormatOptions): string => new Intl.DateTimeFormat(undefined, o).format(at);
  return Array.from({ length: 12 }, (_, i): Month => {
    const from = monthAt(first.getFullYear(), first.getMonth() + i);
    return {
      from,
      to: monthAt(first.getFullYear(), first.getMonth() + i + 1),
      name: of(from, { month: 'short', year: '2-digit' }),
      short: of(from, { month: 'short' }),
    };
  });
}
