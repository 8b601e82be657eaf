import { faulty, viewOf } from './frame';
import type { Decoded } from './frame';

/**
 * Temperature, characteristic 0x2A6E of the Environmental Sensing service 0x181A (Bluetooth SIG, GATT Specification
 * Supplement): two bytes with a sign, the low one first, in hundredths of a degree; 0x8000: not known.
 */
const UNKNOWN = -0x8000;
/** What a logger of a fridge or a room can stand in, °C. */
const ROOM_C = { low: -40, high: 60 } as const;

/** What a logger says, °C. */
export function decodeAir(bytes: Uint8Array): Decoded<number> {
  if (bytes.length !== 2) return faulty('length');
  const raw = viewOf(bytes).getInt16(0, true);
  if (raw === UNKNOWN) return faulty('unknown');
  const c = raw / 100;
  return c < ROOM_C.low || c > ROOM_C.high ? faulty('range') : { ok: true, value: c };
}
/** Its frame; null: it does not know. */
export function encodeAir(c: number | null): Uint8Array {
  const out = new Uint8Array(2);
  viewOf(out).setInt16(0, c === null ? UNKNOWN : Math.max(-32_767, Math.min(32_767, Math.round(c * 100))), true);
  return out;
}

/** Battery Level, 0x2A19: a byte, per cent. More than a hundred is no level. */
export function decodeBattery(bytes: Uint8Array): Decoded<number> {
  if (bytes.length !== 1) return faulty('length');
  const level = viewOf(bytes).getUint8(0);
  return level > 100 ? faulty('range') : { ok: true, value: level / 100 };
}
/** Its frame, from a share 0..1. */
export const encodeBattery = (share: number): Uint8Array =>
  Uint8Array.of(Math.round(100 * Math.max(0, Math.min(1, share))));
