import { at, away, flowOf, merge, setReady, thingOf, waterFlow, waterStream } from '../../kitchen';
import { kneaded } from '../processes/kneading';
import { HAND, celsius, lostFrom, pouredAt, seconds, stream, thing, waterOf } from '../specs';
import { strainFigures, strainOff } from '../processes/straining';
import type { StepKind } from '../types';

/** Water worked into pulp, and strained again. */
export const wash: StepKind<'wash'> = {
  kind: 'wash',
  label: 'Wash the pulp',
  what: 'Works fresh water into the pulp and strains again; the second milk joins the first or goes to a jar of its own.',
  station: 'strain',
  params: {
    of: stream('pulp', 'pulp'),
    into: stream('milk into', 'milk'),
    waterG: waterOf('fresh water', 300, { fresh: true }),
    waterC: celsius('water in at', 40),
    workS: seconds('worked in for', 's', 90, 1800),
    strainer: thing('through', 'strainer'),
    hand: HAND,
  },
  nothing: null,
  main: [{ param: 'waterG', label: 'wash with', weight: 5, first: true }],
  reads: (p) => [p.of],
  writes: (p) => [p.of, p.into],
  run(id, p, get, ctx) {
    const wet = merge(get(p.of), waterStream(p.waterG, p.waterC));
    const worked = p.workS > 0 ? kneaded(wet, p.workS, ctx) : wet;
    const x = strainOff(worked, p.strainer, p.hand, ctx);
    const took = p.workS + x.tookS;
    const ready = wet.readyAtS + took;
    const milk = merge(get(p.into), x.milk);
    return {
      writes: [
        [p.of, setReady(x.pulp, ready)],
        [p.into, setReady(milk, Math.max(ready, milk.readyAtS))],
      ],
      flows: [
        ...(p.waterG > 0 ? [waterFlow(id, away('tap'), at(p.of), p.waterG, p.waterC)] : []),
        flowOf(id, at(p.of), at(p.into), x.milk),
        flowOf(id, at(p.of), away('film'), x.film),
      ],
      tasks: [{ id: 'wash', durationS: took, hands: 'busy', timed: false }],
      figures: strainFigures(x, ctx),
    };
  },
  readings: {
    lostG: lostFrom('wash', (p) => p.into),
    waterG: pouredAt('wash'),
    milkG: {
      label: 'milk that came through',
      unit: 'g',
      shown: 'g',
      low: 1,
      high: 50_000,
      task: 'wash',
      figure: 'milkG',
      effect: (p, ctx) => ({
        is: 'fit',
        figure: 'milkG',
        kind: 'hold',
        thing: thingOf(ctx.kit, 'strainer', p.strainer).id,
        weighs: p.into,
      }),
    },
  },
};
