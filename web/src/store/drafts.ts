import { db } from './db';

/** Figures half typed at the bench, so that a closed tab loses at most the keystroke. */
const KEY = 'draft ';
/** What was half typed here; nothing: an empty text. */
export async function readDraft(key: string): Promise<string> {
  const row = await db().settings.get(KEY + key);
  return typeof row?.value === 'string' ? row.value : '';
}
/** Keeps what is half typed. */
export async function keepDraft(key: string, text: string): Promise<void> {
  if (text === '') await db().settings.delete(KEY + key);
  else await db().settings.put({ key: KEY + key, value: text });
}
