import { at, away, flowOf, massG, portion } from '../../kitchen';
import { gramsOf, stream } from '../specs';
import { handlingS } from '../processes/handling';
import type { StepKind } from '../types';

/** Picked over. */
export const sort: StepKind<'sort'> = {
  kind: 'sort',
  label: 'Pick over and wash',
  what: 'Takes out stones and spoiled pieces, and washes the rest. Washing changes no amounts.',
  station: 'soak',
  params: { of: stream('what', 'work'), outG: gramsOf('picked out', 0, 5000) },
  nothing: { outG: 0 },
  main: [{ param: 'outG', label: 'picked out', weight: 1 }],
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const share = massG(s) > 0 ? Math.min(1, p.outG / massG(s)) : 0;
    return {
      writes: [[p.of, portion(s, 1 - share)]],
      flows: share > 0 ? [flowOf(id, at(p.of), away('pickedOut'), portion(s, share))] : [],
      tasks: [{ id: 'sort', durationS: handlingS(s, ctx, (h) => h.pickOver), hands: 'busy', timed: false }],
      figures: { keptG: massG(s) * (1 - share) },
    };
  },
  readings: {
    outG: {
      label: 'picked out',
      unit: 'g',
      shown: 'g',
      low: 0,
      high: 5000,
      task: 'sort',
      effect: () => ({ is: 'param', param: 'outG' }),
    },
  },
};
