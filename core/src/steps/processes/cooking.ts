import { at, away, draftOf, multiplier, volumeMl, waterFlow } from '../../kitchen';
import type { Flow, Stream } from '../../kitchen';
import {
  BOIL_AT_LEAST_S,
  hobSteamGPerS,
  INHIBITOR_GOAL,
  inhibitorPace,
  labileLeft,
  latentKJPerKg,
  POT_FULL,
  stableLeft,
  potLossW,
  steamGPerS,
  TRUE_BOIL_C,
} from '../../laws';
import type { Vigour } from '../../laws';
import { findRoot } from '../../numerics';
import { advance } from './advance';
import { courseOf, holdAt } from './course';
import { hobPowerW, findPot, heatPot, vapourWhileHeldG } from './onHob';
import type { Rise } from './onHob';
import type { CookingFigure } from '../params';
import type { Ctx, Task } from '../types';

interface Cooked {
  readonly stream: Stream;
  /** As it reached the true boil. */
  readonly atBoil: Stream;
  readonly flows: readonly Flow[];
  readonly tasks: readonly Task[];
  /** Its caller's own: it adds to them (copying them was a tenth of a fold, measured). */
  readonly figures: Record<CookingFigure, number> & StallFigures;
}
interface OnHob {
  readonly of: string;
  readonly holdS: number;
  readonly vigour: Vigour;
  readonly pot: string;
  readonly hob: string;
}

/**
 * Up to the true boil on this hob, then held there, steaming. The clock of the hold starts at the true boil. A pot that loses
 * as much as the hob gives never boils: it is held where it stops.
 */
export function cookInPot(id: string, s: Stream, p: OnHob, ctx: Ctx): Cooked {
  const on = findPot(p, ctx);
  const rise = heatPot(s, ctx.boilC, on, ctx);
  const up = rise.upS;
  const course = courseOf(ctx, 'heatUp', up, () => rise.course);
  const atBoil = advance(s, course, ctx);
  const offUp = Math.min(rise.vapourG, atBoil.freeWaterG);
  atBoil.freeWaterG -= offUp;
  const asked = steamGPerS(p.vigour, on.pot.diameterCm) * multiplier(ctx.beliefs, 'steam', on.pot.id);
  const can = hobSteamGPerS(on.heatW, rise.faces, ctx.boilC, ctx.kit.roomC);
  const boils = rise.stallsC === null;
  const rate = boils ? Math.min(asked, can) : vapourWhileHeldG(rise.faces, rise.topC, 1, ctx);
  const boiling = courseOf(ctx, 'hold', p.holdS, () => holdAt(atBoil.temperatureC, p.holdS));
  const held = advance(atBoil, boiling, ctx, 'open');
  const off = Math.min(rate * p.holdS, held.freeWaterG);
  const stream = draftOf(held);
  stream.freeWaterG = held.freeWaterG - off;
  stream.readyAtS = s.readyAtS + up + p.holdS;
  const steam = offUp + off;
  const lambda = latentKJPerKg(ctx.boilC);
  const walls = on.heatW - can * lambda;
  const gentle = steamGPerS('gentle', on.pot.diameterCm) * multiplier(ctx.beliefs, 'steam', on.pot.id);
  const figures: Record<CookingFigure, number> & StallFigures = {
    heatUpS: up,
    boilingC: ctx.boilC,
    holdS: p.holdS,
    steamG: steam,
    potShare: volumeMl(s) / on.pot.ml,
    potLimit: POT_FULL,
    steamWantG: offUp + rate * p.holdS,
    gentleShare: rate > 0 ? Math.min(gentle, can) / rate : 1,
    trueFromC: ctx.boilC - TRUE_BOIL_C,
    energyKJ: (up * on.hob.watts + p.holdS * hobPowerW(on, boils ? rate * lambda + walls : rise.lossW)) / 1000,
    /** Power that this steaming takes from the hob, as a share of what it can give. */
    steamLoad: on.heatW > 0 ? (asked * lambda + walls) / on.heatW : 99,
  };
  if (rise.stallsC !== null) addStallFigures(figures, rise, ctx.boilC, ctx);
  return {
    stream,
    atBoil,
    flows: steam > 0 ? [waterFlow(id, at(p.of), away('steam'), steam, ctx.boilC)] : [],
    tasks: [
      {
        ...{ id: 'heatUp', durationS: up, hands: 'near', timed: true },
        courseC: (t) => Math.min(Math.max(ctx.boilC, s.temperatureC), course.at(t)),
      },
      { id: 'hold', durationS: p.holdS, hands: 'near', timed: true, atOnce: true, courseC: boiling.at },
    ],
    figures,
  };
}

interface StallFigures {
  stallsC?: number;
  heatLossW?: number;
}
/** Adds where a pot stops that never gets as warm as it should, °C, and the heat that it would take, W. */
export function addStallFigures(figures: StallFigures, rise: Rise, toC: number, ctx: Ctx): void {
  figures.stallsC = rise.stallsC ?? toC;
  figures.heatLossW = potLossW(rise.faces, toC, ctx.kit.roomC).allW;
}

/** Seconds at the true boil that bring the inhibitor to the goal, and ten minutes at least (decision 15). */
export function neededHoldS(s: Stream, boilC: number): number {
  if (s.inhibitor.of <= 0) return 0;
  const left = (t: number) => {
    const m = (inhibitorPace(boilC) * t) / 60;
    return (s.inhibitor.labile * labileLeft(m) + s.inhibitor.stable * stableLeft(m)) / s.inhibitor.of - INHIBITOR_GOAL;
  };
  const ten = Math.max(0, BOIL_AT_LEAST_S - s.boilS);
  if (left(ten) <= 0) return ten;
  return findRoot(left, ten, 6 * 3600, 1e-5, 40).x;
}
