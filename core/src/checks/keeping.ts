import { isPulp, hasFood, inhibitorLeftOf } from '../kitchen';
import { isBoiledEnough, makeStep, pulpBoilS, streamBefore, TOUCHED_CAP_DAYS } from '../steps';
import { allergensIn } from '../materials';
import type { Stream } from '../kitchen';
import { fig, freshId, insertFix, mustBoil, setFix, stepsOf } from './types';
import type { At, Check, Fix, Looked } from './types';

const RISK_C = 40;

const isSafe = (s: Stream | undefined): boolean => s?.hygiene === 'heated' || s?.hygiene === 'boiled';
/** It goes into what the heat had made safe, now or from where it was set aside. */
function meetsTheBoiled(l: Looked, s: At<'pour'>): boolean {
  const { into } = s.step.params;
  const had = streamBefore(l.outcome, s.place, into);
  if (had) return isSafe(had);
  return stepsOf(l, 'pool').some(
    (x) =>
      x.place > s.place && x.step.params.of === into && isSafe(streamBefore(l.outcome, x.place, x.step.params.into)),
  );
}

/** Unboiled water, a cloth, hands or an unscalded jar after the boil. */
export const touchedAfter: Check = {
  id: 'touchedAfter',
  reason: 'Water, cloths and jars bring germs back after the boil; it keeps shorter.',
  source: 'common practice',
  find: (l) => [
    ...stepsOf(l, 'pour')
      .filter((s) => !s.step.params.boiled && s.step.params.amountG > 0 && meetsTheBoiled(l, s))
      .map((s) => ({
        check: 'touchedAfter',
        step: s.step.id,
        weight: 'mend' as const,
        figures: { capD: fig(TOUCHED_CAP_DAYS, 'count') },
        fixes: [setFix('boilTheWater', s.step.id, 'boiled', true)],
      })),
    ...stepsOf(l, 'jar')
      .filter((s) => !s.step.params.scalded)
      .map((s) => ({
        check: 'touchedAfter',
        step: s.step.id,
        weight: 'mend' as const,
        figures: { capD: fig(TOUCHED_CAP_DAYS, 'count') },
        fixes: [setFix('scaldTheJars', s.step.id, 'scalded', true)],
      })),
    // A school that strains what has boiled does so on purpose: it is told once, and is no fault.
    ...stepsOf(l, 'strain', 'wash', 'knead')
      .filter((s) => {
        const was = streamBefore(l.outcome, s.place, s.step.params.of)?.hygiene;
        return (was === 'heated' || was === 'boiled') && s.stage.writes.some(([n, made]) => made && endsTouched(l, n));
      })
      .slice(0, 1)
      .map((s) => ({
        check: 'touchedAfter',
        step: s.step.id,
        weight: 'know' as const,
        figures: { capD: fig(TOUCHED_CAP_DAYS, 'count'), byHand: fig(1, 'count') },
        fixes: [],
      })),
  ],
};

/** It boiled, and is touched at the end. */
const endsTouched = (l: Looked, stream: string): boolean => {
  const s = l.outcome.products[stream];
  return s?.hygiene === 'touched' && s.boilS > 0;
};

/** Closed above 40 °C. */
export const hotJar: Check = {
  id: 'hotJar',
  reason: 'A sealed hot jar is not canned. It cools too slowly in the fridge and must never stay at room temperature.',
  source: 'common practice; FDA Food Code 3-501.14',
  find: (l) =>
    stepsOf(l, 'jar').flatMap((s) => {
      const filled = s.stage.writes.find(([n]) => n === s.step.params.of)?.[1];
      if (!filled || filled.temperatureC <= RISK_C) return [];
      return [
        {
          check: 'hotJar',
          step: s.step.id,
          weight: 'danger' as const,
          figures: { filledC: fig(filled.temperatureC, 'C'), glass: fig(s.f('glass'), 'count') },
          fixes: coolFix(l, s.step.params.of, s.step.id),
        },
      ];
    }),
};
function coolFix(l: Looked, stream: string, jar: string): readonly Fix[] {
  const cool = stepsOf(l, 'cool')
    .filter((s) => s.step.params.of === stream)
    .at(-1);
  return cool
    ? [
        {
          say: 'coolTo',
          figures: { toC: fig(10, 'C') },
          edits: [
            { do: 'set' as const, step: cool.step.id, param: 'how', value: 'waterIce' },
            { do: 'set' as const, step: cool.step.id, param: 'toC', value: 10 },
          ],
        },
      ]
    : [
        insertFix(
          'coolFirst',
          l.recipe.steps[l.recipe.steps.findIndex((x) => x.id === jar) - 1]?.id ?? null,
          makeStep(freshId(l, 'coolFirst'), 'cool', { of: stream, how: 'waterIce', toC: 7 }),
        ),
      ];
}

const pulps = (l: Looked): readonly (readonly [string, Stream])[] =>
  Object.entries(l.outcome.products).filter(([, s]) => hasFood(s) && s.openedShare > 0 && isPulp(s));

/** Raw bean pulp that is to be eaten. */
export const rawPulp: Check = {
  id: 'rawPulp',
  reason: 'Pulp strained off before the boil is raw; drying is not cooking.',
  source: 'common practice',
  find: (l) =>
    pulps(l)
      .filter(([, s]) => inhibitorLeftOf(s) !== null && !isBoiledEnough(s))
      .map(([name]) => ({
        check: 'rawPulp',
        step: l.recipe.steps.find((s) => s.kind === 'strain' && s.params.pulp === name)?.id ?? null,
        weight: 'know' as const,
        figures: { boilS: fig(Math.ceil(pulpBoilS(l.kit.altitudeM) / 60) * 60, 's') },
        fixes: [],
      })),
};

/** What may not be tasted before its boil. */
export const rawUntilBoiled: Check = {
  id: 'rawUntilBoiled',
  reason: 'Raw soy milk and raw pulp upset the stomach: do not taste them before the hold is done.',
  source: 'common practice',
  find: (l) =>
    mustBoil(l)
      ? [
          {
            check: 'rawUntilBoiled',
            step: stepsOf(l, 'grind')[0]?.step.id ?? null,
            weight: 'know',
            figures: {},
            fixes: [],
          },
        ]
      : [],
};

/** What of the law’s list is in it. */
export const allergens: Check = {
  id: 'allergens',
  reason: 'One jug for several milks carries traces.',
  source: 'common practice',
  find: (l) => {
    const { contains, mayHoldGluten, unstated } = allergensIn(l.recipe.materials);
    const found = (check: string, weight: 'know' | 'mend') => ({ check, step: null, weight, figures: {}, fixes: [] });
    return [
      ...contains.map((a) => found(`allergen:${a}`, 'know')),
      ...(mayHoldGluten ? [found('mayHoldGluten', 'know')] : []),
      ...unstated.map((name) => found(`unstatedAllergens:${name}`, 'mend')),
    ];
  },
};

/** No plant milk takes the place of infant milk. */
export const infants: Check = {
  id: 'infants',
  reason: 'Home milk is not fortified and is no substitute for breast milk or infant formula.',
  source: 'common practice; ask a doctor or dietitian',
  find: () => [{ check: 'infants', step: null, weight: 'know', figures: {}, fixes: [] }],
};
