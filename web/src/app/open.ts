import { NewerStorageError, db, openDatabase } from '../store/db';
import { digestMissing, digestStale } from '../store/digests';
import { realm } from '../store/realm';
import { now } from './clock';

/** How the kitchen's storage stands; the page shows a place only when it is open. */
export type Opening =
  | { readonly is: 'opening' | 'blocked' | 'open' | 'newer' | 'overtaken' | 'deleted' }
  | { readonly is: 'refused'; readonly why: string };

let state: Opening = { is: 'opening' };
const listeners = new Set<() => void>();
const set = (s: Opening): void => {
  state = s;
  for (const l of listeners) l();
};
export const opening = (): Opening => state;
export function subscribeOpening(l: () => void): () => void {
  listeners.add(l);
  return () => listeners.delete(l);
}

/** Opens the kitchen's storage, asks the browser to keep it, and lays the demo when it is opened for the first time. */
export async function openKitchen(): Promise<void> {
  try {
    await openDatabase(
      () => set({ is: 'blocked' }),
      (why) => set({ is: why === 'newer' ? 'overtaken' : 'deleted' }),
    );
    if (realm() === 'demo' && (await db().settings.get('seededAt')) === undefined) {
      const { layDemo } = await import('../demo/lay');
      await layDemo(now());
    }
    await digestMissing();
    set({ is: 'open' });
  } catch (e) {
    if (e instanceof NewerStorageError) set({ is: 'newer' });
    else set({ is: 'refused', why: e instanceof Error ? e.message : String(e) });
    return;
  }
  // What an older model folded is folded anew while nothing else is to do; a page that shows it earlier does it itself.
  void digestStale(() => new Promise((r) => setTimeout(r, 200))).catch(() => undefined);
  try {
    // Not awaited: some browsers ask the cook, and nothing depends on the answer.
    void navigator.storage.persist().catch(() => false);
  } catch {
    // Not to be had over plain http on a phone; Kit says so.
  }
}
