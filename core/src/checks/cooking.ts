import type { Step } from '../steps';
import { highestOf, HOB_EFFICIENCY, isBoiledEnough, makeStep } from '../steps';
import { MINUTE_S } from '../units';
import { fig, madeBy, mustBoil, setFix, stepsOf } from './types';
import type { At, Check, Fix, Looked } from './types';

const potOf = (l: Looked, s: At<'boil' | 'blanch' | 'heat' | 'absorb'>): { id: string; ml: number } | undefined => {
  const named = s.step.params.pot;
  const pots = l.kit.things.filter((t) => t.is === 'pot');
  return pots.find((t) => t.id === named) ?? pots.find((t) => t.id === l.kit.use.pot);
};

/** A smaller batch in as many loads is ground finer, so that of its water a little more comes through. */
const SMALLER = 0.93;
/** Fuller than two thirds before a boil. */
export const potOverfull: Check = {
  id: 'potOverfull',
  reason: 'Foam needs the upper third; it runs over within a minute.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'boil', 'blanch', 'heat', 'absorb')
      .filter((s) => s.f('potShare') > s.f('potLimit') + 1e-6)
      .map((s) => {
        const now = potOf(l, s);
        const needMl = ((now?.ml ?? 0) * s.f('potShare')) / s.f('potLimit');
        const bigger = l.kit.things
          .filter((t) => t.is === 'pot' && t.ml >= needMl)
          .sort((a, b) => (a.is === 'pot' && b.is === 'pot' ? a.ml - b.ml : 0))[0];
        const by = Math.floor(((s.f('potLimit') * SMALLER) / s.f('potShare')) * 100) / 100;
        const smaller = {
          say: 'smallerBatch',
          figures: { by: fig(by, 'share') },
          edits: [{ do: 'scale' as const, by }],
        };
        return {
          check: 'potOverfull',
          step: s.step.id,
          weight: 'danger' as const,
          figures: {
            potShare: fig(s.f('potShare'), 'share'),
            potMl: fig(now?.ml ?? 0, 'ml'),
            needMl: fig(needMl, 'ml'),
          },
          fixes: [
            ...(bigger ? [setFix('biggerPot', s.step.id, 'pot', bigger.id, { needMl: fig(needMl, 'ml') })] : []),
            ...(by > 0 && !bigger ? [smaller] : []),
          ],
        };
      }),
};

/** The boils that cook the milk, after the beans are ground. */
const milkBoils = (l: Looked): readonly At<'boil'>[] =>
  stepsOf(l, 'boil').filter((s) => s.stage.figures.inhibitorLeft !== undefined);

/** More than a fifth of the inhibitor left, or less than ten minutes at the true boil. */
export const holdTooShort: Check = {
  id: 'holdTooShort',
  reason: 'The inhibitor that upsets the stomach goes slower where water boils cooler.',
  source:
    'Kwok, Qin & Tsang 1993, J. Food Sci. 58:859; a fifth left as the goal, and ten minutes at least: common practice',
  find: (l) => {
    const last = milkBoils(l).at(-1);
    // In a pot that never boils no hold is long enough: `neverReaches` says so.
    if (!last || last.f('heatLossW') > 0) return [];
    const milk = madeBy(last, last.step.params.of);
    if (!milk || isBoiledEnough(milk)) return [];
    const left = last.f('inhibitorLeft');
    const need = Math.ceil((last.f('neededHoldS') + 5) / MINUTE_S) * MINUTE_S;
    return [
      {
        check: 'holdTooShort',
        step: last.step.id,
        weight: 'danger',
        figures: {
          left: fig(left, 'share'),
          goal: fig(last.f('inhibitorGoal'), 'share'),
          boilingC: fig(last.f('boilingC'), 'C'),
          altitudeM: fig(l.kit.altitudeM, 'm'),
          holdS: fig(last.f('holdS'), 's'),
          needS: fig(need, 's'),
        },
        fixes:
          need <= highestOf('boil', 'holdS')
            ? [setFix('holdLonger', last.step.id, 'holdS', need, { needS: fig(need, 's') })]
            : [],
      },
    ];
  },
};

/** A bean milk that reaches its jar without a boil. */
export const neverBoiled: Check = {
  id: 'neverBoiled',
  reason: 'Raw soy milk upsets the stomach.',
  source: 'common practice',
  find: (l) => {
    if (!mustBoil(l) || milkBoils(l).length > 0) return [];
    const strains = l.recipe.steps.filter(
      (s): s is Step<'strain'> | Step<'wash'> => s.kind === 'strain' || s.kind === 'wash',
    );
    const last = strains.at(-1);
    if (!last) return [];
    const taken = new Set(l.recipe.steps.map((s) => s.id));
    const id = ['boil', 'boil2', 'boil3'].find((x) => !taken.has(x)) ?? `boil${l.recipe.steps.length + 1}`;
    const step = makeStep(id, 'boil', { of: last.params.into, holdS: 30 * MINUTE_S });
    return [
      {
        check: 'neverBoiled',
        step: last.id,
        weight: 'danger',
        figures: {},
        fixes: [{ say: 'addBoil', figures: {}, edits: [{ do: 'insert', after: last.id, step }] }],
      },
    ];
  },
};

