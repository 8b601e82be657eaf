import { look } from '@ironpan/core/questions';
import type { Use } from '@ironpan/core/questions';
import type { Here } from '@ironpan/core/kitchen';
import type { PlanRecord } from '@ironpan/core/records';
import { bodyText, join, milkName, milkOf, millilitres } from '@ironpan/core/words';
import { useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { now } from '../../clock';
import { foodColour } from '../../drawings/foodStyle';
import { allPlans, planFromMethod } from '../../store/plans';
import { useLive } from '../../live/live';
import { Loading } from '../../ui/State';
import { useHere } from '../../live/useHere';
import { NotSaved } from '../../ui/NotSaved';
import { SearchField } from '../../ui/SearchField';
import { useWrite } from '../../ui/useWrite';
import { Choose } from './Choose';
import { PasteRecipe } from './PasteRecipe';

/** From so many plans on they can be searched. */
const SEARCHED_FROM = 7;
/** The plans there are, and the schools a new one can begin from. */
export function PlansPage() {
  const plans = useLive(['plans'], allPlans);
  const here = useHere();
  const go = useNavigate();
  const write = useWrite();
  const [pasting, setPasting] = useState(false);
  const [find, setFind] = useState('');
  if (!plans.data || !here) return <Loading />;
  const words = find.toLowerCase().split(/\s+/);
  const shown = plans.data.filter((p) => {
    const text = `${p.name} ${milkName(milkOf(p.recipe))}`.toLowerCase();
    return words.every((w) => text.includes(w));
  });
  const choose = (school: string, use: Use): void =>
    write.run(
      'the new plan',
      () => planFromMethod(school, now(), use),
      (id) => void go(`/plan/${id}`),
    );
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-3xl">What will you make</h1>
        <button type="button" className="btn btn-outline" onClick={() => setPasting(true)}>
          Paste a recipe
        </button>
      </div>
      <NotSaved of={write} />
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-6 wide:grid-cols-[17rem_minmax(0,1fr)]">
        {plans.data.length > 0 && (
          <section aria-label="Your plans">
            <h2 className="mb-2 text-xl">Your plans</h2>
            {plans.data.length > SEARCHED_FROM && (
              <SearchField
                label="Find a plan by name or milk"
                hint="name or milk"
                className="mb-2 w-full"
                value={find}
                onChange={setFind}
              />
            )}
            <ul className="plate max-h-[70vh] overflow-y-auto max-wide:max-h-56">
              {shown.map((p) => (
                <PlanLine key={p.id} plan={p} here={here} />
              ))}
              {shown.length === 0 && <li className="quiet p-3">None of your plans is called so.</li>}
            </ul>
          </section>
        )}
        <div className={plans.data.length > 0 ? '' : 'wide:col-span-2'}>
          <Choose here={here} onChoose={choose} />
        </div>
      </div>
      {pasting && <PasteRecipe kit={here.kit} onClose={() => setPasting(false)} />}
    </div>
  );
}

function PlanLine({ plan, here }: { readonly plan: PlanRecord; readonly here: Here }) {
  const seen = useMemo(() => look(plan.recipe, here), [plan.recipe, here]);
  const dangers = seen?.warnings.filter((w) => w.weight === 'danger').length ?? 0;
  const milk = milkOf(plan.recipe);
  const body = seen?.summary.main?.body;
  return (
    <li className="rowline">
      <Link to={`/plan/${plan.id}`} className="flex min-h-14 gap-2.5 px-3 py-2 hover:bg-[var(--ground)]">
        <span
          aria-hidden="true"
          className="mt-1 inline-block size-4 shrink-0 rounded-sm"
          style={{ background: foodColour(milk), border: '1.5px solid var(--edge)' }}
        />
        <span className="min-w-0">
          <span className="block leading-tight font-semibold break-words">{plan.name}</span>
          <span className="small block" style={{ color: dangers > 0 ? 'var(--flame-text)' : 'var(--ash)' }}>
            {dangers > 0
              ? `${dangers} to mend before you start`
              : seen
                ? `${milkName(milk)}, ${join(millilitres(seen.summary.jarredMl))}${body ? `, ${bodyText(body)}` : ''}`
                : 'steps out of order'}
          </span>
        </span>
      </Link>
    </li>
  );
}
