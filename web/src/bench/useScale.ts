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
import { reportAs } from '../report';

/** So far from what is expected a weight is taken unasked, as a share; beyond it, it may be the pot, or another thing. */
const NEAR = 0.3;
/** Several loads of a jug share their water: the scale sees that of one. */
const loadsOf = (t: TaskState): number => (t.step.kind === 'grind' ? t.step.params.loads : 1);
/** The water of this load. The reading is of all of them: what is not weighed yet is as it was planned. */
function waterOfLoad(r: Running, t: TaskState): Weighed | null {
  const of = readableAt(r.progress, t.step, r.batch).find((x) => x.what === 'waterG');
  const planned = of?.expected ?? 0;
  if (!of || planned <= 0) return null;
  const each = planned / loadsOf(t);
  const told = r.events.filter(
    (e) => e.is === 'reading' && e.reading.step === t.step.id && e.reading.what === 'waterG',
  );
  const mine = told.some((e) => e.is === 'reading' && (e.reading.task === t.task.id || e.reading.source !== 'scale'));
  const all = recordedOf(r.progress.readings, t.step.id, of);
  const done = mine ? all : undefined;
  return { of, expected: each, done, total: (g) => (all?.value ?? planned) - each + g };
}
interface Weighed {
  readonly of: Readable;
  readonly expected: number;
  /** What was recorded of it. */
  readonly done: Reading | undefined;
  /** What is recorded where the scale shows so much. */
  readonly total: (g: number) => number;
}

/** What is weighed at this task, in its order, as the scale sees it. */
function weighables(r: Running, t: TaskState): readonly Weighed[] {
  if (loadsOf(t) > 1) {
    const water = waterOfLoad(r, t);
    return water ? [water] : [];
  }
  return readableAt(r.progress, t.step, r.batch)
    .filter((x) => x.spec.unit === 'g' && x.spec.task === t.task.id && x.atS === null && (x.expected ?? 0) > 0)
    .map((of) => ({
      of,
      expected: of.expected ?? 0,
      done: recordedOf(r.progress.readings, t.step.id, of),
      total: (g) => g,
    }));
}
/**
 * Takes the weights of this task from the scale, each once it stands still and can be what it should be, and says so. One
 * after the other: between two the scale is emptied. What was typed stays; what cannot be is asked about, and not taken.
 * Only the window that holds the line writes.
 */
export function useScale(r: Running, t: TaskState, heard: BenchHeard): string | null {
  const all = useMemo(() => weighables(r, t), [r, t]);
  const done = all.flatMap((x) => x.done ?? []);
  const of = all.find((x) => !x.done);
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
    append(
      r.batch.id,
      [readingOf(t.step.id, t.task.id, of.of.what, of.total(still), 'scale')],
      now(),
      lastSeq(r.events),
    )
      // Not kept: the next tick tries again.
      .catch(reportAs('Recording a weight from the scale'))
      .finally(() => {
        under.current = false;
      });
  }, [takes, of, still, r, t]);
  const taken =
    before?.source === 'scale'
      ? `Taken from the scale: ${nameOf(all, before)} ${join(grams(before.value))}${loadsOf(t) > 1 ? ' in all' : ''}.`
      : null;
  if (!of || !weigh || !another) return taken;
  if (silent) return weigh.is === 'unknown' || weigh.is === 'empty' ? taken : SILENT_SCALE;
  if (still !== null && !near)
    return `The scale stands at ${join(grams(still))}; ${join(grams(expected))} is expected. Is something else on it? Type it below if it is right.`;
  const text = weighText(weigh);
  return text === null ? taken : `On the scale: ${text}.`;
}
const nameOf = (all: readonly Weighed[], of: Reading): string =>
  all.find((x) => x.of.what === of.what)?.of.spec.label ?? '';
