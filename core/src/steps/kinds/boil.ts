import { inhibitorLeftOf, massG, solidsG, thingOf } from '../../kitchen';
import { INHIBITOR_GOAL } from '../../laws';
import { sumGrams } from '../../materials';
import { cookInPot, neededHoldS } from '../processes/cooking';
import { choice, courseIn, lostFrom, seconds, stream, thing } from '../specs';
import type { FigureOf } from '../params';
import type { StepKind } from '../types';

/** Milk or slurry at the true boil. */
export const boil: StepKind<'boil'> = {
  kind: 'boil',
  label: 'Boil',
  what: 'Up to the true boil, then held. The clock starts at the true boil, not at the foam.',
  station: 'cook',
  params: {
    of: stream('what', 'milk'),
    holdS: seconds('at the boil', 'min', 1200, 4 * 3600),
    vigour: choice('how hard', ['gentle', 'medium', 'hard'], 'gentle'),
    pot: thing('pot', 'pot'),
    hob: thing('hob', 'hob'),
  },
  nothing: null,
  main: [{ param: 'holdS', label: 'hold at the boil', weight: 5 }],
  tasks: { heatUp: 'Bring to the boil', hold: 'Hold at the boil' },
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const cooked = cookInPot(id, s, p, ctx);
    const left = inhibitorLeftOf(cooked.stream);
    const figures: { -readonly [F in FigureOf<'boil'>]?: number } = cooked.figures;
    const afterG = massG(cooked.stream);
    figures.afterG = afterG;
    figures.solids = afterG > 0 ? solidsG(cooked.stream) / afterG : 0;
    figures.waterLeftG = cooked.stream.freeWaterG;
    figures.boiledS = cooked.stream.boilS;
    figures.inhibitorGoal = INHIBITOR_GOAL;
    figures.pulpInShare = massG(s) > 0 ? sumGrams(s.bound) / massG(s) : 0;
    if (left !== null) {
      figures.inhibitorLeft = left;
      figures.neededHoldS = neededHoldS(cooked.atBoil, ctx.boilC);
    }
    return {
      writes: [[p.of, cooked.stream]],
      flows: cooked.flows,
      tasks: cooked.tasks,
      figures,
    };
  },
  readings: {
    lostG: lostFrom('hold', (p) => p.of),
    upCourseC: courseIn('heatUp'),
    holdCourseC: courseIn('hold'),
    heatUpS: {
      label: 'took to boil',
      unit: 's',
      shown: 'min',
      low: 1,
      high: 4 * 3600,
      task: 'heatUp',
      byClock: true,
      figure: 'heatUpS',
      effect: (p, ctx) => ({ is: 'fit', figure: 'heatUpS', kind: 'hob', thing: thingOf(ctx.kit, 'hob', p.hob).id }),
    },
    holdS: {
      label: 'held at the boil',
      unit: 's',
      shown: 'min',
      low: 0,
      high: 4 * 3600,
      task: 'hold',
      byClock: true,
      effect: () => ({ is: 'param', param: 'holdS' }),
    },
    afterG: {
      label: 'weight after boiling',
      unit: 'g',
      shown: 'g',
      low: 1,
      high: 50_000,
      task: 'hold',
      figure: 'afterG',
      effect: (p, ctx) => ({
        is: 'fit',
        figure: 'afterG',
        kind: 'steam',
        thing: thingOf(ctx.kit, 'pot', p.pot).id,
        weighs: p.of,
      }),
    },
  },
};
