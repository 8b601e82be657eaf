/** A failure of the browser's storage, as a cook can use it: what was not kept, and what to do. */
export function notSaved(what: string, e: unknown): string {
  return `Not saved: ${what}. ${causeOf(e)}`;
}
const CAUSES: Readonly<Record<string, string>> = {
  QuotaExceededError: 'The disk is full. Free some space, then try again.',
  GoneError: 'It was deleted in another window.',
  DatabaseClosedError: 'The storage of this browser was closed or deleted under this page. Reload the page.',
  InvalidStateError: 'The storage of this browser was closed or deleted under this page. Reload the page.',
  NotFoundError: 'The storage of this browser was closed or deleted under this page. Reload the page.',
  VersionError: 'Another window uses a newer Ironpan. Reload this one.',
  SecurityError: 'This browser refuses to keep anything for this address. Allow site data for it.',
  OpenFailedError: 'The storage of this browser cannot be opened. Close other windows of Ironpan, then reload.',
  RangeError: 'It cannot be worked out as it stands.',
};
/** The name that counts: Dexie wraps a failure in others of its own. */
export function failureName(e: unknown): string {
  let name = 'Error';
  for (let x = e; typeof x === 'object' && x !== null; x = (x as { inner?: unknown }).inner) {
    const n = (x as { name?: unknown }).name;
    if (typeof n === 'string' && (n in CAUSES || name === 'Error')) name = n;
  }
  return name;
}
/** Why a write failed, in a sentence. */
export function causeOf(e: unknown): string {
  const known = CAUSES[failureName(e)];
  if (known !== undefined) return known;
  const said = e instanceof Error && e.message !== '' ? e.message.split('\n')[0] : 'it gave no reason';
  return `The browser could not keep it (${said}). Try again; if it stays so, export what you have and reload.`;
}
