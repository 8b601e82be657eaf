import { wallNow } from '../clock';
import { keepChoice, keptChoice } from './choice';

/** Which kitchen this window has open: the cook's own, the demo, or one to practise in. The cook's is never seeded. */
export type Realm = 'kitchen' | 'demo' | 'practice';

const KEY = 'ironpan-realm';
/** When that was chosen; a choice without it was not made by `openRealm`. */
const CHOSEN_AT = 'ironpan-realm-at';
/** What the server opened last for a browser that had not chosen: a page that comes from the cache does not say it. */
const SERVED = 'ironpan-served';

/** A name of a kitchen, or none. */
export const knownRealm = (r: string | null | undefined): Realm | null =>
  r === 'kitchen' || r === 'demo' || r === 'practice' ? r : null;

let mine: Realm | undefined;
/** The cook's last choice at this address; without one, what the server opens. It holds as long as the page does. */
export function realm(): Realm {
  mine ??= chosen();
  return mine;
}
function chosen(): Realm {
  const served = knownRealm(document.documentElement.dataset.realm);
  try {
    if (served) localStorage.setItem(SERVED, served);
    return knownRealm(localStorage.getItem(KEY)) ?? served ?? knownRealm(localStorage.getItem(SERVED)) ?? 'kitchen';
  } catch {
    return served ?? 'kitchen';
  }
}
/** Before anything else: a choice that was made just before the browser was killed is taken up. */
export async function recallRealm(): Promise<void> {
  const kept = await keptChoice();
  const known = knownRealm(kept?.realm);
  if (!kept || !known) return;
  try {
    const at = Number(localStorage.getItem(CHOSEN_AT) ?? -1);
    if (at >= kept.at) return;
    localStorage.setItem(KEY, known);
    localStorage.setItem(CHOSEN_AT, String(kept.at));
    mine = known;
  } catch {
    mine = known;
  }
}
/** Opens another kitchen; the page starts anew on it, so nothing of one can leak into the other. */
export async function openRealm(r: Realm, path = '/'): Promise<void> {
  const at = wallNow();
  await keepChoice({ realm: r, at });
  try {
    localStorage.setItem(KEY, r);
    localStorage.setItem(CHOSEN_AT, String(at));
  } catch {
    // Storage refused: the application says so on its own page.
  }
  location.assign(path);
}
