import { refusalOf } from '../materials';
import { COLD_C, contextOf, highestOf, keepBy, OUT_OF_COLD, streamBefore } from '../steps';
import { HOUR_S } from '../units';
import { fig, madeBy, setFix, stepsOf } from './types';
import type { Check } from './types';

/** Honey, which infants may not have. */
export const honey: Check = {
  id: 'honey',
  reason: 'Honey can carry spores that make infants ill.',
  source: 'common practice; ask a doctor',
  find: (l) =>
    stepsOf(l, 'finish')
      .filter((s) => s.f('honey') === 1)
      .map((s) => ({ check: 'honey', step: s.step.id, weight: 'know' as const, figures: {}, fixes: [] })),
};

/** A raw syrup stirred in after the boil. */
export const syrupAfterBoil: Check = {
  id: 'syrupAfterBoil',
  reason: 'Syrup, cocoa and spoons bring germs back after the heat, and raw syrup can curdle hot soy.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'finish')
      .filter((s) => s.f('rawSyrup') === 1)
      .map((s) => ({ check: 'syrupAfterBoil', step: s.step.id, weight: 'know' as const, figures: {}, fixes: [] })),
};

/** Cocoa with less than one and a half times its weight of water to slake it. */
export const cocoaDry: Check = {
  id: 'cocoaDry',
  reason: 'Dry cocoa floats and clots: it wants hot water first.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'finish')
      .filter((s) => s.step.params.cocoaG > 0 && s.step.params.slakeG < 1.5 * s.step.params.cocoaG)
      .map((s) => {
        const to = Math.ceil((3 * s.step.params.cocoaG) / 5) * 5;
        return {
          check: 'cocoaDry',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { cocoaG: fig(s.step.params.cocoaG, 'g') },
          fixes: [setFix('slake', s.step.id, 'slakeG', to, { toG: fig(to, 'g') })],
        };
      }),
};

/** A glass jar in the freezer. */
export const glassFreezes: Check = {
  id: 'glassFreezes',
  reason: 'Milk grows by a tenth as it freezes; glass cracks.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'freeze')
      .filter((s) => s.f('glass') === 1)
      .map((s) => {
        const other = l.kit.things.find((t) => t.is === 'jar' && !t.glass);
        return {
          check: 'glassFreezes',
          step: s.step.id,
          weight: 'danger' as const,
          figures: {},
          fixes: other ? [setFix('otherBox', s.step.id, 'box', other.id)] : [],
        };
      }),
};

/** A box fuller than ice leaves room for. */
export const freezerTooFull: Check = {
  id: 'freezerTooFull',
  reason: 'Ice takes more room than water.',
  source: 'density of ice against water, 0.0905 more volume',
  find: (l) =>
    stepsOf(l, 'freeze')
      .filter((s) => s.f('fillShare') > s.f('fillLimit') + 1e-6)
      .map((s) => {
        const to = Math.floor(s.f('fillLimit') * 100) / 100;
        return {
          check: 'freezerTooFull',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { fill: fig(s.f('fillShare'), 'share'), limit: fig(s.f('fillLimit'), 'share') },
          fixes: [setFix('fillLess', s.step.id, 'fill', to, { to: fig(to, 'share') })],
        };
      }),
};

const outMostS = (c: number): number => (c > OUT_OF_COLD.hotRoomC ? OUT_OF_COLD.hotAtMostS : OUT_OF_COLD.atMostS);

/** Above 5 °C for more than two hours, one above 32 °C. */
export const keptWarm: Check = {
  id: 'keptWarm',
  reason: 'Out of the cold two hours, one above 32 °C. Never two days on the counter, whatever some say.',
  source: 'USDA: the two-hour rule',
  find: (l) =>
    stepsOf(l, 'keep')
      .filter((s) => s.step.params.placeC > COLD_C && s.step.params.durationS > outMostS(s.step.params.placeC))
      .map((s) => ({
        check: 'keptWarm',
        step: s.step.id,
        weight: 'danger' as const,
        figures: {
          placeC: fig(s.step.params.placeC, 'C'),
          forS: fig(s.step.params.durationS, 's'),
          mostS: fig(outMostS(s.step.params.placeC), 's'),
        },
        fixes: [
          setFix('keepCold', s.step.id, 'placeC', Math.min(4, l.kit.fridgeC), {
            placeC: fig(Math.min(4, l.kit.fridgeC), 'C'),
          }),
        ],
      })),
};

