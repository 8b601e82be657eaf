import { registerSW } from 'virtual:pwa-register';

/** Is there a newer Ironpan, and what would take it up. */
export interface Update {
  readonly ready: boolean;
  readonly take: () => void;
}
let update: Update = { ready: false, take: () => undefined };
const listeners = new Set<() => void>();
export const shownUpdate = (): Update => update;
export function subscribeUpdate(l: () => void): () => void {
  listeners.add(l);
  return () => listeners.delete(l);
}

/** Nothing half typed and no question open: the page may be loaded anew, and nobody loses a letter. */
function soundMoment(): boolean {
  if (document.querySelector('dialog[open]')) return false;
  const at = document.activeElement;
  const typing = at instanceof HTMLInputElement || at instanceof HTMLTextAreaElement;
  return !typing && document.querySelector('[aria-invalid="true"], [data-not-saved]') === null;
}

const RELOADED = 'ironpan-reloaded';
/**
 * A place was asked for after the server was rebuilt: its old file is gone, and a fresh page has the new one. At a sound
 * moment the page is loaded anew where it now is, once: a second time in a row would only turn in a circle.
 */
export function reloadOnce(): boolean {
  if (!soundMoment()) return false;
  try {
    if (sessionStorage.getItem(RELOADED) === import.meta.url) return false;
    sessionStorage.setItem(RELOADED, import.meta.url);
  } catch {
    return false;
  }
  location.reload();
  return true;
}

/**
 * The service worker keeps every place and worker at hand, so that all works with the server gone. A newer build waits
 * until it is taken up: by the press that offers it, or by itself when the page is left alone at a sound moment.
 */
export function watchForUpdates(): void {
  const take = registerSW({
    onNeedRefresh: () => {
      update = { ready: true, take: () => void take(true) };
      for (const l of listeners) l();
    },
  });
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'hidden' && update.ready && soundMoment()) update.take();
  });
}
