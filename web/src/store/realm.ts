/** Which kitchen this browser has open: the cook's own, or the demo. The cook's is never seeded. */
export type Realm = 'kitchen' | 'demo';

const KEY = 'ironpan-realm';

/** The cook's last choice at this address; without one, what the server opens. */
export function realm(): Realm {
  const served = document.documentElement.dataset.realm === 'demo' ? 'demo' : 'kitchen';
  try {
    const chosen = localStorage.getItem(KEY);
    return chosen === 'kitchen' || chosen === 'demo' ? chosen : served;
  } catch {
    return served;
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
