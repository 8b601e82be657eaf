import { at, away, draftOf, merge, setReady, touch, waterFlow, waterStream } from '../../kitchen';
import { kneaded } from '../processes/kneading';
import { celsius, pouredAt, seconds, stream, waterOf } from '../specs';
import type { StepKind } from '../types';

/** By hand. */
export const knead: StepKind<'knead'> = {
  kind: 'knead',
  label: 'Knead by hand',
  what: 'Works grated pieces by hand, dry or with water; five minutes are one run.',
  station: 'grind',
  params: {
    of: stream('what', 'work'),
    waterG: waterOf('fresh water', 0, { fresh: true }),
    waterC: celsius('water in at', 40),
    durationS: seconds('how long', 'min', 300, 3600),
  },
  nothing: { waterG: 0, durationS: 0 },
  main: [
    { param: 'waterG', label: 'fresh water', weight: 3, ifSome: true },
    { param: 'durationS', label: 'knead for', weight: 2 },
  ],
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const before = get(p.of);
    const wet = p.waterG > 0 ? merge(before, waterStream(p.waterG, p.waterC)) : before;
    const s = p.durationS > 0 ? kneaded(wet, p.durationS, ctx) : wet;
    return {
      writes: [[p.of, setReady(p.durationS > 0 ? touch(draftOf(s)) : draftOf(s), wet.readyAtS + p.durationS)]],
      flows: p.waterG > 0 ? [waterFlow(id, away('tap'), at(p.of), p.waterG, p.waterC)] : [],
      tasks: p.durationS + p.waterG > 0 ? [{ id: 'knead', durationS: p.durationS, hands: 'busy', timed: true }] : [],
      figures: { openedShare: s.openedShare, endC: s.temperatureC },
    };
  },
  readings: {
    waterG: pouredAt('knead'),
    durationS: {
      label: 'kneaded for',
      unit: 's',
      shown: 'min',
      low: 0,
      high: 3600,
      task: 'knead',
      byClock: true,
      effect: () => ({ is: 'param', param: 'durationS' }),
    },
  },
};
