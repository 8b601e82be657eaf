import { registerSW } from 'virtual:pwa-register';
import { soundMoment } from './reloading';

/** Is there a newer Ironpan, and what would take it up. */
export interface Update {
  readonly ready: boolean;
  readonly take: () => void;
}
let update: Update = { ready: false, take: () => undefined };
const listeners = new Set<() => void>();
/** Is a newer build ready? */
export const shownUpdate = (): Update => update;
/** Tells whenever that changes. */
export function subscribeUpdate(l: () => void): () => void {
  listeners.add(l);
  return () => listeners.delete(l);
}

/**
 * The newer build takes this page over, and the page is loaded anew from it. Listened for here: the helper reloads only
 * pages that a build already held when they were opened, and the very first visit was held by none.
 */
function takeUp(take: (reload: boolean) => Promise<void>): void {
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true });
  void take(true);
}

/**
 * The service worker keeps every place and worker at hand, so that all works with the server gone. A newer build waits
 * until it is taken up: by the press that offers it, or by itself when the page is left alone at a sound moment.
 */
export function watchForUpdates(): void {
  const take = registerSW({
    onNeedRefresh: () => {
      update = { ready: true, take: () => takeUp(take) };
      for (const l of listeners) l();
    },
  });
  document.addEventListener('visibilitychange', () => {
    // A page loaded anew may not ring until it is touched: while a timer runs only the cook's own press takes it up.
    const runs = document.querySelector('[data-runs]') !== null;
    if (document.visibilityState === 'hidden' && update.ready && !runs && soundMoment()) update.take();
  });
}
