import { COOLING_LIMITS } from '../steps';
import type { ColdAtLast, CoolingTried } from '../steps';
import { plain } from '../units';
import { celsius, duration, grams, join } from './format';

const WHERE: Readonly<Record<CoolingTried['how'], string>> = {
  counter: 'on the counter',
  window: 'at the open window',
  tray: 'spread on a tray',
  fridge: 'straight into the fridge',
  water: 'in running water',
  waterIce: 'in running water, then ice',
  iceBath: 'in ice water',
};
/** A way of cooling in words: in jars where they are not in one pot. */
export const coolingWayName = (w: Pick<CoolingTried, 'how' | 'vessel'>): string =>
  w.vessel === 'jars' && w.how !== 'tray' ? `in jars, ${WHERE[w.how]}` : WHERE[w.how];

/** From 57 to 21 °C, and to 5 °C in all: the time each takes, its limit, and whether it is kept. */
export function coolingStages(
  w: Pick<ColdAtLast, 'to21S' | 'to5S'>,
): readonly { readonly what: string; readonly took: string; readonly most: string; readonly kept: boolean }[] {
  const line = (what: string, s: number | null, mostS: number) => ({
    what,
    took: s === null ? 'never' : join(duration(s)),
    most: join(duration(mostS)),
    kept: s !== null && s <= mostS,
  });
  return [line('57 → 21 °C', w.to21S, COOLING_LIMITS.midS), line('to 5 °C, in all', w.to5S, COOLING_LIMITS.endS)];
}
/** What a way asks for, and what it does to others: ice, stirring, hot glass, the fridge. Nothing: ''. */
export function coolingAsks(w: CoolingTried, planC: number): string {
  const said = [
    ...(w.iceG > 0 ? [`about ${join(grams(Math.ceil(w.iceG / 10) * 10))} of ice`] : []),
    ...(w.stirS > 0 ? [`stir ${join(duration(w.stirS))} in the ice`] : []),
    ...(Math.abs(w.toC - planC) > 0.5 ? [`to ${join(celsius(w.toC))}, then the fridge`] : []),
    ...(w.hotGlass ? ['hot glass cracks in cold water'] : []),
    ...(w.fridge
      ? [
          `warms what stands in the fridge to about ${plain(w.fridge.peakC)} °C, cold again after ${join(duration(w.fridge.backS))}`,
        ]
      : []),
  ];
  return said.join('; ');
}
