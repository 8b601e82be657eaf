/** Whether this browser has notifications at all (a phone over plain http has none). */
export const mayRemind = (): boolean => typeof Notification === 'function';
/** Asks, if that was not answered before. */
export async function mayRemindNow(): Promise<boolean> {
  if (!mayRemind()) return false;
  if (Notification.permission === 'default') await Notification.requestPermission();
  return Notification.permission === 'granted';
}
/** Says something outside of the page; where that is not allowed, nothing. */
export function remind(title: string, body: string): void {
  if (!mayRemind() || Notification.permission !== 'granted') return;
  try {
    new Notification(title, { body, tag: title });
  } catch {
    // Some phones have them for installed pages alone; the list says it all the same.
  }
}
