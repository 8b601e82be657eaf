import { COMPONENTS, MATERIALS, milkCalled, refusalOf } from '@ironpan/core/materials';
import type { Component } from '@ironpan/core/materials';
import type { MaterialRecord } from '@ironpan/core/records';
import { plain } from '@ironpan/core/units';
import { warningText } from '@ironpan/core/words';
import { useState } from 'react';
import { now } from '../clock';
import {
  addMaterial,
  changeMaterial,
  deleteMaterial,
  deleteSchool,
  restoreMaterial,
  restoreSchool,
} from '../store/own';
import { NumberField } from '../ui/NumberField';
import { SelectField } from '../ui/SelectField';
import { TextField } from '../ui/TextField';
import { notSaved } from '../ui/notSaved';
import { putBack, tell } from '../ui/toast';
import { Allergens } from './Allergens';
import { useMaterials, useMethods } from '../live/useOwn';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';

const NAMES: Readonly<Partial<Record<Component, string>>> = {
  protein: 'protein',
  fat: 'fat',
  starch: 'starch',
  sugars: 'sugars',
  solubleFibre: 'β-glucan',
  insolubleFibre: 'other fibre',
  otherCarb: 'other carbohydrate',
  ash: 'ash',
};
const SHOWN = COMPONENTS.filter((c) => NAMES[c] !== undefined);

/** Foods and schools of one's own. A food behaves like a known one in all that is not changed here. */
export function OwnFoods() {
  const foods = useMaterials();
  const schools = useMethods();
  const [like, setLike] = useState('oats-rolled');
  const write = useWrite();
  if (!foods || !schools) return null;
  return (
    <section aria-label="Your own foods and methods" className="plate p-4">
      <h2 className="mb-1 text-xl">Your own foods and methods</h2>
      <p className="quiet small mb-2">
        A food of your own is like a known one in all you do not change. Choose it in a plan beside the food’s name.
      </p>
      <ul>
        {foods.map((f) => (
          <Food key={f.id} of={f} />
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap items-end gap-3">
        <SelectField
          label="a food of my own, like"
          value={like}
          options={MATERIALS.map((m) => [m.id, m.name] as const)}
          onChange={setLike}
        />
        <button
          type="button"
          data-once
          className="btn btn-outline"
          onClick={() =>
            write.run('the new food', () =>
              addMaterial(like, `My ${MATERIALS.find((m) => m.id === like)?.name.toLowerCase() ?? 'food'}`, now()),
            )
          }
        >
          Add it
        </button>
      </div>
      <NotSaved of={write} />
      {schools.length > 0 && (
        <ul className="mt-4" aria-label="Your own methods">
          {schools.map((s) => (
            <li key={s.id} className="rowline flex items-baseline justify-between gap-3 py-2">
              <span>
                <b>{s.name}</b> <span className="small quiet">{s.line}</span>
              </span>
              <button
                type="button"
                className="link small"
                onClick={() =>
                  write.run(
                    'that it is no longer a method',
                    () => deleteSchool(s.id),
                    () =>
                      tell(
                        `“${s.name}” is no longer a method.`,
                        putBack('the method', () => restoreSchool(s)),
                      ),
                  )
                }
              >
                Remove<span className="sr-only"> {s.name}</span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}

type Parts = Parameters<typeof changeMaterial>[1];
function Food({ of }: { readonly of: MaterialRecord }) {
  const write = useWrite();
  /** What was typed and could not be kept: it stays in its fields. */
  const [lost, setLost] = useState<{ readonly parts: Parts; readonly why: string } | null>(null);
  const m = { ...of.material, ...lost?.parts };
  // One figure after another is typed: each is written at once, with what is still to be kept; none waits for another.
  const change = (typed: Parts): void => {
    const parts = { ...lost?.parts, ...typed };
    changeMaterial(of.id, parts, now()).then(
      () => setLost(null),
      (e: unknown) => setLost({ parts, why: notSaved('this figure', e) }),
    );
  };
  const sum = SHOWN.reduce((g, c) => g + m.per100g[c], 0);
  const refused = refusalOf(m.name);
  const set = (which: 'per100g' | 'canLeave', c: Component, v: number): void =>
    change({ [which]: { ...m[which], [c]: v } });
  const remove = (): void => {
    write.run(
      'that it was removed',
      () => deleteMaterial(of.id),
      () =>
        tell(
          `“${m.name}” was removed; plans that use it keep their copy.`,
          putBack('the food', () => restoreMaterial(of)),
        ),
    );
  };
  return (
    <li className="rowline py-3">
      <div className="flex flex-wrap items-end gap-3">
        <div className="w-56">
          <TextField label="name" value={m.name} most={80} onChange={(name) => change({ name })} />
        </div>
        <div className="w-44">
          <TextField label="its milk is called" value={milkCalled(m)} most={40} onChange={(milk) => change({ milk })} />
        </div>
        <NumberField
          label="a US cup of it weighs"
          value={m.cupG}
          unit="g"
          low={1}
          high={2000}
          onChange={(cupG) => change({ cupG })}
        />
        <span className="small quiet mb-2">like {MATERIALS.find((x) => x.id === of.like)?.name.toLowerCase()}</span>
        <button type="button" className="link small mb-2" onClick={remove}>
          Remove<span className="sr-only"> {m.name}</span>
        </button>
      </div>
      <NotSaved of={write} />
      <NotSaved of={{ failed: lost?.why ?? null, again: () => change({}) }} />
      {refused && (
        <p role="alert" className="alert alert-error mt-2">
          {warningText({ check: `refused:${refused}`, step: null, weight: 'danger', figures: {}, fixes: [] })}
        </p>
      )}
      <Allergens m={m} onChange={(allergens) => change({ allergens })} />
      <details className="mt-1">
        <summary className="small cursor-pointer">Composition, and how much of each can leave</summary>
        <div className="mt-2 grid gap-x-4 gap-y-2 sm:grid-cols-2 wide:grid-cols-4">
          {SHOWN.map((c) => (
            <div key={c} className="flex items-end gap-2">
              <NumberField
                label={`${NAMES[c] ?? c}, in 100 g`}
                value={Math.round(m.per100g[c] * 100) / 100}
                unit="g"
                low={0}
                high={Math.max(0, Math.round((100 - sum + m.per100g[c]) * 100) / 100)}
                highWhy="All together are 100 g at most: lower another first."
                width="3.2rem"
                onChange={(v) => set('per100g', c, v)}
              />
              {c !== 'solubleFibre' && (
                <NumberField
                  label="can leave"
                  value={Math.round(m.canLeave[c] * 100)}
                  unit="%"
                  low={0}
                  high={100}
                  width="2.4rem"
                  onChange={(v) => set('canLeave', c, v / 100)}
                />
              )}
            </div>
          ))}
        </div>
        <p className="small quiet mt-1">
          Together {plain(sum, 1)} g in 100 g; the rest, {plain(100 - sum, 1)} g, is water.
        </p>
      </details>
    </li>
  );
}
