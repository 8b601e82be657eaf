import { capacityOf, multiplier, thingOf, volumeMl } from '../../kitchen';
import type { Stream, ThingOf } from '../../kitchen';
import { HOB_EFFICIENCY, latentKJPerKg, potCourse, potFaces, potLossW, vesselKJPerK } from '../../laws';
import type { PotCourse, PotFaces, PotPlacement } from '../../laws';
import type { Ctx } from '../types';
import { linearCourse } from './course';
import type { Course } from './course';

/** A pot on a hob of this kitchen. */
export interface Pot {
  readonly pot: ThingOf<'pot'>;
  readonly hob: ThingOf<'hob'>;
  /** What of the hob's power reaches the pot, W. */
  readonly heatW: number;
}
/** The pot and the hob that a step names. */
export function findPot(p: { readonly pot: string; readonly hob: string }, ctx: Ctx): Pot {
  const hob = thingOf(ctx.kit, 'hob', p.hob);
  const heatW = hob.watts * HOB_EFFICIENCY[hob.heat] * multiplier(ctx.beliefs, 'hob', hob.id);
  return { pot: thingOf(ctx.kit, 'pot', p.pot), hob, heatW };
}

export interface Rise {
  /** How long it takes, s, and its temperatures. */
  readonly upS: number;
  readonly course: Course;
  /** How warm it is so many s in, °C; on a hob that is not turned down it goes on rising, to the boil. */
  readonly cAt: (s: number) => number;
  readonly vapourG: number;
  /** As warm as it gets, °C; with `stallsC` it never gets as warm as was asked. */
  readonly topC: number;
  readonly stallsC: number | null;
  readonly faces: PotFaces;
  /** Heat that it loses at its top, W. */
  readonly lossW: number;
}
/** What never boils is left on the hob for this long, s. */
const GIVE_UP_S = 2 * 3600;

/** Up to a temperature in a pot that loses heat to the room: open, or under its lid. It may never get there. */
export function heatPot(s: Stream, toC: number, on: Pot, ctx: Ctx, stands: PotPlacement = 'onHob'): Rise {
  const faces = potFaces(volumeMl(s), on.pot.diameterCm, stands);
  const kJPerK = capacityOf(s, (s.temperatureC + toC) / 2) + vesselKJPerK(on.pot);
  const warms = toC > s.temperatureC;
  const way: PotCourse = warms
    ? potCourse(Math.max(1e-6, kJPerK), s.temperatureC, toC, on.heatW, faces, ctx.kit.roomC)
    : { c: [s.temperatureC], s: [0], vapourG: 0, stallsC: null };
  const reachedS = way.s.at(-1) ?? 0;
  const upS = way.stallsC === null ? reachedS : Math.max(reachedS, GIVE_UP_S);
  const topC = way.c.at(-1) ?? s.temperatureC;
  const loss = potLossW(faces, topC, ctx.kit.roomC);
  const waitsG = (loss.vapourW * (upS - reachedS)) / latentKJPerKg(topC);
  const course = linearCourse(way.c, way.s, upS);
  const perS = way.stallsC === null ? slopeAtEnd(way) : 0;
  return {
    upS,
    course,
    cAt: (t) => (t <= upS ? course.at(t) : Math.min(Math.max(topC, ctx.boilC), topC + perS * (t - upS))),
    vapourG: Math.max(0, way.vapourG + waitsG),
    topC,
    stallsC: way.stallsC,
    faces,
    lossW: loss.allW,
  };
}
function slopeAtEnd({ c, s }: PotCourse): number {
  const n = s.length - 1;
  return n > 0 ? ((c[n] as number) - (c[n - 1] as number)) / ((s[n] as number) - (s[n - 1] as number)) : 0;
}
/** What evaporates from it while it is kept at a temperature, g. */
export const vapourWhileHeldG = (faces: PotFaces, c: number, forS: number, ctx: Ctx): number =>
  Math.max(0, (potLossW(faces, c, ctx.kit.roomC).vapourW * forS) / latentKJPerKg(c));
/** Power that a hob draws to make up for a loss, W. */
export const hobPowerW = (on: Pot, lossW: number): number =>
  on.heatW > 0 ? on.hob.watts * Math.min(1, Math.max(0, lossW) / on.heatW) : 0;
