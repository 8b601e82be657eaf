import * as cooking from './cooking';
import * as cooling from './cooling';
import * as finishing from './finishing';
import * as grain from './grain';
import * as grinding from './grinding';
import * as keeping from './keeping';
import * as nuts from './nuts';
import * as soaking from './soaking';
import * as standing from './standing';
import * as starch from './starch';
import * as straining from './straining';
import * as vessels from './vessels';
import type { Check, Looked, Warning, Weight } from './types';

export { effectiveUm, fig } from './types';
export type { Check, Figure, FigureUnit, Fix, Looked, Warning, Weight } from './types';

/** Every check there is, in the order of the work. */
export const CHECKS: readonly Check[] = [
  straining.noFood,
  soaking.soakTooShort,
  soaking.soakTooLong,
  soaking.soakTooWarm,
  soaking.soakWater,
  soaking.bowlTooSmall,
  starch.soakedNotRinsed,
  grain.enzymeTooHot,
  grain.enzymeDoesNothing,
  grain.enzymeCapsules,
  grain.enzymeMakesSugar,
  grain.riceTooDry,
  grain.riceTooWet,
  grain.riceNotCooled,
  grain.riceKeeps,
  grinding.jugOverfull,
  grinding.hotInSealedJug,
  grinding.hotInJug,
  grinding.tooThick,
  grinding.groundDry,
  grinding.groundTooLittle,
  straining.iceLeft,
  grinding.notGround,
  straining.nothingThrough,
  straining.setsInCloth,
  straining.stillFrozen,
  grinding.passesThatBringNothing,
  starch.tooHotForStarch,
  starch.blendWarmsStarch,
  starch.tooSlimy,
  straining.pressedSlime,
  starch.cupTooCoarse,
  starch.watery,
  nuts.coldFat,
  nuts.handsScald,
  nuts.meshTooOpen,
  cooking.potOverfull,
  cooking.holdTooShort,
  cooking.neverBoiled,
  cooking.foamIsNotTheBoil,
  cooking.scorches,
  cooking.boilsDry,
  cooking.hobTooWeak,
  cooking.neverReaches,
  cooling.neverCools,
  cooling.iceTooLittle,
  cooling.hotGlass,
  cooling.coolsTooSlowly,
  cooling.coldTooLate,
  cooling.warmsFridge,
  starch.thickensInThePot,
  finishing.cannotReach,
  finishing.pasteurisedShort,
  nuts.richBoils,
  nuts.fatDoesNotSet,
  finishing.cocoaDry,
  finishing.syrupAfterBoil,
  finishing.honey,
  finishing.rawAfterBoil,
  finishing.wholePieces,
  finishing.driesTooSlowly,
  finishing.driedRaw,
  finishing.glassFreezes,
  finishing.frozenIntoJar,
  finishing.freezerTooFull,
  vessels.noJar,
  vessels.neverUsed,
  nuts.warmJar,
  standing.keptWarm,
  standing.keptTooLong,
  keeping.touchedAfter,
  keeping.hotJar,
  keeping.rawUntilBoiled,
  keeping.rawPulp,
  nuts.noKillStep,
  finishing.openingNut,
  finishing.refused,
  finishing.underFive,
  keeping.allergens,
  keeping.infants,
];

const HEAVY: Readonly<Record<Weight, number>> = { danger: 0, mend: 1, know: 2 };

/** What is wrong or risky in a folded plan, the heaviest first. */
export function warningsOf(l: Looked): readonly Warning[] {
  return CHECKS.flatMap((c) => c.find(l)).sort((a, b) => HEAVY[a.weight] - HEAVY[b.weight]);
}
