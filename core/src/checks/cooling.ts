import { coolingNow, COOLING_LIMITS, coolingWays, coldInTime, endsInJar, furtherC } from '../steps';
import { fig, setFix, stepsOf } from './types';
import type { At, Check, Fix, Looked } from './types';

const here = (l: Looked) => ({ kit: l.kit, beliefs: l.outcome.beliefs });

/** A temperature aimed at that the place cannot reach. */
export const neverCools: Check = {
  id: 'neverCools',
  reason: 'Nothing cools below what stands around it.',
  source: 'Newton’s law of cooling',
  find: (l) =>
    stepsOf(l, 'cool')
      .filter((s) => s.f('never') === 1 && s.stage.figures.iceGoneC === undefined)
      .map((s) => {
        const to = Math.ceil(s.f('aroundC') + 4);
        return {
          check: 'neverCools',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { aroundC: fig(s.f('aroundC'), 'C') },
          fixes: [setFix('coolTo', s.step.id, 'toC', to, { toC: fig(to, 'C') })],
        };
      }),
};

/** Ice that was named and is gone before the end. */
export const iceTooLittle: Check = {
  id: 'iceTooLittle',
  reason: 'Ice takes up so much heat and no more; then milk and bath come together.',
  source: 'heat balance; ice 334 kJ/kg',
  find: (l) =>
    stepsOf(l, 'cool')
      .filter((s) => s.f('never') === 1 && s.stage.figures.iceGoneC !== undefined)
      .map((s) => ({
        check: 'iceTooLittle',
        step: s.step.id,
        weight: 'mend' as const,
        figures: { hasG: fig(s.step.params.iceG, 'g'), goneC: fig(s.f('iceGoneC'), 'C'), needG: fig(s.f('iceG'), 'g') },
        fixes: [
          setFix('moreIce', s.step.id, 'iceG', Math.ceil(s.f('iceG') / 50) * 50, { needG: fig(s.f('iceG'), 'g') }),
        ],
      })),
};

/** The first way, least trouble first, that brings it down in time. */
function inTime(l: Looked, s: At<'cool'>): readonly Fix[] {
  const found = coolingWays(l.recipe, l.outcome, here(l), s.step).find(
    (w) => w.inTime && !w.hotGlass && !w.own && w.fridge === null,
  );
  return found
    ? [{ say: `coolBy.${found.how}.${found.vessel}`, figures: { takesS: fig(found.takesS, 's') }, edits: found.edits }]
    : [];
}
/** Over two hours from 57 to 21 °C, or six to 5 °C. */
export const coolsTooSlowly: Check = {
  id: 'coolsTooSlowly',
  reason: 'From 57 to 21 °C within two hours, to 5 °C within six: between them germs multiply fastest.',
  source: 'FDA Food Code 3-501.14',
  find: (l) =>
    stepsOf(l, 'cool')
      .filter((s) => s.f('above21S') > COOLING_LIMITS.midS || s.f('above5S') > COOLING_LIMITS.endS)
      .map((s) => ({
        check: 'coolsTooSlowly',
        step: s.step.id,
        weight: 'danger' as const,
        figures: { above21S: fig(s.f('above21S'), 's'), above5S: fig(s.f('above5S'), 's') },
        fixes: inTime(l, s),
      })),
};

/** The step is quick enough, but what follows in the fridge is not. */
export const coldTooLate: Check = {
  id: 'coldTooLate',
  reason: 'The two stages end at 5 °C, wherever it is by then: a full jar in the fridge is slow.',
  source: 'FDA Food Code 3-501.14',
  find: (l) =>
    stepsOf(l, 'cool').flatMap((s) => {
      if (s.f('above21S') > COOLING_LIMITS.midS || s.f('above5S') > COOLING_LIMITS.endS || s.f('never') === 1)
        return [];
      if (!endsInJar(l.recipe, s.step)) return [];
      const way = coolingNow(l.recipe, l.outcome, here(l), s.step);
      if (!way || way.to21S === null || way.to5S === null || coldInTime(way, l.kit.fridgeC)) return [];
      return [
        {
          check: 'coldTooLate',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { to21S: fig(way.to21S, 's'), to5S: fig(way.to5S, 's'), endC: fig(s.f('endC'), 'C') },
          fixes: [...further(l, s), ...inTime(l, s)].slice(0, 1),
        },
      ];
    }),
};
/** As it is done, but further down before it is jarred. */
function further(l: Looked, s: At<'cool'>): readonly Fix[] {
  const to = furtherC(l.recipe, l.outcome, here(l), s.step);
  return to === null ? [] : [setFix('coolTo', s.step.id, 'toC', to, { toC: fig(to, 'C') })];
}

/** Hot glass in cold water. */
export const hotGlass: Check = {
  id: 'hotGlass',
  reason: 'Glass that is hot on one side and cold on the other cracks.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'cool')
      .filter((s) => s.f('hotGlass') === 1)
      .map((s) => ({
        check: 'hotGlass',
        step: s.step.id,
        weight: 'danger' as const,
        figures: { fromC: fig(s.f('fromC'), 'C') },
        fixes: [setFix('inThePot', s.step.id, 'vessel', 'pot')],
      })),
};

/** What stands in a fridge gets warmer than this before it matters, °C (an estimate beside the limit of 5 °C). */
const WARMED_C = 7;
/** A warm load warms its neighbours. */
export const warmsFridge: Check = {
  id: 'warmsFridge',
  reason: 'A household fridge takes away some forty watts; what is more than that goes into what stands beside it.',
  source: 'heat balance; the fridge an estimate',
  find: (l) =>
    stepsOf(l, 'cool')
      .filter((s) => s.f('fridgePeakC') > WARMED_C)
      .map((s) => ({
        check: 'warmsFridge',
        step: s.step.id,
        weight: 'mend' as const,
        figures: {
          fromC: fig(s.f('fromC'), 'C'),
          peakC: fig(s.f('fridgePeakC'), 'C'),
          backS: fig(s.f('fridgeBackS'), 's'),
        },
        fixes: [setFix('waterIce', s.step.id, 'how', 'waterIce')],
      })),
};
