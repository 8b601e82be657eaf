import { describe, expect, test } from '@jest/globals';
import { encodeTemperature, encodeWeight, toHex } from '@ironpan/core/instruments';
import { readingsIn, ticksOf } from '../../src/instruments/heard';
import type { TickOnWire } from '../../src/instruments/heard';

const probe = (c: number | null): string => toHex(encodeTemperature(c));
const scale = (g: number): string => toHex(encodeWeight(g));
const ALL = ['scale', 'probe', 'fridge', 'plug'] as const;

describe('what comes over the wire', () => {
  test('a message is a list of moments; what is none brings nothing', () => {
    expect(ticksOf(JSON.stringify([[5, { probe: probe(20) }]]))).toHaveLength(1);
    for (const text of [
      '',
      'no',
      '{}',
      'null',
      '7',
      '[1,2]',
      '[["5",{}]]',
      '[[null,{}]]',
      '[[1e999,{}]]',
      '[[5]]',
      '[[5,null]]',
    ])
      expect([text, ticksOf(text)]).toEqual([text, []]);
  });
  test('readings of those that are paired, each with its moment', () => {
    const ticks: readonly TickOnWire[] = [[1000, { probe: probe(84.2), scale: scale(655) }]];
    expect(readingsIn(ticks, ALL, new Map()).told).toEqual([
      { from: 'scale', at: 1000, value: 655 },
      { from: 'probe', at: 1000, value: 84.2 },
    ]);
    expect(readingsIn(ticks, ['probe'], new Map()).told.map((t) => t.from)).toEqual(['probe']);
    expect(readingsIn(ticks, [], new Map()).told).toEqual([]);
  });
  test('time that runs back is no reading, and is counted', () => {
    const r = readingsIn(
      [
        [2000, { probe: probe(50) }],
        [1500, { probe: probe(90) }],
        [2000, { probe: probe(91) }],
      ],
      ALL,
      new Map([['probe', 900]]),
    );
    expect(r.told.map((t) => t.value)).toEqual([50]);
    expect(r.ignored).toEqual({ frames: 2, last: 'backwards' });
    expect(readingsIn([[800, { probe: probe(50) }]], ALL, new Map([['probe', 900]])).told).toEqual([]);
  });
  test.each([
    ['cut', { probe: '00ff' }, 'length'],
    ['no text of a frame', { probe: 'zz' }, 'length'],
    ['hotter than any pot', { probe: toHex(Uint8Array.of(0, 60, 0, 0, 1)) }, 'range'],
    ['another thing’s frame', { scale: probe(50) }, 'length'],
    ['a scale to stand on', { scale: toHex(Uint8Array.of(0, 0xb0, 0x36)) }, 'range'],
  ])('%s: not a reading, and said why', (_, frames, last) => {
    const r = readingsIn([[1, frames]], ALL, new Map());
    expect([r.told, r.ignored]).toEqual([[], { frames: 1, last }]);
  });
  test('“I do not know” is no reading and no fault; what is no text is nothing', () => {
    const odd = [
      [1, { probe: probe(null) }],
      [2, { probe: 7 }],
    ] as unknown as readonly TickOnWire[];
    expect(readingsIn(odd, ALL, new Map())).toEqual({ told: [], ignored: { frames: 0, last: null } });
  });
});
