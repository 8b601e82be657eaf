import { faulty, STAMP_BYTES, stampAt, viewOf } from './frame';
import type { Decoded, Stamp } from './frame';

/**
 * Temperature Measurement, characteristic 0x2A1C of the Health Thermometer service 0x1809 (Bluetooth SIG, GATT
 * Specification Supplement): a byte of flags, a FLOAT of four bytes, then a date (7) and a place (1) where the flags say so.
 */
const FLAGS = { fahrenheit: 1, stamp: 2, type: 4 } as const;
/** FLOAT of ISO/IEEE 11073-20601: a mantissa of 24 bits, an exponent of 8 to the base of ten, both with a sign. */
const MANTISSA = {
  nan: 0x7fffff,
  notAtThisResolution: -0x800000,
  reserved: -0x7fffff,
  plusInf: 0x7ffffe,
  minusInf: -0x7ffffe,
};
const SPECIAL: readonly number[] = Object.values(MANTISSA);
/** What a probe of a kitchen can be in, °C. */
const PROBE_C = { low: -40, high: 150 } as const;

export interface ProbeTemperature {
  readonly c: number;
  readonly stamp: Stamp | null;
}
/** A FLOAT from four bytes, the low one first; null: not a number, or one of no size. */
export function floatAt(v: DataView, at: number): number | null {
  const mantissa = (v.getUint32(at, true) << 8) >> 8;
  if (SPECIAL.includes(mantissa)) return null;
  const exponent = v.getInt8(at + 3);
  // By a division where the exponent is negative: 364 × 10⁻¹ is 36.4, not 36.400000000000006.
  return exponent < 0 ? mantissa / 10 ** -exponent : mantissa * 10 ** exponent;
}
/** What a probe says. */
export function decodeTemperature(bytes: Uint8Array): Decoded<ProbeTemperature> {
  if (bytes.length < 5) return faulty('length');
  const v = viewOf(bytes);
  const flags = v.getUint8(0);
  const stamped = (flags & FLAGS.stamp) !== 0;
  if (bytes.length !== 5 + (stamped ? STAMP_BYTES : 0) + ((flags & FLAGS.type) !== 0 ? 1 : 0)) return faulty('length');
  const said = floatAt(v, 1);
  if (said === null) return faulty('unknown');
  const c = (flags & FLAGS.fahrenheit) !== 0 ? ((said - 32) * 5) / 9 : said;
  if (c < PROBE_C.low || c > PROBE_C.high) return faulty('range');
  return { ok: true, value: { c, stamp: stamped ? stampAt(v, 5) : null } };
}
/** The frame of a probe that tells hundredths of a degree; null: it has none. */
export function encodeTemperature(c: number | null): Uint8Array {
  const out = new Uint8Array(5);
  const v = viewOf(out);
  v.setUint32(1, c === null ? MANTISSA.nan : Math.round(c * 100) & 0xffffff, true);
  v.setInt8(4, c === null ? 0 : -2);
  return out;
}
