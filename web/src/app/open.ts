import { db } from '../store/db';
import { realm } from '../store/realm';
import { now } from './clock';

/** Opens the kitchen's storage, asks the browser to keep it, and lays the demo when it is opened for the first time. */
export async function openKitchen(): Promise<void> {
  await db().open();
  if (realm() === 'demo' && (await db().settings.get('seededAt')) === undefined) {
    const { layDemo } = await import('../demo/lay');
    await layDemo(now());
  }
  try {
    // Not awaited: some browsers ask the cook, and nothing depends on the answer.
    void navigator.storage.persist().catch(() => false);
  } catch {
    // Not to be had over plain http on a phone; Kit says so.
  }
}
