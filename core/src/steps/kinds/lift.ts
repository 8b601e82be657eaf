import { at, capacityOf, contents, evolve, flowOf, massG, merge, portion, readyAt, volumeMl } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { CAP, capG, COOLING_W_PER_M2K, roundAreaM2, timeConstantS } from '../../laws';
import { advance } from '../processes/advance';
import { capSetsBelowC } from '../processes/capping';
import { jarAcrossCm } from '../processes/cooling';
import { approach, courseOf } from '../processes/course';
import { courseIn, seconds, share, stream } from '../specs';
import type { StepKind } from '../types';

/** A set cap of fat off the milk. */
export const lift: StepKind<'lift'> = {
  kind: 'lift',
  label: 'Chill and lift the fat',
  what: 'Stands in the fridge until the fat has set on top, then lifts it off as a cap of its own.',
  station: 'jar',
  params: {
    of: stream('what', 'milk'),
    into: stream('cap into', 'cap'),
    standS: seconds('in the fridge', 'h', 12 * 3600, 72 * 3600),
    capFat: { ...share('fat in the cap', CAP.fat), low: CAP.leastFat, high: CAP.mostFat },
    leftFat: { ...share('fat left in the milk', CAP.leftFat), high: 0.15, step: 0.01 },
  },
  nothing: null,
  main: [{ param: 'standS', label: 'stand for', weight: 4 }],
  tasks: { stand: 'Stand in the fridge', lift: 'Lift the fat' },
  reads: (p) => [p.of],
  writes: (p) => [p.of, p.into],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const ml = Math.max(50, volumeMl(s));
    const area = roundAreaM2(ml, jarAcrossCm(ml));
    const tau = timeConstantS(Math.max(0.01, capacityOf(s)), COOLING_W_PER_M2K.fridge, area);
    const chill = courseOf(ctx, 'stand', p.standS, () => approach(s.temperatureC, ctx.kit.fridgeC, tau, p.standS));
    const cold = advance(s, chill, ctx);
    const mass = massG(cold);
    const fat = contents(cold).fat;
    const setsC = capSetsBelowC(cold, ctx);
    const sets = setsC !== null && cold.temperatureC <= setsC;
    const cap = sets && mass > 0 ? Math.min(mass, capG(mass, fat / mass, p.capFat, p.leftFat)) : 0;
    const parts = parted(cold, cap, p.capFat);
    const ready = s.readyAtS + p.standS + 120;
    return {
      writes: [
        [p.of, readyAt(parts.rest, ready)],
        [p.into, readyAt(cap > 0 ? merge(get(p.into), parts.cap) : get(p.into), ready)],
      ],
      flows: cap > 0 ? [flowOf(id, at(p.of), at(p.into), parts.cap)] : [],
      tasks: [
        { id: 'stand', durationS: p.standS, hands: 'free', timed: true, courseC: chill.at },
        { id: 'lift', durationS: 120, hands: 'busy', timed: false },
      ],
      figures: { capG: cap, endC: cold.temperatureC, setsBelowC: setsC ?? 0, never: sets ? 0 : 1 },
    };
  },
  readings: {
    courseC: courseIn('stand'),
    standS: {
      label: 'stood for',
      unit: 's',
      shown: 'h',
      low: 0,
      high: 72 * 3600,
      task: 'stand',
      byClock: true,
      effect: () => ({ is: 'param', param: 'standS' }),
    },
  },
};

/** The cap takes its fat; all else goes with it in the proportion of what is not fat. */
function parted(s: Stream, cap: number, capFat: number): { readonly cap: Stream; readonly rest: Stream } {
  const fat = contents(s).fat;
  const lean = massG(s) - fat;
  const share = lean > 0 ? Math.min(1, (cap * (1 - capFat)) / lean) : 0;
  const fatShare = fat > 0 ? Math.min(1, (cap * capFat) / fat) : 0;
  const with_ = (of: Stream, by: number): Stream =>
    evolve(of, {
      released: { ...of.released, fat: s.released.fat * by },
      bound: { ...of.bound, fat: s.bound.fat * by },
      able: { ...of.able, fat: s.able.fat * by },
    });
  return {
    cap: evolve(with_(portion(s, share), fatShare), { role: 'cap' }),
    rest: with_(portion(s, 1 - share), 1 - fatShare),
  };
}
