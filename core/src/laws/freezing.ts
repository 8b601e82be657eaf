import { within } from './domain';

/** Where ice begins to form in a milk, °C (models §7; an estimate: sugars and salts lower it by so little). */
export const FREEZING_POINT_C = -0.3;
/** Latent heat of water, kJ/kg, and heat capacity of frozen food, kJ/kgK. */
const LATENT_KJ_PER_KG = 334;
const FROZEN_KJ_PER_KGK = 2.1;

/** Share of the water that is ice at so many °C: 1 − Tf/T (Schwartzberg 1976, J. Food Sci. 41:152). 0 from −0.3 °C up. */
export const iceShare = (c: number): number => (c >= FREEZING_POINT_C ? 0 : 1 - FREEZING_POINT_C / c);

/** One body that freezes or thaws: its mass, kg, share of water 0..1, what its surface passes on, W/K. */
export interface FreezingBody {
  readonly massKg: number;
  readonly waterShare: number;
  readonly wPerK: number;
}

/**
 * Seconds in which a partly frozen body comes from one temperature to another beside surroundings of `aroundC`; both at or
 * below the freezing point and on the same side of the surroundings. The closed form of dH/dt = UA(Ta − T)/m with
 * H = −334·w·(1 − Tf/T) + 2.1·(T − Tf) kJ/kg (models §7).
 */
export function frozenSeconds(body: FreezingBody, fromC: number, toC: number, aroundC: number): number {
  const w = within('water share', body.waterShare, 0, 1);
  const ice = -LATENT_KJ_PER_KG * w * FREEZING_POINT_C * (overSquare(toC, aroundC) - overSquare(fromC, aroundC));
  const cold = FROZEN_KJ_PER_KGK * Math.log((aroundC - fromC) / (aroundC - toC));
  return (body.massKg * 1000 * (ice + cold)) / within('heat passed on', body.wPerK, 1e-9, Infinity);
}
/** ∫ dT / (T²·(A − T)), T below 0. Near A = 0 by its series, where the closed form cancels. */
function overSquare(t: number, a: number): number {
  if (Math.abs(a) < 1e-3) return 1 / (2 * t * t) + a / (3 * t ** 3) + (a * a) / (4 * t ** 4);
  return -1 / (a * t) + Math.log(Math.abs(t / (a - t))) / (a * a);
}
/** Temperature of a partly frozen body after `s` seconds, °C: the inverse of {@link frozenSeconds}, to a microkelvin. */
export function frozenC(body: FreezingBody, fromC: number, aroundC: number, s: number): number {
  if (s <= 0 || Math.abs(aroundC - fromC) < 1e-9) return fromC;
  const warms = aroundC > fromC;
  // It comes no further than its surroundings, and as ice no warmer than its freezing point.
  const end = warms ? Math.min(aroundC, FREEZING_POINT_C) : aroundC;
  const near = end === aroundC ? end + (warms ? -1e-9 : 1e-9) : end;
  if (frozenSeconds(body, fromC, near, aroundC) <= s) return near;
  let low = Math.min(fromC, near);
  let high = Math.max(fromC, near);
  for (let i = 0; i < 60 && high - low > 1e-6; i += 1) {
    const mid = (low + high) / 2;
    if (frozenSeconds(body, fromC, mid, aroundC) < s === warms) low = mid;
    else high = mid;
  }
  return (low + high) / 2;
}
