import { db } from './db';

/** How the bench calls its cook, in this browser alone; the tone always sounds where sound is allowed. */
export interface Calls {
  /** Each step is spoken when it begins, and that its time is up. */
  readonly aloud: boolean;
  /** The end of a timer is told outside of the page too. */
  readonly outside: boolean;
}
const KEY = 'calls';
const QUIET: Calls = { aloud: false, outside: false };

export async function readCalls(): Promise<Calls> {
  return { ...QUIET, ...((await db().settings.get(KEY))?.value as Partial<Calls> | undefined) };
}
/** Changes one of them, and leaves the others as another window may have set them. */
export async function keepCalls(part: Partial<Calls>): Promise<void> {
  const d = db();
  await d.transaction('rw', d.settings, async () => {
    await d.settings.put({ key: KEY, value: { ...(await readCalls()), ...part } });
  });
}
