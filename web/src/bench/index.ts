export { BenchPage } from './BenchPage';
export { BatchBenchPage } from './BatchBenchPage';
