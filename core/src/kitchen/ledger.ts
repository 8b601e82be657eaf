import { NO_GRAMS, sumGrams } from '../materials';
import type { Grams } from '../materials';
import type { Stream } from './stream';

export type Outside = 'larder' | 'tap' | 'steam' | 'drain' | 'film' | 'skimmed' | 'pickedOut' | 'spilt' | 'unaccounted';
export type Place = { readonly stream: string } | { readonly outside: Outside };
/** One movement of stuff. The fold alone appends flows, to one private array. */
export interface Flow {
  readonly step: string;
  readonly from: Place;
  readonly to: Place;
  readonly waterG: number;
  readonly released: Grams;
  readonly bound: Grams;
  readonly temperatureC: number;
}
export type Ledger = readonly Flow[];

/** A stream as the end of a flow. */
export const at = (stream: string): Place => ({ stream });
/** Somewhere outside the streams as the end of a flow. */
export const away = (outside: Outside): Place => ({ outside });
/** Mass of a flow, g. */
export const flowG = (f: Flow): number => f.waterG + sumGrams(f.released) + sumGrams(f.bound);

/** A flow of the whole of `s`. */
export function flowOf(step: string, from: Place, to: Place, s: Stream): Flow {
  const water = s.freeWaterG + s.boundWaterG;
  return { step, from, to, waterG: water, released: s.released, bound: s.bound, temperatureC: s.temperatureC };
}
/** A flow of plain water, g, °C. */
export function waterFlow(step: string, from: Place, to: Place, waterG: number, temperatureC: number): Flow {
  return { step, from, to, waterG, released: NO_GRAMS, bound: NO_GRAMS, temperatureC };
}
