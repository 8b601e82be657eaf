/** Which kitchen this window has open: the cook's own, the demo, or one to practise in. The cook's is never seeded. */
export type Realm = 'kitchen' | 'demo' | 'practice';

const KEY = 'ironpan-realm';

/** What the server opened last for a browser that had not chosen: a page that comes from the cache does not say it. */
const SERVED = 'ironpan-served';
/** Whose plan is practised, to go back to. */
const FROM = 'ironpan-practised-from';

const known = (r: string | null | undefined): Realm | null =>
  r === 'kitchen' || r === 'demo' || r === 'practice' ? r : null;

let mine: Realm | undefined;
/** The cook's last choice at this address; without one, what the server opens. It holds as long as the page does. */
export function realm(): Realm {
  mine ??= chosen();
  return mine;
}
function chosen(): Realm {
  const served = known(document.documentElement.dataset.realm);
  try {
    if (served) localStorage.setItem(SERVED, served);
    return known(localStorage.getItem(KEY)) ?? served ?? known(localStorage.getItem(SERVED)) ?? 'kitchen';
  } catch {
    return served ?? 'kitchen';
  }
}
/** Opens another kitchen; the page starts anew on it, so nothing of one can leak into the other. */
export function openRealm(r: Realm, path = '/'): void {
  try {
    if (r === 'practice') localStorage.setItem(FROM, realm());
    localStorage.setItem(KEY, r);
  } catch {
    // Storage refused: the application says so on its own page.
  }
  location.assign(path);
}
/** The kitchen that practice was begun from. */
export function practisedFrom(): Realm {
  const from = known(localStorage.getItem(FROM));
  return from === null || from === 'practice' ? 'kitchen' : from;
}
