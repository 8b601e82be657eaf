import {
  at,
  away,
  capacityOf,
  liquidG,
  massG,
  merge,
  multiplier,
  setReady,
  thingOf,
  volumeMl,
  waterFlow,
  waterStream,
} from '../../kitchen';
import type { Stream } from '../../kitchen';
import { sumGrams } from '../../materials';
import {
  COOLING_W_PER_M2K,
  coverWater,
  longestSoakH,
  mixedC,
  pelegHours,
  pelegK1,
  roundAreaM2,
  timeConstantS,
  vesselKJPerK,
} from '../../laws';
import { HOUR_S } from '../../units';
import { advance } from '../processes/advance';
import { byMaterial } from '../processes/byMaterial';
import { approach, courseOf } from '../processes/course';
import { celsius, choice, courseIn, seconds, stream, thing, waterOf } from '../specs';
import type { Ctx, StepKind } from '../types';

/** Cover over the solids that a soak should have, cm (common practice: three fingers). */
const COVER_CM = 2;

/** In water, drinking and losing a little. */
export const soak: StepKind<'soak'> = {
  kind: 'soak',
  label: 'Soak',
  what: 'Covers with water and waits. Hot water cools to the room or the fridge as it stands.',
  station: 'soak',
  params: {
    of: stream('what', 'work'),
    waterG: waterOf('soak water', 900),
    waterC: celsius('water in at', 15),
    place: choice('where', ['room', 'fridge'], 'room'),
    bowl: thing('bowl', 'bowl'),
    durationS: seconds('how long', 'h', 36_000, 72 * 3600),
  },
  nothing: { waterG: 0, durationS: 0 },
  main: [{ param: 'durationS', label: 'soak for', weight: 6 }],
  tasks: { cover: 'Cover with water', soak: 'Soak' },
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const before = get(p.of);
    const bowl = thingOf(ctx.kit, 'bowl', p.bowl);
    const wet = merge(before, waterStream(p.waterG, p.waterC));
    const vessel = vesselKJPerK(bowl);
    const startC =
      p.waterG > 0
        ? mixedC([
            [capacityOf(wet), wet.temperatureC],
            [vessel, ctx.kit.roomC],
          ])
        : wet.temperatureC;
    const aroundC = p.place === 'fridge' ? ctx.kit.fridgeC : ctx.kit.roomC;
    const u = COOLING_W_PER_M2K[p.place === 'fridge' ? 'fridge' : 'counter'];
    const area = roundAreaM2(Math.max(50, volumeMl(wet)), bowl.diameterCm);
    const tau = timeConstantS(Math.max(0.01, capacityOf(wet)), u, area);
    wet.temperatureC = startC;
    wet.peakWetC = Math.max(before.peakWetC, startC);
    const bath = courseOf(ctx, 'soak', p.durationS, () => approach(startC, aroundC, tau, p.durationS));
    const s = advance(wet, bath, ctx);
    return {
      writes: [[p.of, setReady(s, before.readyAtS + 60 + p.durationS)]],
      flows: p.waterG > 0 ? [waterFlow(id, away('tap'), at(p.of), p.waterG, p.waterC)] : [],
      tasks: [
        { id: 'cover', durationS: 60, hands: 'busy', timed: false },
        { id: 'soak', durationS: p.durationS, hands: 'free', timed: true, atOnce: true, courseC: bath.at },
      ],
      figures: figures(s, { startC, aroundC, forS: p.durationS, before, bowl }, ctx),
    };
  },
  readings: {
    courseC: courseIn('soak'),
    waterG: {
      label: 'soak water',
      unit: 'g',
      shown: 'g',
      low: 0,
      high: 50_000,
      task: 'cover',
      effect: () => ({ is: 'param', param: 'waterG' }),
    },
    durationS: {
      label: 'soaked for',
      unit: 's',
      shown: 'h',
      low: 0,
      high: 72 * 3600,
      task: 'soak',
      byClock: true,
      effect: () => ({ is: 'param', param: 'durationS' }),
    },
  },
};

/** Full enough: nine tenths of what they can hold (common practice; nothing is gained after). */
const SOAKED = 0.9;

/** How high the water stands over the swollen pieces, cm; none left over them: 0. */
function coverCmOf(asBoughtG: number, fullG: number, hasG: number, diameterCm: number): number {
  const bare = coverWater(asBoughtG, fullG, diameterCm, 0);
  const perCm = coverWater(asBoughtG, fullG, diameterCm, 1) - bare;
  return Math.max(0, (hasG - bare) / perCm);
}

interface SoakRun {
  readonly startC: number;
  readonly aroundC: number;
  readonly forS: number;
  readonly before: Stream;
  readonly bowl: { readonly ml: number; readonly diameterCm: number };
}
function figures(s: Stream, run: SoakRun, ctx: Ctx) {
  const dry = Object.values(s.madeFrom).reduce((a, b) => a + b, 0);
  const k1 = byMaterial(s, ctx.materials, (m) => m.hydration.k1H);
  const k2 =
    byMaterial(s, ctx.materials, (m) => m.hydration.k2) /
    multiplier(ctx.beliefs, 'uptake', Object.keys(s.madeFrom)[0] ?? '');
  const full = k2 > 0 ? dry / k2 : 0;
  const asBought = massG(s) - liquidG(s) - s.gainedWaterG;
  const uptake = full > 0 ? s.gainedWaterG / full : 0;
  // Flakes are stirred, not covered, and drink in minutes.
  const flakes = byMaterial(s, ctx.materials, (m) => (m.rinse ? 1 : 0));
  const from = full > 0 ? run.before.gainedWaterG / full : 0;
  const sTo90 = (from: number, c: number) => HOUR_S * pelegHours(pelegK1(k1, c), Math.max(1e-9, k2), from, SOAKED);
  const needS = (c: number) => (uptake < SOAKED ? run.forS + sTo90(uptake, c) : Math.min(run.forS, sTo90(from, c)));
  return {
    uptakeShare: uptake,
    drunkG: s.gainedWaterG,
    solidsG: s.boundWaterG + sumGrams(s.bound),
    waterLeftG: s.freeWaterG,
    waterNeededG: full,
    waterHasG: s.freeWaterG + s.gainedWaterG,
    coverG: coverWater(asBought, full, run.bowl.diameterCm, flakes > 0 ? 0 : COVER_CM),
    coverIsCm: coverCmOf(asBought, full, s.freeWaterG + s.gainedWaterG, run.bowl.diameterCm),
    flakes: flakes > 0 ? 1 : 0,
    startC: run.startC,
    endC: s.temperatureC,
    aroundC: run.aroundC,
    soakS: run.forS,
    needS: needS(run.aroundC),
    needFridgeS: needS(ctx.kit.fridgeC),
    longestS: longestSoakH(run.aroundC) * HOUR_S,
    longestFridgeS: longestSoakH(ctx.kit.fridgeC) * HOUR_S,
    bowlShare: volumeMl(s) / run.bowl.ml,
  };
}
