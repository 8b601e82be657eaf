import type { Running } from './index';

/** The result of what runs, or `fault` after `ms`: then it is stopped. */
export function withDeadline<T>(running: Running<T>, ms: number, fault: Error): Promise<T> {
  return new Promise<T>((resolve, reject) => {
    const timer = setTimeout(() => {
      running.stop();
      reject(fault);
    }, ms);
    running.done.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}
