import { describe, expect, it } from '@jest/globals';
import jpeg from 'jpeg-js';
import { layersOfPicture, layersWithin, proposedLayers } from '../../src/detect';
import type { Picture, SeenLayers } from '../../src/detect';
import { times } from '../long';
import { renderedJar } from './renderedJar';
import type { Drawn } from './renderedJar';

/** Fifty tell a share of nine in ten from eight in ten. */
const PICTURES = times(20, 50);
const drawn = Array.from({ length: PICTURES }, (_, i) => renderedJar(i + 1));
/** Is every line there and within 3 % of the height, and none that is not? */
const right = (seen: SeenLayers | null, d: Drawn): boolean =>
  seen?.lines.length === d.lines.length && seen.lines.every((x, i) => Math.abs(x - (d.lines[i] ?? 9)) <= 0.03);
const shareOf = (of: readonly boolean[]): number => of.filter(Boolean).length / of.length;

describe('layers in drawn photographs: noise, tilt, labels, reflections', () => {
  const shown = drawn.map((d) => layersWithin(d, d));

  it('finds the lines within 3 % of the height on nine in ten once the jar is shown', () => {
    expect(shareOf(drawn.map((d, i) => right(shown[i] ?? null, d)))).toBeGreaterThanOrEqual(0.9);
  });
  it('finds jar, fill and lines by itself on four in five', () => {
    expect(shareOf(drawn.map((d) => right(layersOfPicture(d), d)))).toBeGreaterThanOrEqual(0.8);
  });
  it('names them as they are where the prediction knows which to expect', () => {
    const named = drawn.flatMap((d, i) => {
      const seen = shown[i];
      if (!seen || !right(seen, d)) return [];
      const expected = d.kinds.map((kind) => ({ kind, share: 1 / d.kinds.length }));
      return [
        proposedLayers(seen, expected)
          .layers.map((l) => l.kind)
          .join() === d.kinds.join(),
      ];
    });
    expect(shareOf(named)).toBeGreaterThanOrEqual(0.88);
  });
  it('shares make up the whole', () => {
    for (const s of shown) expect(proposedLayers(s, []).layers.reduce((x, l) => x + l.share, 0)).toBeCloseTo(1, 9);
  });
  it('sees the same through a JPEG of middling quality', () => {
    const some = drawn.slice(0, times(7, 20));
    const squeezed = some.map((d): Picture => {
      const { width, height, data } = jpeg.decode(jpeg.encode({ ...d, data: Buffer.from(d.data) }, 60).data);
      return { width, height, data: new Uint8ClampedArray(data) };
    });
    expect(shareOf(squeezed.map((p, i) => right(layersWithin(p, some[i] as Drawn), some[i] as Drawn)))).toBeGreaterThan(
      0.85,
    );
  });
});

describe('air above the milk', () => {
  const uniform = [{ kind: 'body', share: 1 }] as const;
  /** One layer, and the fill begins where the milk does, within 3 % of the picture's height. */
  const alone = (seen: SeenLayers | null, d: Drawn): boolean => {
    const p = seen && proposedLayers(seen, uniform);
    return p?.layers.length === 1 && p.layers[0]?.kind === 'body' && Math.abs(p.frame.top - d.top) < 0.03;
  };
  it.each([
    ['clear glass', 0],
    ['a film of milk', 0.4],
  ])('%s is neither cream nor a clear layer of a uniform milk', (_, film) => {
    const all = Array.from({ length: times(8, 40) }, (__, i) => renderedJar(i + 1, { kinds: ['body'], film }));
    expect(shareOf(all.map((d) => alone(layersOfPicture(d), d)))).toBeGreaterThanOrEqual(0.9);
    const reaching = (d: Drawn) => layersWithin(d, { ...d, top: d.top - 0.12 * (d.bottom - d.top) });
    expect(shareOf(all.map((d) => alone(reaching(d), d)))).toBeGreaterThanOrEqual(0.85);
  });
  it('layers that are expected are not taken for air', () => {
    const taken = drawn.flatMap((d) => {
      const seen = layersWithin(d, d);
      if (!right(seen, d)) return [];
      const expected = d.kinds.map((kind) => ({ kind, share: 1 / d.kinds.length }));
      return [proposedLayers(seen, expected).air > 0];
    });
    expect(shareOf(taken)).toBeLessThanOrEqual(0.03);
  });
});

describe('pictures of no jar', () => {
  const plain = (width: number, height: number, of: (x: number, y: number) => number): Picture => {
    const data = new Uint8ClampedArray(4 * width * height);
    for (let y = 0; y < height; y += 1)
      for (let x = 0; x < width; x += 1) data.fill(of(x, y), 4 * (y * width + x), 4 * (y * width + x) + 4);
    return { width, height, data };
  };
  it('finds none in one colour, in a gradient, in stripes across, in a picture of one pixel', () => {
    expect(layersOfPicture(plain(200, 300, () => 128))).toBeNull();
    expect(layersOfPicture(plain(200, 300, (x) => x))).toBeNull();
    expect(layersOfPicture(plain(200, 300, (_, y) => (y % 60 < 30 ? 60 : 200)))).toBeNull();
    expect(layersOfPicture(plain(1, 1, () => 128))).toBeNull();
  });
  it('says one layer where the frame shows one colour', () => {
    const seen = layersWithin(
      plain(200, 300, () => 200),
      { left: 0.2, right: 0.8, top: 0.2, bottom: 0.9, tilt: 0 },
    );
    expect(seen.lines).toEqual([]);
    expect(
      proposedLayers(seen, [
        { kind: 'clear', share: 0.5 },
        { kind: 'body', share: 0.5 },
      ]).layers,
    ).toEqual([{ kind: 'body', share: 1 }]);
  });
});
