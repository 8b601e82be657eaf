import { describe, expect, test } from '@jest/globals';
import { namesAlong, textBox } from '../src/drawings/mapLabels';
import type { Spot } from '../src/drawings/mapLabels';

const frame = { left: 0, right: 700, top: 0, bottom: 360 };
const slope = Array.from({ length: 41 }, (_, i): Spot => [i * 17, 100 + i * 4]);

describe('names on the map', () => {
  test('a name stands in the middle of its line when nothing is written there', () => {
    expect(namesAlong([{ name: 'too thick', points: slope }], frame, [])).toEqual([slope[20]]);
  });

  test('it gives way to the plan’s own word, and to the name before it', () => {
    const now = textBox('now: creamy, slimy', 300, 185, 'start');
    const [first, second] = namesAlong(
      [
        { name: 'slippery', points: slope },
        { name: 'too thick', points: slope },
      ],
      frame,
      [now],
    );
    const boxes = [
      now,
      ...[first, second].map((s, i) => textBox(['slippery', 'too thick'][i] ?? '', s?.[0] ?? 0, s?.[1] ?? 0, 'middle')),
    ];
    for (const [i, a] of boxes.entries())
      for (const b of boxes.slice(i + 1))
        expect(a.right <= b.left || b.right <= a.left || a.bottom <= b.top || b.bottom <= a.top).toBe(true);
  });

  test('it stays within the frame; a region without an edge has no name', () => {
    const [spot] = namesAlong([{ name: 'watery', points: [[698, 359]] }], frame, []);
    expect(textBox('watery', spot?.[0] ?? 0, spot?.[1] ?? 0, 'middle').right).toBeLessThanOrEqual(frame.right);
    expect(namesAlong([{ name: 'watery', points: [] }], frame, [])).toEqual([null]);
  });
});
