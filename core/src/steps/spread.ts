import type { Reading } from './reading';
import type { ReadingSpec } from './types';

/**
 * How far a reading may be from the truth, 1 σ in its own unit (estimates): a kitchen scale and a hand that pours, a
 * probe thermometer, a press on the clock with wet hands, a count that is a count.
 */
const READING_SD = { g: 2, C: 1, s: 10, count: 0.1 } as const;

/** 1 σ of a reading: as its instrument told it, else as this kind of reading usually has. */
export function readingSd(r: Pick<Reading, 'sd'>, spec: Pick<ReadingSpec<never>, 'unit' | 'sd'>): number {
  return r.sd ?? spec.sd ?? READING_SD[spec.unit];
}
