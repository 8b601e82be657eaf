import type { Hands, Problem } from '../../src/schedule';
import { EYES, lengthOf } from '../../src/schedule';

/** Lateness counts so much more than when milks are ready, s. */
export const LATE_WEIGHS = 10_000;

/** Part of a block that takes a cook. */
interface Piece {
  readonly i: number;
  readonly from: number;
  readonly to: number;
}

/**
 * The same problem as a mixed-integer programme in the LP format: a binary for each two things that cannot be at once, and
 * for each piece of work and each night. It shares nothing with the search: where two
 * may go on at once, each piece of work has a lane of its own choice. Not for four eyes at once.
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
  const either = (a: readonly [number, number, number], b: readonly [number, number, number], or = ''): void => {
    const y = `y${binaries.length}`;
    binaries.push(y);
    rows.push(`${s(a[0])} - ${s(a[1])} + ${big} ${y}${or} >= ${a[2]}`);
    rows.push(`${s(b[0])} - ${s(b[1])} - ${big} ${y}${or} >= ${b[2] - big}`);
  };
  for (const l of p.links) {
    const length = lengthOf(p.blocks[at(l.from)] ?? (p.blocks[0] as never));
    lag(at(l.to), at(l.from), length + l.leastS);
    if (l.mostS !== null) lag(at(l.from), at(l.to), -(length + l.mostS));
  }
  const piecesOf = (hands: Hands): readonly Piece[] =>
    p.blocks.flatMap((b, i) => {
      let off = 0;
      return b.parts.flatMap((x) => {
        const from = off;
        off += x.durationS;
        return x.hands === hands && x.durationS > 0 ? [{ i, from, to: off }] : [];
      });
    });
  const [busy, near] = [piecesOf('busy'), piecesOf('near')];
  const apart = (pieces: readonly Piece[], most: number): void => {
    if (most > 2) throw new RangeError('no more than two at once');
    const lanes = pieces.map(() => {
      if (most === 1) return null;
      binaries.push(`y${binaries.length}`);
      return binaries.at(-1) ?? null;
    });
    pieces.forEach((a, k) => {
      pieces.slice(k + 1).forEach((b, n) => {
        if (a.i === b.i) return;
        const [la, lb] = [lanes[k], lanes[k + 1 + n]];
        let other = '';
        if (la && lb) {
          // They are on other lanes: one of them on the second, and not both.
          const d = `y${binaries.length}`;
          binaries.push(d);
          rows.push(`${d} - ${la} - ${lb} <= 0`, `${d} + ${la} + ${lb} <= 2`);
          other = ` + ${big} ${d}`;
        }
        either([b.i, a.i, a.to - b.from], [a.i, b.i, b.to - a.from], other);
      });
    });
  };
  if (busy.length > p.cooks) apart(busy, p.cooks);
  if (near.length > EYES * p.cooks) apart(near, EYES * p.cooks);
  [...busy, ...near].forEach((a) => {
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
  const goal = ends.flatMap((e, k) => [e.byS === null ? s(e.i) : `${LATE_WEIGHS} late${k}`]).join(' + ');
  return [
    ...['Minimize', ` cost: ${goal}`, 'Subject To'],
    ...rows.map((r, i) => ` c${i}: ${r}`),
    'Bounds',
    ...p.blocks.map((b, i) =>
      b.fixedS === null ? ` ${b.notBeforeS} <= ${s(i)} <= ${p.untilS}` : ` ${s(i)} = ${b.fixedS}`,
    ),
    ...ends.flatMap((e, k) => (e.byS === null ? [] : [` late${k} >= 0`])),
    ...['General', ` ${p.blocks.map((_, i) => s(i)).join(' ')}`],
    ...(binaries.length > 0 ? ['Binary', ` ${binaries.join(' ')}`] : []),
    'End',
  ].join('\n');
}
