import { cutName } from '@ironpan/core/units';
import { milkOf } from '@ironpan/core/words';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { now } from '../../clock';
import { useShelf } from '../../live/shelf';
import type { ShelfJar } from '../../live/shelf';
import { addTasting } from '../../store/tastings';
import { NotSaved } from '../../ui/NotSaved';
import { SelectField } from '../../ui/SelectField';
import { dayIn } from '../../ui/times';
import { useWrite } from '../../ui/useWrite';

/** Whose milk is in it: “14 · Soy milk, first milk”. */
const nameOf = (j: ShelfJar): string =>
  cutName(`${j.batch.number} · ${j.batch.name}${j.part === '' ? '' : `, ${j.part}`}`, 160);
const lineOf = (j: ShelfJar): string => `${nameOf(j)}, filled ${dayIn(j.jar.filledAt, now())}`;

/** Two milks that stand on the shelf and may be drunk. */
export function NewTasting() {
  const at = now();
  const shelf = useShelf(at);
  const go = useNavigate();
  const write = useWrite();
  const [pair, choose] = useState<readonly [string, string]>(['', '']);
  if (!shelf) return null;
  const milks = shelf.jars.filter((j) => !j.pulp);
  const jars = milks.filter((j) => !j.stamp?.stop);
  const kept = milks.length - jars.length;
  const said =
    kept === 0 ? null : (
      <p className="small quiet mt-2">
        {kept === 1 ? 'One jar is' : `${kept} jars are`} not offered: past the time, or not boiled enough. Nobody tastes
        those.
      </p>
    );
  const a = jars.find((j) => j.jar.id === pair[0]) ?? jars[0];
  const others = jars.filter((j) => j.jar.id !== a?.jar.id);
  const b = others.find((j) => j.jar.id === pair[1]) ?? likest(a, others);
  if (!a || !b)
    return (
      <>
        <p>Two jars of milk that may be drunk are needed, and there {jars.length === 1 ? 'is one' : 'are none'}.</p>
        {said}
      </>
    );
  const options = (of: readonly ShelfJar[]) => of.map((j) => [j.jar.id, lineOf(j)] as const);
  const begin = (): void =>
    write.run(
      'the new tasting',
      () => addTasting({ jar: a.jar.id, name: nameOf(a) }, { jar: b.jar.id, name: nameOf(b) }, now()),
      (id) => void go(`/book/trials/tasting/${id}`),
    );
  return (
    <>
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="one milk"
          wide
          value={a.jar.id}
          options={options(jars)}
          onChange={(x) => choose([x, b.jar.id])}
        />
        <SelectField
          label="the other"
          wide
          value={b.jar.id}
          options={options(others)}
          onChange={(x) => choose([a.jar.id, x])}
        />
        <button type="button" data-once className="btn btn-primary" onClick={begin}>
          New tasting
        </button>
      </div>
      <NotSaved of={write} />
      {said}
    </>
  );
}
/** What somebody would taste beside it: the same milk of another batch, else another of its milks, else any. */
function likest(a: ShelfJar | undefined, others: readonly ShelfJar[]): ShelfJar | undefined {
  const milk = a && milkOf(a.batch.recipe);
  return (
    others.find((j) => milkOf(j.batch.recipe) === milk && j.batch.id !== a?.batch.id) ??
    others.find((j) => milkOf(j.batch.recipe) === milk) ??
    others[0]
  );
}
