import { capacityOf, massG, setReady, thingOf, volumeMl } from '../../kitchen';
import type { Kit } from '../../kitchen';
import { COOLING_W_PER_M2K, iceKg, roundAreaM2, secondsTo, timeConstantS, TRAY_DEEP_M, vesselKJPerK } from '../../laws';
import type { CoolingPlace } from '../../laws';
import { advance } from '../processes/advance';
import { approach, courseOf } from '../processes/course';
import { celsius, choice, courseIn, stream, thing } from '../specs';
import type { FigureOf } from '../params';
import type { StepKind } from '../types';

/** Stirred ice water, °C (estimate: a little above melting while it takes up heat). */
const ICE_WATER_C = 1;
/** When the target is never reached the cook gives up after this long, s. */
const GIVE_UP_S = 12 * 3600;
/** Bath water beside the pot, as a multiple of what is cooled (common practice). */
const BATH_PER_MILK = 1.5;

const aroundC = (how: CoolingPlace, kit: Kit): number =>
  ({ counter: kit.roomC, tray: kit.roomC, fridge: kit.fridgeC, water: kit.tapC, iceBath: ICE_WATER_C })[how];

/** Newton’s cooling, in the pot or on a tray. */
export const cool: StepKind<'cool'> = {
  kind: 'cool',
  label: 'Cool',
  what: 'Lets it fall to a temperature: on the counter, spread on a tray, in the fridge, in running water or in ice.',
  station: 'cook',
  params: {
    of: stream('what', 'milk'),
    how: choice('where', ['counter', 'tray', 'fridge', 'water', 'iceBath'], 'iceBath'),
    toC: celsius('down to', 10),
    pot: thing('pot', 'pot'),
  },
  nothing: null,
  main: [{ param: 'how', label: 'cool in', weight: 2 }],
  along: true,
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(_id, p, get, ctx) {
    const s = get(p.of);
    const around = aroundC(p.how, ctx.kit);
    const pot = thingOf(ctx.kit, 'pot', p.pot);
    const ml = Math.max(50, volumeMl(s));
    const area = p.how === 'tray' ? (2 * ml * 1e-6) / TRAY_DEEP_M : roundAreaM2(ml, pot.diameterCm);
    const vessel = p.how === 'tray' ? 0 : vesselKJPerK(pot);
    const tau = timeConstantS(Math.max(0.01, capacityOf(s) + vessel), COOLING_W_PER_M2K[p.how], area);
    const already = s.temperatureC <= p.toC;
    const reach = already ? 0 : secondsTo(s.temperatureC, p.toC, around, tau);
    const told = ctx.courses?.cool;
    const took = told ? (told.values.length - 1) * told.everyS : (reach ?? GIVE_UP_S);
    const out = advance(
      s,
      courseOf(ctx, 'cool', took, () => approach(s.temperatureC, around, tau, took)),
      ctx,
    );
    const heatKJ = (capacityOf(s) + vessel) * Math.max(0, s.temperatureC - p.toC);
    const figures: { -readonly [F in FigureOf<'cool'>]?: number } = {
      aroundC: around,
      endC: out.temperatureC,
      above21S: out.above21S,
      above5S: out.above5S,
      fromC: s.temperatureC,
    };
    if (reach === null && !told) figures.never = 1;
    else figures.coolS = took;
    if (p.how === 'iceBath')
      figures.iceG = 1000 * iceKg(heatKJ, Math.max(p.toC, 2), (BATH_PER_MILK * massG(s)) / 1000, ctx.kit.tapC);
    return {
      writes: [[p.of, setReady(out, s.readyAtS + took)]],
      flows: [],
      tasks: [{ id: 'cool', durationS: took, hands: p.how === 'iceBath' ? 'near' : 'free', timed: true }],
      figures,
    };
  },
  readings: {
    courseC: courseIn('cool'),
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
