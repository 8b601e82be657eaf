import { reportAs } from '../report';
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

function offer(take: () => void): void {
  update = { ready: true, take };
  for (const l of listeners) l();
}

const SCRIPT = '/sw.js';
/** This window asked for the newer build, so it reloads once that build controls it. */
let asked = false;

/**
 * The service worker caches every place and worker, so the app works with the server gone. A newer build waits until a
 * window installs it: by the press that offers it, or by itself when a window is hidden at a sound moment. Only that
 * window reloads. Every other window keeps its page, offers the update too, and installs it at its own sound moment.
 */
export function watchForUpdates(): void {
  if (import.meta.env.DEV || !('serviceWorker' in navigator)) return;
  const container = navigator.serviceWorker;
  // The very first visit is controlled by no build: being claimed by the first one is no update.
  let controlled = container.controller !== null;
  container.addEventListener('controllerchange', () => {
    if (asked) location.reload();
    else if (controlled) offer(() => location.reload());
    controlled = true;
  });
  // A browser that blocks service workers may answer with none: then the app works as long as the server answers.
  void container
    .register(SCRIPT)
    .then((r: ServiceWorkerRegistration | undefined) => r && watch(r), reportAs('Registering the service worker'));
  document.addEventListener('visibilitychange', () => {
    // A reloaded page may not ring until it is touched, so a window with a timer waits for the cook's own press.
    const runs = document.querySelector('[data-runs]') !== null;
    if (document.visibilityState === 'hidden' && update.ready && !runs && soundMoment()) update.take();
  });
}
function watch(registration: ServiceWorkerRegistration): void {
  const offerWaiting = (): void => {
    if (navigator.serviceWorker.controller === null) return;
    offer(() => {
      asked = true;
      // It may have been activated by another window meanwhile.
      if (registration.waiting) registration.waiting.postMessage({ type: 'SKIP_WAITING' });
      else location.reload();
    });
  };
  if (registration.waiting) offerWaiting();
  registration.addEventListener('updatefound', () => {
    const worker = registration.installing;
    worker?.addEventListener('statechange', () => {
      if (worker.state === 'installed') offerWaiting();
    });
  });
}
