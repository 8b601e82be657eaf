import { behaviourOf } from '../materials';
import { makeStep } from '../steps';
import { fig, freshId, insertFix, setFix, stepsOf } from './types';
import type { Check } from './types';

/** Enzyme above 72 °C: it dies. */
export const enzymeTooHot: Check = {
  id: 'enzymeTooHot',
  reason: 'From about 75 °C amylase hardly works; at 80 °C it is dead.',
  source: 'common practice; the course is an estimate',
  find: (l) =>
    stepsOf(l, 'enzyme')
      .filter((s) => s.f('endC') > 72)
      .map((s) => ({
        check: 'enzymeTooHot',
        step: s.step.id,
        weight: 'mend' as const,
        figures: { atC: fig(s.f('endC'), 'C') },
        fixes: s.step.params.atC > 72 ? [setFix('enzymeAt', s.step.id, 'atC', 55, { atC: fig(55, 'C') })] : [],
      })),
};

/** Enzyme with nothing to cut, or no time for it. */
export const enzymeDoesNothing: Check = {
  id: 'enzymeDoesNothing',
  reason: 'A pure amylase cuts starch that has swelled. On raw flakes in the cold it does next to nothing for slime.',
  source: 'an estimate; the direction is common practice',
  find: (l) =>
    stepsOf(l, 'enzyme')
      .filter((s) => s.step.params.doses > 0 && s.f('endC') <= 72 && s.f('starchCut') < 0.05 && s.f('glucanCut') < 0.1)
      .map((s) => ({
        check: 'enzymeDoesNothing',
        step: s.step.id,
        weight: 'mend' as const,
        figures: { cut: fig(s.f('starchCut'), 'share') },
        fixes: s.step.params.with === 'pure' ? [setFix('useMalt', s.step.id, 'with', 'malt')] : [],
      })),
};

/** Capsules are dosed by their label, not by us. */
export const enzymeCapsules: Check = {
  id: 'enzymeCapsules',
  reason: 'Capsules are sold to be swallowed, not as an ingredient; malt flour is food.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'enzyme')
      .filter((s) => s.step.params.with === 'capsules' && s.step.params.doses > 0)
      .map((s) => ({
        check: 'enzymeCapsules',
        step: s.step.id,
        weight: 'know' as const,
        figures: {},
        fixes: [setFix('useMalt', s.step.id, 'with', 'malt')],
      })),
};

/** Starch that becomes sugar: for whom that matters. */
export const enzymeMakesSugar: Check = {
  id: 'enzymeMakesSugar',
  reason: 'Amylase turns starch into sugar, in the jar too as long as it lives.',
  source: 'common practice; ask a doctor or dietitian',
  find: (l) =>
    stepsOf(l, 'enzyme')
      .filter((s) => s.step.params.doses > 0)
      .map((s) => ({
        check: 'enzymeMakesSugar',
        step: s.step.id,
        weight: 'know' as const,
        figures: { sugarsG: fig(s.f('sugarsMadeG'), 'g') },
        fixes: [],
      })),
};

/** Less water than the grain drinks. */
export const riceTooDry: Check = {
  id: 'riceTooDry',
  reason: 'Rice that ran out of water stays hard in the middle and grinds to grit.',
  source: 'USDA Standard Reference: moisture of cooked rice',
  find: (l) =>
    stepsOf(l, 'absorb')
      .filter((s) => s.f('cookedShare') < 0.95)
      .map((s) => {
        const more = Math.ceil((s.f('waterWantedG') * 1.05) / 10) * 10 + 60;
        return {
          check: 'riceTooDry',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { share: fig(s.f('cookedShare'), 'share'), moreG: fig(more, 'g') },
          fixes: [setFix('moreWater', s.step.id, 'waterG', s.step.params.waterG + more, { moreG: fig(more, 'g') })],
        };
      }),
};
/** Water left over when the grain is full. */
export const riceTooWet: Check = {
  id: 'riceTooWet',
  reason: 'Water left after three quarters of an hour: the grain goes to paste before it is gone.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'absorb')
      .filter((s) => s.f('waterLeftG') > 20)
      .map((s) => {
        const to = Math.max(50, Math.floor((s.step.params.waterG - s.f('waterLeftG')) / 10) * 10 - 20);
        return {
          check: 'riceTooWet',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { leftG: fig(s.f('waterLeftG'), 'g') },
          fixes: [setFix('lessWater', s.step.id, 'waterG', to, { toG: fig(to, 'g') })],
        };
      }),
};
/** Cooked rice that stands warm: Bacillus cereus. */
export const riceNotCooled: Check = {
  id: 'riceNotCooled',
  reason: 'Spores live through the boil and grow in warm rice; what they leave is not killed by heating again.',
  source: 'common practice (Bacillus cereus); some authorities: chilled within an hour, used within a day',
  find: (l) =>
    stepsOf(l, 'absorb')
      .filter((s) => {
        const i = l.recipe.steps.findIndex((x) => x.id === s.step.id);
        const next = l.recipe.steps.slice(i + 1).find((x) => 'of' in x.params && x.params.of === s.step.params.of);
        return next?.kind !== 'cool';
      })
      .map((s) => ({
        check: 'riceNotCooled',
        step: s.step.id,
        weight: 'danger' as const,
        figures: {},
        fixes: [
          insertFix(
            'coolTheRice',
            s.step.id,
            makeStep(freshId(l, 'coolRice'), 'cool', { of: s.step.params.of, how: 'tray', toC: 30 }),
          ),
        ],
      })),
};

/** How long cooked rice may wait. */
export const riceKeeps: Check = {
  id: 'riceKeeps',
  reason: 'Cooked rice is where its spores grow; authorities differ in how long they allow.',
  source: 'common practice of food authorities',
  find: (l) =>
    l.recipe.materials.some((m) => behaviourOf(m) === 'rice' && (m.starchBody?.gelledC ?? 0) > 0)
      ? [{ check: 'riceKeeps', step: null, weight: 'know', figures: {}, fixes: [] }]
      : [],
};
