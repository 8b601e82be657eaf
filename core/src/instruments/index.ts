export type { Decoded, FrameFault, Stamp } from './frame';
export { decodeWeight, encodeWeight } from './weight';
export type { Weight } from './weight';
export { decodeTemperature, encodeTemperature } from './temperature';
export type { ProbeTemperature } from './temperature';
export { decodeAir, decodeBattery, encodeAir, encodeBattery } from './environment';
export { decodePower, encodePower } from './power';
export { fromHex, heard, INSTRUMENTS, PROFILES, toHex } from './instrument';
export type { Instrument } from './instrument';
