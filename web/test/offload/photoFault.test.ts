import { describe, expect, test } from '@jest/globals';
import { photoFault } from '../../src/offload/photoFault';

const text = (s: string): Uint8Array => new TextEncoder().encode(s);
const bytes = (...parts: readonly (string | readonly number[])[]): Uint8Array =>
  Uint8Array.from(parts.flatMap((p) => (typeof p === 'string' ? [...text(p)] : [...p])));
const u32 = (n: number): readonly number[] => [n >>> 24, (n >>> 16) & 255, (n >>> 8) & 255, n & 255];
const PNG = [137, 80, 78, 71, 13, 10, 26, 10];
/** The head of a PNG of that size (ISO/IEC 15948, 11.2.1), and what follows it. */
const png = (w: number, h: number, ...more: readonly (string | readonly number[])[]): Uint8Array =>
  bytes(PNG, u32(13), 'IHDR', u32(w), u32(h), [8, 6, 0, 0, 0], u32(0), ...more);
/** A chunk of so many noughts; an animated one has a second picture in `fdAT` (PNG, third edition, 11.3.6). */
const chunk = (name: string, n: number): readonly number[] => [...bytes(u32(n), name, Array<number>(n + 4).fill(0))];
/** A GIF of pictures a pixel large (GIF89a). */
const picture = [0x2c, 0, 0, 0, 0, 1, 0, 1, 0, 0, 2, 2, 0x44, 1, 0];
const gif = (pictures: number): Uint8Array =>
  bytes(
    'GIF89a',
    [1, 0, 1, 0, 0x80, 0, 0, 0, 0, 0, 255, 255, 255],
    ...Array.from({ length: pictures }, () => picture),
    [0x3b],
  );

describe('what cannot be a photograph is refused before it is unpacked, in a sentence that says what to do', () => {
  test.each<[string, Uint8Array, RegExp]>([
    ['no image', text('milk, milk and milk'), /“x\.jpg” is not a photograph that can be read here\. Choose a JPEG/],
    ['a drawing', text('<svg xmlns="http://www.w3.org/2000/svg" width="10" height="10"/>'), /is not a photograph/],
    ['nothing', new Uint8Array(), /is empty/],
    ['a torn JPEG', bytes([0xff, 0xd8, 0xff, 0xe0, 0, 16]), /is not a photograph/],
    ['60 megapixels', png(9000, 6667), /has 60 megapixels \(9.000 × 6.667\); up to 50 can be taken\. Let the camera/],
    ['one that moves, GIF', gif(2), /moves: it holds several pictures\. Choose a still one/],
    [
      'one that moves, PNG',
      png(4, 4, chunk('acTL', 8), chunk('fcTL', 26), chunk('IDAT', 0), chunk('fcTL', 26), chunk('fdAT', 4)),
      /moves: it holds several pictures/,
    ],
    ['larger than any', new Uint8Array(60_000_001), /is 60 MB; a photograph is under 60 MB/],
  ])('%s', (_, given, says) => {
    expect(photoFault('x.jpg', given.slice().buffer)).toMatch(says);
  });
  test('a still picture is tried, whatever it is called', () => {
    expect(photoFault('x.txt', gif(1).slice().buffer)).toBeNull();
    expect(photoFault('torn', png(40, 30, [0, 0]).slice().buffer)).toBeNull();
    expect(photoFault('x', png(4000, 3000, u32(0), 'IDAT', u32(0)).slice().buffer)).toBeNull();
  });
});
