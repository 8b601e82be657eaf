import type { Lever } from '@ironpan/core/questions';
import type { Factor } from '@ironpan/core/trials';
import { fromInner, toInner } from '@ironpan/core/units';

/** A lever as a thing that is changed: to a third more, as round as a cook would say it; at its bound, to less. */
export function factorOf(l: Lever): Factor {
  const round = (x: number): number =>
    Math.min(l.most, Math.max(l.least, toInner(Number(fromInner(x, l.shown).toPrecision(2)), l.shown)));
  const more = round(l.high);
  return { at: l.at, from: l.now, to: more > l.now ? more : round(l.low) };
}
