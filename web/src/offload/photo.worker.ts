import { layersOfPicture, layersWithin } from '@ironpan/core/detect';
import type { Picture, SeenLayers } from '@ironpan/core/detect';
import type { PhotoFrame } from '@ironpan/core/batch';
import { MOST_PHOTO_PX, MOST_PHOTO_TEXT } from '@ironpan/core/records';
import { answering } from './answering';
import { photoFault } from './photoFault';

export type PhotoAsked =
  | { readonly do: 'take'; readonly file: Blob; readonly name: string }
  | { readonly do: 'open'; readonly jpeg: string }
  | { readonly do: 'within'; readonly frame: PhotoFrame };
/** The picture as it is kept. */
export interface Taken {
  readonly width: number;
  readonly height: number;
  readonly jpeg: string;
}
export type PhotoRead =
  | { readonly ok: true; readonly taken: Taken; readonly seen: SeenLayers | null }
  | { readonly ok: false; readonly say: string };

/** Base64 writes three bytes as four letters. */
const MOST_BYTES = (MOST_PHOTO_TEXT * 3) / 4;
/** What was last taken or opened, for frames shown by hand. */
let picture: Picture | null = null;

/** Draws a picture upright and small. What else its file told (where it was taken, when, by what) is not drawn, so is gone. */
async function drawn(of: Blob): Promise<OffscreenCanvas> {
  const image = await createImageBitmap(of, { imageOrientation: 'from-image' });
  const scale = Math.min(1, MOST_PHOTO_PX / Math.max(image.width, image.height));
  const canvas = new OffscreenCanvas(
    Math.max(1, Math.round(image.width * scale)),
    Math.max(1, Math.round(image.height * scale)),
  );
  const g = pen(canvas);
  g.fillStyle = '#fff';
  g.fillRect(0, 0, canvas.width, canvas.height);
  g.imageSmoothingQuality = 'high';
  g.drawImage(image, 0, 0, canvas.width, canvas.height);
  image.close();
  picture = g.getImageData(0, 0, canvas.width, canvas.height);
  return canvas;
}
function pen(c: OffscreenCanvas): OffscreenCanvasRenderingContext2D {
  const g = c.getContext('2d', { willReadFrequently: true });
  if (!g) throw new Error('this browser cannot draw pictures here');
  return g;
}
async function squeezed(c: OffscreenCanvas): Promise<Blob> {
  for (const quality of [0.82, 0.65, 0.45]) {
    const b = await c.convertToBlob({ type: 'image/jpeg', quality });
    if (b.size <= MOST_BYTES) return b;
  }
  return c.convertToBlob({ type: 'image/jpeg', quality: 0.25 });
}
async function take(file: Blob, name: string): Promise<PhotoRead> {
  const fault = photoFault(name, await file.arrayBuffer());
  if (fault !== null) return { ok: false, say: fault };
  try {
    const canvas = await drawn(file);
    const jpeg = base64Of(new Uint8Array(await (await squeezed(canvas)).arrayBuffer()));
    const { width, height } = canvas;
    return { ok: true, taken: { width, height, jpeg }, seen: picture ? layersOfPicture(picture) : null };
  } catch {
    return {
      ok: false,
      say: `“${name}” could not be opened: it is damaged, or of a kind this browser does not know. Save it as a JPEG and choose that.`,
    };
  }
}
/** Letters at once: more would be more arguments than a call may have. */
const AT_ONCE = 0x8000;
function base64Of(bytes: Uint8Array): string {
  let s = '';
  for (let i = 0; i < bytes.length; i += AT_ONCE) s += String.fromCharCode(...bytes.subarray(i, i + AT_ONCE));
  return btoa(s);
}
async function open(jpeg: string): Promise<void> {
  const bytes = Uint8Array.from(atob(jpeg), (c) => c.charCodeAt(0));
  await drawn(new Blob([bytes], { type: 'image/jpeg' }));
}
async function answer(a: PhotoAsked): Promise<unknown> {
  switch (a.do) {
    case 'take':
      return take(a.file, a.name);
    case 'open':
      return open(a.jpeg);
    case 'within':
      if (!picture) throw new Error('no picture was opened');
      return layersWithin(picture, a.frame);
  }
}

/** A photograph is unpacked, made small and looked at away from the screen. */
answering(answer);