/** Longer than its time and temperature, or its cap, allow. */
export const keptTooLong: Check = {
  id: 'keptTooLong',
  reason: 'The lower of what time and temperature leave it and the cap of common practice.',
  source: 'square-root law (Ratkowsky et al. 1982); FDA Food Code 3-501.17: seven days at most',
  find: (l) =>
    stepsOf(l, 'keep').flatMap((s) => {
      const before = streamBefore(l.outcome, s.place, s.step.params.of);
      if (!before || s.step.params.placeC > COLD_C) return [];
      const ctx = contextOf({ kit: l.kit, beliefs: l.outcome.beliefs }, l.recipe.materials);
      const by = keepBy(before, s.step.params.placeC, s.step.params.jar, ctx);
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

/** More than twelve hours to dry. */
export const driesTooSlowly: Check = {
  id: 'driesTooSlowly',
  reason: 'Thick or cool, pulp moulds before it is dry.',
  source: 'McCabe & Smith; Geankoplis: drying in two periods; heat transfer is an estimate',
  find: (l) =>
    stepsOf(l, 'dry')
      .filter((s) => s.f('dryS') > 12 * HOUR_S)
      .map((s) => ({
        check: 'driesTooSlowly',
        step: s.step.id,
        weight: 'mend' as const,
        figures: { dryS: fig(s.f('dryS'), 's') },
        fixes: [
          {
            say: 'dryThin',
            figures: { toC: fig(95, 'C') },
            edits: [
              { do: 'set' as const, step: s.step.id, param: 'layerCm', value: 0.8 },
              { do: 'set' as const, step: s.step.id, param: 'ovenC', value: 95 },
            ],
          },
        ],
      })),
};

/** Raw bean pulp dried without a boil. */
export const driedRaw: Check = {
  id: 'driedRaw',
  reason: 'Drying is not cooking: raw soy pulp must boil first.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'dry')
      .filter((s) => s.f('rawPulp') === 1)
      .map((s) => ({
        check: 'driedRaw',
        step: s.step.id,
        weight: 'danger' as const,
        figures: {},
        fixes: [{ say: 'leaveOut', figures: {}, edits: [{ do: 'remove' as const, step: s.step.id }] }],
      })),
};

/** A temperature above the local boiling point. */
export const cannotReach: Check = {
  id: 'cannotReach',
  reason: 'Water boils cooler up here: nothing in the pot gets hotter than that.',
  source: 'ICAO standard atmosphere; Antoine equation',
  find: (l) =>
    stepsOf(l, 'heat')
      .filter((s) => s.step.params.toC > s.f('boilingC') + 0.05)
      .map((s) => {
        const to = Math.floor(s.f('boilingC'));
        return {
          check: 'cannotReach',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { toC: fig(s.step.params.toC, 'C'), boilingC: fig(s.f('boilingC'), 'C') },
          fixes: [setFix('heatLess', s.step.id, 'toC', to, { toC: fig(to, 'C') })],
        };
      }),
};

/** Rice milk as the drink of a small child: arsenic. */
export const underFive: Check = {
  id: 'underFive',
  reason: 'Rice takes up arsenic.',
  source: 'common practice of food authorities; ask a doctor or dietitian',
  find: (l) =>
    l.recipe.materials.some((m) => m.milk.startsWith('rice'))
      ? [{ check: 'underFive', step: null, weight: 'know', figures: {}, fixes: [] }]
      : [],
};

/** Foods that are refused: they poison when they are only soaked and pressed. */
export const refused: Check = {
  id: 'refused',
  reason: 'Some plants poison when they are only soaked and pressed.',
  source: 'common practice; ask your food authority',
  find: (l) =>
    l.recipe.materials.flatMap((m) => {
      const why = refusalOf(m.name);
      return why ? [{ check: `refused:${why}`, step: null, weight: 'danger' as const, figures: {}, fixes: [] }] : [];
    }),
};

/** A whole coconut to be opened, or grated: hands. */
export const openingNut: Check = {
  id: 'openingNut',
  reason: 'Blades slip on a round shell; a grater takes skin.',
  source: 'common practice',
  find: (l) =>
    l.recipe.larder.some((x) => x.material === 'coconut-fresh' || x.material === 'coconut-grated')
      ? [{ check: 'openingNut', step: null, weight: 'know', figures: {}, fixes: [] }]
      : [],
};

/** Less than two minutes at 70 °C, or their like. */
export const pasteurisedShort: Check = {
  id: 'pasteurisedShort',
  reason: 'Two minutes at 70 °C, or the same in heat, end what spoils it first; less only warms it.',
  source: 'F70 with z 7.5 °C; two minutes: common practice of food authorities',
  find: (l) =>
    stepsOf(l, 'heat')
      .filter((s) => s.step.params.toC >= 65 && madeBy(s, s.step.params.of)?.hygiene === 'raw')
      .map((s) => {
        const c = s.f('endC');
        const need =
          Math.ceil(
            ((s.f('f70Need') - Math.min(s.f('f70Need'), s.f('f70Min'))) * 60) / 10 ** ((c - 70) / 7.5) / 30 + 1,
          ) * 30;
        const to = s.step.params.holdS + need;
        return {
          check: 'pasteurisedShort',
          step: s.step.id,
          weight: 'mend' as const,
          figures: { atC: fig(c, 'C'), holdS: fig(s.step.params.holdS, 's') },
          fixes:
            to <= highestOf('heat', 'holdS')
              ? [setFix('holdLonger', s.step.id, 'holdS', to, { needS: fig(to, 's') })]
              : [],
        };
      }),
};
