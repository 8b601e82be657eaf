import { at, away, evolve, waterFlow } from '../../kitchen';
import { seconds, stream } from '../specs';
import type { StepKind } from '../types';

/** Half of the grain's own water is gone after this long in a dry pan, s (estimate). */
const HALF_S = 420;

/** In a dry pan. */
export const toast: StepKind<'toast'> = {
  kind: 'toast',
  label: 'Toast dry',
  what: 'Stirs grain in a dry pan until it smells of nuts: its own water goes off, nothing else.',
  station: 'cook',
  params: { of: stream('what', 'work'), durationS: seconds('how long', 'min', 480, 3600) },
  nothing: { durationS: 0 },
  main: [{ param: 'durationS', label: 'toast for', weight: 1 }],
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const off = s.boundWaterG * (1 - 0.5 ** (p.durationS / HALF_S));
    const after = evolve(s, {
      boundWaterG: s.boundWaterG - off,
      gainedWaterG: Math.max(0, s.gainedWaterG - off),
      readyAtS: s.readyAtS + p.durationS,
    });
    return {
      writes: [[p.of, after]],
      flows: off > 0 ? [waterFlow(id, at(p.of), away('steam'), off, ctx.boilC)] : [],
      tasks: [{ id: 'toast', durationS: p.durationS, hands: 'busy', timed: true }],
      figures: { steamG: off },
    };
  },
  readings: {
    durationS: {
      label: 'toasted for',
      unit: 's',
      shown: 'min',
      low: 0,
      high: 3600,
      task: 'toast',
      byClock: true,
      effect: () => ({ is: 'param', param: 'durationS' }),
    },
  },
};
