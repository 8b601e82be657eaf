import { saysFine } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import { duration, join } from '@ironpan/core/words';
import type { Answers } from '../store/answers';
import { dueItems, stepDueAt } from './due';
import type { DueNow } from './due';
import { soakItems, stepItems } from './nextBatch';
import type { Running } from './running';
import { amountLeft } from './say';
import type { ToDo } from './toDo';
import type { ShelfJar } from './shelf';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
/** Raw pulp is boiled well before its time is over. */
const BOIL_AHEAD_S = 6 * 3600;
/** A first look once it is cold and has stood; then one a day. */
const FIRST_LOOK_AFTER = 4 * HOUR;
/** Less than this is drunk, not frozen, ml. */
const WORTH_FREEZING_ML = 250;
/** A firm layer of this share of the fill cakes if it is left; shaken once a day it does not (common practice). */
const CAKES_FROM = 0.03;

/** What to do next, from all that stands and soaks and runs: what nobody may drink first, then by the hour. */
export function nextOf(
  jars: readonly ShelfJar[],
  batches: readonly Running[],
  now: number,
  due: DueNow = { begins: [], steps: new Map() },
): readonly ToDo[] {
  const all = [
    ...jars.flatMap((j) => jarItem(j, now)),
    ...jars.flatMap((j) => shakeItem(j, now)),
    ...lookItem(jars, now),
    ...batches.flatMap((b) => [...stepItems(b, now, stepDueAt(due, b, now)), ...soakItems(b, now)]),
    ...dueItems(due, now),
  ];
  return together(all).sort((a, b) => Number(b.urgent) - Number(a.urgent) || a.at - b.at || a.key.localeCompare(b.key));
}
/** Those that are asked now, and those that were put off or refused. */
export function asked(
  items: readonly ToDo[],
  answers: Answers,
  now: number,
): { readonly open: readonly ToDo[]; readonly off: readonly ToDo[] } {
  const isOff = (i: ToDo): boolean =>
    i.keys.every((k) => {
      const a = answers[k];
      return a !== undefined && (a.until === null ? !i.urgent : a.until > now);
    });
  return { open: items.filter((i) => !isOff(i)), off: items.filter(isOff) };
}

/** Jars of one milk that want the same are one line, by the first of them; its sheet leads to the next. */
function together(all: readonly ToDo[]): ToDo[] {
  return [...groupBy(all, (i) => (i.jar === undefined ? i.key : `${i.urgent} ${i.text}`)).values()].flatMap((same) => {
    const [first, ...more] = [...same].sort((a, b) => a.at - b.at || a.key.localeCompare(b.key));
    if (!first) return [];
    if (more.length === 0) return [first];
    // One press says it of the first alone; the next then is the first.
    return [{ ...first, keys: same.map((i) => i.key), more: `${same.length} jars; the first: ${first.more}` }];
  });
}

type Item = Omit<ToDo, 'keys'>;
const one = (i: Item): ToDo => ({ ...i, keys: [i.key] });

function jarItem(j: ShelfJar, now: number): readonly ToDo[] {
  const left = j.now.keep?.s ?? Infinity;
  const of = { key: j.jar.id, jar: j.jar.id, urgent: false };
  const what = `${j.name}, batch ${j.batch.number}`;
  const throwAway = { ...of, at: now, urgent: true, begin: 'throw' as const, text: `Throw away ${what}` };
  if (j.now.turned) return [one({ ...throwAway, more: `${amountLeft(j)}: a look said that it has turned` })];
  if (left <= 0) return [one({ ...throwAway, more: `${amountLeft(j)}, past its time` })];
  if (j.danger)
    return [
      one({
        ...of,
        at: now,
        urgent: true,
        text: `Boil ${what} now, or throw it away`,
        more: `not boiled enough: ${join(duration(j.now.boilS))} more at the true boil. Do not drink it as it is`,
      }),
    ];
  if (!j.now.done)
    return [
      one({
        ...of,
        at: now + Math.max(0, left - BOIL_AHEAD_S) * 1000,
        text: `Boil or throw away the ${what}`,
        more: `raw: ${join(duration(j.now.boilS))} from the true boil before you eat or dry it`,
        done: {
          say: { is: 'boiled', forS: j.now.boilS },
          told: `Boiled ${join(duration(j.now.boilS))}.`,
        },
      }),
    ];
  if (left * 1000 >= DAY) return [];
  const freezes = !j.pulp && j.now.place !== 'freezer' && j.now.leftMl >= WORTH_FREEZING_ML;
  return [
    one({
      ...of,
      at: now + left * 1000,
      text: `${j.pulp ? 'Use up' : 'Drink'} ${what}`,
      more: `${amountLeft(j)}, ${join(duration(left))} left`,
      done: { say: { is: 'finished' }, told: `${j.name} finished.` },
      ...(freezes && { or: { text: 'or freeze what you will not drink', begin: 'move' as const } }),
    }),
  ];
}
/** What has settled firm is shaken once a day, so that it does not cake. */
function shakeItem(j: ShelfJar, now: number): readonly ToDo[] {
  const still = now - j.now.stillSince;
  if (j.pulp || j.danger || j.now.turned || j.now.place === 'freezer' || (j.now.keep?.s ?? 0) <= 0 || still < DAY)
    return [];
  const firm = (j.layers ?? []).reduce((x, l) => x + (l.kind === 'sediment' ? l.share : 0), 0);
  if (firm < CAKES_FROM) return [];
  return [
    one({
      key: `shake ${j.jar.id} ${j.now.stillSince}`,
      at: now,
      urgent: false,
      jar: j.jar.id,
      text: `Shake the ${j.name}, batch ${j.batch.number}`,
      more: `still for ${join(duration(still / 1000))}: what lies on the bottom cakes if it is left`,
      done: { say: { is: 'shaken', cameBack: 'wholly' }, told: 'Shaken.' },
    }),
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
    one({
      // Refused for today, it is asked for again tomorrow.
      key: `look ${j.jar.id} ${day}`,
      at: now,
      urgent: false,
      jar: j.jar.id,
      begin: 'look',
      text: `Look at the ${j.name}, batch ${j.batch.number}`,
      more: `${again}day ${day}: ten seconds${due.length > 1 ? `; ${due.length - 1} more milk${due.length > 2 ? 's' : ''} after it` : ''}`,
    }),
  ];
}
