import { at, away, draftOf, readyAt, volumeMl, waterFlow } from '../../kitchen';
import { PASTEURISED_MIN, POT_FULL } from '../../laws';
import { advance } from '../processes/advance';
import { addStallFigures } from '../processes/cooking';
import { courseOf, holdAt } from '../processes/course';
import { hobPowerW, findPot, heatPot, vapourWhileHeldG } from '../processes/onHob';
import { celsius, courseIn, lostFrom, seconds, stream, thing } from '../specs';
import type { FigureOf } from '../params';
import type { StepKind } from '../types';

/** Up to a temperature below the boil, and held. */
export const heat: StepKind<'heat'> = {
  kind: 'heat',
  label: 'Heat gently',
  what: 'Up to a temperature below the boil, stirring, and held there. Starch thickens as it warms.',
  station: 'cook',
  params: {
    of: stream('what', 'milk'),
    toC: celsius('up to', 73),
    holdS: seconds('held', 'min', 120, 2 * 3600),
    pot: thing('pot', 'pot'),
    hob: thing('hob', 'hob'),
  },
  nothing: { toC: 0, holdS: 0 },
  main: [{ param: 'toC', label: 'heat to', weight: 4 }],
  tasks: { heatUp: 'Heat gently', hold: 'Hold it there' },
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const on = findPot(p, ctx);
    const asked = Math.max(s.temperatureC, Math.min(p.toC, ctx.boilC));
    const way = heatPot(s, asked, on, ctx);
    const { upS: up, topC: toC } = way;
    const rise = courseOf(ctx, 'heatUp', up, () => way.course);
    const held = courseOf(ctx, 'hold', p.holdS, () => holdAt(toC, p.holdS));
    const hot = up > 0 ? advance(s, rise, ctx) : s;
    const out = p.holdS > 0 ? advance(hot, held, ctx) : draftOf(hot);
    // A step that heats nothing changes nothing.
    const vapour = up + p.holdS > 0 ? way.vapourG + vapourWhileHeldG(way.faces, toC, p.holdS, ctx) : 0;
    const steam = Math.min(out.freeWaterG, vapour);
    out.freeWaterG -= steam;
    const figures: { -readonly [F in FigureOf<'heat'>]?: number } = {
      heatUpS: up,
      endC: toC,
      boilingC: ctx.boilC,
      f70Min: Math.min(9999, out.f70Min),
      f70Need: PASTEURISED_MIN,
      steamG: steam,
      potShare: volumeMl(s) / on.pot.ml,
      potLimit: POT_FULL,
      energyKJ: (up * on.hob.watts + p.holdS * hobPowerW(on, way.lossW)) / 1000,
    };
    if (way.stallsC !== null) addStallFigures(figures, way, asked, ctx);
    return {
      writes: [[p.of, readyAt(out, s.readyAtS + up + p.holdS)]],
      flows: steam > 0 ? [waterFlow(id, at(p.of), away('steam'), steam, toC)] : [],
      tasks: [
        // On a hob that is not turned down it goes on rising.
        ...(up > 0
          ? [
              {
                ...{ id: 'heatUp', durationS: up, hands: 'near' as const, timed: true },
                courseC: (t: number) => (ctx.courses?.heatUp ? rise.at(t) : way.cAt(t)),
              },
            ]
          : []),
        ...(p.holdS > 0
          ? [
              {
                ...{ id: 'hold', durationS: p.holdS, hands: 'near' as const, timed: true, atOnce: true as const },
                courseC: held.at,
              },
            ]
          : []),
      ],
      figures,
    };
  },
  readings: {
    lostG: lostFrom('hold', (p) => p.of),
    upCourseC: courseIn('heatUp'),
    holdCourseC: courseIn('hold'),
    holdS: {
      label: 'held for',
      unit: 's',
      shown: 'min',
      low: 0,
      high: 2 * 3600,
      task: 'hold',
      byClock: true,
      effect: () => ({ is: 'param', param: 'holdS' }),
    },
    toC: {
      label: 'went up to',
      unit: 'C',
      shown: 'C',
      low: 0,
      high: 100,
      task: 'heatUp',
      effect: () => ({ is: 'param', param: 'toC' }),
    },
  },
};
