import type { Group, Model, Span } from './model';

/** Things that are wanted at once more often than they are there; each way out puts one of them before another. */
export interface Conflict {
  readonly group: number;
  readonly spans: readonly number[];
}
/** More than so many are not looked at to choose among. */
const MOST = 8;

export const beginS = (s: Span, est: Int32Array): number => (est[s.from] as number) + s.fromOffS;
export const endS = (s: Span, est: Int32Array): number => (est[s.to] as number) + s.toOffS;
/** What the group needs between two of its spans, s. */
export function betweenS(m: Model, group: number, a: Span, b: Span): number {
  const g = m.groups[group] as Group;
  return g.kind === 'thing' && a.milk !== b.milk ? m.setUpS(m.groupThing[group] ?? '', a.milk, b.milk) : 0;
}

/** What clashes at these beginnings, the earliest first; none: it is a timetable. */
export function conflictsOf(m: Model, est: Int32Array): readonly Conflict[] {
  const out: (Conflict & { readonly at: number })[] = [];
  m.groups.forEach((g, group) => {
    if (g.spans.length <= g.most) return;
    const order = g.spans.map((_, i) => i).sort((a, b) => at(g, a, est) - at(g, b, est));
    if (g.most === 1) pairs(m, group, order, est, out);
    else crowds(g, group, order, est, out);
  });
  return out.sort((a, b) => a.at - b.at).slice(0, MOST);
}
const at = (g: Group, i: number, est: Int32Array): number => beginS(g.spans[i] as Span, est);

function pairs(
  m: Model,
  group: number,
  order: readonly number[],
  est: Int32Array,
  out: (Conflict & { readonly at: number })[],
): void {
  const g = m.groups[group] as Group;
  for (let k = 0; k < order.length; k += 1) {
    const i = order[k] as number;
    const a = g.spans[i] as Span;
    for (const j of order.slice(k + 1)) {
      const b = g.spans[j] as Span;
      // They are in order of their beginning: once b begins after a and what must lie between, so do all after it but those with less between.
      if (beginS(b, est) >= endS(a, est) + betweenS(m, group, a, b)) continue;
      if (beginS(a, est) >= endS(b, est) + betweenS(m, group, b, a)) continue;
      out.push({ group, spans: [i, j], at: beginS(b, est) });
    }
  }
}
/** More going on at one moment than may: the first so many of them. */
function crowds(
  g: Group,
  group: number,
  order: readonly number[],
  est: Int32Array,
  out: (Conflict & { readonly at: number })[],
): void {
  for (const i of order) {
    const t = at(g, i, est);
    const on = order.filter((j) => at(g, j, est) <= t && endS(g.spans[j] as Span, est) > t);
    if (on.length <= g.most) continue;
    out.push({ group, spans: on.slice(0, g.most + 1), at: t });
    return;
  }
}
