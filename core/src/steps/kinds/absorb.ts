import {
  ableOf,
  at,
  away,
  evolve,
  massG,
  merge,
  multiplier,
  thingOf,
  volumeMl,
  waterFlow,
  waterStream,
} from '../../kitchen';
import { capacityOf } from '../../kitchen';
import { materialById, sumGrams } from '../../materials';
import { heatUpS, HOB_EFFICIENCY, latentKJPerKg, POT_FULL, steamGPerS, vesselKJPerK } from '../../laws';
import { advance } from '../processes/advance';
import { holdAt, ramp } from '../processes/course';
import { celsius, lostFrom, seconds, stream, thing, waterOf } from '../specs';
import type { StepKind } from '../types';

/** A grain needs this long at the boil to cook through, and nobody boils rice longer than this, s (common practice). */
const AT_LEAST_S = 600;
const AT_MOST_S = 2700;

/** Cooked in just the water it drinks: up to the boil, to craters, then rest. */
export const absorb: StepKind<'absorb'> = {
  kind: 'absorb',
  label: 'Cook, all the water in',
  what: 'Grain boiled in measured water until craters show and no free water is left, then rested under its lid.',
  station: 'cook',
  params: {
    of: stream('what', 'work'),
    waterG: waterOf('water', 560),
    waterC: celsius('water in at', 15),
    restS: seconds('rest under the lid', 'min', 720, 3600),
    pot: thing('pot', 'pot'),
    hob: thing('hob', 'hob'),
  },
  nothing: null,
  main: [{ param: 'waterG', label: 'cook in', weight: 6 }],
  tasks: { heatUp: 'Up to the boil', craters: 'Boil to craters', rest: 'Rest' },
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = merge(get(p.of), waterStream(p.waterG, p.waterC));
    const pot = thingOf(ctx.kit, 'pot', p.pot);
    const hob = thingOf(ctx.kit, 'hob', p.hob);
    const power = hob.watts * HOB_EFFICIENCY[hob.heat] * multiplier(ctx.beliefs, 'hob', hob.id);
    const capacity = capacityOf(evolve(s, { temperatureC: (s.temperatureC + ctx.boilC) / 2 })) + vesselKJPerK(pot);
    const up = heatUpS(capacity, s.temperatureC, ctx.boilC, power, 1);
    const rise = ramp(s.temperatureC, Math.max(ctx.boilC, s.temperatureC), up);
    const hot = advance(s, rise, ctx);
    const need = waterToCook(hot.madeFrom, ctx.materials) - hot.boundWaterG;
    const drunk = Math.min(hot.freeWaterG, Math.max(0, need));
    const rate = steamGPerS('hard', pot.diameterCm) * multiplier(ctx.beliefs, 'steam', pot.id);
    const spare = hot.freeWaterG - drunk;
    const boilS = Math.min(AT_MOST_S, Math.max(AT_LEAST_S, spare / rate));
    const steam = Math.min(spare, rate * boilS);
    const held = advance(hot, holdAt(hot.temperatureC, boilS), ctx, 'open');
    const over = held.freeWaterG + held.boundWaterG - hot.boundWaterG - drunk - steam;
    const free = over > 1e-6 ? over : 0;
    const wet = evolve(held, {
      freeWaterG: free,
      boundWaterG: held.freeWaterG + held.boundWaterG - steam - free,
      gainedWaterG: hot.gainedWaterG + drunk,
    });
    const rested = advance(cooked(wet, ctx.materials), holdAt(wet.temperatureC, p.restS), ctx);
    const after = evolve(rested, { readyAtS: s.readyAtS + up + boilS + p.restS, peakWetC: 0, releasedC: 0 });
    return {
      writes: [[p.of, after]],
      flows: [
        ...(p.waterG > 0 ? [waterFlow(id, away('tap'), at(p.of), p.waterG, p.waterC)] : []),
        ...(steam > 0 ? [waterFlow(id, at(p.of), away('steam'), steam, ctx.boilC)] : []),
      ],
      tasks: [
        {
          id: 'heatUp',
          durationS: up,
          hands: 'near',
          timed: true,
          courseC: (t) => Math.min(hot.temperatureC, rise.at(t)),
        },
        { id: 'craters', durationS: boilS, hands: 'near', timed: true, atOnce: true, courseC: () => hot.temperatureC },
        { id: 'rest', durationS: p.restS, hands: 'free', timed: true, atOnce: true, courseC: () => wet.temperatureC },
      ],
      figures: {
        heatUpS: up,
        boilingC: ctx.boilC,
        cookS: boilS,
        steamG: steam,
        potShare: volumeMl(s) / pot.ml,
        potLimit: POT_FULL,
        cookedG: massG(after),
        cookedShare: need > 0 ? drunk / need : 1,
        waterLeftG: after.freeWaterG,
        waterWantedG: Math.max(0, need - drunk),
        energyKJ: (up * hob.watts + ((steam * latentKJPerKg(ctx.boilC)) / power) * hob.watts) / 1000,
      },
    };
  },
  readings: {
    lostG: lostFrom('heatUp', (p) => p.of),
    waterG: {
      label: 'water',
      unit: 'g',
      shown: 'g',
      low: 0,
      high: 50_000,
      task: 'heatUp',
      effect: () => ({ is: 'param', param: 'waterG' }),
    },
    cookedG: {
      label: 'weight, cooked',
      unit: 'g',
      shown: 'g',
      low: 1,
      high: 50_000,
      task: 'rest',
      figure: 'cookedG',
      effect: (p) => ({ is: 'mass', stream: p.of, water: true }),
    },
  },
};

type From = Readonly<Record<string, number>>;
type Materials = Parameters<typeof materialById>[0];
const cookedForm = (all: Materials, id: string) => {
  const m = materialById(all, id);
  return all.find((x) => x.id === m.cookedAs) ?? m;
};
/** Water in the grain once it is cooked, g: the moisture of its cooked form. */
function waterToCook(madeFrom: From, all: Materials): number {
  let water = 0;
  for (const id in madeFrom) {
    const dry = sumGrams(cookedForm(all, id).per100g);
    water += ((madeFrom[id] ?? 0) * (100 - dry)) / dry;
  }
  return water;
}
/** From now on it is what it has become: soft pieces of the cooked form, giving what that gives. */
function cooked(s: ReturnType<typeof merge>, all: Materials): ReturnType<typeof merge> {
  const madeFrom: Record<string, number> = {};
  let form = null;
  for (const id in s.madeFrom) {
    const m = cookedForm(all, id);
    form ??= m;
    madeFrom[m.id] = (madeFrom[m.id] ?? 0) + (s.madeFrom[id] ?? 0);
  }
  return form ? evolve(s, { madeFrom, able: ableOf(form, s.bound), sizeUm: form.pieceUm }) : s;
}
