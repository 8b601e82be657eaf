import { readyAt } from '../../kitchen';
import { handlingS } from '../processes/handling';
import { stream } from '../specs';
import type { StepKind } from '../types';

/** A nut opened, its meat pried out and pared. */
export const open: StepKind<'open'> = {
  kind: 'open',
  label: 'Open the nut and pare the meat',
  what: 'Opens a coconut, pries the meat out and pares the brown skin off. Amounts are those of the meat.',
  station: 'grind',
  params: { of: stream('what', 'work') },
  nothing: null,
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(_id, p, get, ctx) {
    const s = get(p.of);
    const took = handlingS(s, ctx, (h) => h.open);
    return {
      writes: [[p.of, readyAt(s, s.readyAtS + took)]],
      flows: [],
      tasks: [{ id: 'open', durationS: took, hands: 'busy', timed: false }],
      figures: {},
    };
  },
  readings: {},
};
