import { HOUR_S } from '../units';
import type { Stream } from '../kitchen';
import { beanyWord, bodyOf, mayWaitS, rest, slipWord } from '../steps';
import type { contextOf } from '../steps';

type Ctx = ReturnType<typeof contextOf>;
/** As it is poured: what slime is in it is felt at this, °C. */
const SERVED_C = 8;
/** Halved so often between "still the same" and "no more", it is known to a minute. */
const HALVINGS = 7;
const LONGEST_S = 2 * HOUR_S;

/**
 * How long a stream may stand before its next step, s: as long as it keeps (`mayWaitS`), and no longer than its taste
 * stays in its word, for oats slip and for raw beans their beany note, by the same laws that the fold advances it with.
 */
export function standsS(s: Stream, ctx: Ctx): number | null {
  const keeps = mayWaitS(s, ctx);
  if (s.openedShare <= 0 || s.freeWaterG <= 0) return keeps;
  const most = Math.min(keeps ?? LONGEST_S, LONGEST_S);
  const now = tasted(s, ctx);
  if (most <= 0 || tasted(rest(s, most, ctx), ctx) === now) return keeps;
  let [same, other] = [0, most];
  for (let i = 0; i < HALVINGS; i += 1) {
    const mid = (same + other) / 2;
    if (tasted(rest(s, mid, ctx), ctx) === now) same = mid;
    else other = mid;
  }
  return same;
}
function tasted(s: Stream, ctx: Ctx): string {
  const body = bodyOf(s, SERVED_C, ctx);
  return `${body ? slipWord(body, ctx) : ''} ${beanyWord(s, ctx) ?? ''}`;
}
