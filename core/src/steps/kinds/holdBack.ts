import { at, away, waterFlow, waterStream, merge } from '../../kitchen';
import { celsius, flag, stream, waterOf } from '../specs';
import type { StepKind } from '../types';

/** Fresh water set aside. */
export const holdBack: StepKind<'holdBack'> = {
  kind: 'holdBack',
  label: 'Hold water back',
  what: 'Sets fresh water aside, to be added by taste at the end. One can add but not take away.',
  station: 'cook',
  params: {
    into: stream('kept as', 'heldBack'),
    waterG: waterOf('water held back', 200, { fresh: true }),
    waterC: celsius('at', 60),
    boiled: flag('boiled', true),
  },
  nothing: { waterG: 0 },
  along: true,
  reads: () => [],
  writes: (p) => [p.into],
  run(id, p, get) {
    const water = waterStream(p.waterG, p.waterC, p.boiled);
    return {
      writes: [[p.into, merge(get(p.into), water)]],
      flows: p.waterG > 0 ? [waterFlow(id, away('tap'), at(p.into), p.waterG, p.waterC)] : [],
      tasks: [{ id: 'measure', durationS: 60, hands: 'busy', timed: false }],
      figures: { waterG: p.waterG, boiled: p.boiled ? 1 : 0 },
    };
  },
  readings: {
    waterG: {
      label: 'water held back',
      unit: 'g',
      shown: 'g',
      low: 0,
      high: 50_000,
      task: 'measure',
      effect: () => ({ is: 'param', param: 'waterG' }),
    },
  },
};
