import { coefficientIn } from '@ironpan/core/kitchen';
import type { Kit } from '@ironpan/core/kitchen';
import { MATERIALS } from '@ironpan/core/materials';
import { coefficientName } from '@ironpan/core/words';
import { readLearned } from '../store/learned';
import type { LearnedNow } from '../store/learned';
import { useLive } from './live';
import { useMaterials } from './useOwn';

/** What was learned of a thing or a food, and how that is called: “Fine bag: holds back”. */
export interface LearnedOf {
  readonly r: LearnedNow;
  readonly name: string;
}
/** All that batches taught of what is in this kitchen, by name. */
export function useLearned(kit: Kit): readonly LearnedOf[] | undefined {
  const rows = useLive(['learned'], readLearned).data;
  const own = useMaterials();
  if (!rows) return undefined;
  const foods = [...(own ?? []).map((m) => m.material), ...MATERIALS];
  // A thing that has left the kitchen teaches no plan any more.
  const here = new Set([...kit.things, ...foods].map((x) => x.id));
  return rows
    .filter((r) => r.coefficient.startsWith('cooling:') || here.has(coefficientIn(r.coefficient)?.thing ?? ''))
    .map((r) => ({ r, name: coefficientName(r.coefficient, kit, foods) }))
    .sort((a, b) => a.name.localeCompare(b.name));
}
