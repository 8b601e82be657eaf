import { append, tablesOfLog } from './batches';
import { db } from './db';

/** What a cook said of something to do: not now, or not at all. */
export interface Answer {
  /** Asked again from this instant on; null: never. */
  readonly until: number | null;
  /** When it was said; what is long past is forgotten. */
  readonly at: number;
}
export type Answers = Readonly<Record<string, Answer>>;
const KEY = 'answers';
/** A jar does not stand longer than this: answers are forgotten then, ms. */
const FORGET_MS = 90 * 86_400_000;

/** What was said of things to do, by their keys. */
export async function readAnswers(): Promise<Answers> {
  return ((await db().settings.get(KEY))?.value as Answers | undefined) ?? {};
}
/** Says it of some of them; null takes it back. */
export function answer(keys: readonly string[], say: Answer | null, at: number): Promise<void> {
  const d = db();
  return d.transaction('rw', d.settings, async () => {
    const had = Object.entries(await readAnswers()).filter(([k, a]) => a.at > at - FORGET_MS && !keys.includes(k));
    const more = say === null ? [] : keys.map((k) => [k, say] as const);
    await d.settings.put({ key: KEY, value: Object.fromEntries([...had, ...more]) });
  });
}

/** Writes a note into a batch's log and answers what asked for it: both, or neither. `seen` as in `append`. */
export function noteAndAnswer(
  note: { readonly batch: string; readonly text: string },
  keys: readonly string[],
  at: number,
  seen?: number,
): Promise<void> {
  const d = db();
  return d.transaction('rw', [...tablesOfLog(d), d.settings], async () => {
    await append(note.batch, [{ is: 'note', text: note.text }], at, seen);
    await answer(keys, { until: null, at }, at);
  });
}

const REMIND = 'reminders';
/** Whether this browser was asked to remind of what comes next. */
export const readReminding = async (): Promise<boolean> => (await db().settings.get(REMIND))?.value === true;
export const keepReminding = async (on: boolean): Promise<void> => {
  await db().settings.put({ key: REMIND, value: on });
};
