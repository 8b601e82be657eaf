import type { Complaint, LeverMap, MapAsked, Moved, Range, RangeOf, Remedy } from '@ironpan/core/batch';
import type { ReadBackup } from '@ironpan/core/formats';
import type { Beliefs, Kit } from '@ironpan/core/kitchen';
import type { Recipe } from '@ironpan/core/steps';
import type { MovesAsked } from './moves.worker';
import type { RangesAsked } from './ranges.worker';

export type Ranges = Readonly<Record<RangeOf, Range>>;
export interface Running<T> {
  readonly done: Promise<T>;
  /** Stops by ending the worker. */
  readonly stop: () => void;
}
type Message<T> = { readonly progress: number } | { readonly done: T };
function ask<T>(worker: Worker, message: unknown, onProgress: (share: number) => void = () => undefined): Running<T> {
  const done = new Promise<T>((resolve, reject) => {
    worker.onmessage = (e: MessageEvent<Message<T>>) => {
      if ('progress' in e.data) {
        onProgress(e.data.progress);
        return;
      }
      resolve(e.data.done);
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
type Progress = (share: number) => void;
export const validateBackup = (text: string): Running<ReadBackup> =>
  ask(new Worker(new URL('./import.worker.ts', import.meta.url), { type: 'module' }), text);
export const askRanges = (asked: RangesAsked, onProgress?: Progress): Running<Ranges> =>
  ask(new Worker(new URL('./ranges.worker.ts', import.meta.url), { type: 'module' }), asked, onProgress);

const moves = <T>(asked: MovesAsked, onProgress?: Progress): Running<T> =>
  ask(new Worker(new URL('./moves.worker.ts', import.meta.url), { type: 'module' }), asked, onProgress);
export const askLevers = (recipe: Recipe, kit: Kit, onProgress?: Progress): Running<readonly Moved[]> =>
  moves({ what: 'levers', recipe, kit }, onProgress);
export const askMap = (recipe: Recipe, kit: Kit, map: MapAsked, onProgress?: Progress): Running<LeverMap> =>
  moves({ what: 'map', recipe, kit, map }, onProgress);
export const askRemedies = (
  recipe: Recipe,
  kit: Kit,
  beliefs: Beliefs,
  complaint: Complaint,
  onProgress?: Progress,
): Running<readonly Remedy[]> => moves({ what: 'remedies', recipe, kit, beliefs, complaint }, onProgress);
