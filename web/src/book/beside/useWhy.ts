import type { Explanation, Together } from '@ironpan/core/comparing';
import { useMemo } from 'react';
import type { Beside } from '../../live/useBeside';
import type { Running } from '../../live/running';
import { askTogether, askWhy } from '../../offload';
import type { Running as Asking } from '../../offload';
import { databaseName } from '../../store/db';
import { realm } from '../../store/realm';
import { useAsked } from '../../ui/useAsked';
import type { Asked } from '../../ui/useAsked';

const sideOf = (b: Beside) =>
  b.row.is === 'batch'
    ? ({ is: 'batch', batch: b.row.of.batch, events: b.row.of.events, traces: b.row.of.traces } as const)
    : ({ is: 'plan', recipe: b.row.of.recipe, here: { kit: b.made.kit, beliefs: b.made.beliefs } } as const);

type Answer<T> = Asked<unknown> & { readonly now: T | null };
/**
 * An answer from a worker to the question that `key` names (null: none); an old one is never shown under a new question.
 */
function useKeyed<T>(key: string | null, ask: (on: (p: number) => void) => Asking<T>): Answer<T> {
  const start = useMemo(
    () =>
      key === null
        ? null
        : (on: (p: number) => void) => {
            const run = ask(on);
            return { done: run.done.then((data) => ({ key, data })), stop: run.stop };
          },
    // `ask` is a new function at each render; the key says when the question changes.
    // oxlint-disable-next-line react/exhaustive-deps
    [key],
  );
  const asked = useAsked(start);
  return { ...asked, now: asked.data?.key === key ? asked.data.data : null };
}
/** What a side is made of: its log, or its revision in the kitchen as it now is. */
const keyOf = (b: Beside): string =>
  b.row.is === 'batch'
    ? `${b.id} ${b.row.of.events.length}`
    : `${b.id} ${b.row.of.rev} ${JSON.stringify(b.made.beliefs)} ${JSON.stringify(b.made.kit)}`;

/** Why a batch came out otherwise than it was planned. Its log grew: another question. */
export function useWhyOf({ batch, events, traces }: Running): Answer<Explanation> {
  const planned = { is: 'plan', recipe: batch.recipe, here: { kit: batch.kit, beliefs: batch.beliefs } } as const;
  return useKeyed(`${batch.id} ${events.length}`, (on) => askWhy(planned, { is: 'batch', batch, events, traces }, on));
}
/** Why the second came out otherwise. */
export const useWhy = (first: Beside, second: Beside): Answer<Explanation> =>
  useKeyed(`${keyOf(first)} ${keyOf(second)}`, (on) => askWhy(sideOf(first), sideOf(second), on));
/** What always changed together over the batches of that milk; not asked while fewer than two moved anything. */
export const useTogether = (first: Beside, second: Beside, order: readonly string[]): readonly Together[] | null =>
  useKeyed(order.length < 2 ? null : `${keyOf(first)} ${keyOf(second)} ${order.join(' ')}`, () =>
    askTogether({
      ...{ first: sideOf(first), second: sideOf(second), order, milk: first.milk },
      database: databaseName(realm()),
    }),
  ).now;
