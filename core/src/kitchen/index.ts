export {
  NOTHING,
  fromLarder,
  waterStream,
  portion,
  carried,
  merge,
  massG,
  solidsG,
  waterG,
  liquidG,
  volumeMl,
  contents,
  capacityOf,
  hasFood,
  inhibitorLeftOf,
  beanyIndexOf,
} from './stream';
export type { Stream, Hygiene } from './stream';
export { USUAL_KIT, IN_USE, thingOf, multiplier, usualBelief, coefficientId, COEFFICIENTS } from './kit';
export type { Kit, Thing, ThingKind, ThingOf, Belief, Beliefs, CoefficientKind } from './kit';
export { at, away, flowOf, waterFlow, flowG } from './ledger';
export type { Flow, Ledger, Place, Outside } from './ledger';
