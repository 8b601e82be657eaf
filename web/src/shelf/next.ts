import { saysFine } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import { duration, join } from '@ironpan/core/words';
import { nameOfTask, soakOf, timerOf } from '../live/running';
import type { Running } from '../live/running';
import { amountLeft } from './say';
import type { Doing } from './sheet/doings';
import type { ShelfJar } from './useShelf';

/** One thing to do, and by when. */
export interface ToDo {
  readonly key: string;
  readonly at: number;
  /** Stands before all that has an hour: somebody might drink it. */
  readonly urgent: boolean;
  readonly text: string;
  readonly more: string;
  readonly jar?: string;
  readonly begin?: Doing;
  readonly to?: string;
}
const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** Raw pulp is boiled well before its time is over. */
const BOIL_AHEAD_S = 6 * 3600;
/** A first look once it is cold and has stood; then one a day. */
const FIRST_LOOK_AFTER = 4 * HOUR;
/** Less than this is drunk, not frozen, ml. */
const WORTH_FREEZING_ML = 250;

/** What to do next, from all that stands and soaks and runs: what nobody may drink first, then by the hour. */
export function nextOf(jars: readonly ShelfJar[], batches: readonly Running[], now: number): readonly ToDo[] {
  const all = [
    ...jars.flatMap((j) => jarItem(j, now)),
    ...lookItem(jars, now),
    ...batches.flatMap((b) => batchItem(b, now)),
  ];
  return together(all).sort((a, b) => Number(b.urgent) - Number(a.urgent) || a.at - b.at || a.key.localeCompare(b.key));
}

/** Jars of one milk that want the same are one line, by the first of them; its sheet leads to the next. */
function together(all: readonly ToDo[]): ToDo[] {
  return [...groupBy(all, (i) => (i.jar === undefined ? i.key : `${i.urgent} ${i.text}`)).values()].flatMap((same) => {
    const [first, ...more] = [...same].sort((a, b) => a.at - b.at || a.key.localeCompare(b.key));
    if (!first) return [];
    return [more.length === 0 ? first : { ...first, more: `${same.length} jars; the first: ${first.more}` }];
  });
}

function jarItem(j: ShelfJar, now: number): readonly ToDo[] {
  const left = j.now.keep?.s ?? Infinity;
  const of = { key: j.jar.id, jar: j.jar.id, urgent: false };
  const what = `${j.name}, batch ${j.batch.number}`;
  const throwAway = { ...of, at: now, urgent: true, begin: 'throw' as const, text: `Throw away ${what}` };
  if (j.now.turned) return [{ ...throwAway, more: `${amountLeft(j)}: a look said that it has turned` }];
  if (left <= 0) return [{ ...throwAway, more: `${amountLeft(j)}, past its time` }];
  if (j.danger)
    return [
      {
        ...of,
        at: now,
        urgent: true,
        text: `Boil ${what} now, or throw it away`,
        more: `not boiled enough: ${join(duration(j.now.boilS))} more at the true boil. Do not drink it as it is`,
      },
    ];
  if (!j.now.done)
    return [
      {
        ...of,
        at: now + Math.max(0, left - BOIL_AHEAD_S) * 1000,
        text: `Boil or throw away the ${what}`,
        more: `raw: ${join(duration(j.now.boilS))} from the true boil before you eat or dry it`,
      },
    ];
  if (left * 1000 >= DAY) return [];
  const freezes = !j.pulp && j.now.place !== 'freezer' && j.now.leftMl >= WORTH_FREEZING_ML;
  return [
    {
      ...of,
      at: now + left * 1000,
      text: `${j.pulp ? 'Use up' : 'Drink'} ${what}`,
      more: `${amountLeft(j)}, ${join(duration(left))} left${freezes ? ': or freeze what you will not drink' : ''}`,
    },
  ];
}

/** Of the milks that want a look, the one that has waited longest: one at a time, so that it stays ten seconds. */
function lookItem(jars: readonly ShelfJar[], now: number): readonly ToDo[] {
  const wants = new Map<string, { readonly j: ShelfJar; readonly due: number }>();
  for (const j of jars) {
    if (j.pulp || j.danger || j.now.turned || j.now.place === 'freezer' || (j.now.keep?.s ?? 0) <= 0) continue;
    // Jars of one milk of one batch are one milk: a look at any of them is a look at it.
    const milk = `${j.batch.id} ${j.jar.product}`;
    const last = j.now.looks.at(-1)?.at ?? null;
    const due = last === null ? j.jar.filledAt + FIRST_LOOK_AFTER : last + DAY;
    const had = wants.get(milk);
    if (!had || due > had.due) wants.set(milk, { j, due });
  }
  const due = [...wants.values()].filter((w) => w.due <= now).sort((a, b) => a.due - b.due);
  const [first] = due;
  if (!first) return [];
  const { j } = first;
  const day = Math.floor((now - j.jar.filledAt) / DAY) + 1;
  const again = j.now.looks.some((l) => saysFine(l.look)) ? '' : 'its first look, ';
  return [
    {
      key: `look ${j.jar.id}`,
      at: now,
      urgent: false,
      jar: j.jar.id,
      begin: 'look',
      text: `Look at the ${j.name}, batch ${j.batch.number}`,
      more: `${again}day ${day}: ten seconds${due.length > 1 ? `; ${due.length - 1} more milk${due.length > 2 ? 's' : ''} after it` : ''}`,
    },
  ];
}

function batchItem(b: Running, now: number): readonly ToDo[] {
  const t = b.progress.current;
  if (!t) return [];
  const of = { key: b.batch.id, to: `/bench/${b.batch.id}`, urgent: false };
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
