import { describe, expect, test } from '@jest/globals';
import { boilingShare, standsUntilS } from '../../src/laws';
import { METHODS, recipeIn } from '../../src/methods';
import { makeStep } from '../../src/steps';
import { hotWaterOf, hotWaterText } from '../../src/words';
import { kitAt, SEA } from '../batch/kitchen';

/** Thousands are set apart by a space. */
const grams = (text: string | undefined): number => Number((text ?? '').replace(/\s/g, ''));

describe('hot water without a thermometer (models §7, value by hand)', () => {
  test('80 °C: 308 g of 15 °C water into 1 kg boiling', () => {
    const share = boilingShare(80, 100, 15) ?? NaN;
    expect((1 - share) / share).toBeCloseTo(0.3077, 4);
    expect(boilingShare(101, 100, 15)).toBeNull();
    expect(boilingShare(10, 100, 15)).toBeNull();
    expect([boilingShare(100, 100, 15), boilingShare(15, 100, 15)]).toEqual([1, 0]);
  });
  test('1 l into 600 g of glass at 20 °C, left to 80 °C: 7.8 min; half a litre cools in half the time', () => {
    // Heat capacity of water as 4.19 and of glass .84 kJ/kgK.
    expect((standsUntilS(1000, 80, 100, 20, 0.6 * 0.84) ?? NaN) / 60).toBeCloseTo(7.8, 1);
    const small = standsUntilS(500, 80, 100, 20, 0) ?? NaN;
    expect(small / (standsUntilS(1000, 80, 100, 20, 0) ?? NaN)).toBeCloseTo(0.5, 9);
    expect(standsUntilS(1000, 95, 100, 20, 2)).toBe(0);
    expect(standsUntilS(1000, 20, 100, 20, 0)).toBeNull();
  });
  test('says both ways, what is poured adding up; boiling is the kettle’s own; what is not hot needs nothing', () => {
    const text = hotWaterText(800, 90, SEA) ?? '';
    const [, boiling = '', cold = ''] = /([\d\s]+)\sg boiling and ([\d\s]+)\sg from the tap/.exec(text) ?? [];
    expect(grams(boiling) + grams(cold)).toBe(800);
    expect((grams(boiling) * 100 + grams(cold) * SEA.tapC) / 800).toBeCloseTo(90, 0);
    expect(hotWaterText(800, 98, SEA)).toMatch(/straight from the kettle/);
    expect(hotWaterText(800, 20, SEA)).toBeNull();
    expect(hotWaterText(0, 90, SEA)).toBeNull();
    expect(hotWaterText(800, 60, SEA)).toMatch(/let it stand open in “.+” for about \d+\smin/);
  });
  test('up on a hill the kettle boils cooler, so more of it is boiling', () => {
    const boiling = (m: number) => grams(/([\d\s]+)\sg boiling/.exec(hotWaterText(1000, 80, kitAt(m)) ?? '')?.[1]);
    expect(boiling(2000)).toBeGreaterThan(boiling(0));
    expect(hotWaterText(1000, 90, kitAt(3000))).toMatch(/straight from the kettle/);
  });
  test('every hot water of every school is told, in a plain sentence', () => {
    let told = 0;
    for (const m of METHODS)
      for (const s of recipeIn(m, SEA).steps) {
        const text = hotWaterOf(s, SEA);
        const p = s.params as { waterG?: number; waterC?: number };
        const hot = (p.waterG ?? 0) > 0 && (p.waterC ?? 0) >= SEA.tapC + 20;
        // A glass of boiled water in a cold bowl is past its warmth before a minute: only more of it is told.
        if (s.kind !== 'pour') expect([m.id, s.id, text !== null]).toEqual([m.id, s.id, hot]);
        if (text !== null) expect(text).toMatch(/^\d[\d.]*\s°C.*\.$/);
        told += Number(hot);
      }
    expect(told).toBeGreaterThan(4);
  });
});
test('water that must have boiled is never thinned from the tap: it stands until it is as warm as is wanted', () => {
  const at = (amountG: number, atC: number) => hotWaterOf(makeStep('p', 'pour', { amountG, atC, boiled: true }), SEA);
  expect(at(1500, 70)).toMatch(/boil it and let it stand open in “Bowl” for about \d+\s(min|h).*\.$/);
  expect(at(1500, 70)).not.toContain('tap');
  expect(at(1500, 99)).toContain('straight from the kettle');
  expect(at(150, 60)).toBeNull();
  expect(at(1500, 20)).toBeNull();
});
