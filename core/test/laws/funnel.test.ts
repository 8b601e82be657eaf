import { describe, expect, test } from '@jest/globals';
import { funnelFrom, perSecond, syrupMm2S, throughIn, waterMPaS } from '../../src/laws';

/** The 3 mm cup of ISO 2431: ν = .443·t − 200/t (values from memory). */
const ISO3 = { a: 0.443, b: 200 };

describe('a funnel with a narrow stem (form of ISO 2431)', () => {
  test('water 22.4 s, 40 % sugar 28.0 s: the 3 mm cup comes out of its own calibration', () => {
    expect(throughIn(ISO3, 22.4)).toBeCloseTo(waterMPaS(20) / 0.9982, 1);
    expect(throughIn(ISO3, 28)).toBeCloseTo(syrupMm2S(40), 1);
    const f = funnelFrom(22.4, 28, throughIn(ISO3, 22.4), throughIn(ISO3, 28));
    expect(f.a).toBeCloseTo(0.443, 9);
    expect(f.b).toBeCloseTo(200, 6);
    expect(throughIn(f, 60)).toBeCloseTo(0.443 * 60 - 200 / 60, 9);
  });
  test('sugar syrups at 20 °C: 20 % 1.945 mPa·s at 1.081 g/ml, 40 % 6.15 at 1.176', () => {
    expect(syrupMm2S(20)).toBeCloseTo(1.799, 3);
    expect(syrupMm2S(40)).toBeCloseTo(5.23, 2);
  });
  test('a second says dν/dt = a + b/t²: most where it runs fastest', () => {
    const by = (t: number) => (throughIn(ISO3, t + 1e-4) - throughIn(ISO3, t - 1e-4)) / 2e-4;
    for (const t of [23, 30, 60]) expect(perSecond(ISO3, t)).toBeCloseTo(by(t), 6);
    expect(perSecond(ISO3, 23)).toBeGreaterThan(perSecond(ISO3, 60));
  });
  test('a syrup no slower than water is refused', () => {
    expect(() => funnelFrom(20, 20, 1, 5)).toThrow(/syrup/);
    expect(() => throughIn(ISO3, 0)).toThrow(/seconds/);
  });
});
