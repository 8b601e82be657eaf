import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import {
  decodeAir,
  decodeBattery,
  decodePower,
  decodeTemperature,
  decodeWeight,
  encodeAir,
  encodeBattery,
  encodePower,
  encodeTemperature,
  encodeWeight,
  fromHex,
  heard,
  INSTRUMENTS,
  toHex,
} from '../../src/instruments';

const bytes = (...b: number[]): Uint8Array => Uint8Array.from(b);
const fault = (x: { readonly ok: boolean }): unknown => ('fault' in x ? x.fault : 'none');
const value = <T>(x: { readonly ok: true; readonly value: T } | { readonly ok: false }): T | null =>
  x.ok ? x.value : null;

/** Layouts by the GATT Specification Supplement of the Bluetooth SIG. */
describe('Weight Measurement, 0x2A9D', () => {
  test('flags, then 0.005 kg to the step, the low byte first', () => {
    // 300 steps: 1.5 kg.
    expect(value(decodeWeight(bytes(0x00, 0x2c, 0x01)))).toEqual({ g: 1500, stepG: 5, stamp: null });
  });
  test('in pounds: 0.01 lb to the step, 1 lb being 453.59237 g (international pound, 1959)', () => {
    expect(value(decodeWeight(bytes(0x01, 0x64, 0x00)))?.g).toBeCloseTo(453.59237, 9);
  });
  test('date, user, body mass index and height follow where the flags say so, in that order', () => {
    const frame = bytes(0x0e, 0xc8, 0x00, 0xea, 0x07, 11, 27, 8, 30, 5, 0xff, 0xe1, 0x00, 0xa4, 0x06);
    expect(value(decodeWeight(frame))).toEqual({
      g: 1000,
      stepG: 5,
      stamp: { year: 2026, month: 11, day: 27, hours: 8, minutes: 30, seconds: 5 },
    });
  });
  test('0xFFFF is “measurement unsuccessful”, not 327 kg', () => {
    expect(fault(decodeWeight(bytes(0, 0xff, 0xff)))).toBe('unknown');
  });
  test('a scale to stand upon is none of a kitchen', () => {
    expect(fault(decodeWeight(bytes(0, 0xb0, 0x36)))).toBe('range');
  });
  test.each([[[]], [[0]], [[0, 1]], [[2, 1, 0]], [[0, 1, 0, 7]]])('%j is cut or too long', (b) => {
    expect(fault(decodeWeight(bytes(...b)))).toBe('length');
  });
});

describe('Temperature Measurement, 0x2A1C', () => {
  test('a FLOAT: 36.4 is 364 to the −1 (worked example of ISO/IEEE 11073-20601, from memory: 0xFF00016C)', () => {
    expect(value(decodeTemperature(bytes(0, 0x6c, 0x01, 0x00, 0xff)))?.c).toBe(36.4);
  });
  test('below nothing, and with a positive exponent', () => {
    // −1850 × 10⁻² and 9 × 10¹.
    expect(value(decodeTemperature(bytes(0, 0xc6, 0xf8, 0xff, 0xfe)))?.c).toBe(-18.5);
    expect(value(decodeTemperature(bytes(0, 9, 0, 0, 1)))?.c).toBe(90);
  });
  test('in °F: 212 °F is 100 °C', () => {
    expect(value(decodeTemperature(bytes(1, 212, 0, 0, 0)))?.c).toBeCloseTo(100, 9);
  });
  test('a date and where it was measured may follow', () => {
    const frame = bytes(6, 0x6c, 1, 0, 0xff, 0xea, 0x07, 3, 14, 7, 30, 0, 2);
    expect(value(decodeTemperature(frame))?.stamp?.month).toBe(3);
  });
  test.each([
    ['NaN', [0, 0xff, 0xff, 0x7f, 0]],
    ['not at this resolution', [0, 0, 0, 0x80, 0]],
    ['reserved', [0, 1, 0, 0x80, 0]],
    ['+∞', [0, 0xfe, 0xff, 0x7f, 0]],
    ['−∞', [0, 2, 0, 0x80, 0]],
  ])('%s is no temperature', (_, b) => {
    expect(fault(decodeTemperature(bytes(...b)))).toBe('unknown');
  });
  test('no pot is at 600 °C', () => {
    expect(fault(decodeTemperature(bytes(0, 60, 0, 0, 1)))).toBe('range');
  });
  test.each([[[0, 1, 2, 3]], [[2, 1, 2, 3, 4]], [[0, 1, 2, 3, 4, 5]]])('%j is cut or too long', (b) => {
    expect(fault(decodeTemperature(bytes(...b)))).toBe('length');
  });
});

