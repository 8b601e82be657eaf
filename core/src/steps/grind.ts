import {
  at,
  away,
  capacityOf,
  evolve,
  flowOf,
  massG,
  merge,
  multiplier,
  portion,
  thingOf,
  volumeMl,
  waterFlow,
  waterStream,
} from '../kitchen';
import type { Stream, ThingOf } from '../kitchen';
import { addGrams, scaleGrams, sumGrams } from '../materials';
import {
  DRAWN_OF_RATED,
  FILM_G,
  foamFactor,
  GROUND_HOT,
  HEATED_FAT,
  HEATED_PROTEIN,
  jugC,
  jugFillShare,
  latentKJPerKg,
  mixedC,
  openedShare,
  PLASTIC_JUG_KJ_PER_KL,
  POWER_TO_SLURRY,
  rittingerUm,
  TURNS_OVER,
} from '../laws';
import { interpolate } from '../numerics';
import { advance } from './advance';
import { byMaterial } from './byMaterial';
import { ramp } from './course';
import { celsius, count, seconds, stream, thing, waterOf } from './specs';
import type { Ctx, StepKind } from './types';

/** Seconds to fill and empty the jug once (common practice). */
const HANDLING_S = 60;

export const grind: StepKind<'grind'> = {
  kind: 'grind',
  label: 'Grind',
  what: 'Blends with fresh water, in equal loads, each for the same time.',
  station: 'grind',
  params: {
    of: stream('what', 'work'),
    waterG: waterOf('fresh water', 1000, { fresh: true }),
    waterC: celsius('water in at', 15),
    durationS: seconds('each load', 's', 60, 600),
    loads: count('loads', 1, 1, 12),
    jug: thing('jug', 'jug'),
  },
  nothing: { waterG: 0, durationS: 0 },
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const before = get(p.of);
    if (p.waterG <= 0 && p.durationS <= 0)
      return { writes: [[p.of, before]], flows: [], tasks: [], figures: { loadMl: 0, loadsNeeded: 1 } };
    const jug = thingOf(ctx.kit, 'jug', p.jug);
    const full = merge(before, waterStream(p.waterG, p.waterC));
    const run = inJug(full, jug, p.loads, p.durationS, ctx);
    const film = Math.min(0.05, massG(run.stream) > 0 ? FILM_G.jug / massG(run.stream) : 0);
    const took = p.loads * (p.durationS + HANDLING_S);
    const s = evolve(portion(run.stream, 1 - film), { readyAtS: full.readyAtS + took });
    return {
      writes: [[p.of, s]],
      flows: [
        ...(p.waterG > 0 ? [waterFlow(id, away('tap'), at(p.of), p.waterG, p.waterC)] : []),
        ...(run.steamG > 0 ? [waterFlow(id, at(p.of), away('steam'), run.steamG, ctx.boilC)] : []),
        flowOf(id, at(p.of), away('film'), portion(run.stream, film)),
      ],
      tasks: Array.from({ length: p.loads }, (_, i) => ({
        id: `load${i + 1}`,
        durationS: p.durationS + HANDLING_S,
        hands: 'busy' as const,
        timed: true,
        timerS: p.durationS,
      })),
      figures: { ...run.figures, ...room(full, jug, p.loads, run.startC, ctx) },
    };
  },
  readings: {
    waterG: {
      label: 'fresh water',
      unit: 'g',
      shown: 'g',
      low: 0,
      high: 50_000,
      task: 'load1',
      effect: () => ({ is: 'param', param: 'waterG' }),
    },
    durationS: {
      label: 'each load ran',
      unit: 's',
      shown: 's',
      low: 0,
      high: 600,
      task: 'load1',
      effect: () => ({ is: 'param', param: 'durationS' }),
    },
    endC: {
      label: 'slurry after grinding',
      unit: 'C',
      shown: 'C',
      low: 0,
      high: 100,
      task: 'load1',
      figure: 'endC',
      effect: (p, ctx) => ({ is: 'fit', figure: 'endC', kind: 'power', thing: thingOf(ctx.kit, 'jug', p.jug).id }),
    },
  },
};

