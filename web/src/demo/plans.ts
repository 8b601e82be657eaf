import { methodById, recipeIn } from '@ironpan/core/methods';
import type { Kit } from '@ironpan/core/kitchen';
import type { PlanRecord } from '@ironpan/core/records';
import { applyEdits } from '@ironpan/core/steps';
import type { Edit } from '@ironpan/core/steps';

interface DemoPlan {
  readonly id: string;
  readonly name: string;
  readonly method: string;
  readonly edits: readonly Edit[];
  readonly ageDays: number;
  readonly use?: string;
}
const set = (step: string, param: string, value: number | string | boolean): Edit => ({
  do: 'set',
  step,
  param,
  value,
});
const amount = (grams: number): Edit => ({ do: 'larder', index: 0, grams });

/** The demo's own plans: its numbers are invented, the schools are common practice. */
const PLANS: readonly DemoPlan[] = [
  {
    id: 'demo-weekday',
    name: 'Weekday soy, one wash',
    method: 'soy-washed',
    ageDays: 40,
    edits: [
      amount(240),
      set('soak', 'waterG', 1650),
      set('grind', 'waterG', 1350),
      set('grind', 'loads', 2),
      set('wash', 'waterG', 420),
      set('holdBack', 'amountG', 160),
    ],
  },
  {
    id: 'demo-mild',
    name: 'Mild for the porridge',
    method: 'soy-scalded',
    ageDays: 33,
    edits: [
      amount(210),
      set('scald', 'waterG', 1650),
      set('grind', 'waterG', 1700),
      set('boil', 'holdS', 5400),
      set('salt', 'amountG', 1.5),
    ],
  },
  {
    id: 'demo-hurry',
    name: 'Before the bus',
    method: 'soy-no-soak',
    ageDays: 25,
    edits: [amount(160), set('grind', 'waterG', 1150), set('grind', 'durationS', 130)],
  },
  {
    id: 'demo-pulp',
    name: 'Pulp and all, for dumplings',
    method: 'soy-with-pulp',
    ageDays: 18,
    edits: [amount(190), set('grind', 'waterG', 1480), set('boil', 'holdS', 1080)],
  },
  {
    id: 'demo-big',
    name: 'Market day, the whole pot',
    method: 'soy-washed',
    ageDays: 6,
    edits: [
      amount(420),
      set('soak', 'waterG', 1500),
      set('grind', 'waterG', 2300),
      set('wash', 'waterG', 800),
      set('boil', 'holdS', 600),
    ],
  },
  {
    id: 'demo-oat',
    name: 'Oat for the morning jug',
    method: 'oat-ice',
    use: 'cold',
    ageDays: 16,
    edits: [amount(82), set('grind', 'waterG', 560), set('grind', 'iceG', 310), set('grind', 'durationS', 24)],
  },
  {
    id: 'demo-oat-slick',
    name: 'Oat that went slick',
    method: 'oat-middle',
    ageDays: 12,
    edits: [amount(128), set('grind', 'waterG', 860), set('grind', 'durationS', 150), set('grind', 'waterC', 34)],
  },
  {
    id: 'demo-rice',
    name: 'Rice, from the big pan',
    method: 'rice-cooked',
    ageDays: 15,
    edits: [amount(135), set('cook', 'waterG', 430), set('grind', 'waterG', 1080)],
  },
  {
    id: 'demo-tiger',
    name: 'Tiger nut for the fair',
    method: 'tiger-nut-cold',
    ageDays: 10,
    edits: [amount(265), set('soak', 'waterG', 1400), set('grind', 'waterG', 600), set('wash', 'waterG', 370)],
  },
  {
    id: 'demo-graded',
    name: 'One nut, three jars',
    method: 'coconut-graded',
    use: 'cooking',
    ageDays: 7,
    edits: [amount(340), set('wash', 'waterG', 210), set('washAgain', 'waterG', 220)],
  },
  {
    id: 'demo-almond',
    name: 'Almond, small jar',
    method: 'almond-soaked',
    ageDays: 3,
    edits: [amount(150), set('grind', 'waterG', 470)],
  },
];
const DAY = 86_400_000;

/** The demo’s own plans. */
export function demoPlans(at: number, kit: Kit): readonly PlanRecord[] {
  return PLANS.map((p) => {
    const m = methodById(p.method);
    if (!m) throw new RangeError(`no school ${p.method}`);
    const made = at - p.ageDays * DAY;
    return {
      v: 5,
      id: p.id,
      rev: 1,
      name: p.name,
      from: { method: m.id, edition: m.edition },
      use: p.use ?? null,
      recipe: applyEdits(recipeIn(m, kit), p.edits),
      createdAt: made,
      updatedAt: made,
    };
  });
}
