import { fateOf } from '@ironpan/core/batch';
import type { ThrownReason } from '@ironpan/core/batch';
import { isPulp } from '@ironpan/core/kitchen';
import { join, millilitres, percent, THROWN_WHY } from '@ironpan/core/words';
import { countClosed } from '../store/book';
import { useLive } from '../live/live';
import { useMonth } from '../live/shelf';
import type { ShelfJar } from '../live/shelf';

/** How the shelf is doing, from the logs alone. */
export function Doing({ jars, now }: { readonly jars: readonly ShelfJar[]; readonly now: number }) {
  const month = useMonth(now);
  const closed = useLive(['closed'], countClosed).data;
  const milk = jars.filter((j) => !j.pulp);
  const mlAt = (frozen: boolean): number =>
    milk.reduce((ml, j) => ml + ((j.now.place === 'freezer') === frozen ? j.now.leftMl : 0), 0);
  const frozenMl = mlAt(true);
  const fate = fateOf((month ?? []).filter((j) => !isPulp(j.jar.stream)));
  const soon = milk.filter((j) => j.tone !== 'good').length;
  return (
    <section aria-label="How the shelf is doing" className="plate p-4">
      <h2 className="mb-1 text-xl">How the shelf is doing</h2>
      <dl>
        <Line label="Milk in the fridge" text={join(millilitres(mlAt(false)))} />
        {frozenMl > 0 && <Line label="Milk in the freezer" text={join(millilitres(frozenMl))} />}
        <Line label="Made in 30 days" text={month ? join(millilitres(fate.madeMl)) : '…'} />
        <Line
          label="Thrown away of it"
          text={
            fate.madeMl > 0 ? `${join(millilitres(fate.thrownMl))}, ${join(percent(fate.thrownMl / fate.madeMl))}` : '–'
          }
        />
        {(Object.entries(fate.why) as [ThrownReason, number][])
          .sort((a, b) => b[1] - a[1])
          .map(([why, ml]) => (
            <Line key={why} label={`· ${THROWN_WHY[why].toLowerCase()}`} text={join(millilitres(ml))} />
          ))}
        <Line label="To use within a day" text={String(soon)} />
        <Line label="Batches in the book" text={closed === undefined ? '…' : String(closed)} />
      </dl>
    </section>
  );
}
function Line({ label, text }: { readonly label: string; readonly text: string }) {
  return (
    <div className="rowline flex justify-between gap-3 py-1.5">
      <dt>{label}</dt>
      <dd className="num text-right">{text}</dd>
    </div>
  );
}
