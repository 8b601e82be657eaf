import { duration, join } from '@ironpan/core/words';
import { Link } from 'react-router';
import { nameOfTask, soakOf, timerOf } from '../live/running';
import type { Running } from '../live/running';
import { whenOf } from '../ui/times';
import { amountLeft } from './say';
import type { ShelfJar } from './useShelf';

interface Item {
  readonly at: number;
  readonly text: string;
  readonly more: string;
  readonly key: string;
  readonly jar?: string;
  readonly to?: string;
}
const DAY = 86_400_000;
const MOST = 7;

interface NextProps {
  readonly jars: readonly ShelfJar[];
  readonly batches: readonly Running[];
  readonly now: number;
  readonly onOpen: (jar: string) => void;
}
/** What to do next, in order of when. */
export function Next({ jars, batches, now, onOpen }: NextProps) {
  const items = [...jars.flatMap((j) => jarItem(j, now)), ...batches.flatMap((b) => batchItem(b, now))].sort(
    (a, b) => a.at - b.at,
  );
  return (
    <section aria-label="Next" className="plate p-4">
      <h2 className="mb-1 text-xl">Next</h2>
      {items.length === 0 && <p className="quiet">Nothing is waiting for you.</p>}
      <ul>
        {items.slice(0, MOST).map((i) => (
          <li key={i.key} className="rowline grid grid-cols-[5.2rem_minmax(0,1fr)] gap-x-3 py-2">
            <span className="num pt-0.5 text-[0.92rem]">{i.at <= now ? 'now' : whenOf(i.at, now)}</span>
            <span>
              {i.to !== undefined ? (
                <Link to={i.to} className="link">
                  {i.text}
                </Link>
              ) : (
                <button type="button" className="link" onClick={() => onOpen(i.jar ?? '')}>
                  {i.text}
                </button>
              )}
              <span className="quiet small block">{i.more}</span>
            </span>
          </li>
        ))}
      </ul>
      {items.length > MOST && <p className="quiet small mt-1">and {items.length - MOST} more</p>}
    </section>
  );
}

function jarItem(j: ShelfJar, now: number): readonly Item[] {
  const left = j.now.keep?.s ?? Infinity;
  const of = { key: j.jar.id, jar: j.jar.id };
  const what = `${j.name}, batch ${j.batch.number}`;
  if (left <= 0) return [{ ...of, at: now - 1, text: `Throw away ${what}`, more: `${amountLeft(j)}, past its time` }];
  if (j.danger)
    return [
      {
        ...of,
        at: now - 1,
        text: `Boil ${what} now, or throw it away`,
        more: `not boiled enough: ${join(duration(j.now.boilS))} more at the true boil. Do not drink it as it is`,
      },
    ];
  if (!j.now.done && j.pulp)
    return [
      {
        ...of,
        at: now + Math.max(0, left - 6 * 3600) * 1000,
        text: `Boil or throw away the ${what}`,
        more: `raw: ${join(duration(j.now.boilS))} from the true boil before you eat or dry it`,
      },
    ];
  if (left * 1000 < DAY)
    return [
      { ...of, at: now + left * 1000, text: `Finish ${what}`, more: `${amountLeft(j)}, ${join(duration(left))} left` },
    ];
  return [];
}
function batchItem(b: Running, now: number): readonly Item[] {
  const t = b.progress.current;
  if (!t) return [];
  const of = { key: b.batch.id, to: `/bench/${b.batch.id}` };
  const soak = soakOf(b, now);
  if (soak) {
    const after = b.progress.tasks[b.progress.tasks.indexOf(t) + 1];
    return [
      {
        ...of,
        at: now + (soak.plannedS - soak.elapsedS) * 1000,
        text: after ? nameOfTask(after) : 'The soak ends',
        more: `${b.batch.name}, when the soak is done`,
      },
    ];
  }
  const timer = timerOf(b, now);
  return [
    {
      ...of,
      at: timer ? now + timer.leftS * 1000 : now,
      text: timer ? `${nameOfTask(t)} ends` : nameOfTask(t),
      more: b.batch.name,
    },
  ];
}
