import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { MIDDLE, moveEnd, partAbout, pointOn, shareAt } from '../../src/drawings/photoLines';

const photo = { width: 900, height: 1200 };
const share = fc.double({ min: 0, max: 1, noNaN: true });
const frame = fc
  .record({ cx: share, w: share, cy: share, h: share, tilt: fc.double({ min: -0.4, max: 0.4, noNaN: true }) })
  .map(({ cx, w, cy, h, tilt }) => ({
    left: 0.3 * cx,
    right: 0.3 * cx + 0.1 + 0.5 * w,
    top: 0.3 * cy,
    bottom: 0.3 * cy + 0.1 + 0.5 * h,
    tilt,
  }));

describe('lines on a photograph', () => {
  test('upright, the ends are the frame’s own', () => {
    expect(pointOn(photo, MIDDLE, 0, -1)).toEqual([225, 300]);
    expect(pointOn(photo, MIDDLE, 1, 1)).toEqual([675, 1080]);
  });
  test('a jar that leans to the right has its top to the right of its foot, and lines that fall to the right', () => {
    const f = { ...MIDDLE, tilt: 0.2 };
    expect(pointOn(photo, f, 0, 0)[0]).toBeGreaterThan(pointOn(photo, f, 1, 0)[0]);
    expect(pointOn(photo, f, 0.5, 1)[1]).toBeGreaterThan(pointOn(photo, f, 0.5, -1)[1]);
  });
  test('a point’s share is the share it was drawn at, anywhere across', () => {
    fc.assert(
      fc.property(frame, share, fc.double({ min: -1, max: 1, noNaN: true }), (f, s, u) => {
        const [x, y] = pointOn(photo, f, s, u);
        expect(shareAt(photo, f, x, y)).toBeCloseTo(s, 1);
      }),
    );
  });
  test('an end goes no further than the other, nor out of the picture', () => {
    fc.assert(
      fc.property(
        frame,
        fc.constantFrom('top', 'bottom', 'left', 'right'),
        fc.double({ min: -3, max: 3, noNaN: true }),
        (f, end, to) => {
          const g = moveEnd(f, end, to);
          expect(g.bottom - g.top).toBeGreaterThan(0.049);
          expect(g.right - g.left).toBeGreaterThan(0.049);
          for (const x of [g.left, g.right, g.top, g.bottom]) expect(x >= 0 && x <= 1).toBe(true);
        },
      ),
    );
  });
  test('the part that is shown lies in the picture and holds the frame', () => {
    expect(partAbout(photo, null)).toEqual({ x: 0, y: 0, ...photo });
    const p = partAbout(photo, MIDDLE);
    expect(p.x).toBeLessThan(225);
    expect(p.x + p.width).toBeGreaterThan(675);
    expect(p.y + p.height).toBe(1200);
  });
});
