import {
  at,
  away,
  draftOf,
  evolve,
  flowOf,
  fromLarder,
  merge,
  setReady,
  touch,
  waterG,
  waterStream,
} from '../../kitchen';
import type { Stream } from '../../kitchen';
import { materialById, WATER } from '../../materials';
import { flag, food, gramsOf, pouredAt, stream } from '../specs';
import type { Ctx, StepKind } from '../types';

/** Seconds to weigh something and stir it in (common practice). */
const STIR_S = 60;

/** One food, at any moment, into anything. */
export const add: StepKind<'add'> = {
  kind: 'add',
  label: 'Add',
  what: 'Puts a food in: a second grain or nut, dates, fruit, salt, sweetening, cocoa, spice. One food a step.',
  station: 'jar',
  params: {
    of: stream('into', 'milk'),
    food: food('what', 'salt'),
    amountG: { ...gramsOf('how much', 1), step: 0.5 },
    slaked: flag('stirred smooth in a little hot water or milk first', false),
    together: flag('in one go with the step before', false),
  },
  nothing: { amountG: 0 },
  main: [{ param: 'amountG', label: 'added', weight: 5, ifSome: true }],
  along: true,
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const brings = p.amountG > 0 ? broughtBy(p.food, p.amountG, s, ctx) : null;
    const tasks = p.together ? [] : [{ id: 'add', durationS: STIR_S, hands: 'busy' as const, timed: false }];
    if (!brings) return { writes: [[p.of, s]], flows: [], tasks, figures: { addedG: 0 } };
    const { added, touches } = brings;
    const mixed = merge(s, added);
    const safe = s.hygiene === 'boiled' || s.hygiene === 'heated';
    const out = touches ? touch(draftOf(mixed)) : mixed;
    return {
      writes: [[p.of, setReady(out, s.readyAtS + (p.together ? 0 : STIR_S))]],
      flows: [flowOf(id, away('larder'), at(p.of), added)],
      tasks,
      figures: {
        addedG: p.amountG,
        sugarG: added.released.sugars + added.bound.sugars,
        addedWaterG: waterG(added),
        touches: touches && safe ? 1 : 0,
      },
    };
  },
  readings: {
    amountG: pouredAt('add', 'amountG', 'added'),
  },
};

/** A spoon of salt is as clean as what it goes into; what grew is raw; a raw syrup brings germs back after a boil. */
function broughtBy(id: string, grams: number, into: Stream, ctx: Ctx) {
  if (id === WATER)
    return { added: evolve(waterStream(grams, ctx.kit.roomC), { hygiene: into.hygiene }), touches: false };
  const m = materialById(ctx.materials, id);
  const added = fromLarder(m, grams, ctx.kit.roomC);
  return m.stirredIn
    ? { added: evolve(added, { hygiene: into.hygiene }), touches: m.stirredIn.touches }
    : { added, touches: false };
}
