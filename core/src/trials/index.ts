export { aliasesOf, DESIGNS, designOf, effectsOf, MOST_TIMES, reachOf, termsOf, toldBy } from './factorial';
export type { Design, DesignId, Effect, Levels, Term, Told } from './factorial';
export { ALPHA, alphaOf, fewestRight, powerOf, servingsOf, TASTINGS, tastedOf, tastingsFor } from './tasting';
export type { Serving, Tasted, TastingKind } from './tasting';
export { daySpread, designFor, designOfSize, expectedRuns, runRecipe, strayedOf, WEIGHED, WORD_SD } from './trial';
export type { Factor, Strayed, Trial, Weighed } from './trial';
export { mostTelling, WORTH } from './telling';
export type { Candidate, Telling, Tells } from './telling';
