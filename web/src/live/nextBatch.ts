import { nameOfTask, soakOf, timerOf } from './running';
import type { Running } from './running';
import type { ToDo } from './toDo';

const HOUR = 3_600_000;
/** Water in which something soaks in the room is changed about twice a day (common practice). */
const CHANGE_AFTER = 12 * HOUR;
/** Close to the end of a soak it is not worth it. */
const NOT_WITHIN = 3 * HOUR;

/** The step that a batch waits for, or that its timer or its soak comes to. */
export function stepItem(b: Running, now: number): readonly ToDo[] {
  const t = b.progress.current;
  if (!t) return [];
  const of = { key: b.batch.id, keys: [b.batch.id], to: `/bench/${b.batch.id}`, urgent: false };
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
/** The water of a long soak on the worktop; what soaks in the fridge keeps in its first. */
export function soakItems(b: Running, now: number): readonly ToDo[] {
  const t = b.progress.current;
  const soak = soakOf(b, now);
  if (!t || !soak || t.step.kind !== 'soak' || t.step.params.place !== 'room') return [];
  const begun = now - soak.elapsedS * 1000;
  const ends = begun + soak.plannedS * 1000;
  const n = Math.max(1, Math.floor((now - begun) / CHANGE_AFTER));
  const at = begun + n * CHANGE_AFTER;
  if (at > ends - NOT_WITHIN) return [];
  const key = `water ${b.batch.id} ${n}`;
  return [
    {
      key,
      keys: [key],
      at,
      urgent: false,
      to: `/bench/${b.batch.id}`,
      text: 'Change the soak water',
      more: `${b.batch.name}: fresh water is cleaner; the longest soak still counts from the beginning`,
      note: { batch: b.batch.id, text: 'Soak water changed.' },
    },
  ];
}
