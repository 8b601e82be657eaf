import { at, evolve, flowOf, massG, merge, portion, readyAt } from '../../kitchen';
import { share, stream } from '../specs';
import type { StepKind } from '../types';

/** A share into a stream of its own. */
export const split: StepKind<'split'> = {
  kind: 'split',
  label: 'Set a part aside',
  what: 'Pours a share into a vessel of its own, so that one base takes several finishes.',
  station: 'jar',
  params: { of: stream('from', 'milk'), into: stream('into', 'second'), share: share('how much of it', 0.5) },
  nothing: { share: 0 },
  along: true,
  reads: (p) => [p.of],
  writes: (p) => [p.of, p.into],
  run(id, p, get) {
    const s = get(p.of);
    const part = portion(s, p.share);
    const ready = s.readyAtS + 30;
    const into = merge(get(p.into), part);
    return {
      writes: [
        [p.of, readyAt(portion(s, 1 - p.share), ready)],
        [p.into, evolve(into, { readyAtS: Math.max(into.readyAtS, ready) })],
      ],
      flows: p.share > 0 ? [flowOf(id, at(p.of), at(p.into), part)] : [],
      tasks: [{ id: 'split', durationS: 30, hands: 'busy', timed: false }],
      figures: { pouredG: massG(part) },
    };
  },
  readings: {},
};
