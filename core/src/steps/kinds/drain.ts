import { at, away, evolve, flowOf, massG, NOTHING } from '../../kitchen';
import { addGrams, grams, NO_GRAMS, scaleGrams } from '../../materials';
import { byMaterial } from '../processes/byMaterial';
import { count, stream } from '../specs';
import type { StepKind } from '../types';

/** The water away, with what had dissolved. */
export const drain: StepKind<'drain'> = {
  kind: 'drain',
  label: 'Drain and rinse',
  what: 'Throws the water away with what had dissolved in it; rinsing takes what clings.',
  station: 'soak',
  params: { of: stream('what', 'work'), rinses: { ...count('rinses', 1, 0, 9), lever: true } },
  nothing: null,
  main: [{ param: 'rinses', label: 'rinses', weight: 4, ifSome: true }],
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    // Thin flakes hold what dissolves: each throw-away water leaves a part of it, and takes some starch with it.
    const times = Math.max(1, p.rinses);
    const stays = byMaterial(s, ctx, (m) => m.rinse?.leaves ?? 0) ** times;
    const starchOff = 1 - (1 - byMaterial(s, ctx, (m) => m.rinse?.starch ?? 0)) ** times;
    const starch = grams({ starch: s.bound.starch * starchOff });
    const gone = evolve(NOTHING, {
      freeWaterG: s.freeWaterG * (1 - stays),
      released: addGrams(scaleGrams(s.released, 1 - stays), starch),
      temperatureC: s.temperatureC,
    });
    const took = 60 + 30 * p.rinses;
    return {
      writes: [
        [
          p.of,
          evolve(s, {
            freeWaterG: s.freeWaterG * stays,
            released: stays > 0 ? scaleGrams(s.released, stays) : NO_GRAMS,
            bound: addGrams(s.bound, starch, -1),
            able: { ...s.able, starch: s.able.starch * (1 - starchOff) },
            amylase: s.amylase * stays,
            glucanase: s.glucanase * stays,
            hydrolysedG: s.hydrolysedG * stays,
            readyAtS: s.readyAtS + took,
          }),
        ],
      ],
      flows: massG(gone) > 0 ? [flowOf(id, at(p.of), away('drain'), gone)] : [],
      tasks: [{ id: 'drain', durationS: took, hands: 'busy', timed: false }],
      figures: { solidsG: massG(s) - massG(gone), thrownG: massG(gone) },
    };
  },
  readings: {
    solidsG: {
      label: 'weight, drained',
      unit: 'g',
      shown: 'g',
      low: 1,
      high: 50_000,
      task: 'drain',
      figure: 'solidsG',
      effect: (p) => ({ is: 'mass', stream: p.of, water: true }),
    },
  },
};
