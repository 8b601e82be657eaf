import { at, away, evolve, readyAt, waterFlow, waterG } from '../../kitchen';
import { MALTOSE_PER_STARCH } from '../../laws';
import { advance } from '../processes/advance';
import { addStallFigures } from '../processes/cooking';
import { courseOf, holdAt } from '../processes/course';
import { findPot, heatPot } from '../processes/onHob';
import { celsius, choice, courseIn, seconds, stream } from '../specs';
import type { FigureOf } from '../params';
import type { StepKind } from '../types';

/** A hand on a hob hits a temperature no closer than this, K (common practice). */
const WORTH_WARMING_K = 1.5;

/** Amylase, with or without glucanase, for a while. */
export const enzyme: StepKind<'enzyme'> = {
  kind: 'enzyme',
  label: 'Rest with enzyme',
  what: 'Stirs in amylase and lets it work. Malt and capsules cut β-glucan too; a pure amylase does not. Heat ends it.',
  station: 'soak',
  params: {
    of: stream('what', 'work'),
    with: choice('with', ['pure', 'malt', 'capsules'], 'malt'),
    doses: {
      type: 'number',
      label: 'doses',
      unit: 'count',
      shown: 'count',
      low: 0,
      high: 50,
      default: 1,
      step: 1,
      scales: true,
      lever: true,
    },
    atC: celsius('kept at', 20),
    durationS: seconds('how long', 'min', 900, 6 * 3600),
  },
  nothing: { doses: 0, durationS: 0, atC: 0 },
  main: [{ param: 'durationS', label: 'enzyme for', weight: 5 }],
  tasks: { warm: 'Warm it', rest: 'Rest with enzyme' },
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const dosed = evolve(s, {
      amylase: s.amylase + p.doses,
      glucanase: s.glucanase + (p.with === 'pure' ? 0 : p.doses),
    });
    // What is as warm as a hob can make it is not warmed.
    const toC = p.atC - s.temperatureC > WORTH_WARMING_K ? p.atC : s.temperatureC;
    const { pot, hob } = ctx.kit.use;
    const on = findPot({ pot, hob }, ctx);
    const way = heatPot(dosed, toC, on, ctx);
    const { upS: up, topC } = way;
    const rise = courseOf(ctx, 'warm', up, () => way.course);
    const held = courseOf(ctx, 'rest', p.durationS, () => holdAt(topC, p.durationS));
    const warm = up > 0 ? advance(dosed, rise, ctx) : dosed;
    const out = p.durationS > 0 ? advance(warm, held, ctx) : warm;
    const steam = Math.min(out.freeWaterG, way.vapourG);
    out.freeWaterG -= steam;
    const litres = waterG(s) / 1000;
    const starch = out.released.starch + out.hydrolysedG;
    const figures: { -readonly [F in FigureOf<'enzyme'>]?: number } = {
      dosesPerL: litres > 0 ? p.doses / litres : 0,
      endC: out.temperatureC,
      starchCut: starch > 0 ? out.hydrolysedG / starch : 0,
      glucanCut: out.glucanCut,
      sugarsMadeG: out.hydrolysedG * MALTOSE_PER_STARCH,
      dead: out.amylase > 0 || p.doses === 0 ? 0 : 1,
      steamG: steam,
      energyKJ: (up * on.hob.watts) / 1000,
    };
    if (way.stallsC !== null) addStallFigures(figures, way, toC, ctx);
    return {
      writes: [[p.of, readyAt(out, s.readyAtS + up + p.durationS)]],
      flows: steam > 0 ? [waterFlow(id, at(p.of), away('steam'), steam, topC)] : [],
      tasks: [
        ...(up > 0
          ? [
              {
                ...{ id: 'warm', durationS: up, hands: 'near' as const, timed: true },
                courseC: (t: number) => (ctx.courses?.warm ? rise.at(t) : way.cAt(t)),
              },
            ]
          : []),
        ...(p.durationS > 0
          ? [
              {
                ...{ id: 'rest', durationS: p.durationS, hands: 'free' as const, timed: true, atOnce: true as const },
                courseC: held.at,
              },
            ]
          : []),
      ],
      figures,
    };
  },
  readings: {
    warmCourseC: courseIn('warm'),
    restCourseC: courseIn('rest'),
    durationS: {
      label: 'rested for',
      unit: 's',
      shown: 'min',
      low: 0,
      high: 6 * 3600,
      task: 'rest',
      byClock: true,
      effect: () => ({ is: 'param', param: 'durationS' }),
    },
  },
};
