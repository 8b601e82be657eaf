import type { Summary } from '@ironpan/core/batch';
import { comesOf, plannedAs, wentAs } from '@ironpan/core/comparing';
import type { Made } from '@ironpan/core/comparing';
import { milkOf } from '@ironpan/core/words';
import { useMemo } from 'react';
import { besideRows } from '../store/beside';
import type { BesideRow } from '../store/beside';
import type { HereRecord } from '../store/here';
import { useLive } from './live';
import { reckoned } from './running';
import { useHere } from './useHere';

/** A batch or a plan as it stands beside others. */
export interface Beside {
  readonly id: string;
  readonly name: string;
  readonly milk: string;
  readonly made: Made;
  readonly summary: Summary;
  readonly row: Exclude<BesideRow, { is: 'gone' }>;
  readonly state: 'open' | 'finished' | 'abandoned' | 'plan';
  /** How much came by the scale, ml; null: not weighed, or a plan. */
  readonly startedAt: number | null;
}
/** One that cannot stand there, and why. */
export interface NotBeside {
  readonly id: string;
  readonly why: 'gone' | 'broken';
}
export type BesideOne = Beside | NotBeside;

/** What stands side by side; undefined: not read yet. */
export function useBeside(ids: readonly string[]): readonly BesideOne[] | undefined {
  const rows = useLive(['beside', ids], () => besideRows(ids)).data;
  const here = useHere();
  return useMemo(() => (rows && here ? rows.map((r) => besideOf(r, here)) : undefined), [rows, here]);
}
function besideOf(row: BesideRow, here: HereRecord): BesideOne {
  if (row.is === 'gone') return { id: row.id, why: 'gone' };
  try {
    if (row.is === 'plan') {
      const { recipe, name } = row.of;
      const made = plannedAs(recipe, here);
      const common = { id: row.id, name, milk: milkOf(recipe), made, row };
      return { ...common, summary: comesOf(made), state: 'plan', startedAt: null };
    }
    const r = reckoned(row.of);
    if ('why' in r) return { id: row.id, why: 'broken' };
    const { batch, progress } = r;
    const name = `${batch.number} · ${batch.name}`;
    const common = { id: row.id, name, milk: milkOf(batch.recipe), made: wentAs(batch, progress), row };
    return { ...common, summary: progress.summary, state: progress.state, startedAt: batch.startedAt };
  } catch {
    // A plan that cannot be folded yet (a step out of order) is its own page's to say.
    return { id: row.id, why: 'broken' };
  }
}
