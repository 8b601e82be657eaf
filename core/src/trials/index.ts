export { aliasesOf, DESIGNS, designOf, effectsOf, termsOf } from './factorial';
export type { Design, DesignId, Effect, Levels, Term } from './factorial';
export { ALPHA, fewestRight, powerOf, servingsOf, TASTINGS, tastedOf, tastingsFor } from './tasting';
export type { Serving, Tasted, TastingKind } from './tasting';
