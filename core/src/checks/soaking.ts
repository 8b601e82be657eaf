import { highestOf } from '../steps';
import { HOUR_S } from '../units';
import { fig, setFix, stepsOf } from './types';
import type { At, Check, Fix, Looked } from './types';

const HALF_HOUR = HOUR_S / 2;
const up = (s: number) => Math.ceil(s / HALF_HOUR) * HALF_HOUR;
const down = (s: number) => Math.max(HALF_HOUR, Math.floor(s / HALF_HOUR) * HALF_HOUR);
/** Under this share of full they are worth waiting for (estimate); the mend aims at nine tenths. */
const TOO_DRY = 0.85;
/** A soak step's own bound, s. */
const MOST_S = highestOf('soak', 'durationS');

interface Chain {
  readonly last: At<'soak'>;
  /** Share of the longest soak already used by the soaks before the last; changing water does not restart the clock. */
  readonly usedBefore: number;
}
/** Soaks of one stream in a row count as one soak. */
function chains(l: Looked): readonly Chain[] {
  const out: Chain[] = [];
  let used = 0;
  const soaks = stepsOf(l, 'soak');
  soaks.forEach((s, i) => {
    const next = soaks[i + 1];
    const between = next
      ? l.recipe.steps.slice(l.recipe.steps.indexOf(s.step) + 1, l.recipe.steps.indexOf(next.step))
      : [];
    const goesOn =
      next && next.step.params.of === s.step.params.of && between.every((b) => b.kind === 'drain' || b.kind === 'sort');
    if (goesOn) {
      used += s.f('soakS') / s.f('longestS');
      return;
    }
    out.push({ last: s, usedBefore: used });
    used = 0;
  });
  return out;
}
const allowed = (c: Chain, longestS: number): number => Math.max(0, 1 - c.usedBefore) * longestS;

/** To the fridge for as long as it takes there, when that is long enough and not too long. */
function fridge(c: Chain): readonly Fix[] {
  const need = up(c.last.f('needFridgeS'));
  if (need > Math.min(MOST_S, allowed(c, c.last.f('longestFridgeS')))) return [];
  const id = c.last.step.id;
  return [
    {
      say: 'soakInFridge',
      figures: { needS: fig(need, 's') },
      edits: [
        { do: 'set', step: id, param: 'place', value: 'fridge' },
        { do: 'set', step: id, param: 'durationS', value: need },
      ],
    },
  ];
}

/** Under 85 % of what they can drink. */
export const soakTooShort: Check = {
  id: 'soakTooShort',
  reason: 'Beans that have not drunk their fill grind coarse and give less.',
  source: 'Peleg 1988, J. Food Sci. 53:1216; nine tenths of full as the mark is common practice',
  find: (l) =>
    chains(l)
      .filter(
        (c) =>
          c.last.f('flakes') === 0 &&
          c.last.f('uptakeShare') < TOO_DRY &&
          c.last.f('waterLeftG') > 0.05 * c.last.f('waterHasG'),
      )
      .map((c) => {
        const need = up(c.last.f('needS'));
        const longest = Math.min(MOST_S, allowed(c, c.last.f('longestS')));
        const longer = setFix('soakLonger', c.last.step.id, 'durationS', need, { needS: fig(need, 's') });
        return {
          check: 'soakTooShort',
          step: c.last.step.id,
          weight: 'mend' as const,
          figures: { uptakeShare: fig(c.last.f('uptakeShare'), 'share'), aroundC: fig(c.last.f('aroundC'), 'C') },
          fixes: need <= longest ? [longer] : fridge(c),
        };
      }),
};

