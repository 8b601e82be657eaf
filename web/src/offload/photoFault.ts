import { plain } from '@ironpan/core/units';
import { imageSize } from 'image-size';
import isAnimated from 'is-animated';

/** A photograph of today's largest cameras is smaller, bytes; and more pixels than this fill the memory of a telephone. */
const MOST_BYTES = 60_000_000;
const MOST_PIXELS = 50_000_000;
/** What is drawn, not photographed, or is a document. */
const NO_PHOTOGRAPH: ReadonlySet<string> = new Set(['svg', 'psd', 'ico', 'icns', 'cur', 'dds', 'ktx', 'pnm']);

/** Why a file cannot be taken as a photograph, said before it is unpacked; null: it can be tried. */
export function photoFault(name: string, file: ArrayBuffer): string | null {
  const bytes = new Uint8Array(file);
  const it = `“${name}”`;
  if (bytes.length === 0) return `${it} is empty. Choose another picture.`;
  if (bytes.length > MOST_BYTES)
    return `${it} is ${Math.round(bytes.length / 1e6)} MB; a photograph is under ${MOST_BYTES / 1e6} MB. Choose another picture.`;
  const size = sizeOf(bytes);
  if (!size || NO_PHOTOGRAPH.has(size.type))
    return `${it} is not a photograph that can be read here. Choose a JPEG, PNG or WebP picture.`;
  const { width, height } = size;
  if (width * height > MOST_PIXELS)
    return `${it} has ${Math.round((width * height) / 1e6)} megapixels (${plain(width)} × ${plain(height)}); up to ${MOST_PIXELS / 1e6} can be taken. Let the camera take a smaller one, or save it smaller.`;
  if (moves(file)) return `${it} moves: it holds several pictures. Choose a still one.`;
  return null;
}
/** A file that ends in the middle of what it counts does not move; it is found torn when it is opened. */
function moves(file: ArrayBuffer): boolean {
  try {
    return isAnimated(file);
  } catch {
    return false;
  }
}
function sizeOf(bytes: Uint8Array): { readonly width: number; readonly height: number; readonly type: string } | null {
  try {
    const { width, height, type } = imageSize(bytes);
    return width > 0 && height > 0 ? { width, height, type: type ?? '' } : null;
  } catch {
    return null;
  }
}
