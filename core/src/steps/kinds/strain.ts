import { at, away, flowOf, merge, NOTHING, setReady, thingOf } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { HAND, lostFrom, stream, thing } from '../specs';
import { strainFigures, strainOff } from '../processes/straining';
import type { StepKind } from '../types';

/** Milk from pulp. */
export const strain: StepKind<'strain'> = {
  kind: 'strain',
  label: 'Strain',
  what: 'Parts milk from pulp through a cloth, bag or sieve.',
  station: 'strain',
  params: {
    of: stream('what', 'work'),
    into: stream('milk into', 'milk'),
    pulp: stream('pulp into', 'pulp'),
    strainer: thing('through', 'strainer'),
    hand: HAND,
  },
  nothing: null,
  main: [
    { param: 'hand', label: 'how hard', weight: 6 },
    { param: 'strainer', label: 'through', weight: 4 },
  ],
  reads: (p) => [p.of],
  writes: (p) => [p.into, p.pulp],
  usesUp: (p) => (p.of === p.into || p.of === p.pulp ? [] : [p.of]),
  run(id, p, get, ctx) {
    const s = get(p.of);
    const x = strainOff(s, p.strainer, p.hand, ctx);
    const ready = s.readyAtS + x.tookS;
    // Strained again, milk keeps its name; pressed again, so does pulp.
    const had = (name: string): Stream => (name === p.of ? NOTHING : get(name));
    return {
      writes: [
        ...(p.of === p.into || p.of === p.pulp ? [] : [[p.of, null] as const]),
        [p.into, setReady(merge(had(p.into), x.milk), ready)],
        [p.pulp, setReady(merge(had(p.pulp), x.pulp), ready)],
      ],
      flows: [
        flowOf(id, at(p.of), at(p.into), x.milk),
        flowOf(id, at(p.of), at(p.pulp), x.pulp),
        flowOf(id, at(p.of), away('film'), x.film),
      ],
      tasks: [{ id: 'strain', durationS: x.tookS, hands: 'busy', timed: false }],
      figures: strainFigures(x, ctx),
    };
  },
  readings: {
    lostG: lostFrom('strain', (p) => p.into),
    milkG: {
      label: 'milk that came through',
      unit: 'g',
      shown: 'g',
      low: 1,
      high: 50_000,
      task: 'strain',
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
