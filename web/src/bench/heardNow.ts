import type { Instrument } from '@ironpan/core/instruments';
import type { BenchHeard } from '../instruments';

/** Older than this beside the newest of them all, a reading is none any more, s of the kitchen. */
const STALE_S = 30;
/**
 * Has it been silent for so long that what it said last is no more what is so? By the newest of them all, and, where it is
 * the only one, by the page's own clock.
 */
export function isSilent(heard: BenchHeard, from: Instrument): boolean {
  const told = heard.latest.get(from);
  if (!told) return true;
  const newest = Math.max(...[...heard.latest.values()].map((x) => x.at));
  if (newest - told.at > STALE_S * 1000) return true;
  return performance.now() - (heard.heardAt.get(from) ?? -Infinity) > heard.silentMs;
}
/** What the probe tells of the task at hand, smoothed, °C; null: no probe is in it, or it is silent. */
export function probeNowC(heard: BenchHeard): number | null {
  const told = heard.latest.get('probe');
  const boil = heard.watch?.boil;
  if (!told || !boil || boil.recent.length === 0 || heard.line !== 'live' || isSilent(heard, 'probe')) return null;
  return Number.isNaN(boil.c) ? told.value : boil.c;
}
