import { at, away, massG, merge, waterFlow, waterStream } from '../../kitchen';
import { sumGrams } from '../../materials';
import { cookInPot } from '../processes/cooking';
import { celsius, seconds, stream, thing, waterOf } from '../specs';
import type { FigureOf } from '../params';
import type { StepKind } from '../types';

/** Whole pieces boiled in plenty of water. */
export const blanch: StepKind<'blanch'> = {
  kind: 'blanch',
  label: 'Boil the whole beans',
  what: 'Whole pieces in water, brought to the boil and held there; the water is drained after.',
  station: 'soak',
  params: {
    of: stream('what', 'work'),
    waterG: waterOf('water', 1200),
    waterC: celsius('water in at', 15),
    holdS: seconds('at the boil', 'min', 180, 7200),
    pot: thing('pot', 'pot'),
    hob: thing('hob', 'hob'),
  },
  nothing: null,
  main: [{ param: 'holdS', label: 'boil for', weight: 3 }],
  tasks: { heatUp: 'Up to the boil', hold: 'Boil them whole' },
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const wet = merge(get(p.of), waterStream(p.waterG, p.waterC));
    const cooked = cookInPot(id, wet, { ...p, vigour: 'gentle' }, ctx);
    const s = cooked.stream;
    const figures: { -readonly [F in FigureOf<'blanch'>]?: number } = cooked.figures;
    figures.solidsG = s.boundWaterG + sumGrams(s.bound);
    figures.massG = massG(s);
    figures.waterLeftG = s.freeWaterG;
    return {
      writes: [[p.of, s]],
      flows: [...(p.waterG > 0 ? [waterFlow(id, away('tap'), at(p.of), p.waterG, p.waterC)] : []), ...cooked.flows],
      tasks: cooked.tasks,
      figures,
    };
  },
  readings: {
    waterG: {
      label: 'water',
      unit: 'g',
      shown: 'g',
      low: 0,
      high: 50_000,
      task: 'heatUp',
      effect: () => ({ is: 'param', param: 'waterG' }),
    },
    holdS: {
      label: 'at the boil for',
      unit: 's',
      shown: 'min',
      low: 0,
      high: 7200,
      task: 'hold',
      byClock: true,
      effect: () => ({ is: 'param', param: 'holdS' }),
    },
  },
};
