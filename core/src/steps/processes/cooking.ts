import { at, away, capacityOf, draftOf, multiplier, thingOf, volumeMl, waterFlow } from '../../kitchen';
import type { Flow, Stream } from '../../kitchen';
import {
  BOIL_AT_LEAST_S,
  heatUpS,
  HOB_EFFICIENCY,
  INHIBITOR_GOAL,
  inhibitorPace,
  labileLeft,
  latentKJPerKg,
  POT_FULL,
  stableLeft,
  steamGPerS,
  TRUE_BOIL_C,
  vesselKJPerK,
} from '../../laws';
import type { Vigour } from '../../laws';
import { findRoot } from '../../numerics';
import { advance } from './advance';
import { courseOf, holdAt, ramp } from './course';
import type { CookingFigure } from '../params';
import type { Ctx, Task } from '../types';

interface Cooked {
  readonly stream: Stream;
  /** As it reached the true boil. */
  readonly atBoil: Stream;
  readonly flows: readonly Flow[];
  readonly tasks: readonly Task[];
  /** Its caller's own: it adds to them (copying them was a tenth of a fold, measured). */
  readonly figures: Record<CookingFigure, number>;
}
interface OnHob {
  readonly of: string;
  readonly holdS: number;
  readonly vigour: Vigour;
  readonly pot: string;
  readonly hob: string;
}

/** Up to the true boil on this hob, then held there, steaming. The clock of the hold starts at the true boil. */
export function cookInPot(id: string, s: Stream, p: OnHob, ctx: Ctx): Cooked {
  const pot = thingOf(ctx.kit, 'pot', p.pot);
  const hob = thingOf(ctx.kit, 'hob', p.hob);
  const reachesHob = hob.watts * HOB_EFFICIENCY[hob.heat] * multiplier(ctx.beliefs, 'hob', hob.id);
  const capacity = capacityOf(s, (s.temperatureC + ctx.boilC) / 2) + vesselKJPerK(pot);
  const up = heatUpS(capacity, s.temperatureC, ctx.boilC, reachesHob, 1);
  const top = Math.max(ctx.boilC, s.temperatureC);
  const rise = courseOf(ctx, 'heatUp', up, () => ramp(s.temperatureC, top, up));
  const atBoil = advance(s, rise, ctx);
  const rate = steamGPerS(p.vigour, pot.diameterCm) * multiplier(ctx.beliefs, 'steam', pot.id);
  const steam = Math.min(s.freeWaterG, rate * p.holdS);
  const boiling = courseOf(ctx, 'hold', p.holdS, () => holdAt(atBoil.temperatureC, p.holdS));
  const held = advance(atBoil, boiling, ctx, 'open');
  const stream = draftOf(held);
  stream.freeWaterG = held.freeWaterG - Math.min(steam, held.freeWaterG);
  stream.readyAtS = s.readyAtS + up + p.holdS;
  return {
    stream,
    atBoil,
    flows: steam > 0 ? [waterFlow(id, at(p.of), away('steam'), held.freeWaterG - stream.freeWaterG, ctx.boilC)] : [],
    tasks: [
      { id: 'heatUp', durationS: up, hands: 'near', timed: true, courseC: (t) => Math.min(top, rise.at(t)) },
      { id: 'hold', durationS: p.holdS, hands: 'near', timed: true, atOnce: true, courseC: boiling.at },
    ],
    figures: {
      heatUpS: up,
      boilingC: ctx.boilC,
      holdS: p.holdS,
      steamG: held.freeWaterG - stream.freeWaterG,
      potShare: volumeMl(s) / pot.ml,
      potLimit: POT_FULL,
      steamWantG: rate * p.holdS,
      gentleShare: steamGPerS('gentle', pot.diameterCm) / steamGPerS(p.vigour, pot.diameterCm),
      trueFromC: ctx.boilC - TRUE_BOIL_C,
      energyKJ: (up * hob.watts + (p.holdS * rate * latentKJPerKg(ctx.boilC) * hob.watts) / reachesHob) / 1000,
      /** Power that this steaming takes from the hob, as a share of what it can give. */
      steamLoad: (rate * latentKJPerKg(ctx.boilC)) / reachesHob,
    },
  };
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
