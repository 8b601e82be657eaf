import { at, away, merge, portion, readyAt, waterFlow, waterStream } from '../../kitchen';
import { ground, sizedBy } from '../processes/grinding';
import { celsius, pouredAt, stream, waterOf } from '../specs';
import type { NumberSpec } from '../params';
import type { StepKind } from '../types';

/** Seconds to hand it over and take it back (common practice); the way there is the cook's own. */
const HANDLING_S = 300;
const fineness: NumberSpec = {
  type: 'number',
  label: 'ground to',
  unit: 'um',
  shown: 'um',
  low: 20,
  high: 3000,
  default: 150,
  step: 10,
};

/** Ground elsewhere, to a fineness. */
export const mill: StepKind<'mill'> = {
  kind: 'mill',
  label: 'Have it milled',
  what: 'Ground elsewhere, in a mill or a shop, with the water that goes in: only how fine it comes back is known.',
  station: 'grind',
  params: {
    of: stream('what', 'work'),
    waterG: waterOf('fresh water', 0, { fresh: true }),
    waterC: celsius('water in at', 15),
    fineUm: fineness,
  },
  nothing: null,
  main: [
    { param: 'waterG', label: 'fresh water', weight: 6, ifSome: true },
    { param: 'fineUm', label: 'ground to', weight: 4 },
  ],
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const before = get(p.of);
    const full = p.waterG > 0 ? merge(before, waterStream(p.waterG, p.waterC)) : portion(before, 1);
    const energy = sizedBy(full, p.fineUm, ctx);
    const s = ground(full, energy, full.temperatureC, ctx);
    return {
      writes: [[p.of, readyAt(s, full.readyAtS + HANDLING_S)]],
      flows: p.waterG > 0 ? [waterFlow(id, away('tap'), at(p.of), p.waterG, p.waterC)] : [],
      tasks: [{ id: 'mill', durationS: HANDLING_S, hands: 'busy', timed: false }],
      figures: { sizeUm: s.sizeUm, openedShare: s.openedShare, energyJPerG: energy, freshG: p.waterG },
    };
  },
  readings: {
    waterG: pouredAt('mill'),
  },
};
