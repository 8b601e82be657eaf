import type { Problem, Starts } from './types';

/** A while in which the cook is in the kitchen. */
export interface Sitting {
  readonly fromS: number;
  readonly toS: number;
  /** What is done in it, in the order in which it begins. */
  readonly blocks: readonly string[];
}
/** Less than this between two pieces of work is no while of its own (common practice: one stays and washes up). */
export const STAYS_S = 15 * 60;

/** The whiles at the bench: all that wants hands or an eye, taken together where little lies between. */
export function sittingsOf(p: Problem, starts: Starts): readonly Sitting[] {
  const pieces = p.blocks
    .flatMap((b) => {
      let at = starts.get(b.id) ?? 0;
      return b.parts.flatMap((x) => {
        const fromS = at;
        at += x.durationS;
        return x.hands !== 'free' && x.durationS > 0 ? [{ fromS, toS: at, block: b.id }] : [];
      });
    })
    .sort((a, b) => a.fromS - b.fromS || a.toS - b.toS);
  const out: { fromS: number; toS: number; blocks: string[] }[] = [];
  for (const x of pieces) {
    const last = out.at(-1);
    if (!last || x.fromS > last.toS + STAYS_S) out.push({ fromS: x.fromS, toS: x.toS, blocks: [x.block] });
    else {
      last.toS = Math.max(last.toS, x.toS);
      if (!last.blocks.includes(x.block)) last.blocks.push(x.block);
    }
  }
  return out;
}
