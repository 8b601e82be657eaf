import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { layersFault } from '@ironpan/core/batch';
import type { Layer } from '@ironpan/core/steps';
import { moveLine, slotsOf, slotsThere, toggleSlot, toLayers } from '../../src/shelf/sheet/layerSlots';
import type { Slot } from '../../src/shelf/sheet/layerSlots';

const OAT: readonly Layer[] = [
  { kind: 'clear', share: 0.3 },
  { kind: 'body', share: 0.62 },
  { kind: 'sediment', share: 0.08 },
];
const share = (l: readonly Layer[], kind: Layer['kind']): number =>
  l.reduce((x, y) => x + (y.kind === kind ? y.share : 0), 0);

describe('lines on a jar', () => {
  test('go into their slots and out again unchanged', () => {
    const near = (l: readonly Layer[]) => l.map((x) => ({ kind: x.kind, share: expect.closeTo(x.share, 9) }));
    expect(toLayers(slotsOf(OAT))).toEqual(near(OAT));
    const coconut: readonly Layer[] = [
      { kind: 'cream', share: 0.2 },
      { kind: 'clear', share: 0.8 },
    ];
    expect(slotsOf(coconut).clearLow).toBeCloseTo(0.8, 9);
    expect(toLayers(slotsOf(coconut))).toEqual(near(coconut));
  });
  test('moved, the layers beside a line give way and no others', () => {
    const moved = toLayers(moveLine(slotsOf(OAT), 0, 0.5));
    expect(share(moved, 'clear')).toBeCloseTo(0.5, 9);
    expect(share(moved, 'body')).toBeCloseTo(0.42, 9);
    expect(share(moved, 'sediment')).toBeCloseTo(0.08, 9);
  });
  test('never cross: dragged past its neighbour, a line stops there', () => {
    const moved = toLayers(moveLine(slotsOf(OAT), 0, 5));
    expect(layersFault(moved)).toBe('none');
    expect(share(moved, 'sediment')).toBeCloseTo(0.08, 9);
    expect(share(moved, 'body')).toBe(0);
    expect(slotsThere(slotsOf(moved))).not.toContain('body');
  });
  test('a layer put in is taken from the milk, or from the highest other where there is none', () => {
    expect(share(toLayers(toggleSlot(slotsOf(OAT), 'cream')), 'body')).toBeCloseTo(0.52, 9);
    const full = slotsOf([{ kind: 'clear', share: 1 }]);
    expect(layersFault(toLayers(toggleSlot(full, 'sediment')))).toBe('none');
    expect(toLayers(toggleSlot(slotsOf(OAT), 'sediment'))).toEqual([
      { kind: 'clear', share: 0.3 },
      { kind: 'body', share: 0.7 },
    ]);
  });
  test('whatever is pressed and dragged, it is a whole jar in a possible order', () => {
    const act = fc.oneof(
      fc.constantFrom<Exclude<Slot, 'body'>>('cream', 'clearTop', 'clearLow', 'sediment'),
      fc.record({ i: fc.integer({ min: 0, max: 4 }), to: fc.double({ min: -1, max: 2, noNaN: true }) }),
    );
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        let layers: readonly Layer[] = OAT;
        for (const a of acts) {
          const s = slotsOf(layers);
          layers = toLayers(typeof a === 'string' ? toggleSlot(s, a) : moveLine(s, a.i, a.to));
        }
        expect([layersFault(layers), layers]).toEqual(['none', layers]);
      }),
      { seed: 3, numRuns: 400 },
    );
  });
});
