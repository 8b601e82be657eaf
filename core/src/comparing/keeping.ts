import { multiplier } from '../kitchen';
import type { Beliefs } from '../kitchen';
import type { Lasted } from '../learning';
import { heldDays } from '../steps';

/** Of a jar of milk: what limits its keeping, and how long it is known to have been fine. */
export interface Watched {
  readonly thing: string;
  readonly budgetD: number;
  readonly capDays: number;
  /** What was believed when its batch was begun. */
  readonly beliefs: Beliefs;
  readonly lasted: Lasted;
}
/** How true it was that milk keeps till its time is up. */
export interface KeepTruth {
  /** Jars that were fine when their time was up, and those that had turned before. */
  readonly held: number;
  readonly turned: number;
  /** Jars that were gone, or not looked at, before: of these nothing is known. */
  readonly unknown: number;
}
/** Till when a jar was said to keep, days at 4 °C: what was believed of it, and never beyond the cap (day 1 is the day it was made). */
export const saidDays = (w: Watched): number =>
  Math.min(
    heldDays(w.budgetD * multiplier(w.beliefs, 'keeping', w.thing), w.budgetD, w.capDays),
    Math.max(0, w.capDays - 1),
  );
/** Jars held against what was said of them. One that turned at a time nobody knows, before or after, counts as unknown. */
export function keepTruthOf(jars: readonly Watched[]): KeepTruth {
  let [held, turned] = [0, 0];
  for (const w of jars) {
    const said = saidDays(w);
    if (w.lasted.fineD >= said) held += 1;
    else if (w.lasted.turnedD !== null && w.lasted.turnedD < said) turned += 1;
  }
  return { held, turned, unknown: jars.length - held - turned };
}
