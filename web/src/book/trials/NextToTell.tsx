import { kindOf } from '@ironpan/core/steps';
import type { PlanRecord } from '@ironpan/core/records';
import type { Telling, Weighed } from '@ironpan/core/trials';
import { WEIGHED } from '@ironpan/core/trials';
import { MEASURE_NAMES, milkOf, stepNamed, tellingText } from '@ironpan/core/words';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { useLive } from '../../live/live';
import { useHere } from '../../live/useHere';
import { askTelling } from '../../offload';
import type { HereRecord } from '../../store/here';
import { plansMadeMost } from '../../store/plans';
import { Busy } from '../../ui/Busy';
import { SelectField } from '../../ui/SelectField';
import { useAsked } from '../../ui/useAsked';

/** More are not looked at, and not told. */
const MOST_LOOKED_AT = 60;
const MOST_TOLD = 3;
const MOST_READ = 3;

/** The next most informative batch: which plan, and what to write down, narrows most what is asked of one. */
export function NextToTell() {
  const plans = useLive(['plansMadeMost'], plansMadeMost).data;
  const here = useHere();
  if (!plans || plans.length === 0 || !here) return null;
  return <Next plans={plans} here={here} />;
}
function Next({ plans, here }: { readonly plans: readonly PlanRecord[]; readonly here: HereRecord }) {
  const [chosen, choose] = useState('');
  const [of, ask] = useState<Weighed>('volumeMl');
  const plan = plans.find((p) => p.id === chosen) ?? plans[0];
  const start = useMemo(
    () =>
      plan
        ? () => {
            // The plan itself first, then the others of its milk, the last changed first.
            const milk = milkOf(plan.recipe);
            const others = [...plans]
              .sort((a, b) => rank(a, plan, milk) - rank(b, plan, milk))
              .slice(0, MOST_LOOKED_AT);
            return askTelling(plan.recipe, of, others, here);
          }
        : null,
    [plan, plans, of, here],
  );
  const asked = useAsked(start);
  if (!plan) return null;
  return (
    <section aria-label="What to make next to know more" className="plate min-w-0 p-4 wide:col-span-2">
      <h2 className="text-xl">What to make next to know more</h2>
      <p className="quiet mb-3">
        Which batch, and what to write down at it, narrows a range the most. What days do by themselves no batch
        narrows. <Busy what="Looking at your plans" asked={asked} />
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="What do you want to know better?"
          value={of}
          options={WEIGHED.map((w) => [w, MEASURE_NAMES[w]] as const)}
          onChange={(w) => ask(w as Weighed)}
        />
        <SelectField
          label="of the plan"
          wide
          value={plan.id}
          options={plans.map((p) => [p.id, p.name] as const)}
          onChange={choose}
        />
      </div>
      {asked.data && <Told all={asked.data} plans={plans} of={of} here={here} />}
    </section>
  );
}
const rank = (p: PlanRecord, plan: PlanRecord, milk: string): number =>
  p.id === plan.id ? 0 : milkOf(p.recipe) === milk ? 1 : 2;

interface ToldProps {
  readonly all: readonly Telling[];
  readonly plans: readonly PlanRecord[];
  readonly of: Weighed;
  readonly here: HereRecord;
}
function Told({ all, plans, of, here }: ToldProps) {
  if (all.length === 0)
    return (
      <p className="mt-3">
        No batch of these plans would narrow it by much: what is left is what days do, and what no reading tells.
      </p>
    );
  return (
    <ol className="mt-3">
      {all.slice(0, MOST_TOLD).flatMap((t) => {
        const p = plans.find((x) => x.id === t.id);
        if (!p) return [];
        const named = { recipe: p.recipe, kit: here.kit };
        const readings = t.by.slice(0, MOST_READ).map((x) => readingName(p, x.step, x.what, named));
        return [
          <li key={t.id} className="rowline flex flex-wrap items-baseline justify-between gap-3 py-2">
            <span className="min-w-0 flex-1 basis-80">{tellingText(t, of, `“${p.name}”`, readings)}</span>
            <Link className="btn btn-outline" to={`/plan/${p.id}`} aria-label={`Open the plan: ${p.name}`}>
              Open the plan
            </Link>
          </li>,
        ];
      })}
    </ol>
  );
}
/** “milk that came through at ‘Squeeze’”. */
function readingName(p: PlanRecord, step: string, what: string, named: Parameters<typeof stepNamed>[1]): string {
  const s = p.recipe.steps.find((x) => x.id === step);
  const label = s ? (kindOf(s.kind).readings[what]?.label ?? what) : what;
  return `${label} at “${stepNamed(step, named).toLowerCase()}”`;
}
