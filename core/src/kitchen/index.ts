export {
  NOTHING,
  fromLarder,
  touch,
  UNCUT_UM,
  ableOf,
  waterStream,
  portion,
  readyAt,
  setReady,
  evolve,
  draftOf,
  carried,
  massG,
  solidsG,
  waterG,
  liquidG,
  volumeMl,
  contents,
  capacityOf,
  hasFood,
  isPulp,
  roleOf,
  inhibitorLeftOf,
  beanyIndexOf,
} from './stream';
export { merge } from './merge';
export type { Stream, Draft, Hygiene, Role } from './stream';
export {
  USUAL_KIT,
  unlearned,
  IN_USE,
  freezerBoxOf,
  thingOf,
  multiplier,
  believedOf,
  usualBelief,
  coefficientId,
  coefficientIn,
  COEFFICIENTS,
} from './kit';
export type { Kit, Here, Thing, ThingKind, ThingOf, Belief, Beliefs, CoefficientKind } from './kit';
export { at, away, flowOf, waterFlow, flowG } from './ledger';
export type { Flow, Ledger, Place, Outside } from './ledger';
export { KIT_SPECS, KIT_SCALARS, THING_SPECS, THING_KINDS } from './specs';
export type { KitSpec, KitScalar } from './specs';
export { OTHER_THINGS } from './others';
