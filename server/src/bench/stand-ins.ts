import {
  encodeAir,
  encodePower,
  encodeTemperature,
  encodeWeight,
  INSTRUMENTS,
  strayed,
  toHex,
} from '@ironpan/core/instruments';
import type { Instrument, PracticeFault, Straying, Told } from '@ironpan/core/instruments';
import type { Truth } from './truth';

/** The instruments that ship with Ironpan, and how each of them strays (estimates; common practice). */
const KINDS: Readonly<Record<Instrument, { readonly name: string; readonly strays: Straying }>> = {
  scale: { name: 'Bench scale', strays: { sd: 0.8, biasSd: 0, outShare: 0.01, outS: 8, unknownShare: 0.002 } },
  probe: { name: 'Pot probe', strays: { sd: 0.12, biasSd: 0.2, outShare: 0.02, outS: 12, unknownShare: 0.004 } },
  fridge: { name: 'Fridge logger', strays: { sd: 0.05, biasSd: 0.2, outShare: 0.02, outS: 60, unknownShare: 0.002 } },
  plug: { name: 'Jug plug', strays: { sd: 4, biasSd: 0, outShare: 0.01, outS: 10, unknownShare: 0.001 } },
};
export const nameOf = (i: Instrument): string => KINDS[i].name;
const TRUE_OF: Readonly<Record<Instrument, (t: Truth) => number>> = {
  scale: (t) => t.scaleG,
  probe: (t) => t.probeC,
  fridge: (t) => t.fridgeC,
  plug: (t) => t.plugW,
};
const FRAME: Readonly<Record<Instrument, (x: number | null) => Uint8Array>> = {
  scale: encodeWeight,
  probe: encodeTemperature,
  fridge: encodeAir,
  plug: (w) => encodePower(w === null ? null : Math.max(0, w)),
};
/** A battery that dies does so this long after the first thing that was begun, s. */
const DIES_AFTER_S = 150;

/** The frames of one tick, by instrument, as text; an instrument that is silent is left out. */
export function framesAt(
  truth: Truth,
  seed: number,
  at: number,
  faults: ReadonlySet<PracticeFault>,
  firstWarmAt: number | null,
): Readonly<Partial<Record<Instrument, string>>> {
  const out: Partial<Record<Instrument, string>> = {};
  for (const [place, i] of INSTRUMENTS.entries()) {
    const dead =
      i === 'probe' && faults.has('probeDies') && firstWarmAt !== null && at - firstWarmAt > DIES_AFTER_S * 1000;
    const told: Told = dead ? 'silent' : strayed(TRUE_OF[i](truth), KINDS[i].strays, seed, place, at / 1000);
    if (told !== 'silent') out[i] = toHex(FRAME[i](told));
  }
  return out;
}