/** One load stands for all: each is the same share, ground for the same time in a jug that starts at room temperature. */
function inJug(full: Stream, jug: ThingOf<'jug'>, loads: number, s: number, ctx: Ctx) {
  const power = jug.watts * DRAWN_OF_RATED * POWER_TO_SLURRY * multiplier(ctx.beliefs, 'power', jug.id);
  const vessel = (PLASTIC_JUG_KJ_PER_KL * jug.ratedMl) / 1000;
  const load = capacityOf(full) / loads;
  const startC = mixedC([
    [load, full.temperatureC],
    [vessel, ctx.kit.roomC],
  ]);
  const wouldC = jugC(startC, power, load + vessel, ctx.kit.roomC, s);
  const endC = Math.min(Math.max(startC, ctx.boilC), wouldC);
  const surplusKJ = Math.max(0, wouldC - endC) * (load + vessel) * loads;
  const steamG = Math.min(full.freeWaterG, (surplusKJ / latentKJPerKg(ctx.boilC)) * 1000);
  const energy = massG(full) > 0 ? (power * s) / (massG(full) / loads) : 0;
  const opened = open(full, energy, startC, ctx);
  const ground = advance(evolve(opened, { temperatureC: startC }), ramp(startC, endC, s), ctx);
  const stream = evolve(ground, { freeWaterG: ground.freeWaterG - Math.min(steamG, ground.freeWaterG) });
  return {
    stream,
    startC,
    steamG: ground.freeWaterG - stream.freeWaterG,
    figures: {
      startC,
      endC,
      energyJPerG: energy,
      sizeUm: stream.sizeUm,
      openedShare: stream.openedShare,
      powerW: power,
    },
  };
}

/** Opening a cell frees its own water and what can leave it; the unopened share keeps both. */
function open(s: Stream, energyJPerG: number, jugStartC: number, ctx: Ctx): Stream {
  if (energyJPerG <= 0) return s;
  const e0 = byMaterial(s, ctx, (m) => m.openingJPerG);
  if (e0 <= 0) return s;
  const able = s.openedShare === 0 ? afterHeat(s, jugStartC) : s.able;
  const opened = openedShare(s.openedShare, energyJPerG, e0);
  const part = s.openedShare < 1 ? (opened - s.openedShare) / (1 - s.openedShare) : 0;
  return evolve(s, {
    openedShare: opened,
    sizeUm: rittingerUm(s.sizeUm, energyJPerG),
    freeWaterG: s.freeWaterG + s.boundWaterG * part,
    boundWaterG: s.boundWaterG * (1 - part),
    gainedWaterG: s.gainedWaterG * (1 - part),
    released: addGrams(s.released, able, part),
    bound: addGrams(s.bound, able, -part),
    able: scaleGrams(able, 1 - part),
  });
}

/** Beans heated before or in the grind give less protein and fat; the strongest of the two counts. */
function afterHeat(s: Stream, jugStartC: number) {
  if (s.inhibitor.of <= 0) return s.able;
  const hot = jugStartC >= GROUND_HOT.fromC ? GROUND_HOT.factor : 1;
  return {
    ...s.able,
    protein: s.able.protein * Math.min(hot, interpolate(HEATED_PROTEIN, s.preheatMin)),
    fat: s.able.fat * Math.min(hot, interpolate(HEATED_FAT, s.preheatMin)),
  };
}

function room(full: Stream, jug: ThingOf<'jug'>, loads: number, startC: number, ctx: Ctx) {
  const foam = byMaterial(full, ctx, (m) => m.foamShare);
  const holdsMl = jug.ratedMl * jugFillShare(foam > 0, startC);
  const ml = volumeMl(full);
  const pieces = full.boundWaterG + sumGrams(full.bound);
  return {
    loadMl: ml / loads,
    loadFoamMl: (ml / loads) * foamFactor(foam, 0),
    jugHoldsMl: holdsMl,
    jugRatedMl: jug.ratedMl,
    loadsNeeded: Math.max(1, Math.ceil(ml / holdsMl - 1e-9)),
    waterToPieces: pieces > 0 ? full.freeWaterG / pieces : 99,
    waterWantedG: Math.max(0, TURNS_OVER * pieces - full.freeWaterG),
    foams: foam > 0 ? 1 : 0,
    sealed: jug.lid === 'sealed' ? 1 : 0,
  };
}
