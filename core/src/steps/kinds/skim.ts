import { at, away, evolve, flowOf, massG, merge, portion } from '../../kitchen';
import { choice, gramsOf, stream } from '../specs';
import type { StepKind } from '../types';

/** What a kept skin is from then on. */
const SKIN = 'skin';

/** Skin or foam stirred in or lifted off. */
export const skim: StepKind<'skim'> = {
  kind: 'skim',
  label: 'Skin and foam',
  what: 'Stirs skin and foam back in, or lifts them off, to throw away or to keep as food (weighed as milk; all three are practised).',
  station: 'cook',
  params: {
    of: stream('what', 'milk'),
    how: choice('skin and foam', ['stir in', 'lift off', 'keep'], 'stir in'),
    takeG: gramsOf('lifted off', 15, 2000),
  },
  nothing: { how: 'stir in' },
  along: true,
  reads: (p) => [p.of],
  writes: (p) => (p.how === 'keep' ? [p.of, SKIN] : [p.of]),
  run(id, p, get) {
    const s = get(p.of);
    const share = p.how !== 'stir in' && massG(s) > 0 ? Math.min(1, p.takeG / massG(s)) : 0;
    const kept = p.how === 'keep' && share > 0 ? evolve(portion(s, share), { role: 'skin' }) : null;
    return {
      writes: [[p.of, portion(s, 1 - share)], ...(kept ? [[SKIN, merge(get(SKIN), kept)] as const] : [])],
      flows: share > 0 ? [flowOf(id, at(p.of), kept ? at(SKIN) : away('skimmed'), portion(s, share))] : [],
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
