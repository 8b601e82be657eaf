import { isPulp, massG } from '../kitchen';
import type { Stream } from '../kitchen';
import { fatShare, FELT_FROM_UM, gritThrough, makeStep, passesBelowUm, splitsAtBoil, WORDS_FROM } from '../steps';
import { HOUR_S } from '../units';
import { effectiveUm, fig, freshId, insertFix, madeBy, setFix, stepsOf } from './types';
import type { At, Check, Fix, Looked } from './types';

const isCoconut = (l: Looked): boolean => l.recipe.materials.some((m) => m.capBelowC !== null);
/** Long enough for a cap of fat to set, s (common practice). */
const A_NIGHT_S = 12 * HOUR_S;

/** A milk with over 15 % of fat that is boiled. */
export const richBoils: Check = {
  id: 'richBoils',
  reason: 'A first pressing is for finishing: at the boil its cream parts from its water.',
  source: 'common practice',
  find: (l) =>
    isCoconut(l)
      ? stepsOf(l, 'boil')
          .filter((s) => splitsAtBoil(madeBy(s, s.step.params.of), l.recipe.materials))
          .map((s) => ({
            check: 'richBoils',
            step: s.step.id,
            weight: 'mend' as const,
            figures: { fat: fig(fatShare(madeBy(s, s.step.params.of)), 'share') },
            fixes: [
              {
                say: 'heatInstead',
                figures: { toC: fig(75, 'C') },
                edits: [
                  {
                    do: 'insert' as const,
                    after: s.step.id,
                    step: makeStep(freshId(l, 'heat'), 'heat', { of: s.step.params.of, toC: 75, holdS: 120 }),
                  },
                  { do: 'remove' as const, step: s.step.id },
                ],
              },
            ],
          }))
      : [],
};

/** Worked below 28 °C: the fat stays in the pieces. */
export const coldFat: Check = {
  id: 'coldFat',
  reason: 'Cold water leaves more of the fat in the pulp.',
  source: 'common practice; the shares are estimates',
  find: (l) =>
    l.recipe.materials.some((m) => m.warmer.fat !== undefined)
      ? stepsOf(l, 'grind')
          .filter((s) => s.step.params.waterG > 0 && s.f('endC') < 28)
          .map((s) => ({
            check: 'coldFat',
            step: s.step.id,
            weight: 'know' as const,
            figures: { endC: fig(s.f('endC'), 'C') },
            fixes: [setFix('warmerWater', s.step.id, 'waterC', 50, { waterC: fig(50, 'C') })],
          }))
      : [],
};

/** Water above 60 °C that hands are to work in. */
export const handsScald: Check = {
  id: 'handsScald',
  reason: 'Water over 60 °C scalds within seconds.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'knead', 'wash')
      .filter((s) => s.step.params.waterG > 0 && s.step.params.waterC > 60 && mixedHot(madeBy(s, s.step.params.of)))
      .map((s) => ({
        check: 'handsScald',
        step: s.step.id,
        weight: 'danger' as const,
        figures: { atC: fig(s.step.params.waterC, 'C') },
        fixes: [setFix('coolerWater', s.step.id, 'waterC', 50, { waterC: fig(50, 'C') })],
      })),
};
const mixedHot = (s: Stream | undefined): boolean => (s?.temperatureC ?? 0) > 52;

