import { at, away, evolve, flowOf, NOTHING } from '../../kitchen';
import { addGrams, NO_GRAMS, scaleGrams, sumGrams, takeGrams } from '../../materials';
import type { Grams } from '../../materials';
import { materialById } from '../../materials';
import { share, stream } from '../specs';
import { handlingS } from '../processes/handling';
import type { StepKind } from '../types';

/** Skins slipped and floated off. */
export const hull: StepKind<'hull'> = {
  kind: 'hull',
  label: 'Slip and float off the skins',
  what: 'Takes the skins away, with the water they hold.',
  station: 'soak',
  params: { of: stream('what', 'work'), share: share('share of skins taken', 0.9) },
  nothing: { share: 0 },
  main: [{ param: 'share', label: 'skins off', weight: 2 }],
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const dry = sumGrams(s.bound);
    const off = s.hullG * p.share;
    const first = Object.keys(s.madeFrom)[0];
    const make: Grams = first ? materialById(ctx.materials, first).hull : NO_GRAMS;
    const want = scaleGrams(make, off);
    const bound = takeGrams(s.bound, want);
    const gone = addGrams(s.bound, bound, -1);
    const goneG = sumGrams(gone);
    const wet = dry > 0 ? goneG / dry : 0;
    const kept = (c: keyof Grams) => (s.bound[c] > 0 ? bound[c] / s.bound[c] : 1);
    const able = mapGrams(s.able, (c, x) => x * kept(c));
    const out = evolve(NOTHING, { bound: gone, boundWaterG: s.boundWaterG * wet, temperatureC: s.temperatureC });
    const took = handlingS(s, ctx, (h) => h.skin) * p.share;
    return {
      writes: [
        [
          p.of,
          evolve(s, {
            bound,
            able,
            hullG: s.hullG - off,
            boundWaterG: s.boundWaterG * (1 - wet),
            gainedWaterG: s.gainedWaterG * (1 - wet),
            readyAtS: s.readyAtS + took,
          }),
        ],
      ],
      flows: goneG > 0 ? [flowOf(id, at(p.of), away('drain'), out)] : [],
      tasks: [{ id: 'hull', durationS: took, hands: 'busy', timed: false }],
      figures: { hullsG: goneG + s.boundWaterG * wet },
    };
  },
  readings: {},
};

function mapGrams(g: Grams, f: (c: keyof Grams, x: number) => number): Grams {
  return {
    protein: f('protein', g.protein),
    fat: f('fat', g.fat),
    starch: f('starch', g.starch),
    sugars: f('sugars', g.sugars),
    solubleFibre: f('solubleFibre', g.solubleFibre),
    insolubleFibre: f('insolubleFibre', g.insolubleFibre),
    otherCarb: f('otherCarb', g.otherCarb),
    ash: f('ash', g.ash),
    salt: f('salt', g.salt),
  };
}
