import { setReady } from '../../kitchen';
import { DAY_S } from '../../units';
import { placeC, waits } from '../processes/standing';
import { celsius, choice, courseIn, seconds, stream, thing } from '../specs';
import { courseOf } from '../processes/course';
import { advance } from '../processes/advance';
import type { StepKind } from '../types';

/** Standing somewhere. */
export const stand: StepKind<'stand'> = {
  kind: 'stand',
  label: 'Stand',
  what: 'Waits on the worktop, in the fridge or elsewhere; cools or warms as its vessel lets it, and spends its keeping time as fast as the place is warm.',
  station: 'cook',
  params: {
    of: stream('what', 'milk'),
    place: choice('where', ['room', 'fridge', 'freezer', 'other'], 'room'),
    placeC: celsius('elsewhere, at', 4, -30, 45),
    vessel: choice('in', ['pot', 'bowl', 'jar'], 'bowl'),
    jar: thing('jar', 'jar'),
    durationS: seconds('how long', 'min', 600, 90 * DAY_S),
  },
  nothing: { durationS: 0 },
  main: [{ param: 'durationS', label: 'stand for', weight: 1 }],
  along: true,
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  // A place of one's own needs its temperature; a named place has it, and only a jar is one of several.
  idle: (p) => [...(p.vessel === 'jar' ? [] : ['jar']), ...(p.place === 'other' ? [] : ['placeC'])],
  run(_id, p, get, ctx) {
    const s = get(p.of);
    const course = courseOf(ctx, 'stand', p.durationS, () => waits(s, p, ctx));
    const out = advance(s, course, ctx);
    return {
      writes: [[p.of, setReady(out, s.readyAtS + p.durationS)]],
      flows: [],
      tasks: [{ id: 'stand', durationS: p.durationS, hands: 'free', timed: true, courseC: course.at }],
      figures: {
        spentD: out.spentD,
        fromC: s.temperatureC,
        endC: out.temperatureC,
        aroundC: placeC(p, ctx),
        above5S: out.above5S,
      },
    };
  },
  readings: {
    courseC: courseIn('stand'),
    durationS: {
      label: 'stood for',
      unit: 's',
      shown: 'min',
      low: 0,
      high: 90 * DAY_S,
      task: 'stand',
      byClock: true,
      effect: () => ({ is: 'param', param: 'durationS' }),
    },
  },
};
