import { describe, expect, test } from '@jest/globals';
import { NO_BOIL, NO_WEIGHT } from '../../src/detect';
import type { BoilIs } from '../../src/detect';
import { boilText, holdText, overflowText, weighText, windowText } from '../../src/words';

const plain = (s: string | null): string | null => s?.replaceAll('\u00a0', ' ') ?? null;
const at = (is: BoilIs, c: number, leftS: number | null = null) => ({ ...NO_BOIL, is, c, leftS });

describe('what the probe says, as a cook says it', () => {
  test('on the way up', () => {
    expect(boilText(NO_BOIL, 98)).toBeNull();
    expect(plain(boilText(at('warming', 61, 250), 98))).toBe('61 °C. The boil in about 4 min.');
    expect(plain(boilText(at('foam', 84, 90), 98))).toBe(
      '84 °C: what climbs now is foam, not the boil. Stir it down. The boil in about 90 s.',
    );
    expect(plain(boilText(at('boil', 97.9), 97.9))).toMatch(/^It boils: 97\.9 °C/);
    expect(plain(boilText(at('off', 94), 97.9))).toBe(
      'Off the boil: 94 °C. Turn it up; below 96.4 °C it does not count as boiling.',
    );
  });
  test('while it is held, who took the foam for the boil is told', () => {
    expect(plain(holdText(at('foam', 85), 97.9))).toBe(
      'Not boiling yet: 85 °C. What you saw was foam; what counts as boiled begins near 97.9 °C.',
    );
    expect(plain(holdText(at('boil', 97.8), 97.9))).toBe('It boils, at 97.8 °C.');
    expect(holdText(NO_BOIL, 98)).toBeNull();
  });
  test('in a window, and where it goes', () => {
    const say = { tooWarm: 'turn it down', tooCold: 'turn it up' };
    const w = (is: 'in' | 'above' | 'below', c: number, passes: { edge: 'low' | 'high'; inS: number } | null) =>
      plain(windowText({ is, c, slope: 0, passes }, say));
    expect(w('in', 73, { edge: 'high', inS: 240 })).toBe('73 °C: right. In 4 min it is past it: turn it down now.');
    expect(w('in', 73, null)).toBe('73 °C: right, and it stays.');
    expect(w('above', 80, null)).toBe('80 °C, too warm: turn it down.');
    expect(w('above', 80, { edge: 'high', inS: 60 })).toBe('80 °C, too warm still; right in 60 s.');
    expect(w('below', 60, { edge: 'low', inS: 120 })).toBe('60 °C; right in 2 min.');
    expect(w('below', 60, null)).toBe('60 °C, too cold: turn it up.');
  });
  test('a pot that is too full: before the foam, and as it climbs; one with room is not spoken of', () => {
    const warm = (c: number) => ({ ...at('warming', c), slope: 0.1 });
    expect(plain(overflowText(warm(66), 0.8, 0.667))).toBe(
      'The pot is 80 % full: the foam comes over the rim in about 2 min. Stand by, and be ready to turn it down.',
    );
    expect(overflowText(warm(40), 0.8, 0.667)).toBeNull();
    expect(overflowText(warm(66), 0.5, 0.667)).toBeNull();
    expect(plain(overflowText(at('foam', 84), 0.8, 0.667))).toMatch(/^It is about to boil over: the pot is 80 % full/);
    expect(overflowText(at('boil', 98), 0.8, 0.667)).toBeNull();
  });
  test('on the scale', () => {
    expect(weighText(NO_WEIGHT)).toBeNull();
    expect(weighText({ ...NO_WEIGHT, is: 'empty', g: 0 })).toBeNull();
    expect(plain(weighText({ ...NO_WEIGHT, is: 'moving', g: 300 }))).toBe('300 g, still moving');
    expect(plain(weighText({ ...NO_WEIGHT, is: 'still', g: 655 }))).toBe('655 g, still');
  });
});
