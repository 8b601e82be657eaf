export { courseReading } from './course';
export { useBench, useNearBy } from './useBench';
export { canPair, pairNearBy, putAway } from './bluetooth';
export type { BenchHeard } from './bench';
