import { capacityOf, setReady, thingOf, volumeMl } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { COOLING_W_PER_M2K, roundAreaM2, timeConstantS } from '../../laws';
import { advance } from './advance';
import { approach } from './course';
import type { Ctx } from '../types';

/**
 * Standing on the counter between two steps: time goes on for soaking, heat and keeping as in any step.
 * 0 s is the identity.
 */
export function rest(s: Stream, forS: number, ctx: Ctx): Stream {
  if (forS <= 0) return s;
  const pot = thingOf(ctx.kit, 'pot', ctx.kit.use.pot);
  const area = roundAreaM2(Math.max(50, volumeMl(s)), pot.diameterCm);
  const tau = timeConstantS(Math.max(0.01, capacityOf(s)), COOLING_W_PER_M2K.counter, area);
  const out = advance(s, approach(s.temperatureC, ctx.kit.roomC, tau, forS), ctx);
  return setReady(out, s.readyAtS + forS);
}
