export { fold, larderStreams } from './fold';
export type { Reading, Stage, Fit, Outcome, Given } from './fold';
export { summarise, mainStream, kcalPer100Ml } from './summary';
export type { Summary, ProductSummary } from './summary';
export { ranges, sampleBeliefs } from './ranges';
export type { Range, RangeOf } from './ranges';
export { solveFor, roundForKitchen } from './solve';
export type { Target, Solved } from './solve';
