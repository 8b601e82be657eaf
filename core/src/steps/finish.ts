import { at, away, flowOf, merge, NOTHING } from '../kitchen';
import { grams } from '../materials';
import { gramsOf, stream } from './specs';
import type { StepKind } from './types';

export const finish: StepKind<'finish'> = {
  kind: 'finish',
  label: 'Finish',
  what: 'Salt, sugar, vanilla, for the whole pot. Vanilla extract counts as water.',
  station: 'jar',
  params: {
    of: stream('what', 'milk'),
    saltG: { ...gramsOf('salt', 0, 500), step: 0.5 },
    sugarG: gramsOf('sugar', 0, 5000),
    vanillaG: { ...gramsOf('vanilla', 0, 200), step: 1 },
  },
  nothing: { saltG: 0, sugarG: 0, vanillaG: 0 },
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const added = {
      ...NOTHING,
      freeWaterG: p.vanillaG,
      released: grams({ salt: p.saltG, sugars: p.sugarG }),
      temperatureC: ctx.kit.roomC,
      hygiene: s.hygiene,
    };
    const any = p.saltG + p.sugarG + p.vanillaG > 0;
    return {
      writes: [[p.of, any ? merge(s, added) : s]],
      flows: any ? [flowOf(id, away('larder'), at(p.of), added)] : [],
      tasks: any ? [{ id: 'finish', durationS: 60, hands: 'busy', timed: false }] : [],
      figures: {},
    };
  },
  readings: {
    saltG: {
      label: 'salt',
      unit: 'g',
      shown: 'g',
      low: 0,
      high: 500,
      task: 'finish',
      effect: () => ({ is: 'param', param: 'saltG' }),
    },
    sugarG: {
      label: 'sugar',
      unit: 'g',
      shown: 'g',
      low: 0,
      high: 5000,
      task: 'finish',
      effect: () => ({ is: 'param', param: 'sugarG' }),
    },
  },
};
