import { join, millilitres, percent } from '@ironpan/core/words';
import type { Running } from '../ui/running';
import type { ShelfJar } from './useShelf';

const MONTH = 30 * 86_400_000;

/** How the shelf is doing, from the logs alone. */
export function Doing({
  jars,
  batches,
  now,
}: {
  readonly jars: readonly ShelfJar[];
  readonly batches: readonly Running[];
  readonly now: number;
}) {
  const milk = jars.filter((j) => !j.pulp);
  const here = milk.reduce((ml, j) => ml + j.now.leftMl, 0);
  const month = milk.filter((j) => now - j.jar.filledAt < MONTH);
  const made = month.reduce((ml, j) => ml + j.jar.filledMl, 0);
  const thrown = month.reduce((ml, j) => ml + (j.now.over === 'thrown' ? j.jar.filledMl - poured(j) : 0), 0);
  const soon = milk.filter((j) => j.now.over === null && j.tone !== 'good').length;
  return (
    <section aria-label="How the shelf is doing" className="plate p-4">
      <h2 className="mb-1 text-xl">How the shelf is doing</h2>
      <dl>
        <Line label="Milk in the fridge" text={join(millilitres(here))} />
        <Line label="Made in 30 days" text={join(millilitres(made))} />
        <Line
          label="Thrown away of it"
          text={made > 0 ? `${join(millilitres(thrown))}, ${join(percent(thrown / made))}` : '–'}
        />
        <Line label="To use within a day" text={String(soon)} />
        <Line label="Batches in the book" text={String(batches.filter((b) => b.progress.state !== 'open').length)} />
      </dl>
    </section>
  );
}
const poured = (j: ShelfJar): number =>
  Math.min(
    j.jar.filledMl,
    j.events.reduce((ml, e) => ml + (e.is === 'poured' ? e.ml : 0), 0),
  );
function Line({ label, text }: { readonly label: string; readonly text: string }) {
  return (
    <div className="rowline flex justify-between gap-3 py-1.5">
      <dt>{label}</dt>
      <dd className="num text-right">{text}</dd>
    </div>
  );
}
