import { beginS, betweenS, endS } from './conflicts';
import type { Model } from './model';
import type { Decided } from './propagate';

/** Who comes before whom in a timetable, of all that is wanted twice. */
export function ordersOf(m: Model, est: Int32Array): Decided {
  const decided: [number, number][][] = Array.from({ length: m.n }, () => []);
  m.groups.forEach((g, group) => {
    g.spans.forEach((a, i) =>
      g.spans.forEach((b, j) => {
        if (i === j || a.to === b.from || endS(a, est) > beginS(b, est)) return;
        decided[a.to]?.push([b.from, a.toOffS + betweenS(m, group, a, b) - b.fromOffS]);
      }),
    );
  });
  return decided;
}
