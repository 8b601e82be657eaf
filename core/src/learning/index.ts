export { evidenceOf } from './evidence';
export type { Evidence } from './evidence';
export { beliefsFrom, NOTHING_LEARNED, together } from './learned';
export type { Learned } from './learned';
export { approachRanges, clearAt, expectedApproach, fittedApproach, judgedClear } from './separation';
export type { Approach, SeenClear } from './separation';
export { ENOUGH, kaplanMeier, trustedDays, weibullBand, weibullFit, weibullLoss, weibullShare } from './survival';
export type { KmStep, Lasted, WeibullFit } from './survival';
