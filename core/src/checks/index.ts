import * as cooking from './cooking';
import * as grinding from './grinding';
import * as keeping from './keeping';
import * as soaking from './soaking';
import type { Check, Looked, Warning, Weight } from './types';

export type { Check, Figure, FigureUnit, Fix, Looked, Warning, Weight } from './types';

/** Every check there is, in the order of the work. */
export const CHECKS: readonly Check[] = [
  soaking.soakTooShort,
  soaking.soakTooLong,
  soaking.soakTooWarm,
  soaking.soakWater,
  soaking.bowlTooSmall,
  grinding.jugOverfull,
  grinding.hotInSealedJug,
  grinding.hotInJug,
  grinding.tooThick,
  grinding.groundTooLittle,
  grinding.notGround,
  grinding.passesThatBringNothing,
  cooking.potOverfull,
  cooking.holdTooShort,
  cooking.neverBoiled,
  cooking.foamIsNotTheBoil,
  cooking.scorches,
  cooking.boilsDry,
  cooking.hobTooWeak,
  cooking.neverCools,
  cooking.coolsTooSlowly,
  keeping.touchedAfter,
  keeping.hotJar,
  keeping.rawUntilBoiled,
  keeping.rawPulp,
  keeping.allergens,
  keeping.infants,
];

const HEAVY: Readonly<Record<Weight, number>> = { danger: 0, mend: 1, know: 2 };

/** What is wrong or risky in a folded plan, the heaviest first. */
export function warningsOf(l: Looked): readonly Warning[] {
  return CHECKS.flatMap((c) => c.find(l)).sort((a, b) => HEAVY[a.weight] - HEAVY[b.weight]);
}
