import { makeStep, SLIPPERY_FROM, stepsBefore } from '../steps';
import { arrivesFrozen, bodyAt, fig, freshId, insertFix, madeBy, setFix, stepsOf } from './types';
import type { Check, Fix, Looked } from './types';

/** A plan of water. */
export const noFood: Check = {
  id: 'noFood',
  reason: 'Milk comes of something.',
  source: 'common practice',
  find: (l) =>
    l.recipe.larder.some((x) => x.grams > 0)
      ? []
      : [{ check: 'noFood', step: null, weight: 'mend', figures: { foodG: fig(0, 'g') }, fixes: [] }],
};

/** Water that fills the pulp of this strain and brings as much again, poured into the grind before it. */
function moreIntoTheJug(l: Looked, strain: string, wantedG: number): readonly Fix[] {
  const grind = stepsBefore(l.recipe, strain).findLast((s) => s.kind === 'grind');
  const to = grind ? grind.params.waterG + wantedG : Infinity;
  return grind && to <= 50_000 ? [setFix('moreWater', grind.id, 'waterG', to, { moreG: fig(wantedG, 'g') })] : [];
}

/** All the liquid held by the pulp. */
export const nothingThrough: Check = {
  id: 'nothingThrough',
  reason: 'The pulp holds its share of liquid first; only what is over runs through.',
  source: 'McCabe & Smith; Geankoplis: leaching with constant underflow',
  find: (l) =>
    stepsOf(l, 'strain')
      .filter((s) => s.f('milkG') < 1 && s.f('holdsG') > 0)
      .map((s) => {
        const moreG = Math.ceil((2 * s.f('holdsG') - s.f('liquidG')) / 10) * 10;
        return {
          check: 'nothingThrough',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { liquidG: fig(s.f('liquidG'), 'g'), holdsG: fig(s.f('holdsG'), 'g') },
          fixes: moreIntoTheJug(l, s.step.id, moreG),
        };
      }),
};

/** Silky or slimier, and pressed hard. */
export const pressedSlime: Check = {
  id: 'pressedSlime',
  reason: 'Pressing hard brings more milk, and in oats the slime with it.',
  source: 'common practice; how much is an estimate',
  find: (l) =>
    stepsOf(l, 'strain', 'wash').flatMap((s) => {
      if (s.step.params.hand !== 'press') return [];
      const b = bodyAt(l, madeBy(s, s.step.params.into));
      if (!b || b.glucan < SLIPPERY_FROM.silky) return [];
      return [
        {
          check: 'pressedSlime',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { times: fig(b.glucan, 'times') },
          fixes: [setFix('pressGently', s.step.id, 'hand', 'gentle')],
        },
      ];
    }),
};

/** Less ice than this is gone by the time the bag is tied, g. */
const ICE_TELLS_G = 30;
/** More than 30 g of ice still in the jug. */
export const iceLeft: Check = {
  id: 'iceLeft',
  reason: 'Ice that has not melted stays in the bag with the pulp, and the milk is short of it.',
  source: 'latent heat of ice, 334 kJ/kg',
  find: (l) =>
    stepsOf(l, 'grind')
      .filter((s) => s.f('iceLeftG') > ICE_TELLS_G)
      .map((s) => {
        const p = s.step.params;
        const iceG = Math.max(0, Math.floor((p.iceG - s.f('iceLeftG')) / 10) * 10);
        return {
          check: 'iceLeft',
          step: s.step.id,
          weight: 'know' as const,
          figures: { leftG: fig(s.f('iceLeftG'), 'g') },
          fixes: [
            {
              say: 'lessIce',
              figures: { iceG: fig(iceG, 'g'), waterG: fig(p.waterG + p.iceG - iceG, 'g') },
              edits: [
                { do: 'set' as const, step: s.step.id, param: 'iceG', value: iceG },
                { do: 'set' as const, step: s.step.id, param: 'waterG', value: p.waterG + p.iceG - iceG },
              ],
            },
          ],
        };
      }),
};

/** What has set does not run through a cloth. */
export const setsInCloth: Check = {
  id: 'setsInCloth',
  reason: 'Swollen starch that fills the water sets. A cloth holds it like porridge, and pressing bursts the cloth.',
  source: 'Krieger & Dougherty 1959; Landau & Levich 1942; how far starch swells is an estimate',
  find: (l) =>
    stepsOf(l, 'strain', 'wash')
      .filter((s) => s.f('sets') === 1)
      .map((s) => ({
        check: 'setsInCloth',
        step: s.step.id,
        weight: 'danger' as const,
        figures: { atC: fig(s.f('squeezedC'), 'C') },
        fixes: [],
      })),
};

/** A frozen jar thaws in the fridge within this, s (a litre: about a day and a half). */
const THAW_S = 48 * 3600;
/** Ice neither runs through a cloth nor pours. */
export const stillFrozen: Check = {
  id: 'stillFrozen',
  reason: 'Ice does not pour. It thaws in the fridge first.',
  source: 'latent heat of ice, 334 kJ/kg',
  find: (l) =>
    stepsOf(l, 'strain', 'wash', 'pool', 'part')
      .filter((s) => arrivesFrozen(l, s.place, s.step.params.of))
      .map((s) => {
        const before = l.recipe.steps[s.place - 1]?.id ?? null;
        const step = makeStep(freshId(l, 'thaw'), 'stand', {
          ...{ of: s.step.params.of, place: 'fridge', vessel: 'jar', durationS: THAW_S },
        });
        return {
          check: 'stillFrozen',
          step: s.step.id,
          weight: 'mend' as const,
          figures: {},
          fixes: [insertFix('thawFirst', before, step)],
        };
      }),
};
