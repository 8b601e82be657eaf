import type { TastingRecord } from '@ironpan/core/records';
import type { Test } from '@ironpan/core/words';

/** How a tasting is laid out. */
export const testOf = (t: TastingRecord): Test => ({
  kind: t.kind,
  n: t.n,
  either: t.kind === 'paired' && t.expects === null,
});
