import {
  at,
  away,
  capacityOf,
  draftOf,
  flowOf,
  massG,
  merge,
  multiplier,
  portion,
  readyAt,
  thingOf,
  volumeMl,
  waterFlow,
  waterStream,
} from '../../kitchen';
import type { Stream, ThingOf } from '../../kitchen';
import { sumGrams, withGrams } from '../../materials';
import type { Material } from '../../materials';
import {
  DRAWN_OF_RATED,
  FILM_G,
  foamFactor,
  GROUND_HOT,
  HEATED_FAT,
  HEATED_PROTEIN,
  ICE,
  jugC,
  jugFillShare,
  latentKJPerKg,
  mixedC,
  openedShare,
  PLASTIC_JUG_KJ_PER_KL,
  POWER_TO_SLURRY,
  rittingerUm,
  TURNS_OVER,
  withIce,
} from '../../laws';
import { interpolate } from '../../numerics';
import { advance } from '../processes/advance';
import { byMaterial } from '../processes/byMaterial';
import { ofMaterial } from '../processes/body';
import { ramp } from '../processes/course';
import { openTo } from '../processes/release';
import { celsius, count, gramsOf, seconds, stream, thing, waterOf } from '../specs';
import type { FigureOf, Params } from '../params';
import type { Ctx, ReadingSpec, StepKind } from '../types';

/** Seconds to fill and empty the jug once (common practice). */
const HANDLING_S = 60;
/** More loads than this are another day's work. */
const MOST_LOADS = 12;

/** The bench's clock times each load by itself. */
const LOADS: Readonly<Record<string, ReadingSpec<'grind'>>> = Object.fromEntries(
  Array.from({ length: MOST_LOADS }, (_, load): readonly [string, ReadingSpec<'grind'>] => [
    `load${load + 1}S`,
    {
      label: `load ${load + 1} ran`,
      unit: 's',
      shown: 's',
      low: 0,
      high: 600,
      task: `load${load + 1}`,
      byClock: true,
      effect: () => ({ is: 'load', load }),
    },
  ]),
);

