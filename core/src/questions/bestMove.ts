import type { Measure } from '../batch';
import type { Lever, Moved } from './levers';

/** What a cook would like more of, or less. */
export const WANT_LESS: readonly Measure[] = ['slime', 'grit', 'beany', 'handsS', 'elapsedS', 'costPerL'];
export interface Move {
  readonly lever: Lever;
  readonly to: number;
  readonly before: number;
  readonly after: number;
}
/** The single turn of a lever that mends a measure most; null: none does. */
export function bestMove(moved: readonly Moved[], measure: Measure): Move | null {
  const sign = WANT_LESS.includes(measure) ? -1 : 1;
  let best: (Move & { readonly gain: number }) | null = null;
  for (const m of moved) {
    const [low, now, high] = m.values[measure];
    if (low === null || now === null || high === null) continue;
    for (const [to, after] of [
      [m.lever.low, low],
      [m.lever.high, high],
    ] as const) {
      const gain = sign * (after - now);
      if (gain > (best?.gain ?? Math.abs(now) * 0.02)) best = { lever: m.lever, to, before: now, after, gain };
    }
  }
  return best;
}