describe('Temperature of the surroundings, 0x2A6E; battery, 0x2A19; power, 0x2B05', () => {
  test('hundredths of a degree with a sign', () => {
    expect(value(decodeAir(bytes(0x08, 0x02)))).toBe(5.2);
    expect(value(decodeAir(bytes(0xf8, 0xf8)))).toBe(-18);
  });
  test('0x8000 is not known; a fridge at 250 °C is none; three bytes are another thing', () => {
    expect([decodeAir(bytes(0, 0x80)), decodeAir(bytes(0xa8, 0x61)), decodeAir(bytes(0, 0, 0))].map(fault)).toEqual([
      'unknown',
      'range',
      'length',
    ]);
  });
  test('a battery has a hundred per cent', () => {
    expect([value(decodeBattery(bytes(87))), fault(decodeBattery(bytes(101)))]).toEqual([0.87, 'range']);
  });
  test('tenths of a watt in three bytes', () => {
    expect(value(decodePower(bytes(0x58, 0x1b, 0x00)))).toBe(700);
    expect(
      [decodePower(bytes(255, 255, 255)), decodePower(bytes(255, 255, 127)), decodePower(bytes(1))].map(fault),
    ).toEqual(['unknown', 'range', 'length']);
  });
});

describe('what is written is read back, to the step of its frame', () => {
  const ever = { numRuns: 300, seed: 20260314 };
  test('every weight', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 20_000, noNaN: true }), (g) => {
        expect(Math.abs((value(decodeWeight(encodeWeight(g)))?.g ?? NaN) - g)).toBeLessThanOrEqual(2.5 + 1e-9);
      }),
      ever,
    );
  });
  test('every temperature of a pot and of a fridge', () => {
    fc.assert(
      fc.property(fc.double({ min: -30, max: 59, noNaN: true }), (c) => {
        expect(Math.abs((value(decodeTemperature(encodeTemperature(c)))?.c ?? NaN) - c)).toBeLessThanOrEqual(0.00501);
        expect(Math.abs((value(decodeAir(encodeAir(c))) ?? NaN) - c)).toBeLessThanOrEqual(0.00501);
      }),
      ever,
    );
  });
  test('power and battery, and what is not known', () => {
    expect(value(decodePower(encodePower(612.34)))).toBe(612.3);
    expect(value(decodeBattery(encodeBattery(0.5)))).toBe(0.5);
    expect(
      [encodeWeight(null), encodeTemperature(null), encodeAir(null), encodePower(null)].map((f, i) =>
        fault(heard(INSTRUMENTS[i] ?? 'scale', f)),
      ),
    ).toEqual(Array.from({ length: 4 }, () => 'unknown'));
  });
  test('less than nothing weighs nothing: this frame has no sign', () => {
    expect(value(decodeWeight(encodeWeight(-40)))?.g).toBe(0);
  });
});

test('no bytes of any kind throw, or bring a value that no kitchen has', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 24 }), fc.constantFrom(...INSTRUMENTS), (b, from) => {
      const h = heard(from, b);
      if (h.ok) expect(h.value >= -40 && h.value <= 30_000).toBe(true);
    }),
    { numRuns: 2000, seed: 7 },
  );
});
test('frames as text, there and back; what is none is said so', () => {
  expect(toHex(bytes(0, 171, 15))).toBe('00ab0f');
  expect(value(fromHex('00ab0f'))).toEqual(bytes(0, 171, 15));
  expect(['', '0', 'zz', '00'.repeat(65)].map((t) => fault(fromHex(t)))).toEqual(
    Array.from({ length: 4 }, () => 'length'),
  );
});
