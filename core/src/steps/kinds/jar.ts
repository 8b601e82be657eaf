import { at, away, draftOf, flowOf, massG, portion, setReady, thingOf, touch, volumeMl } from '../../kitchen';
import { FILM_G } from '../../laws';
import { JAR_FILL } from '../processes/separating';
import { flag, share, stream, thing } from '../specs';
import type { StepKind } from '../types';

/** Into jars. */
export const jar: StepKind<'jar'> = {
  kind: 'jar',
  label: 'Jar',
  what: 'Fills jars and closes them; the pot keeps a film.',
  station: 'jar',
  params: {
    of: stream('what', 'milk'),
    jar: thing('jar', 'jar'),
    fill: { ...share('filled to', JAR_FILL), low: 0.05 },
    scalded: flag('jars scalded', true),
  },
  nothing: null,
  main: [{ param: 'jar', label: 'into', weight: 2 }],
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  fills: (p) => p.of,
  run(id, p, get, ctx) {
    const s = get(p.of);
    const vessel = thingOf(ctx.kit, 'jar', p.jar);
    const lost = Math.min(0.05, massG(s) > 0 ? FILM_G.pot / massG(s) : 0);
    const kept = portion(s, 1 - lost);
    const ml = volumeMl(kept);
    const jars = Math.max(1, Math.ceil(ml / (vessel.ml * p.fill) - 1e-9));
    const took = 120 + 30 * jars;
    return {
      writes: [[p.of, setReady(p.scalded ? draftOf(kept) : touch(draftOf(kept)), s.readyAtS + took)]],
      flows: [flowOf(id, at(p.of), away('film'), portion(s, lost))],
      tasks: [{ id: 'jar', durationS: took, hands: 'busy', timed: false }],
      figures: {
        jars,
        jarMl: vessel.ml,
        filledMl: ml,
        filledG: massG(kept),
        eachMl: ml / jars,
        scalded: p.scalded ? 1 : 0,
        glass: vessel.glass ? 1 : 0,
      },
    };
  },
  readings: {
    filledG: {
      label: 'weight in the jars, all together',
      unit: 'g',
      shown: 'g',
      low: 1,
      high: 50_000,
      task: 'jar',
      figure: 'filledG',
      follow: ['filledMl', 'eachMl'],
      effect: (p) => ({ is: 'mass', stream: p.of }),
    },
  },
};
