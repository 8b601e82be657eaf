import { capacityOf, thingOf, volumeMl } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { COOLING_W_PER_M2K, FREEZER_C, roundAreaM2, timeConstantS } from '../../laws';
import type { Params } from '../params';
import type { Ctx } from '../types';
import { approach } from './course';
import type { Course } from './course';
import { cooling } from './keeping';

/** How warm the place is where something stands, °C. */
export function placeC(p: Pick<Params['stand'], 'place' | 'placeC'>, ctx: Ctx): number {
  switch (p.place) {
    case 'room':
      return ctx.kit.roomC;
    case 'fridge':
      return ctx.kit.fridgeC;
    case 'freezer':
      return FREEZER_C;
    case 'other':
      return p.placeC;
  }
}

/** The temperature of what waits: Newton's cooling by the vessel it is in, all of it or one jar's fill. */
export function waits(s: Stream, p: Readonly<Params['stand']>, ctx: Ctx): Course {
  const c = placeC(p, ctx);
  if (p.vessel === 'jar') return cooling(s, c, p.durationS, p.jar, ctx);
  const vessel = thingOf(ctx.kit, p.vessel, ctx.kit.use[p.vessel]);
  const area = roundAreaM2(Math.max(50, volumeMl(s)), vessel.diameterCm);
  const w = p.place === 'room' ? COOLING_W_PER_M2K.counter : COOLING_W_PER_M2K.fridge;
  return approach(s.temperatureC, c, timeConstantS(Math.max(0.01, capacityOf(s)), w, area), p.durationS);
}
