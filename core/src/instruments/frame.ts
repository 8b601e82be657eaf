/** Why the bytes of an instrument say nothing that can be used. */
export type FrameFault =
  /** Fewer bytes than their own flags promise, or more. */
  | 'length'
  /** The instrument itself says that it does not know. */
  | 'unknown'
  /** No kitchen has that: broken, or of another kind. */
  | 'range';
export type Decoded<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly fault: FrameFault };

/** A fault, and nothing else. */
export const faulty = (fault: FrameFault): { readonly ok: false; readonly fault: FrameFault } => ({ ok: false, fault });
/** Bytes to be read with their numbers' own order. */
export const viewOf = (bytes: Uint8Array): DataView => new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);

/** Date Time, 0x2A08: year, month, day, hours, minutes, seconds; 7 bytes. A year, month or day of 0 is not known. */
export interface Stamp {
  readonly year: number;
  readonly month: number;
  readonly day: number;
  readonly hours: number;
  readonly minutes: number;
  readonly seconds: number;
}
export const STAMP_BYTES = 7;
/** The date and time at a place of a frame. */
export function stampAt(v: DataView, at: number): Stamp {
  return {
    year: v.getUint16(at, true),
    month: v.getUint8(at + 2),
    day: v.getUint8(at + 3),
    hours: v.getUint8(at + 4),
    minutes: v.getUint8(at + 5),
    seconds: v.getUint8(at + 6),
  };
}
