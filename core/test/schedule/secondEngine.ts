import type { Problem } from '../../src/schedule';
import { lengthOf } from '../../src/schedule';

/** Lateness counts so much more than when milks are ready, s. */
export const LATE_WEIGHS = 10_000;

/**
 * The same problem as a mixed-integer programme in the LP format: a binary for each two things that cannot be at once, and
 * for each piece of work and each night. It shares nothing with the search. Hands, things and nights; no eyes.
 */
export function asProgramme(p: Problem): string {
  const place = new Map(p.blocks.map((b, i) => [b.id, i] as const));
  const at = (id: string): number => place.get(id) ?? NaN;
  const s = (i: number): string => `s${i}`;
  const rows: string[] = [];
  const binaries: string[] = [];
  const big = 2 * p.untilS;
  const lag = (to: number, from: number, least: number): unknown =>
    to === from ? 0 : rows.push(`${s(to)} - ${s(from)} >= ${least}`);
  const either = (a: readonly [number, number, number], b: readonly [number, number, number]): void => {
    const y = `y${binaries.length}`;
    binaries.push(y);
    rows.push(`${s(a[0])} - ${s(a[1])} + ${big} ${y} >= ${a[2]}`);
    rows.push(`${s(b[0])} - ${s(b[1])} - ${big} ${y} >= ${b[2] - big}`);
  };
  for (const l of p.links) {
    const length = lengthOf(p.blocks[at(l.from)] ?? (p.blocks[0] as never));
    lag(at(l.to), at(l.from), length + l.leastS);
    if (l.mostS !== null) lag(at(l.from), at(l.to), -(length + l.mostS));
  }
  const pieces = p.blocks.flatMap((b, i) => {
    let off = 0;
    return b.parts.flatMap((x) => {
      const from = off;
      off += x.durationS;
      return x.hands === 'busy' && x.durationS > 0 ? [{ i, from, to: off }] : [];
    });
  });
  pieces.forEach((a, k) => {
    for (const b of pieces.slice(k + 1)) if (a.i !== b.i) either([b.i, a.i, a.to - b.from], [a.i, b.i, b.to - a.from]);
    for (const o of p.off) {
      const y = `y${binaries.length}`;
      binaries.push(y);
      rows.push(`${s(a.i)} - ${big} ${y} <= ${o.fromS - a.to}`);
      rows.push(`${s(a.i)} - ${big} ${y} >= ${o.toS - a.from - big}`);
    }
  });
  p.uses.forEach((u, k) => {
    for (const v of p.uses.slice(k + 1)) {
      if (u.thing !== v.thing) continue;
      const wash = (a: typeof u, b: typeof u): number => (a.milk === b.milk ? 0 : p.setUpS(a.thing, a.milk, b.milk));
      const end = (x: typeof u): number => lengthOf(p.blocks[at(x.to)] ?? (p.blocks[0] as never));
      either([at(v.from), at(u.to), end(u) + wash(u, v)], [at(u.from), at(v.to), end(v) + wash(v, u)]);
    }
  });
  const ends = p.wishes.map((w) => ({ i: at(w.last), length: lengthOf(p.blocks[at(w.last)] as never), byS: w.byS }));
  ends.forEach((e, k) => {
    if (e.byS !== null) rows.push(`late${k} - ${s(e.i)} >= ${e.length - e.byS}`);
  });
  const goal = ends.flatMap((e, k) => [...(e.byS === null ? [] : [`${LATE_WEIGHS} late${k}`]), s(e.i)]).join(' + ');
  return [
    ...['Minimize', ` cost: ${goal}`, 'Subject To'],
    ...rows.map((r, i) => ` c${i}: ${r}`),
    'Bounds',
    ...p.blocks.map((b, i) => ` ${b.notBeforeS} <= ${s(i)} <= ${p.untilS}`),
    ...ends.flatMap((e, k) => (e.byS === null ? [] : [` late${k} >= 0`])),
    ...['General', ` ${p.blocks.map((_, i) => s(i)).join(' ')}`],
    ...(binaries.length > 0 ? ['Binary', ` ${binaries.join(' ')}`] : []),
    'End',
  ].join('\n');
}
