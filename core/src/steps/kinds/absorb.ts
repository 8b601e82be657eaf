import { ableOf, at, away, evolve, massG, merge, multiplier, volumeMl, waterFlow, waterStream } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { handlingOf, materialById, sumGrams } from '../../materials';
import { hobSteamGPerS, latentKJPerKg, LIDDED_STEAM, POT_FULL, potFaces, steamGPerS } from '../../laws';
import { advance } from '../processes/advance';
import { addStallFigures } from '../processes/cooking';
import { holdAt } from '../processes/course';
import { findPot, heatPot } from '../processes/onHob';
import { celsius, lostFrom, seconds, stream, thing, waterOf } from '../specs';
import type { FigureOf } from '../params';
import type { Ctx, StepKind } from '../types';

/** It boils open until craters show, s, and then under its lid (models §5; estimate). */
const CRATERS_S = 300;
/** Grain takes up what water there is, up to this moisture, 0..1; the rest stays free (estimate). */
const MOST_MOISTURE = 0.76;
/** How long a stream's grain boils, s: the longest that any of it needs. */
const cookS = (s: Stream, ctx: Ctx): number =>
  Object.keys(s.madeFrom).reduce((x, id) => Math.max(x, handlingOf(materialById(ctx.materials, id)).cookS), 0);

/** Cooked in just the water it drinks: up to the boil, to craters, then rest. */
export const absorb: StepKind<'absorb'> = {
  kind: 'absorb',
  label: 'Cook, all the water in',
  what: 'Grain boiled in measured water, open until craters show and then under its lid, and rested under it.',
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
    const on = findPot(p, ctx);
    const way = heatPot(s, ctx.boilC, on, ctx, 'lidded');
    const { upS: up } = way;
    const hot = advance(s, way.course, ctx);
    const boilS = cookS(hot, ctx);
    const asked = steamGPerS('medium', on.pot.diameterCm) * multiplier(ctx.beliefs, 'steam', on.pot.id);
    const faces = potFaces(volumeMl(s), on.pot.diameterCm, 'onHob');
    const rate = way.stallsC === null ? Math.min(asked, hobSteamGPerS(on.heatW, faces, ctx.boilC, ctx.kit.roomC)) : 0;
    // Open until craters show, then under the lid, and off the hob under the lid too.
    const openS = Math.min(CRATERS_S, boilS);
    const steam = Math.min(hot.freeWaterG, rate * (openS + LIDDED_STEAM * (boilS - openS + p.restS)));
    const held = advance(hot, holdAt(hot.temperatureC, boilS), ctx, 'open');
    const dry = sumGrams(hot.bound) + sumGrams(hot.released);
    const need = waterToCook(hot.madeFrom, ctx.materials);
    const most = (dry * MOST_MOISTURE) / (1 - MOST_MOISTURE);
    const left = held.freeWaterG + held.boundWaterG - steam;
    const bound = Math.min(left, Math.max(most, hot.boundWaterG));
    const wet = evolve(held, {
      freeWaterG: Math.max(0, left - bound),
      boundWaterG: bound,
      gainedWaterG: Math.max(0, hot.gainedWaterG + bound - hot.boundWaterG),
    });
    const rested = advance(cooked(wet, ctx.materials), holdAt(wet.temperatureC, p.restS), ctx);
    const after = evolve(rested, { readyAtS: s.readyAtS + up + boilS + p.restS, peakWetC: 0, releasedC: 0 });
    const had = hot.freeWaterG + hot.boundWaterG - steam;
    const figures: { -readonly [F in FigureOf<'absorb'>]?: number } = {
      heatUpS: up,
      boilingC: ctx.boilC,
      cookS: boilS,
      steamG: steam,
      potShare: volumeMl(s) / on.pot.ml,
      potLimit: POT_FULL,
      cookedG: massG(after),
      cookedShare: need > 0 ? Math.min(had, need) / need : 1,
      waterLeftG: after.freeWaterG,
      waterWantedG: Math.max(0, need - had),
      energyKJ: (up * on.hob.watts + steam * latentKJPerKg(ctx.boilC) * (on.hob.watts / on.heatW)) / 1000,
    };
    if (way.stallsC !== null) addStallFigures(figures, way, ctx.boilC, ctx);
    return {
      writes: [[p.of, after]],
      flows: [
        ...(p.waterG > 0 ? [waterFlow(id, away('tap'), at(p.of), p.waterG, p.waterC)] : []),
        ...(steam > 0 ? [waterFlow(id, at(p.of), away('steam'), steam, ctx.boilC)] : []),
      ],
      tasks: [
        { id: 'heatUp', durationS: up, hands: 'near', timed: true, courseC: (t) => way.course.at(t) },
        { id: 'craters', durationS: boilS, hands: 'near', timed: true, atOnce: true, courseC: () => hot.temperatureC },
        { id: 'rest', durationS: p.restS, hands: 'free', timed: true, atOnce: true, courseC: () => wet.temperatureC },
      ],
      figures,
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
