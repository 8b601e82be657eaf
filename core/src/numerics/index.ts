export { findRoot } from './root';
export type { RootOutcome } from './root';
export { GAUSS3, integral } from './quadrature';
export { interpolate } from './interpolate';
export { seededRandom, normal, Z80 } from './random';
export { groupBy } from './group';
export { median } from './median';
export { hessian, minimise } from './minimise';
export type { MinimumOutcome } from './minimise';
