import { NewerStorageError, db, openDatabase } from '../store/db';
import { realm, recallRealm } from '../store/realm';
import { now } from '../clock';
import { reportAs } from '../report';

/** How the kitchen's storage stands; the page shows a place only when it is open. */
export type Opening =
  /** `slow`: the browser has not answered for a while. */
  | { readonly is: 'opening'; readonly slow?: true }
  | { readonly is: 'open' }
  | { readonly is: 'blocked' | 'newer' | 'overtaken' | 'deleted' }
  | { readonly is: 'refused'; readonly why: string };

let state: Opening = { is: 'opening' };
const listeners = new Set<() => void>();
const set = (s: Opening): void => {
  state = s;
  for (const l of listeners) l();
};
/** How far the storage is open. */
export const opening = (): Opening => state;
/** Tells whenever that changes. */
export function subscribeOpening(l: () => void): () => void {
  listeners.add(l);
  return () => listeners.delete(l);
}

/** The page comes first. */
const AFTER_FIRST_PAGE_MS = 3000;
async function refreshBook(): Promise<void> {
  const { digestStale } = await import('../store/digests');
  const breath = (): Promise<void> => new Promise((r) => setTimeout(r, 200));
  await digestStale(breath);
  const { fatesMissing } = await import('../store/fates');
  await fatesMissing(breath);
}

/** Opening takes a second at most; a browser that has not answered by then may never do. */
const SLOW_MS = 10_000;
/** Opens the kitchen's storage, asks the browser to keep it, and lays the demo when it is opened for the first time. */
export async function openKitchen(): Promise<void> {
  const slow = setTimeout(() => {
    if (state.is === 'opening') set({ is: 'opening', slow: true });
  }, SLOW_MS);
  try {
    await recallRealm();
    await openDatabase(
      () => set({ is: 'blocked' }),
      (why) => set({ is: why === 'newer' ? 'overtaken' : 'deleted' }),
    );
    clearTimeout(slow);
    if (realm() === 'demo' && (await db().settings.get('seededAt')) === undefined) {
      const { layDemo } = await import('../demo/lay');
      await layDemo(now());
    }
    if (realm() === 'practice') await (await import('../store/practice')).beginPractice();
    // Folding is half of the core: it is loaded before the page only where lines of the book are missing.
    if ((await db().batches.count()) !== (await db().digests.count())) {
      const { digestMissing } = await import('../store/digests');
      await digestMissing();
    }
    set({ is: 'open' });
  } catch (e) {
    if (e instanceof NewerStorageError) set({ is: 'newer' });
    else set({ is: 'refused', why: e instanceof Error ? e.message : String(e) });
    return;
  }
  // What an older model folded is folded anew while nothing else is to do; a page that shows it earlier does it itself.
  setTimeout(() => void refreshBook().catch(reportAs('Working out the log again')), AFTER_FIRST_PAGE_MS);
  try {
    // Not awaited: some browsers ask the cook, and nothing depends on the answer.
    void navigator.storage.persist().catch(() => false);
  } catch {
    // Not to be had over plain http on a phone; Kit says so.
  }
}
