import type { Hours } from '@ironpan/core/schedule';
import type { ClockItem } from '../offload/clockItems';
import type { AgreedRow, Decided } from '../store/wishes';

/**
 * What the cook has decided, apart by wish, so that a milk that is begun or made changes nothing for the others. `kit`: when
 * the kit was changed last.
 */
export const decidedOf = (items: readonly ClockItem[], hours: Hours, kit: number): Decided => ({
  of: JSON.stringify([hours, kit]),
  each: Object.fromEntries(
    items.map(({ id, wish: w }) => [
      id,
      w ? JSON.stringify([w.byAt, w.notBeforeAt, w.ml, w.fixed, w.planNow?.rev]) : '',
    ]),
  ),
});
/** Whether what was agreed on is still what was asked for: nothing was decided otherwise, and nothing has come to it. */
export const goesOn = (had: AgreedRow, now: Decided): boolean =>
  had.of === now.of && Object.entries(now.each).every(([id, what]) => had.each?.[id] === what);
