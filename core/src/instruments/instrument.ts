import { decodeAir } from './environment';
import { faulty } from './frame';
import type { Decoded } from './frame';
import { decodePower } from './power';
import { decodeTemperature } from './temperature';
import { decodeWeight } from './weight';

/** What a kitchen may have that tells something by itself. */
export const INSTRUMENTS = ['scale', 'probe', 'fridge', 'plug'] as const;
export type Instrument = (typeof INSTRUMENTS)[number];
/** The service and the characteristic by which each is found, 16-bit numbers of the Bluetooth SIG; the plug has none of these services. */
export const PROFILES: Readonly<
  Record<Instrument, { readonly service: number | null; readonly characteristic: number }>
> = {
  scale: { service: 0x181d, characteristic: 0x2a9d },
  probe: { service: 0x1809, characteristic: 0x2a1c },
  fridge: { service: 0x181a, characteristic: 0x2a6e },
  plug: { service: null, characteristic: 0x2b05 },
};
/** What an instrument says, in its own unit of the fold: g, °C, °C, W. */
export function heard(from: Instrument, frame: Uint8Array): Decoded<number> {
  switch (from) {
    case 'scale': {
      const w = decodeWeight(frame);
      return w.ok ? { ok: true, value: w.value.g } : w;
    }
    case 'probe': {
      const t = decodeTemperature(frame);
      return t.ok ? { ok: true, value: t.value.c } : t;
    }
    case 'fridge':
      return decodeAir(frame);
    case 'plug':
      return decodePower(frame);
  }
}

/** A frame as text: two signs to the byte. */
export const toHex = (bytes: Uint8Array): string => Array.from(bytes, (b) => b.toString(16).padStart(2, '0')).join('');
/** A frame from its text; what is no such text is of no length. */
export function fromHex(text: string): Decoded<Uint8Array> {
  if (!/^(?:[0-9a-f]{2}){1,64}$/i.test(text)) return faulty('length');
  return { ok: true, value: Uint8Array.from(text.match(/../g) ?? [], (x) => parseInt(x, 16)) };
}
