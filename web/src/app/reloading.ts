/** Nothing half typed and no question open: the page may be loaded anew, and nobody loses a letter. */
export function soundMoment(): boolean {
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
