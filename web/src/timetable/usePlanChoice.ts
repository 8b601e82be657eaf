import { METHODS } from '@ironpan/core/methods';
import type { PlanRecord } from '@ironpan/core/records';
import { milkName } from '@ironpan/core/words';
import { useState } from 'react';
import { useLive } from '../live/live';
import { useMethods } from '../live/useOwn';
import { allPlans, onePlan, planFromMethod } from '../store/plans';

const PLAN = 'plan:';
type Groups = readonly (readonly [string, readonly (readonly [string, string])[]])[];
interface PlanChoice {
  readonly groups: Groups;
  readonly chosen: string;
  readonly choose: (what: string) => void;
  /** The plan that is chosen; a way to make a milk becomes one. */
  readonly plan: (now: number) => Promise<PlanRecord>;
}
/** One of the plans, or any way to make a milk. */
export function usePlanChoice(): PlanChoice {
  const plans = useLive(['plans'], allPlans).data ?? [];
  const own = useMethods() ?? [];
  const [what, choose] = useState('');
  const milks = [...new Set(METHODS.map((m) => m.milk))];
  const groups: Groups = [
    ['Your plans', plans.map((p) => [`${PLAN}${p.id}`, p.name] as const)],
    ['Your own ways', own.map((m) => [m.id, m.name] as const)],
    ...milks.map(
      (milk) =>
        [
          milkName(milk),
          METHODS.filter((m) => m.milk === milk).map((m) => [m.id, nameOf(milk, m.name)] as const),
        ] as const,
    ),
  ];
  const first = groups.flatMap(([, of]) => of)[0]?.[0] ?? '';
  const chosen = what === '' ? first : what;
  return {
    ...{ groups, chosen, choose },
    plan: async (now) => {
      const plan = await onePlan(
        chosen.startsWith(PLAN) ? chosen.slice(PLAN.length) : await planFromMethod(chosen, now),
      );
      if (!plan) throw new RangeError('that plan is gone: choose another');
      return plan;
    },
  };
}
/** “Soy milk, no soak”, as a plan of it is called. */
const nameOf = (milk: string, school: string): string => {
  const name = `${milkName(milk)}, ${school.toLowerCase()}`;
  return name.charAt(0).toUpperCase() + name.slice(1);
};
