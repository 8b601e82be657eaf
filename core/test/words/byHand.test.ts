import { expect, test } from '@jest/globals';
import { USUAL_KIT } from '../../src/kitchen';
import { bathText } from '../../src/words';

const said = (c: number, altitudeM = 0): string =>
  (bathText(c, { ...USUAL_KIT, altitudeM, tapC: 15 }) ?? '').replaceAll('\u00a0', ' ');

test('boiling and cold in small parts, mixed by hand: (3·100 + 2·15)/5 = 66 °C, (100 + 15)/2 = 57.5 °C', () => {
  expect(said(66)).toContain('3 parts boiling to 2 parts of cold water is a bath of about 66 °C');
  expect(said(57)).toContain('1 part boiling to 1 part of cold water is a bath of about 57 °C');
  // The malt rest of the oat schools, and the hold of cooked tiger nut (models): each within three degrees.
  for (const c of [50, 55, 62, 68, 73, 75]) {
    const is = Number(/about (\d+) °C/.exec(said(c))?.[1]);
    expect(Math.abs(is - c)).toBeLessThanOrEqual(3);
  }
});
test('on a hill boiling water is cooler, and more of it is taken', () => {
  const hot = (m: number): number => {
    const [, a, b] = /(\d) parts? boiling to (\d) part/.exec(said(74, m)) ?? [];
    return Number(a) / (Number(a) + Number(b));
  };
  expect(hot(3000)).toBeGreaterThan(hot(0));
});
test('it says when it wants renewing: it loses three degrees in some minutes, not in seconds or hours', () => {
  const min = Number(/every (\d+) min/.exec(said(66))?.[1]);
  expect(min).toBeGreaterThanOrEqual(3);
  expect(min).toBeLessThan(30);
});
test('what is hardly warmer than the tap, or as hot as the kettle, needs no bath', () => {
  expect(bathText(20, USUAL_KIT)).toBeNull();
  expect(bathText(100, USUAL_KIT)).toBeNull();
});
