import { at, away, flowOf, merge, NOTHING, touch } from '../../kitchen';
import { addGrams, grams } from '../../materials';
import { syrupOf } from '../../laws';
import { choice, gramsOf, share, stream, waterOf } from '../specs';
import type { StepKind } from '../types';

/** Unsweetened cocoa powder, per g (USDA Standard Reference, from memory): mostly fibre, protein and fat. */
const COCOA_WATER = 0.03;
const COCOA_PER_G = grams({
  protein: 0.196,
  fat: 0.137,
  sugars: 0.018,
  insolubleFibre: 0.332,
  otherCarb: 0.229,
  ash: 0.058,
});

/** Salt, sugar, vanilla, syrup, cocoa. */
export const finish: StepKind<'finish'> = {
  kind: 'finish',
  label: 'Finish',
  what: 'Salt, sweetening, vanilla, cocoa slaked in hot water, for the whole pot. Vanilla extract counts as water.',
  station: 'jar',
  params: {
    of: stream('what', 'milk'),
    saltG: { ...gramsOf('salt', 0, 500), step: 0.5 },
    sugarG: gramsOf('sugar', 0, 5000),
    vanillaG: { ...gramsOf('vanilla', 0, 200), step: 1 },
    syrup: choice('syrup', ['none', 'honey', 'maple', 'agave', 'dates', 'glucose', 'other'], 'none'),
    syrupG: gramsOf('syrup, as weighed', 0, 5000),
    brix: { ...share('other syrup, °Brix', 0.7), low: 0.05, high: 0.95 },
    cocoaG: gramsOf('cocoa', 0, 1000),
    slakeG: waterOf('hot water to slake it', 0),
  },
  nothing: { saltG: 0, sugarG: 0, vanillaG: 0, syrupG: 0, cocoaG: 0, slakeG: 0 },
  main: [
    { param: 'sugarG', label: 'sugar', weight: 6, ifSome: true },
    { param: 'saltG', label: 'salt', weight: 5, ifSome: true },
  ],
  along: true,
  reads: (p) => [p.of],
  writes: (p) => [p.of],
  run(id, p, get, ctx) {
    const s = get(p.of);
    const syrupG = p.syrup === 'none' ? 0 : p.syrupG;
    const syrup = syrupOf(p.syrup === 'none' ? 'other' : p.syrup, p.brix);
    const dry = syrupG * (1 - syrup.water);
    const sugars = Math.min(dry, syrupG * syrup.sugar);
    const added = {
      ...NOTHING,
      freeWaterG: p.vanillaG + syrupG * syrup.water + p.cocoaG * COCOA_WATER + p.slakeG,
      released: addGrams(
        grams({ salt: p.saltG, sugars: p.sugarG + sugars, otherCarb: dry - sugars }),
        COCOA_PER_G,
        p.cocoaG,
      ),
      temperatureC: ctx.kit.roomC,
      hygiene: s.hygiene,
    };
    const any = p.saltG + p.sugarG + p.vanillaG + syrupG + p.cocoaG + p.slakeG > 0;
    return {
      writes: [[p.of, any ? (syrupG > 0 ? touch(merge(s, added)) : merge(s, added)) : s]],
      flows: any ? [flowOf(id, away('larder'), at(p.of), added)] : [],
      tasks: any ? [{ id: 'finish', durationS: 60, hands: 'busy', timed: false }] : [],
      figures: {
        sugarEquivalentG: p.sugarG + syrupG * syrup.sugar,
        syrupWaterG: syrupG * syrup.water,
        honey: syrupG > 0 && p.syrup === 'honey' ? 1 : 0,
        rawSyrup: syrupG > 0 && (s.hygiene === 'boiled' || s.hygiene === 'heated') ? 1 : 0,
      },
    };
  },
  readings: {
    saltG: {
      label: 'salt',
      unit: 'g',
      shown: 'g',
      low: 0,
      high: 500,
      task: 'finish',
      effect: () => ({ is: 'param', param: 'saltG' }),
    },
    sugarG: {
      label: 'sugar',
      unit: 'g',
      shown: 'g',
      low: 0,
      high: 5000,
      task: 'finish',
      effect: () => ({ is: 'param', param: 'sugarG' }),
    },
  },
};
