import { lastSeq, readableAt, recordedOf } from '@ironpan/core/batch';
import type { Readable, TaskState } from '@ironpan/core/batch';
import { grams, join, SILENT_SCALE, weighText } from '@ironpan/core/words';
import type { Reading } from '@ironpan/core/steps';
import { useEffect, useMemo, useRef, useState } from 'react';
import { now } from '../clock';
import { append, readingOf } from '../store/batches';
import type { BenchHeard } from '../instruments';
import type { Running } from '../live/running';
import { isSilent } from './heardNow';

/** So far from what is expected a weight is taken unasked, as a share; beyond it, it may be the pot, or another thing. */
const NEAR = 0.3;
/** A water that is poured in several loads is told in all: the scale sees one of them. */
const ofLoads = (t: TaskState): boolean => t.step.kind === 'grind' && t.step.params.loads > 1;

/** What is weighed at this task, in its order, as the scale sees it. */
function weighables(r: Running, t: TaskState): readonly Readable[] {
  if (ofLoads(t)) return [];
  return readableAt(r.progress, t.step, r.batch).filter(
    (x) => x.spec.unit === 'g' && x.spec.task === t.task.id && x.atS === null && (x.expected ?? 0) > 0,
  );
}
/**
 * Takes the weights of this task from the scale, each once it stands still and can be what it should be, and says so. One
 * after the other: between two the scale is emptied. What was typed stays; what cannot be is asked about, and not taken.
 * Only the window that holds the line writes.
 */
export function useScale(r: Running, t: TaskState, heard: BenchHeard): string | null {
  const all = useMemo(() => weighables(r, t), [r, t]);
  const done = all.flatMap((x) => recordedOf(r.progress.readings, t.step.id, x) ?? []);
  const of = all.find((x) => !recordedOf(r.progress.readings, t.step.id, x));
  const weigh = heard.watch?.weigh;
  // What it said before it went silent may not be what is on it now.
  const silent = heard.latest.has('scale') && isSilent(heard, 'scale');
  const still = weigh?.is === 'still' && !silent ? weigh.g : null;
  const expected = of?.expected ?? 0;
  const before = done.at(-1);
  const [emptied, setEmptied] = useState(0);
  // Emptied since so many had been taken: what stands on it now is another thing.
  const isEmpty = weigh?.is === 'empty';
  if (isEmpty && emptied !== done.length) setEmptied(done.length);
  const another = before === undefined || emptied === done.length;
  const near = still !== null && expected > 0 && Math.abs(still / expected - 1) < NEAR;
  const takes = of !== undefined && near && another && heard.leads;
  const under = useRef(false);
  useEffect(() => {
    if (!takes || under.current) return;
    under.current = true;
    append(r.batch.id, [readingOf(t.step.id, t.task.id, of.what, still, 'scale')], now(), lastSeq(r.events))
      // Not kept: the next tick tries again.
      .catch(() => undefined)
      .finally(() => {
        under.current = false;
      });
  }, [takes, of, still, r, t]);
  const taken =
    before?.source === 'scale' ? `Taken from the scale: ${nameOf(all, before)} ${join(grams(before.value))}.` : null;
  if (!of || !weigh || !another) return taken;
  if (silent) return weigh.is === 'unknown' || weigh.is === 'empty' ? taken : SILENT_SCALE;
  if (still !== null && !near)
    return `The scale stands at ${join(grams(still))}; ${join(grams(expected))} is expected. Is something else on it? Type it below if it is right.`;
  const text = weighText(weigh);
  return text === null ? taken : `On the scale: ${text}.`;
}
const nameOf = (all: readonly Readable[], of: Reading): string => all.find((x) => x.what === of.what)?.spec.label ?? '';
