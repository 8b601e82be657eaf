import type { TaskState } from '@ironpan/core/batch';
import { benchOf, nameOfTask, soakOf, timerOf, timersOf } from './running';
import type { Running } from './running';
import type { ToDo } from './toDo';

const HOUR = 3_600_000;
/** Water in which something soaks in the room is changed about twice a day (common practice). */
const CHANGE_AFTER = 12 * HOUR;
/** Close to the end of a soak it is not worth it. */
const NOT_WITHIN = 3 * HOUR;

/** What a batch waits for (`dueAt`: as the clock has it, ms), and what its timers and its soaks come to. */
export function stepItems(b: Running, now: number, dueAt = now): readonly ToDo[] {
  const { current } = b.progress;
  if (!current) return [];
  const of = (t: TaskState) => {
    const key = t === current ? b.batch.id : `${b.batch.id} ${t.step.id} ${t.task.id}`;
    return { key, keys: [key], to: benchOf(b.batch.id, t === current ? undefined : t), urgent: false };
  };
  const waiting: readonly ToDo[] = timerOf(current, now)
    ? []
    : [{ ...of(current), at: dueAt, text: nameOfTask(current, b.progress.recipe), more: b.batch.name }];
  return [...waiting, ...timersOf(b, now).map((timer) => endItem(b, timer.task, timer.leftS, now, of(timer.task)))];
}
type Of = Pick<ToDo, 'key' | 'keys' | 'to' | 'urgent'>;
function endItem(b: Running, t: TaskState, leftS: number, now: number, of: Of): ToDo {
  const at = now + leftS * 1000;
  if (!soakOf(b, t, now)) return { ...of, at, text: `${nameOfTask(t, b.progress.recipe)} ends`, more: b.batch.name };
  const after = b.progress.tasks[b.progress.tasks.indexOf(t) + 1];
  return {
    ...of,
    at,
    text: after ? nameOfTask(after, b.progress.recipe) : 'The soak ends',
    more: `${b.batch.name}, when the soak is done`,
  };
}
/** The water of long soaks on the worktop; what soaks in the fridge keeps in its first. */
export const soakItems = (b: Running, now: number): readonly ToDo[] =>
  b.progress.atHand.flatMap((t) => waterItem(b, t, now));
function waterItem(b: Running, t: TaskState, now: number): readonly ToDo[] {
  const soak = soakOf(b, t, now);
  if (!soak || t.step.kind !== 'soak' || t.step.params.place !== 'room') return [];
  const begun = now - soak.elapsedS * 1000;
  const ends = begun + soak.plannedS * 1000;
  const n = Math.max(1, Math.floor((now - begun) / CHANGE_AFTER));
  const at = begun + n * CHANGE_AFTER;
  if (at > ends - NOT_WITHIN) return [];
  const key = `water ${b.batch.id} ${n}${t === b.progress.current ? '' : ` ${t.step.id}`}`;
  return [
    {
      key,
      keys: [key],
      at,
      urgent: false,
      to: benchOf(b.batch.id, t),
      text: 'Change the soak water',
      more: `${b.batch.name}: fresh water is cleaner; the longest soak still counts from the beginning`,
      note: { batch: b.batch.id, text: 'Soak water changed.' },
    },
  ];
}