/** Longer than a soak may last at its temperature. */
export const soakTooLong: Check = {
  id: 'soakTooLong',
  reason: 'Past this the water begins to ferment; changing it does not restart the clock.',
  source: 'common practice',
  find: (l) =>
    chains(l)
      .filter((c) => c.last.f('soakS') > allowed(c, c.last.f('longestS')) + 1 && !tooWarm(c))
      .map((c) => {
        const most = allowed(c, c.last.f('longestS'));
        const fix = setFix('soakShorter', c.last.step.id, 'durationS', down(most), { longestS: fig(down(most), 's') });
        return {
          check: 'soakTooLong',
          step: c.last.step.id,
          weight: 'danger' as const,
          figures: {
            soakS: fig(c.last.f('soakS'), 's'),
            longestS: fig(most, 's'),
            aroundC: fig(c.last.f('aroundC'), 'C'),
          },
          fixes: most >= HALF_HOUR ? [fix] : fridge(c),
        };
      }),
};

/** Where the longest soak is shorter than a night, only a colder place lets them stand overnight, s. */
const A_NIGHT_S = 8 * HOUR_S;
const tooWarm = (c: Chain): boolean => c.last.f('longestS') < A_NIGHT_S;

/** Long in water that stays warm. */
export const soakTooWarm: Check = {
  id: 'soakTooWarm',
  reason: 'In a warm place they go off before the night is over.',
  source: 'common practice',
  find: (l) =>
    chains(l)
      .filter((c) => c.last.f('soakS') > allowed(c, c.last.f('longestS')) + 1 && tooWarm(c))
      .map((c) => {
        const most = down(allowed(c, c.last.f('longestS')));
        const enough = c.last.f('needS') <= most;
        return {
          check: 'soakTooWarm',
          step: c.last.step.id,
          weight: 'danger' as const,
          figures: { aroundC: fig(c.last.f('aroundC'), 'C'), longestS: fig(allowed(c, c.last.f('longestS')), 's') },
          fixes: [
            ...fridge(c),
            ...(enough ? [setFix('soakShorter', c.last.step.id, 'durationS', most, { longestS: fig(most, 's') })] : []),
          ],
        };
      }),
};

/** Too little water to keep them covered. */
export const soakWater: Check = {
  id: 'soakWater',
  reason: 'Beans swell two to three times; those left dry stay hard.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'soak')
      .filter((s) => s.f('soakS') > 0 && s.f('waterHasG') < s.f('coverG') - 1)
      .map((s) => {
        const more = Math.ceil((s.f('coverG') - s.f('waterHasG')) / 50) * 50;
        const now = s.step.params.waterG;
        return {
          check: 'soakWater',
          step: s.step.id,
          weight: 'mend' as const,
          figures: {
            hasG: fig(s.f('waterHasG'), 'g'),
            coverG: fig(s.f('coverG'), 'g'),
            drinkG: fig(s.f('waterNeededG'), 'g'),
          },
          fixes: [setFix('moreSoakWater', s.step.id, 'waterG', now + more, { moreG: fig(more, 'g') })],
        };
      }),
};

/** A bowl fuller than its rim. */
export const bowlTooSmall: Check = {
  id: 'bowlTooSmall',
  reason: 'Beans and water together are more than the bowl holds.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'soak')
      .filter((s) => s.f('bowlShare') > 1)
      .map((s) => {
        const fits = l.kit.things
          .filter((t) => t.is === 'bowl')
          .sort((a, b) => a.ml - b.ml)
          .find((b) => b.ml > s.f('bowlShare') * bowlMl(l, s) * 1.02);
        return {
          check: 'bowlTooSmall',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { bowlShare: fig(s.f('bowlShare'), 'share'), bowlMl: fig(bowlMl(l, s), 'ml') },
          fixes: fits ? [setFix('biggerBowl', s.step.id, 'bowl', fits.id, { bowlMl: fig(fits.ml, 'ml') })] : [],
        };
      }),
};
function bowlMl(l: Looked, s: At<'soak'>): number {
  const named = s.step.params.bowl;
  const id = l.kit.things.some((t) => t.is === 'bowl' && t.id === named) ? named : l.kit.use.bowl;
  return l.kit.things.find((t): t is Extract<typeof t, { is: 'bowl' }> => t.is === 'bowl' && t.id === id)?.ml ?? 0;
}
