import { at, away, evolve, flowOf, fromLarder, massG, merge, setReady, waterFlow, waterStream } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { materialById, WATER } from '../../materials';
import { celsius, flag, liquid, pouredAt, stream, waterOf } from '../specs';
import type { Params } from '../params';
import type { Ctx, StepKind } from '../types';

/** Seconds to measure and pour (common practice). */
const POUR_S = 60;

/** Water, or another liquid, into anything or set aside under a name of its own. */
export const pour: StepKind<'pour'> = {
  kind: 'pour',
  label: 'Pour',
  what: 'Pours water, tea or another liquid into something, or sets it aside under a name of its own, to be added by taste.',
  station: 'cook',
  params: {
    into: stream('into', 'heldBack'),
    liquid: liquid('what', WATER),
    amountG: waterOf('how much', 200, { fresh: true }),
    atC: celsius('at', 60),
    boiled: flag('boiled before', true),
  },
  nothing: { amountG: 0 },
  main: [{ param: 'amountG', label: 'poured', weight: 3, ifSome: true }],
  along: true,
  reads: () => [],
  joins: (p) => [p.into],
  writes: (p) => [p.into],
  run(id, p, get, ctx) {
    const had = get(p.into);
    const poured = pouredOf(p, ctx);
    const out = merge(had, poured);
    const flow =
      p.liquid === WATER
        ? waterFlow(id, away('tap'), at(p.into), p.amountG, p.atC)
        : flowOf(id, away('larder'), at(p.into), poured);
    return {
      writes: [[p.into, setReady(out, out.readyAtS + (massG(had) > 0 && p.amountG > 0 ? POUR_S : 0))]],
      flows: p.amountG > 0 ? [flow] : [],
      tasks: [{ id: 'pour', durationS: POUR_S, hands: 'busy', timed: false }],
      figures: { waterG: p.amountG, boiled: p.boiled ? 1 : 0, endC: out.temperatureC },
    };
  },
  readings: {
    waterG: pouredAt('pour', 'amountG', 'poured'),
  },
};

function pouredOf(p: Readonly<Params['pour']>, ctx: Ctx): Stream {
  if (p.liquid === WATER) return waterStream(p.amountG, p.atC, p.boiled);
  const s = fromLarder(materialById(ctx.materials, p.liquid), p.amountG, p.atC);
  return p.boiled ? evolve(s, { hygiene: 'boiled' }) : s;
}
