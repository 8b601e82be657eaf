import { at, away, flowOf, freezerBoxOf, massG, portion, readyAt, volumeMl, waterG } from '../../kitchen';
import { FILM_G, FREEZER_C, freezerFill } from '../../laws';
import { keptFor } from '../processes/keeping';
import { DAY_S } from '../../units';
import { celsius, seconds, share, stream, thing, volume } from '../specs';
import type { StepKind } from '../types';

/** Into boxes and the freezer. */
export const freeze: StepKind<'freeze'> = {
  kind: 'freeze',
  label: 'Freeze in portions',
  what: 'Fills boxes with headspace for the ice, or cubes, and freezes them: two months at most, never in glass.',
  station: 'jar',
  params: {
    of: stream('what', 'milk'),
    box: thing('box', 'jar'),
    cubeMl: volume('in cubes of', 0, 500),
    fill: { ...share('filled to', 0.85), low: 0.05 },
    freezerC: celsius('freezer', FREEZER_C, -30, -5),
    durationS: seconds('for', 'h', 24 * 3600, 60 * DAY_S),
  },
  nothing: null,
  main: [{ param: 'box', label: 'freeze in', weight: 3 }],
  tasks: { fill: 'Fill for the freezer', freeze: 'Freeze' },
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  fills: (p) => p.of,
  run(id, p, get, ctx) {
    const s = get(p.of);
    const box = freezerBoxOf(ctx.kit, p.box);
    const mass = massG(s);
    const lost = Math.min(0.05, mass > 0 ? FILM_G.pot / mass : 0);
    const kept = portion(s, 1 - lost);
    const ml = volumeMl(kept);
    const portions = Math.max(1, Math.ceil(ml / (box.ml * p.fill) - 1e-9));
    const took = 120 + 30 * portions;
    const cold = keptFor(kept, p.freezerC, box.id, p.durationS, ctx);
    return {
      writes: [[p.of, readyAt(cold, s.readyAtS + took + p.durationS)]],
      flows: [flowOf(id, at(p.of), away('film'), portion(s, lost))],
      tasks: [
        { id: 'fill', durationS: took, hands: 'busy', timed: false },
        { id: 'freeze', durationS: p.durationS, hands: 'free', timed: false, atOnce: true },
      ],
      figures: {
        cubes: p.cubeMl > 0 ? Math.ceil(ml / p.cubeMl - 1e-9) : 0,
        jars: portions,
        jarMl: box.ml,
        filledMl: ml,
        eachMl: ml / portions,
        fillLimit: mass > 0 ? freezerFill(Math.max(0, waterG(s)) / mass, mass / volumeMl(s)) : 1,
        fillShare: ml / portions / box.ml,
        // Cubes freeze in a tray, and go into the box as ice.
        glass: box.glass && p.cubeMl === 0 ? 1 : 0,
        endC: cold.temperatureC,
      },
    };
  },
  readings: {},
};
