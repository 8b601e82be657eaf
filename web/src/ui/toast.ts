import { notSaved } from './notSaved';

export interface Note {
  readonly id: number;
  readonly text: string;
  readonly act?: { readonly label: string; readonly run: () => void };
}
let notes: readonly Note[] = [];
let next = 1;
const listeners = new Set<() => void>();
const set = (n: readonly Note[]): void => {
  notes = n;
  for (const l of listeners) l();
};
/** Says something that happened, with a way back where there is one. It stays until it is closed or three newer came. */
export function tell(text: string, act?: Note['act']): void {
  const note: Note = act ? { id: next, text, act } : { id: next, text };
  next += 1;
  set([...notes.slice(-2), note]);
  if (!act) setTimeout(() => set(notes.filter((n) => n !== note)), 8000);
}
/** Takes one note away. */
export const close = (n: Note): void => set(notes.filter((x) => x !== n));
/** Tells whenever something was told or taken away. */
export function subscribe(l: () => void): () => void {
  listeners.add(l);
  return () => listeners.delete(l);
}
/** What is told now. */
export const shownNotes = (): readonly Note[] => notes;
/** The way back after something was taken away; if it cannot be gone, that is told too. */
export const putBack = (
  what: string,
  restore: () => Promise<unknown>,
  label = 'Put it back',
): NonNullable<Note['act']> => ({
  label,
  run: () => void restore().catch((e: unknown) => tell(notSaved(what, e))),
});
