import { at, flowOf, massG, merge, portion, setReady, solidsG } from '../../kitchen';
import { share, stream } from '../specs';
import type { StepKind } from '../types';

/** One stream into another. */
export const pool: StepKind<'pool'> = {
  kind: 'pool',
  label: 'Pour together',
  what: 'Pours one thing into another: held-back water, a second milk.',
  station: 'cook',
  params: { of: stream('pour', 'heldBack'), into: stream('into', 'milk'), share: share('how much of it', 1) },
  nothing: { share: 0 },
  along: true,
  reads: (p) => [p.of, p.into],
  writes: (p) => [p.of, p.into],
  usesUp: (p) => (p.share >= 1 ? [p.of] : []),
  run(id, p, get) {
    const from = get(p.of);
    const poured = portion(from, p.share);
    const into = merge(get(p.into), poured);
    const left = portion(from, 1 - p.share);
    return {
      writes: [
        [p.of, p.share < 1 ? left : null],
        [p.into, setReady(into, Math.max(into.readyAtS, from.readyAtS) + 30)],
      ],
      flows: p.share > 0 ? [flowOf(id, at(p.of), at(p.into), poured)] : [],
      tasks: [{ id: 'pour', durationS: 30, hands: 'busy', timed: false }],
      figures: { pouredG: massG(poured), solids: massG(into) > 0 ? solidsG(into) / massG(into) : 0 },
    };
  },
  readings: {},
};
