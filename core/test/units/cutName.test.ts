import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { cutName } from '../../src/units';

test('a name cut in the middle of its words, or of a character, ends in neither a blank nor a half', () => {
  expect(cutName(`${'a'.repeat(119)} b`)).toBe('a'.repeat(119));
  expect(cutName(`${'a'.repeat(119)}🥛 milk`)).toBe('a'.repeat(119));
  expect(cutName('  soy milk ')).toBe('soy milk');
  fc.assert(
    fc.property(fc.string({ unit: 'grapheme', maxLength: 200 }), (s) => {
      const name = cutName(s, 40);
      return name.length <= 40 && name === name.trim() && !/[\uD800-\uDBFF]$/.test(name);
    }),
  );
});
