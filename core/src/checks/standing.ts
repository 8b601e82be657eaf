import { COLD_C, contextOf, isShut, keepBy, outOfColdS, placeOf, streamBefore } from '../steps';
import { HOUR_S } from '../units';
import { fig, setFix, stepsOf } from './types';
import type { At, Check, Fix, Looked } from './types';

const here = (l: Looked) => contextOf({ kit: l.kit, beliefs: l.outcome.beliefs }, l.recipe.materials);
const around = (l: Looked, s: At<'stand'>): number => placeOf(s.step.params, here(l));
/** Into the fridge: in this plan's own words. */
const toFridge = (s: At<'stand'>, c: number): Fix => ({
  say: 'keepCold',
  figures: { placeC: fig(c, 'C') },
  edits: [{ do: 'set', step: s.step.id, param: 'place', value: 'fridge' }],
});

/** Above 5 °C for more than two hours, one above 32 °C, once it is open: dry or whole, it may stand. */
export const keptWarm: Check = {
  id: 'keptWarm',
  reason: 'Out of the cold two hours, one above 32 °C. Never two days on the counter, whatever some say.',
  source: 'USDA: the two-hour rule',
  find: (l) =>
    stepsOf(l, 'stand').flatMap((s) => {
      const c = around(l, s);
      const before = streamBefore(l.outcome, s.place, s.step.params.of);
      if (c <= COLD_C || s.step.params.durationS <= outOfColdS(c) || !before || isShut(before)) return [];
      return [
        {
          check: 'keptWarm',
          step: s.step.id,
          weight: 'danger' as const,
          figures: {
            placeC: fig(c, 'C'),
            forS: fig(s.step.params.durationS, 's'),
            mostS: fig(outOfColdS(c), 's'),
          },
          fixes: [toFridge(s, l.kit.fridgeC)],
        },
      ];
    }),
};

/** Longer than its time and temperature, or its cap, allow. */
export const keptTooLong: Check = {
  id: 'keptTooLong',
  reason: 'The lower of what time and temperature leave it and the cap of common practice.',
  source: 'square-root law (Ratkowsky et al. 1982); FDA Food Code 3-501.17: seven days at most',
  find: (l) =>
    stepsOf(l, 'stand').flatMap((s) => {
      const before = streamBefore(l.outcome, s.place, s.step.params.of);
      const c = around(l, s);
      if (!before || c > COLD_C || isShut(before)) return [];
      const by = keepBy(before, c, s.step.params.jar, here(l));
      if (!by || s.step.params.durationS <= by.s + 60) return [];
      const to = Math.floor(by.s / HOUR_S) * HOUR_S;
      return [
        {
          check: 'keptTooLong',
          step: s.step.id,
          weight: 'danger' as const,
          figures: { forS: fig(s.step.params.durationS, 's'), mostS: fig(to, 's') },
          fixes: [setFix('keepShorter', s.step.id, 'durationS', to, { toS: fig(to, 's') })],
        },
      ];
    }),
};
