import type { Summary } from '../batch';
import { coefficientId, multiplier, usualBelief } from '../kitchen';
import { daySdOf } from '../learning';
import { Z80 } from '../numerics';
import { coefficientsOf, doubted } from '../questions';
import { comesOf } from './made';
import type { Made } from './made';

/**
 * How far two batches made alike lie apart four times in five, in each of some figures: things and foods are not the same
 * from one day to the next. Each by itself a day's σ more, folded, and the moves together as independent ones (to first
 * order; a draw of such days comes to the same within a fifth, tested).
 */
export function oneDay(m: Made, figures: (s: Summary) => readonly number[]): readonly number[] {
  const named = JSON.stringify(m.recipe.steps.map((s) => s.params));
  const now = figures(comesOf(m, 'keep'));
  const squares = now.map(() => 0);
  for (const [kind, thing] of coefficientsOf(m.kit, doubted(m.recipe))) {
    // A thing that no step of this batch used did nothing.
    if (m.kit.things.some((t) => t.id === thing) && !named.includes(JSON.stringify(thing))) continue;
    const id = coefficientId(kind, thing);
    const mean = multiplier(m.beliefs, kind, thing) * Math.exp(daySdOf(id));
    const beliefs = { ...m.beliefs, [id]: { ...usualBelief(id), mean } };
    figures(comesOf({ ...m, beliefs }, 'keep')).forEach((x, i) => {
      squares[i] = (squares[i] ?? 0) + (x - (now[i] ?? 0)) ** 2;
    });
  }
  return squares.map((v) => Z80 * Math.SQRT2 * Math.sqrt(v));
}
/** Is a thing that did so much in one batch and so much in another as it is from day to day? */
export const asAnyDay = (id: string, from: number, to: number): boolean =>
  Math.abs(Math.log(to / from)) <= Z80 * Math.SQRT2 * daySdOf(id);
