import {
  TURNS_OVER,
  dissolvingTimes,
  glucanPool,
  glucanVolume,
  isPasty,
  makeStep,
  SLIPPERY_FROM,
  WATERY_BELOW,
} from '../steps';
import type { Kind, Step } from '../steps';
import { massG, solidsG } from '../kitchen';
import { bodyAt, fig, freshId, madeBy, setFix, stepsOf } from './types';
import type { At, Check, Looked } from './types';

/** What a mend of slime aims at, x of the thickening law. */
const AIMS_AT_X = 0.9;

const hottest = (s: At<'grind'>): number => Math.max(s.f('startC'), s.f('endC'));
/** Grinds of flakes: starch and slime are decided in the jug. */
const flakeGrinds = (l: Looked): readonly At<'grind'>[] =>
  stepsOf(l, 'grind').filter((s) => s.f('gelFromC') > 0 && l.recipe.materials.some((m) => m.rinse !== null));

/** Water that gels the starch before it is ground. */
export const tooHotForStarch: Check = {
  id: 'tooHotForStarch',
  reason: 'Hot water swells the starch: beyond a weak milk it sets like yoghurt.',
  source: 'gelatinisation temperatures as published; swelling is an estimate',
  find: (l) =>
    flakeGrinds(l).flatMap((s) => {
      const b = bodyAt(l, madeBy(s, s.step.params.of));
      if (!b || s.f('startC') < s.f('gelFromC') || !isPasty(b)) return [];
      return [
        {
          check: 'tooHotForStarch',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { atC: fig(hottest(s), 'C'), fromC: fig(s.f('gelFromC'), 'C'), gPerL: fig(s.f('solidsPerL'), 'g') },
          fixes: [setFix('coolerWater', s.step.id, 'waterC', 15, { waterC: fig(15, 'C') })],
        },
      ];
    }),
};

/** A jug that warms past where starch gels. */
export const blendWarmsStarch: Check = {
  id: 'blendWarmsStarch',
  reason: 'A strong jug running long warms what is in it until starch begins to swell.',
  source: 'energy balance of the jug; gelatinisation temperatures as published',
  find: (l) =>
    flakeGrinds(l)
      .filter((s) => s.f('startC') < s.f('gelFromC') - 3 && s.f('endC') > s.f('gelFromC'))
      .map((s) => {
        const most = (0.85 * (s.f('gelFromC') - 5 - s.f('startC'))) / (s.f('endC') - s.f('startC'));
        const now = s.step.params.durationS;
        const to = Math.max(10, Math.floor((now * most) / 5) * 5);
        return {
          check: 'blendWarmsStarch',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { endC: fig(s.f('endC'), 'C'), fromC: fig(s.f('gelFromC'), 'C') },
          fixes: [setFix('grindShorter', s.step.id, 'durationS', to, { toS: fig(to, 's') })],
        };
      }),
};

