import type { BenchHeard } from '../instruments';

/** Older than this, a reading is none any more, s of the kitchen. */
const STALE_S = 30;
/** Has it been silent for so long that what it said last is no more what is so? By the newest of them all. */
export function staleAt(heard: BenchHeard): (at: number) => boolean {
  const newest = Math.max(0, ...[...heard.latest.values()].map((x) => x.at));
  return (at) => newest - at > STALE_S * 1000;
}
/** What the probe tells of the task at hand, smoothed, °C; null: no probe is in it, or it is silent. */
export function probeNowC(heard: BenchHeard): number | null {
  const told = heard.latest.get('probe');
  const boil = heard.watch?.boil;
  if (!told || !boil || boil.recent.length === 0 || heard.line !== 'live' || staleAt(heard)(told.at)) return null;
  return Number.isNaN(boil.c) ? told.value : boil.c;
}
