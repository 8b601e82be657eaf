import { at, away, evolve, flowOf, massG, NOTHING } from '../kitchen';
import { NO_GRAMS } from '../materials';
import { count, stream } from './specs';
import type { StepKind } from './types';

export const drain: StepKind<'drain'> = {
  kind: 'drain',
  label: 'Drain and rinse',
  what: 'Throws the water away with what had dissolved in it; rinsing takes what clings.',
  station: 'soak',
  params: { of: stream('what', 'work'), rinses: count('rinses', 1, 0, 9) },
  nothing: null,
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get) {
    const s = get(p.of);
    const gone = evolve(NOTHING, { freeWaterG: s.freeWaterG, released: s.released, temperatureC: s.temperatureC });
    const took = 60 + 30 * p.rinses;
    return {
      writes: [[p.of, evolve(s, { freeWaterG: 0, released: NO_GRAMS, readyAtS: s.readyAtS + took })]],
      flows: massG(gone) > 0 ? [flowOf(id, at(p.of), away('drain'), gone)] : [],
      tasks: [{ id: 'drain', durationS: took, hands: 'busy', timed: false }],
      figures: { solidsG: massG(s) - massG(gone), thrownG: massG(gone) },
    };
  },
  readings: {
    solidsG: {
      label: 'weight, drained',
      unit: 'g',
      shown: 'g',
      low: 1,
      high: 50_000,
      task: 'drain',
      figure: 'solidsG',
      effect: (p) => ({ is: 'mass', stream: p.of, water: true }),
    },
  },
};
