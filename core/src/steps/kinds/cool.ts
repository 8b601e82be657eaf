import { at, away, draftOf, setReady, thingOf, waterFlow } from '../../kitchen';
import type { Draft, Stream } from '../../kitchen';
import type { CoolingWay } from '../../laws';
import { advance } from '../processes/advance';
import { cooling, coolingS, legsAtC } from '../processes/cooling';
import { traced } from '../processes/course';
import { celsius, choice, courseIn, flag, gramsOf, stream, thing } from '../specs';
import type { FigureOf, Params } from '../params';
import type { Ctx, StepKind } from '../types';

const IN_COLD_WATER: readonly CoolingWay[] = ['water', 'waterIce', 'iceBath'];
const ICED: readonly CoolingWay[] = ['waterIce', 'iceBath'];
/** Hotter than this, glass cracks in cold water (common practice). */
const GLASS_UNTIL_C = 50;
const hotGlass = (s: Stream, p: Readonly<Params['cool']>, ctx: Ctx): boolean =>
  p.vessel === 'jars' &&
  IN_COLD_WATER.includes(p.how) &&
  s.temperatureC > GLASS_UNTIL_C &&
  thingOf(ctx.kit, 'jar', p.jar).glass;

/** Newton’s cooling in pot or jars; on a tray, most of it by what evaporates; in the fridge, beside what it warms. */
export const cool: StepKind<'cool'> = {
  kind: 'cool',
  label: 'Cool',
  what: 'Lets it fall to a temperature, in its pot or split in jars: on the counter, at an open window, spread on a tray, in the fridge, in running water, in ice, or in water and then in ice. A pot on the counter or at the window stands open unless the lid is on.',
  station: 'cook',
  params: {
    of: stream('what', 'milk'),
    how: choice('where', ['counter', 'window', 'tray', 'fridge', 'water', 'waterIce', 'iceBath'], 'waterIce'),
    toC: celsius('down to', 10),
    vessel: choice('in', ['pot', 'jars'], 'pot'),
    pot: thing('pot', 'pot'),
    jar: thing('jar', 'jar'),
    iceG: gramsOf('ice, 0: as it takes', 0, 50_000),
    outsideC: celsius('outside', 10, -30, 45),
    lid: flag('lid on', false),
  },
  nothing: null,
  main: [{ param: 'how', label: 'cool in', weight: 2 }],
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  idle: (p) => [
    ...(p.how === 'tray' ? ['vessel', 'pot', 'jar'] : [p.vessel === 'pot' ? 'jar' : 'pot']),
    ...(ICED.includes(p.how) ? [] : ['iceG']),
    ...(p.how === 'window' ? [] : ['outsideC']),
    ...((p.how === 'counter' || p.how === 'window') && p.vessel === 'pot' ? [] : ['lid']),
  ],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const way = cooling(s, p, ctx);
    const told = ctx.courses?.cool;
    const took = told ? (told.values.length - 1) * told.everyS : coolingS(way);
    const legs = told ? [traced(told, took)] : way.legs(took);
    const out = legs.reduce((x: Draft, leg) => advance(x, leg, ctx), draftOf(s));
    const vapourG = Math.min(way.vapourG, out.freeWaterG + out.boundWaterG);
    const free = Math.min(out.freeWaterG, vapourG);
    out.freeWaterG -= free;
    out.boundWaterG -= vapourG - free;
    out.gainedWaterG = Math.min(out.gainedWaterG, out.boundWaterG);
    const figures: { -readonly [F in FigureOf<'cool'>]?: number } = {
      aroundC: way.aroundC,
      endC: out.temperatureC,
      above21S: out.above21S,
      above5S: out.above5S,
      fromC: s.temperatureC,
    };
    if (way.reachS === null && !told) figures.never = 1;
    else figures.coolS = took;
    if (way.iceG > 0) figures.iceG = way.iceG;
    if (way.stirS > 0) figures.stirS = way.stirS;
    if (way.iceGoneC !== undefined) figures.iceGoneC = way.iceGoneC;
    if (way.fridge) {
      figures.fridgePeakC = way.fridge.peakC;
      figures.fridgeBackS = way.fridge.backS;
    }
    if (vapourG > 0) figures.steamG = vapourG;
    if (hotGlass(s, p, ctx)) figures.hotGlass = 1;
    if (ctx.readAtS && ctx.readAtS.length > 0)
      figures.readC =
        ctx.readAtS.reduce((sum, t) => sum + legsAtC(way.legs(Math.max(t, took)), t), 0) / ctx.readAtS.length;
    return {
      writes: [[p.of, setReady(out, s.readyAtS + took)]],
      flows:
        vapourG > 0 ? [waterFlow(id, at(p.of), away('steam'), vapourG, (s.temperatureC + out.temperatureC) / 2)] : [],
      tasks: [
        {
          ...{ id: 'cool', durationS: took, hands: ICED.includes(p.how) ? 'near' : 'free', timed: true },
          courseC: (t) => legsAtC(told ? legs : way.legs(Math.max(t, took)), t),
        },
      ],
      figures,
    };
  },
  readings: {
    courseC: courseIn('cool'),
    nowC: {
      label: 'temperature now',
      unit: 'C',
      shown: 'C',
      low: 0,
      high: 100,
      task: 'cool',
      often: true,
      figure: 'readC',
      // One coefficient a way: the cook stirs as the cook stirs.
      effect: (p) => ({ is: 'fit', figure: 'readC', kind: 'cooling', thing: p.how }),
    },
    toC: {
      label: 'cooled down to',
      unit: 'C',
      shown: 'C',
      low: 0,
      high: 100,
      task: 'cool',
      effect: () => ({ is: 'param', param: 'toC' }),
    },
  },
};
