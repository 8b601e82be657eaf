import { setReady } from '../../kitchen';
import { DAY_S } from '../../units';
import { standing } from '../processes/keeping';
import { celsius, seconds, stream, thing } from '../specs';
import type { StepKind } from '../types';

/** Standing somewhere. */
export const keep: StepKind<'keep'> = {
  kind: 'keep',
  label: 'Keep',
  what: 'Stands in the fridge or elsewhere; spends its keeping time as fast as the place is warm.',
  station: 'jar',
  params: {
    of: stream('what', 'milk'),
    placeC: celsius('place', 4, -30, 45),
    jar: thing('jar', 'jar'),
    durationS: seconds('how long', 'h', DAY_S, 90 * DAY_S),
  },
  nothing: { durationS: 0 },
  along: true,
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(_id, p, get, ctx) {
    const s = get(p.of);
    const out = standing(s, p.placeC, p.durationS, p.jar, ctx);
    return {
      writes: [[p.of, setReady(out, s.readyAtS + p.durationS)]],
      flows: [],
      tasks: [{ id: 'keep', durationS: p.durationS, hands: 'free', timed: false }],
      figures: { spentD: out.spentD, endC: out.temperatureC, above5S: out.above5S },
    };
  },
  readings: {},
};
