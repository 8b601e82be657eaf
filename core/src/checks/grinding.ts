import { highestOf, HOT_JUG_C, openingTimes } from '../steps';
import { fig, setFix, stepsOf } from './types';
import type { At, Check, Looked } from './types';

/** A load above what the jug may hold, foaming or hot. */
export const jugOverfull: Check = {
  id: 'jugOverfull',
  reason: 'A foaming or hot jug lifts its lid; the smallest limit that applies is the one that counts.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'grind')
      .filter((s) => s.f('loadMl') > s.f('jugHoldsMl') + 0.5)
      .map((s) => {
        const loads = s.f('loadsNeeded');
        return {
          check: 'jugOverfull',
          step: s.step.id,
          weight: 'danger' as const,
          figures: {
            loadMl: fig(s.f('loadMl'), 'ml'),
            holdsMl: fig(s.f('jugHoldsMl'), 'ml'),
            ratedMl: fig(s.f('jugRatedMl'), 'ml'),
            foams: fig(s.f('foams'), 'count'),
          },
          fixes:
            loads <= 12
              ? [
                  setFix('moreLoads', s.step.id, 'loads', loads, {
                    loads: fig(loads, 'count'),
                    eachMl: fig((s.f('loadMl') * s.step.params.loads) / loads, 'ml'),
                  }),
                ]
              : [],
        };
      }),
};

/** Hot liquid in a jug that cannot vent. */
export const hotInSealedJug: Check = {
  id: 'hotInSealedJug',
  reason: 'Hot liquid in a sealed cup builds pressure and bursts out.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'grind')
      .filter((s) => s.f('sealed') === 1 && Math.max(s.f('startC'), s.f('endC')) > HOT_JUG_C)
      .map((s) => ({
        check: 'hotInSealedJug',
        step: s.step.id,
        weight: 'danger' as const,
        figures: { endC: fig(Math.max(s.f('startC'), s.f('endC')), 'C') },
        fixes:
          s.f('startC') > HOT_JUG_C ? [setFix('coolerWater', s.step.id, 'waterC', 30, { waterC: fig(30, 'C') })] : [],
      })),
};

/** Above 60 °C in a jug: half full at most. */
export const hotInJug: Check = {
  id: 'hotInJug',
  reason: 'Hot liquid blows the lid: vent open, half full, a folded towel over it.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'grind')
      .filter((s) => s.f('sealed') === 0 && s.f('startC') > HOT_JUG_C)
      .map((s) => ({
        check: 'hotInJug',
        step: s.step.id,
        weight: 'know' as const,
        figures: { startC: fig(s.f('startC'), 'C'), holdsMl: fig(s.f('jugHoldsMl'), 'ml') },
        fixes: [],
      })),
};

/** Less water than a closed jug turns over. */
export const tooThick: Check = {
  id: 'tooThick',
  reason: 'With too little water the pieces ride above the blades.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'grind')
      .filter((s) => s.f('waterWantedG') > 1)
      .map((s) => {
        const more = Math.ceil(s.f('waterWantedG') / 10) * 10;
        const now = s.step.params.waterG;
        return {
          check: 'tooThick',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { moreG: fig(more, 'g') },
          fixes: [setFix('moreWater', s.step.id, 'waterG', now + more, { moreG: fig(more, 'g') })],
        };
      }),
};

/** Below this opened share much is left in pieces (estimate). */
const OPENED_ENOUGH = 0.75;
const OPENED_WELL = 0.85;
/** Less than this is not ground at all. */
const HARDLY_OPENED = 1e-6;
/** The jug runs again before anything is strained: the last of them counts. */
function groundAgain(l: Looked, s: At<'grind'>): boolean {
  const { of } = s.step.params;
  const next = l.recipe.steps
    .slice(s.place + 1)
    .find((x) => ['grind', 'strain'].includes(x.kind) && 'of' in x.params && x.params.of === of);
  return next?.kind === 'grind';
}
/** Under three quarters of the cells opened. */
export const groundTooLittle: Check = {
  id: 'groundTooLittle',
  reason: 'Cells that stay shut keep their milk: the pulp is wet and rich, the milk thin.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'grind')
      .filter((s) => s.f('openedShare') > HARDLY_OPENED && s.f('openedShare') < OPENED_ENOUGH && !groundAgain(l, s))
      .map((s) => {
        const now = s.step.params.durationS;
        const ratio = openingTimes(Math.min(OPENED_ENOUGH, s.f('openedShare')), OPENED_WELL);
        const need = Math.ceil((now * ratio) / 5) * 5;
        return {
          check: 'groundTooLittle',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { openedShare: fig(s.f('openedShare'), 'share'), nowS: fig(now, 's') },
          fixes:
            need <= highestOf('grind', 'durationS')
              ? [setFix('grindLonger', s.step.id, 'durationS', need, { needS: fig(need, 's') })]
              : [],
        };
      }),
};

/** Whole pieces in the cloth. */
export const notGround: Check = {
  id: 'notGround',
  reason: 'Whole pieces give nothing to the cloth.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'strain')
      .filter((s) => s.f('openedShare') <= HARDLY_OPENED && s.f('pulpG') > 0)
      .map((s) => ({ check: 'notGround', step: s.step.id, weight: 'danger' as const, figures: {}, fixes: [] })),
};

/** A wash that brings less than half a per cent of solids. */
export const passesThatBringNothing: Check = {
  id: 'emptyPass',
  reason: 'A pass pays while its milk still carries something.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'wash')
      .filter((s) => s.f('milkSolids') < 0.005 && s.f('milkG') > 0)
      .map((s) => ({
        check: 'emptyPass',
        step: s.step.id,
        weight: 'know' as const,
        figures: { solids: fig(s.f('milkSolids'), 'share'), milkG: fig(s.f('milkG'), 'g') },
        fixes: [{ say: 'leaveOut', figures: {}, edits: [{ do: 'remove' as const, step: s.step.id }] }],
      })),
};

/** Hard pieces that have drunk less than this of what they can hold grind as dry ones do, 0..1 (models §3; estimate). */
const SOAKED_FROM = 0.5;
/** Beans, almonds, tiger nuts or raw grain ground without a soak. */
export const groundDry: Check = {
  id: 'groundDry',
  reason: 'Dry pieces take about three times as much grinding as soaked ones, so less comes out of them.',
  source: 'Pan & Tangratanavalee 2003 (three to five times, from memory); how it goes with the soak is an estimate',
  find: (l) =>
    stepsOf(l, 'grind')
      .filter((s) => (s.stage.figures.uptakeShare ?? 1) < SOAKED_FROM && !groundBefore(l, s))
      .map((s) => ({
        check: 'groundDry',
        step: s.step.id,
        weight: 'know' as const,
        figures: { uptakeShare: fig(s.f('uptakeShare'), 'share'), openedShare: fig(s.f('openedShare'), 'share') },
        fixes: [],
      })),
};
const groundBefore = (l: Looked, s: At<'grind'>): boolean =>
  l.recipe.steps.slice(0, s.place).some((x) => x.kind === 'grind' && x.params.of === s.step.params.of);
