import { lastSeq, splitInto } from '@ironpan/core/batch';
import type { Chosen, TaskState } from '@ironpan/core/batch';
import { volumeMl } from '@ironpan/core/kitchen';
import type { ThingOf } from '@ironpan/core/kitchen';
import { streamBefore } from '@ironpan/core/steps';
import { join, millilitres } from '@ironpan/core/words';
import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { now } from '../clock';
import { append } from '../store/batches';
import type { Running } from '../live/running';
import { useKit } from '../live/useKitchen';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';

type Jar = ThingOf<'jar'>;
/** Which of the kitchen's own vessels are filled: how many of each, how far, and what finds no place. */
export function FillJars({ r, t }: { readonly r: Running; readonly t: TaskState }) {
  const kit = useKit();
  const write = useWrite();
  const { step } = t;
  /** None of any is a moment on the way to others: it is not written down. */
  const [none, setNone] = useState(false);
  const at = r.progress.recipe.steps.indexOf(step);
  const s = step.kind === 'jar' ? streamBefore(r.progress.outcome, at, step.params.of) : undefined;
  if (step.kind !== 'jar' || !kit || !s) return null;
  const milkMl = volumeMl(s);
  const figures = r.progress.outcome.stages[at]?.figures;
  const told = r.progress.filled.get(step.id);
  const jars = kit.things.filter((x): x is Jar => x.is === 'jar');
  const planned = jars.find((j) => j.id === step.params.jar) ?? jars.find((j) => j.id === kit.use.jar);
  const count = (j: Jar): number =>
    none
      ? 0
      : told
        ? told.into.filter((v) => v.name === j.name && v.vesselMl === j.ml).length
        : j === planned
          ? (figures?.jars ?? 0)
          : 0;
  const chosen = jars.map((jar): Chosen => ({ jar, n: count(jar) }));
  const split = splitInto(milkMl, chosen, step.params.fill);
  const set = (jar: Jar, n: number): void => {
    const then = splitInto(
      milkMl,
      chosen.map((c) => (c.jar === jar ? { jar, n } : c)),
      step.params.fill,
    );
    setNone(then.into.length === 0);
    if (then.into.length === 0) return;
    write.run('which jars are filled', () =>
      append(r.batch.id, [{ is: 'filled', step: step.id, into: then.into, ofMl: milkMl }], now(), lastSeq(r.events)),
    );
  };
  const big = split.into.find((v) => v.vesselMl > 1.5 * milkMl);
  return (
    <section aria-label="Into which jars" className="plate p-4">
      <h2 className="text-lg">Into which jars</h2>
      <p className="quiet small mb-2">
        {join(millilitres(milkMl))} to fill, each jar up to {Math.round(step.params.fill * 100)} %.
      </p>
      <ul>
        {jars.map((j) => (
          <li key={j.id} className="rowline flex items-center justify-between gap-2 py-1.5">
            <span className="min-w-0">
              {j.name}
              <span className="small quiet block">
                {join(millilitres(j.ml))}
                {j.glass ? ', glass' : ''}
              </span>
            </span>
            <span className="flex shrink-0 items-center gap-1.5">
              <Turn name={`one ${j.name} less`} off={count(j) === 0} onPress={() => set(j, count(j) - 1)}>
                <Minus aria-hidden="true" />
              </Turn>
              <b className="num min-w-6 text-center text-lg" aria-label={`${count(j)} of ${j.name}`}>
                {count(j)}
              </b>
              <Turn name={`one ${j.name} more`} off={split.leftMl === 0} onPress={() => set(j, count(j) + 1)}>
                <Plus aria-hidden="true" />
              </Turn>
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2" role="status">
        {!told && !none && planned
          ? `As planned: ${figures?.jars ?? 0} × ${planned.name}, ${join(millilitres(figures?.eachMl ?? 0))} in each`
          : split.into.map((v) => `${v.name} ${join(millilitres(v.ml))}`).join(' · ')}
      </p>
      {split.leftMl > 0 && (
        <p className="alert alert-warning mt-2">
          {join(millilitres(split.leftMl))} find no place: one jar more, or drink it now.
        </p>
      )}
      {split.leftMl === 0 && big && (
        <p className="small mt-2">
          The {big.name.toLowerCase()} holds more than there is: a smaller jar leaves less air above the milk.
        </p>
      )}
      <NotSaved of={write} />
    </section>
  );
}
interface TurnProps {
  readonly name: string;
  readonly off: boolean;
  readonly onPress: () => void;
  readonly children: React.ReactNode;
}
const Turn = ({ name, off, onPress, children }: TurnProps) => (
  <button
    type="button"
    className="btn btn-outline btn-lg btn-square"
    aria-label={name}
    disabled={off}
    onClick={onPress}
  >
    {children}
  </button>
);
