import { beginS, betweenS, endS } from './conflicts';
import type { Model } from './model';
import type { Decided } from './propagate';

/**
 * Who comes before whom in a timetable, of all that is wanted twice. `ran`: some of it ran over since, into what comes
 * after; of what there is one of, who was to begin first still goes first.
 */
export function ordersOf(m: Model, est: Int32Array, ran = false): Decided {
  const decided: [number, number][][] = Array.from({ length: m.n }, () => []);
  m.groups.forEach((g, group) => {
    g.spans.forEach((a, i) =>
      g.spans.forEach((b, j) => {
        if (i === j || a.to === b.from) return;
        const first = ran && g.most === 1 ? beginS(a, est) < beginS(b, est) : endS(a, est) <= beginS(b, est);
        if (!first) return;
        decided[a.to]?.push([b.from, a.toOffS + betweenS(m, group, a, b) - b.fromOffS]);
      }),
    );
  });
  return decided;
}
