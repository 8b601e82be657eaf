import { faulty } from './frame';
import type { Decoded } from './frame';

/**
 * Power, characteristic 0x2B05 (Bluetooth SIG, GATT Specification Supplement; from memory): three bytes without a sign, the
 * low one first, in tenths of a watt; 0xFFFFFF: not known. No standard service of a kitchen plug carries it: the plug
 * that ships with Ironpan does, by a profile of its own.
 */
const UNKNOWN = 0xffffff;
/** A socket of a kitchen gives no more, W. */
const MOST_W = 4000;

/** What a plug says, W. */
export function decodePower(bytes: Uint8Array): Decoded<number> {
  const [a, b, c] = bytes;
  if (bytes.length !== 3 || a === undefined || b === undefined || c === undefined) return faulty('length');
  const raw = a + (b << 8) + (c << 16);
  if (raw === UNKNOWN) return faulty('unknown');
  const w = raw / 10;
  return w > MOST_W ? faulty('range') : { ok: true, value: w };
}
/** Its frame; null: it does not know. */
export function encodePower(w: number | null): Uint8Array {
  const raw = w === null ? UNKNOWN : Math.max(0, Math.min(UNKNOWN - 1, Math.round(w * 10)));
  return Uint8Array.of(raw & 0xff, (raw >> 8) & 0xff, (raw >> 16) & 0xff);
}
