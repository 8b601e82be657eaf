import { EYES, lengthOf } from './types';
import type { Hands, Problem } from './types';

/** A part of a block that takes something of a cook. */
export interface Piece {
  readonly block: number;
  /** After the beginning of its block, s. */
  readonly offS: number;
  readonly durationS: number;
}
/** Several things of which only so many may go on at once. */
export interface Group {
  readonly kind: 'hands' | 'eye' | 'thing';
  readonly most: number;
  readonly spans: readonly Span[];
}
/** From so long after the beginning of one block to so long after the beginning of another. */
export interface Span {
  readonly from: number;
  readonly fromOffS: number;
  readonly to: number;
  readonly toOffS: number;
  readonly milk: string;
}
/** A problem with blocks by their place, ready to be searched. */
export interface Model {
  readonly n: number;
  readonly ids: readonly string[];
  readonly lengthS: Int32Array;
  readonly notBeforeS: Int32Array;
  /** −1: not fixed. */
  readonly fixedS: Int32Array;
  /** [to, lag] pairs by block: the other begins no sooner than so long after this one begins; lags may be negative. */
  readonly edges: readonly (readonly (readonly [number, number])[])[];
  readonly groups: readonly Group[];
  readonly pieces: readonly (readonly Piece[])[];
  readonly off: Problem['off'];
  readonly untilS: number;
  readonly setUpS: Problem['setUpS'];
  readonly groupThing: readonly string[];
  readonly wishes: readonly { readonly milk: string; readonly block: number; readonly byS: number | null }[];
}

/** @throws RangeError where something names a block that is not there, or a block has no length at all */
export function modelOf(p: Problem): Model {
  const place = new Map(p.blocks.map((b, i) => [b.id, i] as const));
  const at = (id: string): number => {
    const i = place.get(id);
    if (i === undefined) throw new RangeError(`there is no block "${id}"`);
    return i;
  };
  const lengthS = Int32Array.from(p.blocks, lengthOf);
  const edges: [number, number][][] = p.blocks.map(() => []);
  for (const l of p.links) {
    const [a, b] = [at(l.from), at(l.to)];
    const end = lengthS[a] ?? 0;
    edges[a]?.push([b, end + l.leastS]);
    if (l.mostS !== null) edges[b]?.push([a, -(end + l.mostS)]);
  }
  const piecesOf = (hands: Hands): Piece[] =>
    p.blocks.flatMap((b, block) => {
      let offS = 0;
      return b.parts.flatMap((x) => {
        const piece = { block, offS, durationS: x.durationS };
        offS += x.durationS;
        return x.hands === hands && x.durationS > 0 ? [piece] : [];
      });
    });
  const spanOf = (x: Piece): Span => ({
    ...{ from: x.block, fromOffS: x.offS, to: x.block, toOffS: x.offS + x.durationS },
    milk: p.blocks[x.block]?.milk ?? '',
  });
  const [busy, near] = [piecesOf('busy'), piecesOf('near')];
  const things = [...new Set(p.uses.map((u) => u.thing))];
  const groups: Group[] = [
    { kind: 'hands', most: p.cooks, spans: busy.map(spanOf) },
    { kind: 'eye', most: EYES * p.cooks, spans: near.map(spanOf) },
    ...things.map((thing): Group => ({
      ...{ kind: 'thing', most: 1 },
      spans: p.uses
        .filter((u) => u.thing === thing)
        .map((u) => ({
          ...{ from: at(u.from), fromOffS: 0, to: at(u.to), toOffS: lengthS[at(u.to)] ?? 0 },
          milk: u.milk,
        })),
    })),
  ];
  const pieces = p.blocks.map((_, i) => [...busy, ...near].filter((x) => x.block === i));
  return {
    ...{ n: p.blocks.length, ids: p.blocks.map((b) => b.id), lengthS, edges, groups, pieces },
    notBeforeS: Int32Array.from(p.blocks, (b) => Math.ceil(b.notBeforeS)),
    fixedS: Int32Array.from(p.blocks, (b) => b.fixedS ?? -1),
    off: [...p.off].sort((a, b) => a.fromS - b.fromS),
    untilS: p.untilS,
    setUpS: p.setUpS,
    groupThing: ['', '', ...things],
    wishes: p.wishes.map((w) => ({ milk: w.milk, block: at(w.last), byS: w.byS })),
  };
}
