import { thingOf } from '../kitchen';
import { behaviourOf, refusalOf } from '../materials';
import { foodLines, FREEZING_POINT_C, highestOf, streamBefore } from '../steps';
import { HOUR_S } from '../units';
import type { Kind, Step } from '../steps';
import { arrivesFrozen, fig, madeBy, setFix, stepsOf } from './types';
import type { Check } from './types';

/** Honey, which infants may not have. */
export const honey: Check = {
  id: 'honey',
  reason: 'Honey can carry spores that make infants ill.',
  source: 'common practice; ask a doctor',
  find: (l) =>
    stepsOf(l, 'add')
      .filter((s) => s.step.params.food === 'honey' && s.step.params.amountG > 0)
      .map((s) => ({ check: 'honey', step: s.step.id, weight: 'know' as const, figures: {}, fixes: [] })),
};

/** A raw syrup stirred in after the boil. */
export const syrupAfterBoil: Check = {
  id: 'syrupAfterBoil',
  reason: 'Syrup, cocoa and spoons bring germs back after the heat, and raw syrup can curdle hot soy.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'add')
      .filter((s) => s.f('touches') === 1)
      .map((s) => ({ check: 'syrupAfterBoil', step: s.step.id, weight: 'know' as const, figures: {}, fixes: [] })),
};

/** Fruit, nuts or seeds, raw, that go into what was boiled and are not boiled again: as raw as they are. */
export const rawAfterBoil: Check = {
  id: 'rawAfterBoil',
  reason: 'Fruit and nuts are raw food: what was boiled is as raw as they are once they are in it.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'add').flatMap((s) => {
      const { of } = s.step.params;
      const was = streamBefore(l.outcome, s.place, of)?.hygiene;
      const now = madeBy(s, of)?.hygiene;
      if ((was !== 'boiled' && was !== 'heated') || now !== 'raw') return [];
      const heated = l.recipe.steps
        .slice(s.place + 1)
        .some((x) => (x.kind === 'boil' || x.kind === 'heat') && x.params.of === of);
      const boil = l.recipe.steps
        .slice(0, s.place)
        .findLast((x) => (x.kind === 'boil' || x.kind === 'heat') && x.params.of === of);
      const before = boil ? (l.recipe.steps[l.recipe.steps.indexOf(boil) - 1]?.id ?? null) : undefined;
      return heated
        ? []
        : [
            {
              check: 'rawAfterBoil',
              step: s.step.id,
              weight: 'mend' as const,
              figures: {},
              fixes:
                before === undefined
                  ? []
                  : [
                      {
                        say: 'addBeforeBoil',
                        figures: {},
                        edits: [{ do: 'move' as const, step: s.step.id, after: before }],
                      },
                    ],
            },
          ];
    }),
};

/** Fruit or nuts that go whole into milk, and are neither ground nor strained after. */
export const wholePieces: Check = {
  id: 'wholePieces',
  reason: 'What goes into milk whole stays whole: it colours and flavours little, and lies at the bottom.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'add').flatMap((s) => {
      const { food, of, amountG } = s.step.params;
      const m = l.recipe.materials.find((x) => x.id === food);
      const into = streamBefore(l.outcome, s.place, of);
      if (!m || m.liquid || amountG <= 0 || (into?.openedShare ?? 0) < OPENED) return [];
      const later = l.recipe.steps.slice(s.place + 1);
      if (later.some((x) => BREAKS.has(x.kind) && 'of' in x.params && x.params.of === of)) return [];
      return [
        {
          check: 'wholePieces',
          step: s.step.id,
          weight: 'know' as const,
          figures: { pieceG: fig(amountG, 'g') },
          fixes: [],
        },
      ];
    }),
};
/** Milk and slurry are open; what is still whole is not. */
const OPENED = 0.5;
const BREAKS: ReadonlySet<Kind> = new Set(['grind', 'mill', 'strain', 'knead']);

/** Powder of which this many times is liquid clots in it; stirred into less, it is a paste of its own. */
const CLOTS_FROM = 8;
/** Dry powder into much liquid. */
export const cocoaDry: Check = {
  id: 'cocoaDry',
  reason: 'Dry cocoa floats and clots: it wants a little hot liquid first.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'add')
      .filter((s) => {
        const p = s.step.params;
        const floats = l.recipe.materials.find((m) => m.id === p.food)?.stirredIn?.floats === true;
        const into = streamBefore(l.outcome, s.place, p.of);
        return floats && !p.slaked && p.amountG > 0 && (into?.freeWaterG ?? 0) > CLOTS_FROM * p.amountG;
      })
      .map((s) => ({
        check: 'cocoaDry',
        step: s.step.id,
        weight: 'mend' as const,
        figures: { cocoaG: fig(s.step.params.amountG, 'g') },
        fixes: [setFix('slake', s.step.id, 'slaked', true)],
      })),
};

/** A glass jar in the freezer. */
export const glassFreezes: Check = {
  id: 'glassFreezes',
  reason: 'Milk grows by a tenth as it freezes; glass cracks.',
  source: 'common practice',
  find: (l) => {
    const other = l.kit.things.find((t) => t.is === 'jar' && !t.glass);
    const found = (step: string, param: string) => ({
      check: 'glassFreezes',
      step,
      weight: 'danger' as const,
      figures: {},
      fixes: other ? [setFix('otherBox', step, param, other.id)] : [],
    });
    return [
      ...stepsOf(l, 'freeze')
        .filter((s) => s.f('glass') === 1)
        .map((s) => found(s.step.id, 'box')),
      ...stepsOf(l, 'stand')
        .filter(
          ({ step: { params: p } }) => p.vessel === 'jar' && freezesThere(p) && thingOf(l.kit, 'jar', p.jar).glass,
        )
        .map((s) => found(s.step.id, 'jar')),
    ];
  },
};
const freezesThere = (p: Step<'stand'>['params']): boolean =>
  p.place === 'freezer' || (p.place === 'other' && p.placeC < FREEZING_POINT_C);

/** Frozen milk that is to be poured into a jar. */
export const frozenIntoJar: Check = {
  id: 'frozenIntoJar',
  reason: 'Ice does not pour. Milk goes into its vessel first, and then into the freezer.',
  source: 'common practice',
  find: (l) =>
    stepsOf(l, 'jar')
      .filter((s) => arrivesFrozen(l, s.place, s.step.params.of))
      .map((s) => ({
        check: 'frozenIntoJar',
        step: s.step.id,
        weight: 'mend' as const,
        figures: {},
        fixes: [{ say: 'leaveOutJar', figures: {}, edits: [{ do: 'remove' as const, step: s.step.id }] }],
      })),
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
    l.recipe.materials.some((m) => behaviourOf(m).startsWith('rice'))
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
    foodLines(l.recipe).some((x) => x.material === 'coconut-fresh' || x.material === 'coconut-grated')
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
