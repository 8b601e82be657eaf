import { roundForKitchen, roundingEffect, roundToCups } from '@ironpan/core/questions';
import type { Here } from '@ironpan/core/kitchen';
import { orderFaults } from '@ironpan/core/steps';
import type { Edit, Recipe } from '@ironpan/core/steps';
import { join, percent, thickness } from '@ironpan/core/words';
import { useMemo } from 'react';
import { useSettled } from '../drawings/useSettled';

interface RoundingProps {
  readonly recipe: Recipe;
  readonly here: Here;
  /** ml of the cup amounts are shown in; null: grams. */
  readonly cupMl: number | null;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
}
const AFTER_MS = 400;

/** Amounts rounded to what a kitchen can measure, with what that does to the milk when it matters. */
export function Rounding({ recipe, here, cupMl, onEdit }: RoundingProps) {
  const calm = useSettled(recipe, AFTER_MS);
  const edits = useMemo(() => (cupMl === null ? roundForKitchen(calm) : roundToCups(calm, cupMl)), [calm, cupMl]);
  const effect = useMemo(
    () => (orderFaults(calm).length > 0 ? null : roundingEffect(calm, here, edits)),
    [calm, here, edits],
  );
  if (!effect) return null;
  return (
    <div className="mt-1">
      <button type="button" className="link small" onClick={() => onEdit(edits, 'rounding')}>
        {cupMl === null ? 'Round to 5 g and 10 s' : 'Round to quarter cups'}
      </button>
      {effect.matters && (
        <p className="small mt-1" style={{ color: 'var(--amber-text)' }} role="status">
          Rounded so, it comes to {join(percent(effect.solids[1]))} solids instead of {join(percent(effect.solids[0]))},
          body {thickness(effect.body[1]).n} instead of {thickness(effect.body[0]).n}:{' '}
          {cupMl === null ? 'weigh it finer.' : 'weigh it.'}
        </p>
      )}
    </div>
  );
}
