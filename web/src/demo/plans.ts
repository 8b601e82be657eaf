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
}
const set = (step: string, param: string, value: number | string | boolean): Edit => ({
  do: 'set',
  step,
  param,
  value,
});
const beans = (grams: number): Edit => ({ do: 'larder', index: 0, grams });

/** The demo's own plans: its numbers are invented, the schools are common practice. */
const PLANS: readonly DemoPlan[] = [
  {
    id: 'demo-weekday',
    name: 'Weekday soy, one wash',
    method: 'soy-washed',
    ageDays: 40,
    edits: [
      beans(240),
      set('soak', 'waterG', 1650),
      set('grind', 'waterG', 1350),
      set('grind', 'loads', 2),
      set('wash', 'waterG', 420),
      set('holdBack', 'waterG', 160),
    ],
  },
  {
    id: 'demo-mild',
    name: 'Mild for the porridge',
    method: 'soy-scalded',
    ageDays: 33,
    edits: [
      beans(210),
      set('scald', 'waterG', 1650),
      set('grind', 'waterG', 1700),
      set('boil', 'holdS', 5400),
      set('finish', 'saltG', 1.5),
    ],
  },
  {
    id: 'demo-hurry',
    name: 'Before the bus',
    method: 'soy-no-soak',
    ageDays: 25,
    edits: [beans(160), set('grind', 'waterG', 1150), set('grind', 'durationS', 130)],
  },
  {
    id: 'demo-pulp',
    name: 'Pulp and all, for dumplings',
    method: 'soy-with-pulp',
    ageDays: 18,
    edits: [beans(190), set('grind', 'waterG', 1480), set('boil', 'holdS', 1080)],
  },
  {
    id: 'demo-big',
    name: 'Market day, the whole pot',
    method: 'soy-washed',
    ageDays: 6,
    edits: [
      beans(420),
      set('soak', 'waterG', 1500),
      set('grind', 'waterG', 2300),
      set('wash', 'waterG', 800),
      set('boil', 'holdS', 600),
    ],
  },
];
const DAY = 86_400_000;

export function demoPlans(at: number, kit: Kit): readonly PlanRecord[] {
  return PLANS.map((p) => {
    const m = methodById(p.method);
    if (!m) throw new RangeError(`no school ${p.method}`);
    const made = at - p.ageDays * DAY;
    return {
      v: 1,
      id: p.id,
      rev: 1,
      name: p.name,
      from: { method: m.id, edition: m.edition },
      recipe: applyEdits(recipeIn(m, kit), p.edits),
      createdAt: made,
      updatedAt: made,
    };
  });
}