/** What foams long before it boils: told before every boil of a bean milk. */
export const foamIsNotTheBoil: Check = {
  id: 'foamIsNotTheBoil',
  reason: 'Foam climbs at 80–90 °C. Steam under a lid or pressure: foam blocks the vent.',
  source: 'common practice',
  find: (l) =>
    milkBoils(l)
      .slice(-1)
      .map((s) => ({
        check: 'foamIsNotTheBoil',
        step: s.step.id,
        weight: 'know' as const,
        figures: { fromC: fig(s.f('trueFromC'), 'C') },
        fixes: [],
      })),
};

/** More than 1.5 % of pulp in what is boiled. */
export const scorches: Check = {
  id: 'scorches',
  reason: 'Pulp sinks and sticks to a hot bottom.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'boil')
      .filter((s) => s.f('pulpInShare') > 0.015)
      .map((s) => ({ check: 'scorches', step: s.step.id, weight: 'know' as const, figures: {}, fixes: [] })),
};

/** Gentle steam as a share of this boil's, from the figures of the stage. */
function gentleSuffices(s: At<'boil' | 'blanch'>): boolean {
  if (s.step.kind !== 'boil' || s.step.params.vigour === 'gentle') return false;
  const gentle = s.f('steamWantG') * s.f('gentleShare');
  return s.f('waterLeftG') + s.f('steamG') - gentle >= gentle * 0.5;
}
/** More steam asked for than there is water. */
export const boilsDry: Check = {
  id: 'boilsDry',
  reason: 'More water leaves as steam than should.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'boil', 'blanch')
      .filter((s) => s.f('steamG') > 0 && s.f('waterLeftG') < s.f('steamG') * 0.5)
      .map((s) => ({
        check: 'boilsDry',
        step: s.step.id,
        weight: 'mend' as const,
        figures: { steamG: fig(s.f('steamG'), 'g'), leftG: fig(s.f('waterLeftG'), 'g') },
        fixes: gentleSuffices(s) ? [setFix('gentler', s.step.id, 'vigour', 'gentle')] : [],
      })),
};

/** More steam asked for than the hob can give. */
export const hobTooWeak: Check = {
  id: 'hobTooWeak',
  reason: 'The hob cannot keep this much steaming; the boil will fall back.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'boil')
      .filter((s) => s.f('steamLoad') > 1 && s.f('heatLossW') === 0)
      .map((s) => ({
        check: 'hobTooWeak',
        step: s.step.id,
        weight: 'mend' as const,
        figures: { load: fig(s.f('steamLoad'), 'share') },
        fixes: [setFix('gentler', s.step.id, 'vigour', 'gentle')],
      })),
};

/** More than the loss alone, so that it gets there in reasonable time. */
const HEAT_TO_SPARE = 1.15;
/** A pot that loses as much heat as the hob gives. */
export const neverReaches: Check = {
  id: 'neverReaches',
  reason:
    'An open pot loses heat through its side and by steam; a weak hob under a wide pot never brings it to the boil.',
  source: 'heat balance of an open pot (Bowen 1926 for what evaporates); how much the walls lose is an estimate',
  find: (l) =>
    stepsOf(l, 'boil', 'blanch', 'absorb', 'heat', 'enzyme')
      .filter((s) => s.f('heatLossW') > 0)
      .map((s) => ({
        check: 'neverReaches',
        step: s.step.id,
        weight: 'danger' as const,
        figures: {
          stallsC: fig(s.f('stallsC'), 'C'),
          ...(s.stage.figures.inhibitorLeft !== undefined && { raw: fig(1, 'count') }),
        },
        fixes: 'hob' in s.step.params ? otherHob(l, s.step, s.f('heatLossW') * HEAT_TO_SPARE) : [],
      })),
};
/** The weakest hob of the kitchen that is strong enough. */
function otherHob(l: Looked, step: Step, needW: number): readonly Fix[] {
  const fit = l.kit.things
    .filter((t) => t.is === 'hob')
    .filter((t) => t.watts * HOB_EFFICIENCY[t.heat] >= needW)
    .sort((a, b) => a.watts - b.watts)[0];
  return fit ? [setFix('strongerHob', step.id, 'hob', fit.id)] : [];
}
