/** Which kitchen this browser has open: the cook's own, or the demo. The cook's is never seeded. */
export type Realm = 'kitchen' | 'demo';

const KEY = 'ironpan-realm';

/** What the server opened last for a browser that had not chosen: a page that comes from the cache does not say it. */
const SERVED = 'ironpan-served';

const known = (r: string | null | undefined): Realm | null => (r === 'kitchen' || r === 'demo' ? r : null);

/** The cook's last choice at this address; without one, what the server opens. */
export function realm(): Realm {
  const served = known(document.documentElement.dataset.realm);
  try {
    if (served) localStorage.setItem(SERVED, served);
    return known(localStorage.getItem(KEY)) ?? served ?? known(localStorage.getItem(SERVED)) ?? 'kitchen';
  } catch {
    return served ?? 'kitchen';
  }
}
/** Opens the other kitchen; the page starts anew on it, so nothing of one can leak into the other. */
export function openRealm(r: Realm): void {
  try {
    localStorage.setItem(KEY, r);
  } catch {
    // Storage refused: the application says so on its own page.
  }
  location.assign('/');
}
