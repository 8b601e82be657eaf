import { useSyncExternalStore } from 'react';

/** How the kitchen's time goes: so fast since an instant of the wall clock at which it was `at`. */
export interface Pace {
  /** The wall clock's instant, ms, and the kitchen's own at that moment. */
  readonly wall: number;
  readonly at: number;
  /** Seconds of the kitchen in one of the wall: 1 or more. */
  readonly speed: number;
}
/** The kitchen's instant at one of the wall clock. */
export const paced = (p: Pace, wall: number): number => p.at + (wall - p.wall) * p.speed;
/** null: the wall's own time, as in any kitchen but one to practise in. */
let pace: Pace | null = null;
/** The wall clock's instant, whatever the kitchen's time does: for what is compared between kitchens. */
export const wallNow = (): number => Date.now();

/** The one place in the application that asks the machine for the time. Everything else is given it. */
export const now = (): number => (pace === null ? wallNow() : Math.round(paced(pace, wallNow())));
/** From this moment on the kitchen's time goes so fast, or goes on from another instant. */
export const fromNow = (speed: number, at = now()): Pace => ({ wall: wallNow(), at, speed });

const listeners = new Set<() => void>();
/** Takes a pace; all who show a clock follow. */
export function setPace(p: Pace | null): void {
  pace = p;
  second = Math.floor(now() / 1000);
  for (const l of listeners) l();
}
/** Between two looks the clock of the wall and one that only counts should agree; more apart than this is a jump, ms. */
const JUMP_MS = 120_000;
/** A jump of the wall clock: forward it may have been sleep, back it was the clock. */
export interface Jump {
  readonly byMs: number;
  /** The wall clock after it. */
  readonly at: number;
}
/** How far the wall clock ran away from the counting one between two looks, ms. */
export const jumpOf = (before: Look, after: Look): number =>
  after.wall - before.wall - (after.counted - before.counted);
export interface Look {
  readonly wall: number;
  readonly counted: number;
}
const lookNow = (): Look => ({ wall: wallNow(), counted: performance.now() });
let lastLook = lookNow();
let jump: Jump | null = null;
function watch(): void {
  const look = lookNow();
  const byMs = jumpOf(lastLook, look);
  lastLook = look;
  if (Math.abs(byMs) < JUMP_MS) return;
  if (pace !== null) {
    // While the machine slept, or its clock was set, nobody practised: that kitchen stood still.
    pace = { ...pace, wall: pace.wall + byMs };
    return;
  }
  jump = { byMs: byMs + (jump?.byMs ?? 0), at: look.wall };
  for (const l of listeners) l();
}
/** The jump that has not been answered yet. */
export const useJump = (): Jump | null => useSyncExternalStore(subscribe, () => jump);
/** What the cook said of a jump of the clock. */
export function answerJump(): void {
  jump = null;
  for (const l of listeners) l();
}

/** Looked at so often, ms; a fast clock, twice as often, so that it moves in small steps too. */
const TICK_MS = 250;
/** Seconds since the epoch, as a store that ticks: screens that show a running clock follow it. */
let second = Math.floor(now() / 1000);
let timer: ReturnType<typeof setInterval> | undefined;
const tick = (): void => {
  watch();
  const s = Math.floor(now() / 1000);
  if (s === second) return;
  second = s;
  for (const l of listeners) l();
};
function subscribe(l: () => void): () => void {
  listeners.add(l);
  timer ??= setInterval(tick, pace === null ? TICK_MS : TICK_MS / 2);
  // A tab that slept comes back with the true time at once, not at the next tick.
  document.addEventListener('visibilitychange', tick);
  return () => {
    listeners.delete(l);
    if (listeners.size === 0) {
      clearInterval(timer);
      timer = undefined;
      document.removeEventListener('visibilitychange', tick);
    }
  };
}
/** How the kitchen's time goes, and whenever that is changed; null: as the wall's. */
export const usePace = (): Pace | null => useSyncExternalStore(subscribe, () => pace);

/** Now, ms, renewed each second. */
export function useNow(): number {
  return useSyncExternalStore(subscribe, () => second) * 1000;
}
