export { evidenceOf } from './evidence';
export type { Evidence } from './evidence';
export { beliefsFrom, NOTHING_LEARNED, together } from './learned';
export type { Learned } from './learned';