/** Grit felt on the tongue, share of the milk's mass (estimate). */
const GRITTY = WORDS_FROM.grit.grainy;
const TOO_GRITTY = WORDS_FROM.grit.sandy;
/** Grit that comes through the cloth. */
export const meshTooOpen: Check = {
  id: 'meshTooOpen',
  reason: 'This mesh lets through what the tongue feels; it falls to the bottom as sediment.',
  source: 'Rosin & Rammler 1933; how much of a mesh counts is an estimate',
  find: (l) =>
    stepsOf(l, 'strain', 'wash')
      .filter((s) => s.f('gritShare') > GRITTY && !strainedAgain(l, s.step.params.into, s.step.id))
      .map((s) => ({
        check: 'meshTooOpen',
        step: s.step.id,
        weight: s.f('gritShare') > TOO_GRITTY ? ('mend' as const) : ('know' as const),
        figures: { grit: fig(s.f('gritShare'), 'share'), meshUm: fig(s.f('meshUm'), 'um') },
        fixes: finer(l, s),
      })),
};
const strainedAgain = (l: Looked, stream: string, after: string): boolean => {
  const i = l.recipe.steps.findIndex((s) => s.id === after);
  return l.recipe.steps.slice(i + 1).some((s) => s.kind === 'strain' && s.params.of === stream);
};
/** Through the coarsest strainer of the kitchen that passes too little for the tongue to feel. */
function finer(l: Looked, s: At<'strain' | 'wash'>): readonly Fix[] {
  const nowUm = s.f('meshUm');
  // Hard particles are felt when they are finer, and a finer mesh lets more of those through: the worse of the two counts.
  const left = (um: number): number =>
    Math.max(
      ...Object.values(FELT_FROM_UM).map((from) => {
        const through = (mesh: number): number => gritThrough(s.f('sizeUm'), passesBelowUm(mesh), from);
        return (s.f('gritShare') * through(um)) / Math.max(1e-12, through(nowUm));
      }),
    );
  const fit = l.kit.things
    .filter((t) => t.is === 'strainer')
    .map((t) => ({ id: t.id, um: effectiveUm(t) }))
    .filter((t) => t.um < nowUm && left(t.um) <= GRITTY)
    .sort((a, b) => b.um - a.um)[0];
  return fit ? [setFix('finerMesh', s.step.id, 'strainer', fit.id, { meshUm: fig(fit.um, 'um') })] : [];
}

/** A cap that will not lift: too warm, or too short. */
export const fatDoesNotSet: Check = {
  id: 'fatDoesNotSet',
  reason: 'Only coconut fat sets and floats, and only well below room temperature.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'lift')
      .filter((s) => s.f('never') === 1 || s.f('capG') <= 0)
      .map((s) => {
        const waits = s.f('setsBelowC') > 0 && s.f('never') === 1 && l.kit.fridgeC < s.f('setsBelowC') - 2;
        const fix = setFix('standLonger', s.step.id, 'standS', A_NIGHT_S, { standS: fig(A_NIGHT_S, 's') });
        return {
          check: 'fatDoesNotSet',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { endC: fig(s.f('endC'), 'C'), belowC: fig(s.f('setsBelowC'), 'C') },
          fixes: waits
            ? [fix]
            : [{ say: 'leaveOut', figures: {}, edits: [{ do: 'remove' as const, step: s.step.id }] }],
        };
      }),
};

/** A raw milk that nothing made safe. */
export const noKillStep: Check = {
  id: 'noKillStep',
  reason: 'Raw coconut and raw tiger nut grow what they carry: no heat ends it.',
  source: 'common practice',
  find: (l) => {
    const short = l.recipe.materials.some((m) => m.inhibitorLabileShare === null && m.keeps.raw.days <= 1);
    const raw = Object.entries(l.outcome.products).filter(
      ([, s]) => !isPulp(s) && s.hygiene === 'raw' && massG(s) > 0 && s.openedShare > 0 && s.freeWaterG > 0,
    );
    return short && raw.length > 0 ? [{ check: 'noKillStep', step: null, weight: 'know', figures: {}, fixes: [] }] : [];
  },
};

/** A raw milk jarred above 9 °C. */
export const warmJar: Check = {
  id: 'warmJar',
  reason:
    'Made from things at room temperature it must be at 5 °C within four hours; a full jar in the fridge is slower.',
  source: 'FDA Food Code 3-501.14 (B)',
  find: (l) =>
    stepsOf(l, 'jar').flatMap((s) => {
      const milk = madeBy(s, s.step.params.of);
      if (!milk || milk.hygiene !== 'raw' || milk.temperatureC <= 9 || milk.temperatureC > 40) return [];
      const before = l.recipe.steps[l.recipe.steps.findIndex((x) => x.id === s.step.id) - 1]?.id ?? null;
      const step = makeStep(freshId(l, 'coolFirst'), 'cool', { of: s.step.params.of, how: 'waterIce', toC: 7 });
      return [
        {
          check: 'warmJar',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { filledC: fig(milk.temperatureC, 'C') },
          fixes: [insertFix('coolFirst', before, step)],
        },
      ];
    }),
};