/** Slippery fibre that thickens three times or more. */
export const tooSlimy: Check = {
  id: 'tooSlimy',
  reason: 'The slippery fibre dissolves while the blades run: longer, warmer and stronger make slime.',
  source: 'an estimate; the directions are common practice',
  find: (l) =>
    flakeGrinds(l).flatMap((s) => {
      const b = bodyAt(l, madeBy(s, s.step.params.of));
      if (!b || b.glucan < SLIPPERY_FROM.slimy) return [];
      const now = s.step.params.durationS;
      const x = glucanVolume(Math.min(b.glucan, 300));
      const u = Math.min(0.97, s.f('glucanShare') / glucanPool(s.f('endC')));
      const part = dissolvingTimes(u, (u * AIMS_AT_X) / x);
      const to = Math.floor((now * part * 0.8) / 5) * 5;
      return [
        {
          check: 'tooSlimy',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { times: fig(b.glucan, 'times'), nowS: fig(now, 's'), endC: fig(s.f('endC'), 'C') },
          fixes: to >= 10 ? [setFix('grindShorter', s.step.id, 'durationS', to, { toS: fig(to, 's') })] : [],
        },
      ];
    }),
};
/** Soaked flakes ground in their own slime. */
export const soakedNotRinsed: Check = {
  id: 'soakedNotRinsed',
  reason: 'Soaking brings the slime out. Kept in the jug it is the worst of both; rinsed away it is gone.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'soak')
      .filter((s) => s.f('flakes') > 0 && s.step.params.waterG > 0 && !drainedAfter(l, s.step))
      .map((s) => {
        const grind = l.recipe.steps.find((x): x is Step<'grind'> => x.kind === 'grind');
        const drain = makeStep(freshId(l, 'drain'), 'drain', { of: s.step.params.of, rinses: 3 });
        const after = lastOfRest(l, s.step);
        return {
          check: 'soakedNotRinsed',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { soakS: fig(s.f('soakS'), 's') },
          fixes: [
            {
              say: 'rinseThree',
              figures: {},
              edits: [
                { do: 'insert' as const, after, step: drain },
                ...(grind
                  ? [
                      {
                        do: 'set' as const,
                        step: grind.id,
                        param: 'waterG',
                        value: grind.params.waterG + s.step.params.waterG,
                      },
                    ]
                  : []),
              ],
            },
          ],
        };
      }),
};
const restKinds: readonly Kind[] = ['soak', 'enzyme', 'sort'];
/** The last step of the same rest: an enzyme rest goes on in the soaking water. */
function lastOfRest(l: Looked, soak: Step<'soak'>): string {
  const steps = l.recipe.steps;
  let i = steps.findIndex((s) => s.id === soak.id);
  while (i + 1 < steps.length && restKinds.includes((steps[i + 1] as Step).kind)) i += 1;
  return (steps[i] as Step).id;
}
function drainedAfter(l: Looked, soak: Step<'soak'>): boolean {
  const last = lastOfRest(l, soak);
  const next = l.recipe.steps[l.recipe.steps.findIndex((s) => s.id === last) + 1];
  return next?.kind === 'drain';
}

/** Flakes measured by the cup where their starch sets: a tenth more or less is told. */
export const cupTooCoarse: Check = {
  id: 'cupTooCoarse',
  reason: 'A cup of flakes varies by a tenth; hot, a tenth more sets and a tenth less is watery.',
  source: 'common practice',
  find: (l) =>
    flakeGrinds(l)
      .filter((s) => hottest(s) > s.f('gelFromC'))
      .map((s) => ({
        check: 'cupTooCoarse',
        step: s.step.id,
        weight: 'know' as const,
        figures: { gPerL: fig(s.f('solidsPerL'), 'g') },
        fixes: [],
      })),
};

/** Under 2.8 % of solids. */
export const watery: Check = {
  id: 'watery',
  reason: 'Under about three per cent of solids a milk tastes of water.',
  source: 'common practice',
  find: (l) => {
    const last = stepsOf(l, 'strain').at(-1);
    const s = last ? l.outcome.products[last.step.params.into] : undefined;
    const grind = stepsOf(l, 'grind').at(-1);
    if (!s || !last || !grind || massG(s) <= 0) return [];
    const share = solidsG(s) / massG(s);
    if (share >= WATERY_BELOW || share <= 0) return [];
    const now = grind.step.params.waterG;
    const to = Math.floor((now * (share / (WATERY_BELOW * 1.2))) / 10) * 10;
    // With less the jug would not turn over: that is no mend.
    const turns = now > 0 && (grind.f('waterToPieces') * to) / now >= TURNS_OVER;
    return [
      {
        check: 'watery',
        step: grind.step.id,
        weight: 'mend',
        figures: { solids: fig(share, 'share'), least: fig(WATERY_BELOW, 'share') },
        fixes: to >= 50 && turns ? [setFix('lessWater', grind.step.id, 'waterG', to, { toG: fig(to, 'g') })] : [],
      },
    ];
  },
};

/** Starch that turns pasty in the pot. */
export const thickensInThePot: Check = {
  id: 'thickensInThePot',
  reason: 'Its starch swells as it warms; past this it is a pudding.',
  source: 'gelatinisation temperatures as published; swelling is an estimate',
  find: (l) =>
    stepsOf(l, 'heat', 'boil').flatMap((s) => {
      const b = bodyAt(l, madeBy(s, s.step.params.of));
      if (!b || !isPasty(b)) return [];
      const fixes = s.step.kind === 'heat' ? [setFix('heatLess', s.step.id, 'toC', 55, { toC: fig(55, 'C') })] : [];
      return [
        {
          check: 'thickensInThePot',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { atC: fig(s.f('endC') || s.f('boilingC'), 'C') },
          fixes,
        },
      ];
    }),
};
