import { faulty, STAMP_BYTES, stampAt, viewOf } from './frame';
import type { Decoded, Stamp } from './frame';

/**
 * Weight Measurement, characteristic 0x2A9D of the Weight Scale service 0x181D (Bluetooth SIG, GATT Specification
 * Supplement, "Weight Measurement"). A byte of flags; the weight, two bytes without a sign, the low one first; then what
 * the flags promise: a date (7), a user (1), body mass index and height (2 and 2).
 */
const FLAGS = { imperial: 1, stamp: 2, user: 4, height: 8 } as const;
/** The weight in steps of 5 g (0.005 kg), or of a hundredth of a pound. */
export const SI_STEP_G = 5;
const POUND_G = 453.59237;
const IMPERIAL_STEP_G = POUND_G / 100;
/** “Measurement unsuccessful.” */
const UNSUCCESSFUL = 0xffff;
/** No kitchen scale carries more, g: it is one to stand upon. */
const MOST_G = 30_000;

export interface Weight {
  readonly g: number;
  /** The step of this scale, g: it knows no better. */
  readonly stepG: number;
  readonly stamp: Stamp | null;
}
/** What a scale says. */
export function decodeWeight(bytes: Uint8Array): Decoded<Weight> {
  if (bytes.length < 3) return faulty('length');
  const v = viewOf(bytes);
  const flags = v.getUint8(0);
  const stamped = (flags & FLAGS.stamp) !== 0;
  const long =
    3 + (stamped ? STAMP_BYTES : 0) + ((flags & FLAGS.user) !== 0 ? 1 : 0) + ((flags & FLAGS.height) !== 0 ? 4 : 0);
  if (bytes.length !== long) return faulty('length');
  const raw = v.getUint16(1, true);
  if (raw === UNSUCCESSFUL) return faulty('unknown');
  const stepG = (flags & FLAGS.imperial) !== 0 ? IMPERIAL_STEP_G : SI_STEP_G;
  const g = raw * stepG;
  return g > MOST_G ? faulty('range') : { ok: true, value: { g, stepG, stamp: stamped ? stampAt(v, 3) : null } };
}
/** The frame of a scale in kilograms; under nothing it shows nothing. null: it could not weigh. */
export function encodeWeight(g: number | null): Uint8Array {
  const out = new Uint8Array(3);
  const raw = g === null ? UNSUCCESSFUL : Math.min(UNSUCCESSFUL - 1, Math.max(0, Math.round(g / SI_STEP_G)));
  viewOf(out).setUint16(1, raw, true);
  return out;
}
