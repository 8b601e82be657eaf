import { MODEL, progressOf, promisedOf } from '@ironpan/core/batch';
import type { Happening } from '@ironpan/core/batch';
import { unlearned, USUAL_KIT } from '@ironpan/core/kitchen';
import { methodById, recipeOf } from '@ironpan/core/methods';
import { look } from '@ironpan/core/questions';
import type { BatchRecord, EventRecord } from '@ironpan/core/records';

export const T = Date.UTC(2026, 2, 14, 7);

/** A batch of a school that began at `T`, and its log, written line by line. */
export function bench(school: string): {
  readonly batch: BatchRecord;
  readonly events: EventRecord[];
  readonly say: (s: number, h: Happening) => void;
  readonly upTo: (step: string, task: string, s: number) => void;
} {
  const method = methodById(school);
  if (!method) throw new Error(school);
  const recipe = recipeOf(method);
  const kit = { ...USUAL_KIT, altitudeM: 640 };
  const seen = look(recipe, unlearned(kit));
  if (!seen) throw new Error('no look');
  const batch: BatchRecord = {
    ...{ v: 5, id: 'batch-1', number: 1, plan: 'plan-1', name: 'Practice', recipe, kit, beliefs: {}, model: MODEL },
    ...{ promised: promisedOf(seen.summary), startedAt: T },
  };
  const events: EventRecord[] = [];
  const say = (s: number, h: Happening): void => {
    const n = events.length + 1;
    events.push({ ...h, v: 7, id: `event-${n}`, batch: batch.id, seq: n, at: T + 1000 * s });
  };
  const upTo = (step: string, task: string, s: number): void => {
    for (const t of progressOf(batch, []).tasks) {
      if (t.step.id === step && t.task.id === task) return;
      say(s, { is: 'begun', step: t.step.id, task: t.task.id });
      say(s, { is: 'ended', step: t.step.id, task: t.task.id, by: 'cook' });
    }
    throw new Error(`no ${step} ${task}`);
  };
  return { batch, events, say, upTo };
}
