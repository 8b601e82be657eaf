import { at, away, draftOf, setReady, waterFlow } from '../../kitchen';
import type { Draft } from '../../kitchen';
import { advance } from '../processes/advance';
import { cooling, coolingS } from '../processes/cooling';
import { traced } from '../processes/course';
import { celsius, choice, courseIn, stream, thing } from '../specs';
import type { FigureOf } from '../params';
import type { StepKind } from '../types';

/** Newton’s cooling in the pot; on a tray, most of it by what evaporates. */
export const cool: StepKind<'cool'> = {
  kind: 'cool',
  label: 'Cool',
  what: 'Lets it fall to a temperature: on the counter, spread on a tray, in the fridge, in running water, in ice, or in water and then in ice.',
  station: 'cook',
  params: {
    of: stream('what', 'milk'),
    how: choice('where', ['counter', 'tray', 'fridge', 'water', 'waterIce', 'iceBath'], 'waterIce'),
    toC: celsius('down to', 10),
    pot: thing('pot', 'pot'),
  },
  nothing: null,
  main: [{ param: 'how', label: 'cool in', weight: 2 }],
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const way = cooling(s, p.how, p.toC, p.pot, ctx.kit);
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
    if (vapourG > 0) figures.steamG = vapourG;
    const stirred = p.how === 'iceBath' || p.how === 'waterIce';
    return {
      writes: [[p.of, setReady(out, s.readyAtS + took)]],
      flows:
        vapourG > 0 ? [waterFlow(id, at(p.of), away('steam'), vapourG, (s.temperatureC + out.temperatureC) / 2)] : [],
      tasks: [{ id: 'cool', durationS: took, hands: stirred ? 'near' : 'free', timed: true }],
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
