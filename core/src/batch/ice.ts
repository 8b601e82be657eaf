import type { Stream } from '../kitchen';
import { FREEZING_POINT_C, iceShare, thawsInS } from '../steps';
import type { Ctx } from '../steps';

/** Colder than this a jar is frozen through, °C: the ice in it grows hardly any more. */
const THROUGH_C = -5;
/** A jar in which there is ice. */
export interface Ice {
  readonly state: 'freezing' | 'frozen' | 'thawing';
  /** Share of its water that is ice, 0..1. */
  readonly share: number;
  /** Until all of it has melted where it stands, s; null: it stays ice there. */
  readonly liquidInS: number | null;
  /** Until all of it would have melted in the fridge, s. */
  readonly inFridgeS: number;
}
/** How a jar of `s` that stands at `placeC` is frozen; null: all of it is liquid. */
export function iceOf(s: Stream, placeC: number, fridgeC: number, ctx: Ctx): Ice | null {
  if (s.temperatureC >= FREEZING_POINT_C) return null;
  const liquidInS = thawsInS(s, placeC, ctx.kit.use.jar, ctx);
  return {
    state: liquidInS !== null ? 'thawing' : s.temperatureC <= THROUGH_C ? 'frozen' : 'freezing',
    share: iceShare(s.temperatureC),
    liquidInS,
    inFridgeS: thawsInS(s, Math.max(fridgeC, 1), ctx.kit.use.jar, ctx) ?? 0,
  };
}
