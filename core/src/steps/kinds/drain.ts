import { at, away, capacityOf, evolve, flowOf, massG, NOTHING } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { WATER_KJ_PER_KGK } from '../../laws';
import { addGrams, grams, NO_GRAMS, scaleGrams } from '../../materials';
import { byMaterial } from '../processes/byMaterial';
import { count, stream } from '../specs';
import type { StepKind } from '../types';

/** Tap water a rinse takes, as a multiple of what is rinsed, and how far pieces and water come to one temperature (estimates). */
const RINSE = { water: 1, evens: 0.6 } as const;
/** A rinse under the tap takes heat off: hot beans leave the sieve warm, not hot. */
function rinsedC(s: Stream, rinses: number, tapC: number): number {
  const own = capacityOf(s);
  if (!(own > 0)) return s.temperatureC;
  const water = (RINSE.water * massG(s) * WATER_KJ_PER_KGK) / 1000;
  const leaves = 1 - (RINSE.evens * water) / (water + own);
  return tapC + (s.temperatureC - tapC) * leaves ** rinses;
}

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
    const stays = byMaterial(s, ctx.materials, (m) => m.rinse?.leaves ?? 0) ** times;
    const starchOff = 1 - (1 - byMaterial(s, ctx.materials, (m) => m.rinse?.starch ?? 0)) ** times;
    const starch = grams({ starch: s.bound.starch * starchOff });
    const gone = evolve(NOTHING, {
      freeWaterG: s.freeWaterG * (1 - stays),
      released: addGrams(scaleGrams(s.released, 1 - stays), starch),
      temperatureC: s.temperatureC,
    });
    const took = 60 + 30 * p.rinses;
    const c = rinsedC(s, p.rinses, ctx.kit.tapC);
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
            temperatureC: c,
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