/** In the jug, in equal loads. */
export const grind: StepKind<'grind'> = {
  kind: 'grind',
  label: 'Grind',
  what: 'Blends with fresh water, in equal loads, each for the same time. Ice counts on top of the water.',
  station: 'grind',
  params: {
    of: stream('what', 'work'),
    waterG: waterOf('fresh water', 1000, { fresh: true }),
    waterC: celsius('water in at', 15),
    iceG: gramsOf('ice besides', 0, 20_000, { lever: true, fresh: true }),
    durationS: seconds('each load', 's', 60, 600),
    loads: count('loads', 1, 1, MOST_LOADS),
    jug: thing('jug', 'jug'),
  },
  nothing: { waterG: 0, iceG: 0, durationS: 0 },
  main: [
    { param: 'waterG', label: 'fresh water', weight: 6, ifSome: true },
    { param: 'iceG', label: 'ice', weight: 5, ifSome: true },
    { param: 'durationS', label: 'each load', weight: 4 },
  ],
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const before = get(p.of);
    const waterG = p.waterG + p.iceG;
    if (waterG <= 0 && p.durationS <= 0)
      return { writes: [[p.of, before]], flows: [], tasks: [], figures: { loadMl: 0, loadsNeeded: 1 } };
    const jug = thingOf(ctx.kit, 'jug', p.jug);
    const full = merge(before, waterStream(waterG, p.waterC));
    const each = Array.from({ length: p.loads }, (_, i) => ctx.loadsS?.[i] ?? p.durationS);
    const run = each.every((s) => s === each[0])
      ? inJug(before, { ...p, durationS: each[0] ?? p.durationS }, jug, ctx)
      : oneByOne(before, p, each, jug, ctx);
    const film = Math.min(0.05, massG(run.stream) > 0 ? FILM_G.jug / massG(run.stream) : 0);
    const ranS = each.reduce((a, b) => a + b, 0);
    const took = ranS + p.loads * HANDLING_S;
    const { figures } = run;
    room(figures, full, jug, p.loads, run.startC, ctx);
    figures.freshG = waterG;
    figures.energyKJ = (jug.watts * DRAWN_OF_RATED * ranS) / 1000;
    const s = readyAt(portion(run.stream, 1 - film), full.readyAtS + took);
    return {
      writes: [[p.of, s]],
      flows: [
        ...(waterG > 0 ? [waterFlow(id, away('tap'), at(p.of), waterG, p.waterC)] : []),
        ...(run.steamG > 0 ? [waterFlow(id, at(p.of), away('steam'), run.steamG, ctx.boilC)] : []),
        flowOf(id, at(p.of), away('film'), portion(run.stream, film)),
      ],
      tasks: each.map((s, i) => ({
        id: `load${i + 1}`,
        durationS: s + HANDLING_S,
        hands: 'busy' as const,
        timed: true,
        timerS: s,
      })),
      figures,
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
      retired: true,
      effect: () => ({ is: 'param', param: 'durationS' }),
    },
    ...LOADS,
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
function inJug(before: Stream, p: Readonly<Params['grind']>, jug: ThingOf<'jug'>, ctx: Ctx) {
  const power = jug.watts * DRAWN_OF_RATED * POWER_TO_SLURRY * multiplier(ctx.beliefs, 'power', jug.id);
  const vessel = (PLASTIC_JUG_KJ_PER_KL * jug.ratedMl) / 1000;
  const poured = p.waterG > 0 ? merge(before, waterStream(p.waterG, p.waterC)) : before;
  const warm = capacityOf(poured) / p.loads;
  const mixed = mixedC([
    [warm, poured.temperatureC],
    [vessel, ctx.kit.roomC],
  ]);
  const iced = p.iceG > 0 ? withIce(warm + vessel, mixed, p.iceG / p.loads) : { c: mixed, leftG: 0 };
  const startC = iced.c;
  // The jug takes its heat before the flakes can feel the kettle: the hottest they were is the mixture, not the water.
  const full = p.iceG > 0 ? merge(poured, waterStream(p.iceG, 0)) : draftOf(poured);
  full.temperatureC = startC;
  full.peakWetC = Math.max(before.peakWetC, startC);
  const load = capacityOf(full) / p.loads;
  // Ice that is left takes the motor's heat before anything warms.
  const melts = power > 0 ? Math.min(p.durationS, (iced.leftG * ICE.meltKJPerKg) / power) : 0;
  const wouldC = jugC(startC, power, load + vessel, ctx.kit.roomC, p.durationS - melts);
  const endC = Math.min(Math.max(startC, ctx.boilC), wouldC);
  const surplusKJ = Math.max(0, wouldC - endC) * (load + vessel) * p.loads;
  const steamG = Math.min(full.freeWaterG, (surplusKJ / latentKJPerKg(ctx.boilC)) * 1000);
  const energy = massG(full) > 0 ? (power * p.durationS) / (massG(full) / p.loads) : 0;
  const opened = open(full, energy, startC, ctx);
  const stream = advance(opened, ramp(startC, endC, p.durationS), ctx, 'blending');
  const off = Math.min(steamG, stream.freeWaterG);
  stream.freeWaterG -= off;
  // Filled in by the caller: copying an object of so many figures was a sixth of a fold (measured).
  const figures: GrindFigures = {
    startC,
    endC,
    energyJPerG: energy,
    sizeUm: stream.sizeUm,
    openedShare: stream.openedShare,
    powerW: power,
    iceLeftG: Math.max(0, iced.leftG - (melts * power) / ICE.meltKJPerKg) * p.loads,
    gelFromC: byMaterial(stream, ctx, (m) => m.starchBody?.gelC[0] ?? 0),
    glucanShare: stream.glucanOf > 0 ? stream.released.solubleFibre / stream.glucanOf : 0,
    solidsPerL: full.freeWaterG > 0 ? (1000 * sumGrams(full.bound)) / full.freeWaterG : 0,
  };
  return { stream, startC, steamG: off, figures };
}
/**
 * Loads that ran for different times, each an equal share, poured together after. What is said of the jug is their mean;
 * of the stuff, what it is once they are together.
 */
function oneByOne(
  before: Stream,
  p: Readonly<Params['grind']>,
  each: readonly number[],
  jug: ThingOf<'jug'>,
  ctx: Ctx,
): ReturnType<typeof inJug> {
  const n = each.length;
  const share = { ...p, loads: 1, waterG: p.waterG / n, iceG: p.iceG / n };
  const runs = each.map((durationS) => inJug(portion(before, 1 / n), { ...share, durationS }, jug, ctx));
  const stream = runs.map((r) => r.stream).reduce((a, b) => merge(a, b));
  const mean = (name: FigureOf<'grind'>): number => runs.reduce((sum, r) => sum + (r.figures[name] ?? 0), 0) / n;
  const figures: GrindFigures = {
    ...runs[0]?.figures,
    startC: mean('startC'),
    endC: stream.temperatureC,
    energyJPerG: mean('energyJPerG'),
    sizeUm: stream.sizeUm,
    openedShare: stream.openedShare,
    iceLeftG: mean('iceLeftG') * n,
    glucanShare: stream.glucanOf > 0 ? stream.released.solubleFibre / stream.glucanOf : 0,
  };
  return { stream, startC: mean('startC'), steamG: runs.reduce((g, r) => g + r.steamG, 0), figures };
}
type GrindFigures = { -readonly [F in FigureOf<'grind'>]?: number };

/** Grinding opens cells by the energy each gram absorbs, and makes the pieces smaller. */
function open(s: Stream, energyJPerG: number, jugStartC: number, ctx: Ctx): Stream {
  if (energyJPerG <= 0) return s;
  const e0 = byMaterial(s, ctx, (m) => m.openingJPerG) * ofMaterial(s, 'opening', ctx);
  if (e0 <= 0) return s;
  const d = draftOf(s);
  if (s.openedShare === 0) d.able = afterHeat(s, jugStartC);
  openTo(d, openedShare(s.openedShare, energyJPerG, e0), jugStartC, ctx);
  d.sizeUm = rittingerUm(s.sizeUm, energyJPerG, byMaterial(s, ctx, grindabilityOf));
  return d;
}

const grindabilityOf = (m: Material): number => m.grindability ?? 1;

/** Beans heated before or in the grind give less protein and fat; the strongest of the two counts. */
function afterHeat(s: Stream, jugStartC: number) {
  if (s.inhibitor.of <= 0) return s.able;
  const hot = jugStartC >= GROUND_HOT.fromC ? GROUND_HOT.factor : 1;
  return withGrams(s.able, {
    protein: s.able.protein * Math.min(hot, interpolate(HEATED_PROTEIN, s.preheatMin)),
    fat: s.able.fat * Math.min(hot, interpolate(HEATED_FAT, s.preheatMin)),
  });
}

/** How it fits the jug. */
function room(f: GrindFigures, full: Stream, jug: ThingOf<'jug'>, loads: number, startC: number, ctx: Ctx): void {
  const foam = byMaterial(full, ctx, (m) => m.foamShare);
  const holdsMl = jug.ratedMl * jugFillShare(foam, startC);
  const ml = volumeMl(full);
  const pieces = full.boundWaterG + sumGrams(full.bound);
  f.loadMl = ml / loads;
  f.loadFoamMl = (ml / loads) * foamFactor(foam, 0);
  f.jugHoldsMl = holdsMl;
  f.jugRatedMl = jug.ratedMl;
  f.loadsNeeded = Math.max(1, Math.ceil(ml / holdsMl - 1e-9));
  f.waterToPieces = pieces > 0 ? full.freeWaterG / pieces : 99;
  f.waterWantedG = Math.max(0, TURNS_OVER * pieces - full.freeWaterG);
  f.foams = foam > 0 ? 1 : 0;
  f.sealed = jug.lid === 'sealed' ? 1 : 0;
}
