import type { PhotoFrame } from '@ironpan/core/batch';
import { normal, seededRandom } from '@ironpan/core/numerics';
import type { Layer } from '@ironpan/core/steps';

const WIDE = 600;
const HIGH = 800;
const JAR = { left: 165, right: 435, lid: 150, neck: 200, top: 268, bottom: 716, foot: 730 };
const FRAME: PhotoFrame = {
  left: JAR.left / WIDE,
  right: JAR.right / WIDE,
  top: JAR.top / HIGH,
  bottom: JAR.bottom / HIGH,
  tilt: 0,
};
const TONES: Readonly<Record<Layer['kind'], string>> = {
  cream: '#fbf4e2',
  clear: '#c9b98a',
  thin: '#d8cba8',
  body: '#e6dcc3',
  sediment: '#bba27d',
};
export interface DrawnPhoto {
  readonly width: number;
  readonly height: number;
  readonly jpeg: string;
  readonly frame: PhotoFrame;
}
/**
 * A drawn stand-in for the photograph that a cook of the demo took of a jar with these layers: nobody's jar.
 * @returns null where nothing can be drawn away from a screen.
 */
export async function drawnPhoto(layers: readonly Layer[]): Promise<DrawnPhoto | null> {
  if (typeof OffscreenCanvas === 'undefined') return null;
  const canvas = new OffscreenCanvas(WIDE, HIGH);
  const g = canvas.getContext('2d');
  if (!g) return null;
  room(g);
  inJar(g, layers);
  glass(g);
  grain(g);
  const file = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.8 });
  const bytes = new Uint8Array(await file.arrayBuffer());
  const jpeg = btoa(Array.from(bytes, (b) => String.fromCharCode(b)).join(''));
  return { width: WIDE, height: HIGH, jpeg, frame: FRAME };
}
type Pen = OffscreenCanvasRenderingContext2D;
/** A colour that goes over into others from left to right, or from the top down. */
function fade(g: Pen, down: boolean, from: number, to: number, ...stops: readonly string[]): CanvasGradient {
  const f = down ? g.createLinearGradient(0, from, 0, to) : g.createLinearGradient(from, 0, to, 0);
  stops.forEach((s, i) => f.addColorStop(i / (stops.length - 1), s));
  return f;
}
function fill(g: Pen, style: string | CanvasGradient, x: number, y: number, w: number, h: number): void {
  g.fillStyle = style;
  g.fillRect(x, y, w, h);
}
function room(g: Pen): void {
  fill(g, fade(g, false, 0, WIDE, '#5f7477', '#4a5c60', '#39474b'), 0, 0, WIDE, HIGH);
  fill(g, fade(g, true, 660, HIGH, '#6b5138', '#8a6a49'), 0, 660, WIDE, HIGH - 660);
}
function inJar(g: Pen, layers: readonly Layer[]): void {
  let y = JAR.top;
  for (const l of layers) {
    const high = l.share * (JAR.bottom - JAR.top);
    fill(g, TONES[l.kind], JAR.left, y, JAR.right - JAR.left, high + 1);
    y += high;
  }
}
function glass(g: Pen): void {
  const wide = JAR.right - JAR.left;
  fill(g, '#ffffff2b', JAR.left, JAR.neck, wide, JAR.top - JAR.neck);
  fill(g, '#cfd9d980', JAR.left, JAR.bottom, wide, JAR.foot - JAR.bottom);
  const dark = fade(g, false, JAR.left, JAR.right, '#00000070', '#0000001a', '#00000000', '#00000014', '#00000080');
  fill(g, dark, JAR.left, JAR.neck, wide, JAR.foot - JAR.neck);
  fill(g, fade(g, false, 205, 232, '#ffffff00', '#ffffffa0', '#ffffff00'), 205, 230, 27, 400);
  fill(g, fade(g, true, JAR.lid, JAR.neck, '#9a8350', '#c7ad72', '#7d693d'), JAR.left - 6, JAR.lid, wide + 12, 50);
  fill(g, '#f1ead8', 285, 430, 120, 92);
  g.fillStyle = '#3b3a38';
  for (const [i, w] of [92, 70, 84].entries()) g.fillRect(298, 448 + 22 * i, w, 7);
}
/** What a sensor adds in a kitchen's light, levels. */
const GRAIN = 4;
function grain(g: Pen): void {
  const random = seededRandom(77);
  const image = g.getImageData(0, 0, WIDE, HIGH);
  for (let i = 0; i < image.data.length; i += 4) {
    const n = GRAIN * normal(random);
    for (const k of [i, i + 1, i + 2]) image.data[k] = (image.data[k] ?? 0) + n;
  }
  g.putImageData(image, 0, 0);
}
