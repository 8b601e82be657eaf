export { courseReading } from './course';
export { useBench } from './useBench';
export type { BenchHeard } from './bench';
