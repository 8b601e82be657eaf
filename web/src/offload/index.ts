import type { Range, RangeOf } from '@ironpan/core/batch';
import type { ReadBackup } from '@ironpan/core/formats';
import type { RangesAsked } from './ranges.worker';

export type Ranges = Readonly<Record<RangeOf, Range>>;
export interface Running<T> {
  readonly done: Promise<T>;
  /** Stops by ending the worker. */
  readonly stop: () => void;
}
function ask<T>(worker: Worker, message: unknown): Running<T> {
  const done = new Promise<T>((resolve, reject) => {
    worker.onmessage = (e: MessageEvent<T>) => {
      resolve(e.data);
      worker.terminate();
    };
    worker.onerror = (e) => {
      reject(new Error(e.message === '' ? 'the computation stopped' : e.message));
      worker.terminate();
    };
  });
  worker.postMessage(message);
  return { done, stop: () => worker.terminate() };
}
export const validateBackup = (text: string): Running<ReadBackup> =>
  ask(new Worker(new URL('./import.worker.ts', import.meta.url), { type: 'module' }), text);
export const askRanges = (asked: RangesAsked): Running<Ranges> =>
  ask(new Worker(new URL('./ranges.worker.ts', import.meta.url), { type: 'module' }), asked);
