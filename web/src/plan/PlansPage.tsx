import { look, promisedOf } from '@ironpan/core/batch';
import type { Kit } from '@ironpan/core/kitchen';
import { METHODS, recipeIn } from '@ironpan/core/methods';
import { duration, grams, join, millilitres, percent } from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';
import { useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import { now } from '../app/clock';
import { allPlans, planFromMethod } from '../store/plans';
import { useLive } from '../store/live';
import { Loading } from '../ui/State';
import { useKit } from '../ui/useKitchen';

/** The plans there are, and the schools a new one can begin from. */
export function PlansPage() {
  const plans = useLive(['plans'], allPlans);
  const kit = useKit();
  if (plans.error) throw plans.error;
  if (!plans.data || !kit) return <Loading />;
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <h1 className="mb-4 text-3xl">What will you make</h1>
      {plans.data.length > 0 && (
        <section aria-label="Your plans" className="mb-8">
          <h2 className="mb-2 text-xl">Your plans</h2>
          <ul className="plate">
            {plans.data.map((p) => {
              const seen = look(p.recipe, kit);
              const got = seen ? promisedOf(seen.summary) : null;
              const dangers = seen?.warnings.filter((w) => w.weight === 'danger').length ?? 0;
              return (
                <li key={p.id} className="rowline">
                  <Link
                    to={`/plan/${p.id}`}
                    className="grid min-h-14 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-6 px-4 py-2 hover:bg-[var(--ground)]"
                  >
                    <span className="truncate text-lg font-semibold">{p.name}</span>
                    <span className="num text-right">
                      {got
                        ? `${join(millilitres(got.volumeMl))} · ${join(percent(got.solids))} solids`
                        : 'steps out of order'}
                      <span
                        className="small block font-sans font-normal"
                        style={{ color: dangers > 0 ? 'var(--flame-text)' : 'var(--ash)' }}
                      >
                        {dangers > 0
                          ? `${dangers} to mend before you start`
                          : got
                            ? `${join(duration(got.elapsedS))} start to jar`
                            : ''}
                      </span>
                    </span>
                  </Link>
                </li>
              );
            })}
          </ul>
        </section>
      )}
      <Schools kit={kit} />
    </div>
  );
}

/** The schools in the same units, computed for this kitchen. */
function Schools({ kit }: { readonly kit: Kit }) {
  const go = useNavigate();
  const rows = useMemo(
    () =>
      METHODS.map((m) => {
        const recipe = recipeIn(m, kit);
        const s = look(recipe, kit)?.summary;
        const protein = (recipe.larder[0]?.grams ?? 0) * ((recipe.materials[0]?.per100g.protein ?? 0) / 100);
        const main = s?.main;
        return { m, recipe, s, main, caught: main && protein > 0 ? ((main.protein ?? 0) * main.massG) / protein : 0 };
      }),
    [kit],
  );
  const choose = async (id: string): Promise<void> => {
    await go(`/plan/${await planFromMethod(id, now())}`);
  };
  return (
    <section aria-label="Schools">
      <h2 className="text-xl">Soy milk: five schools</h2>
      <p className="quiet mb-3">
        The same units for all, computed for your kitchen. Choose one and change what you like.
      </p>
      <ul className="grid gap-3 wide:grid-cols-5">
        {rows.map(({ m, recipe, s, main, caught }) => (
          <li key={m.id} className="plate flex flex-col p-4">
            <h3 className="text-lg">{m.name}</h3>
            <p className="small quiet mt-1 mb-3 flex-1">{m.line}</p>
            {main && s && (
              <dl className="mb-3">
                <Row label="beans" text={join(grams(recipe.larder.reduce((g, l) => g + l.grams, 0)))} />
                <Row label="makes" text={join(millilitres(main.volumeMl))} />
                <Row label="solids" text={join(percent(main.solids ?? 0))} />
                <Row label="of the protein" text={join(percent(caught))} />
                <Row label="beany, of 100" text={plain(main.beany ?? 0)} />
                <Row label="start to jar" text={join(duration(s.elapsedS))} />
                <Row label="your hands" text={join(duration(s.handsS))} />
              </dl>
            )}
            <button
              type="button"
              className="btn btn-plain btn-big"
              aria-label={`Plan this: ${m.name}`}
              onClick={() => void choose(m.id)}
            >
              Plan this
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
function Row({ label, text }: { readonly label: string; readonly text: string }) {
  return (
    <div className="rowline flex justify-between gap-2 py-0.5">
      <dt className="small quiet">{label}</dt>
      <dd className="num text-right text-[0.95rem]">{text}</dd>
    </div>
  );
}
