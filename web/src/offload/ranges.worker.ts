import { ranges } from '@ironpan/core/questions';
import type { Here } from '@ironpan/core/kitchen';
import type { Recipe } from '@ironpan/core/steps';

export interface RangesAsked {
  readonly recipe: Recipe;
  readonly here: Here;
  readonly seed: number;
  readonly n: number;
}
self.onmessage = (e: MessageEvent<RangesAsked>) => {
  const { recipe, here, seed, n } = e.data;
  const said = (done: number, of: number) => self.postMessage({ progress: done / of });
  self.postMessage({ done: ranges(recipe, here, seed, n, said) });
};
