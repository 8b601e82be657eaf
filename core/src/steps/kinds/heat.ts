import { capacityOf, multiplier, readyAt, thingOf, volumeMl } from '../../kitchen';
import { heatUpS, HOB_EFFICIENCY, PASTEURISED_MIN, POT_FULL, vesselKJPerK } from '../../laws';
import { advance } from '../processes/advance';
import { courseOf, holdAt, ramp } from '../processes/course';
import { celsius, courseIn, lostFrom, seconds, stream, thing } from '../specs';
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
  run(_id, p, get, ctx) {
    const s = get(p.of);
    const pot = thingOf(ctx.kit, 'pot', p.pot);
    const hob = thingOf(ctx.kit, 'hob', p.hob);
    const toC = Math.max(s.temperatureC, Math.min(p.toC, ctx.boilC));
    const power = hob.watts * HOB_EFFICIENCY[hob.heat] * multiplier(ctx.beliefs, 'hob', hob.id);
    const up = heatUpS(capacityOf(s) + vesselKJPerK(pot), s.temperatureC, toC, power, 1);
    const rise = courseOf(ctx, 'heatUp', up, () => ramp(s.temperatureC, toC, up));
    const held = courseOf(ctx, 'hold', p.holdS, () => holdAt(toC, p.holdS));
    const hot = up > 0 ? advance(s, rise, ctx) : s;
    const out = p.holdS > 0 ? advance(hot, held, ctx) : hot;
    return {
      writes: [[p.of, readyAt(out, s.readyAtS + up + p.holdS)]],
      flows: [],
      tasks: [
        // On a hob that is not turned down it goes on rising.
        ...(up > 0
          ? [
              {
                ...{ id: 'heatUp', durationS: up, hands: 'near' as const, timed: true },
                courseC: (t: number) => Math.min(ctx.boilC, rise.at(t)),
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
      figures: {
        heatUpS: up,
        endC: toC,
        boilingC: ctx.boilC,
        f70Min: Math.min(9999, out.f70Min),
        f70Need: PASTEURISED_MIN,
        potShare: volumeMl(s) / pot.ml,
        potLimit: POT_FULL,
        energyKJ: (up * hob.watts) / 1000,
      },
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
