import { at, away, flowOf, massG, portion } from '../../kitchen';
import { choice, gramsOf, stream } from '../specs';
import type { StepKind } from '../types';

/** Skin or foam stirred in or lifted off. */
export const skim: StepKind<'skim'> = {
  kind: 'skim',
  label: 'Skin and foam',
  what: 'Stirs skin and foam back in, or lifts them off (weighed as milk; both are practised).',
  station: 'cook',
  params: {
    of: stream('what', 'milk'),
    how: choice('skin and foam', ['stir in', 'lift off'], 'stir in'),
    takeG: gramsOf('lifted off', 15, 2000),
  },
  nothing: { how: 'stir in' },
  along: true,
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get) {
    const s = get(p.of);
    const share = p.how === 'lift off' && massG(s) > 0 ? Math.min(1, p.takeG / massG(s)) : 0;
    return {
      writes: [[p.of, portion(s, 1 - share)]],
      flows: share > 0 ? [flowOf(id, at(p.of), away('skimmed'), portion(s, share))] : [],
      tasks: [{ id: 'skim', durationS: 60, hands: 'busy', timed: false }],
      figures: { takenG: share * massG(s) },
    };
  },
  readings: {
    takeG: {
      label: 'lifted off',
      unit: 'g',
      shown: 'g',
      low: 0,
      high: 2000,
      task: 'skim',
      effect: () => ({ is: 'param', param: 'takeG' }),
    },
  },
};
