import { at, away, evolve, massG, solidsG, waterFlow, waterG } from '../../kitchen';
import { addGrams, NO_GRAMS } from '../../materials';
import { dryingS, ovenWetBulbC, PULP_MOISTURE } from '../../laws';
import { isSpoiled } from '../processes/keepingLimits';
import { celsius, stream } from '../specs';
import type { StepKind } from '../types';

/** A centimetre of wet pulp on a tray, kg/m² (models §8; estimate). */
const WET_KG_PER_M2_CM = 6;
/** What a small oven draws at these temperatures on average, W (estimate). */
const OVEN_W = 500;

/** Pulp in the oven, to flour. */
export const dry: StepKind<'dry'> = {
  kind: 'dry',
  label: 'Dry in the oven',
  what: 'Dries pulp in a thin layer until it can be rubbed to flour. Drying never makes raw pulp boiled.',
  station: 'cook',
  params: {
    of: stream('what', 'pulp'),
    ovenC: celsius('oven', 90, 50, 120),
    layerCm: {
      type: 'number',
      label: 'layer',
      unit: 'cm',
      shown: 'cm',
      low: 0.3,
      high: 4,
      default: 1,
      step: 0.1,
      lever: true,
    },
  },
  nothing: null,
  main: [{ param: 'ovenC', label: 'oven', weight: 3 }],
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const solids = solidsG(s);
    const mass = massG(s);
    const water = waterG(s);
    const left = Math.min(water, solids * PULP_MOISTURE.flour);
    const perM2 = mass > 0 ? WET_KG_PER_M2_CM * p.layerCm * (solids / mass) : 0;
    const time =
      solids > 0 ? dryingS(perM2, water / solids, PULP_MOISTURE.flour, p.ovenC) : { constantS: 0, fallingS: 0 };
    const took = time.constantS + time.fallingS;
    const off = water - left;
    const out = evolve(s, {
      freeWaterG: 0,
      boundWaterG: left,
      gainedWaterG: 0,
      released: NO_GRAMS,
      bound: addGrams(s.bound, s.released),
      able: NO_GRAMS,
      temperatureC: ctx.kit.roomC,
      spentD: 0,
      spoiled: isSpoiled(s, ctx),
      readyAtS: s.readyAtS + took,
    });
    return {
      writes: [[p.of, out]],
      flows: off > 0 ? [waterFlow(id, at(p.of), away('steam'), off, ovenWetBulbC(p.ovenC))] : [],
      tasks: [{ id: 'dry', durationS: took, hands: 'free', timed: true }],
      figures: {
        dryS: took,
        flourG: massG(out),
        steamG: off,
        trayM2: perM2 > 0 ? solids / 1000 / perM2 : 0,
        rawPulp: s.hygiene === 'raw' && s.inhibitor.of > 0 ? 1 : 0,
        energyKJ: (took * OVEN_W) / 1000,
      },
    };
  },
  readings: {
    flourG: {
      label: 'weight, dry',
      unit: 'g',
      shown: 'g',
      low: 1,
      high: 50_000,
      task: 'dry',
      figure: 'flourG',
      effect: (p) => ({ is: 'mass', stream: p.of, water: true }),
    },
  },
};
