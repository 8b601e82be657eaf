import { at, away, flowOf, massG, merge, portion, readyAt, thingOf, waterFlow, waterStream } from '../../kitchen';
import { DRAWN_OF_RATED, FILM_G } from '../../laws';
import { fitsJug, inJug, oneByOne } from '../processes/grinding';
import { celsius, count, gramsOf, lostFrom, pouredAt, seconds, stream, thing, waterOf } from '../specs';
import type { ReadingSpec, StepKind } from '../types';

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
    fitsJug(figures, full, jug, p.loads, run.startC, ctx);
    figures.freshG = waterG;
    figures.loadShareG = massG(before) / p.loads;
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
        courseC: run.courseC,
      })),
      figures,
    };
  },
  readings: {
    lostG: lostFrom('load1', (p) => p.of),
    waterG: pouredAt('load1'),
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
