import type { Summary } from '../batch';
import { duration, join, millilitres, percent } from './format';

/** What a reading changed, in a sentence: only what a cook would notice. Nothing noticeable → a plain word for it. */
export function changeText(before: Summary, after: Summary): string {
  const a = before.main;
  const b = after.main;
  if (!a || !b) return 'Noted.';
  const said: string[] = [];
  if (Math.abs(b.volumeMl - a.volumeMl) >= Math.max(10, 0.01 * a.volumeMl))
    said.push(`the milk comes to ${join(millilitres(b.volumeMl))} instead of ${join(millilitres(a.volumeMl))}`);
  if (Math.abs((b.solids ?? 0) - (a.solids ?? 0)) >= 0.001)
    said.push(`${join(percent(b.solids ?? 0))} solids instead of ${join(percent(a.solids ?? 0))}`);
  if (b.inhibitorLeft !== null && a.inhibitorLeft !== null && Math.abs(b.inhibitorLeft - a.inhibitorLeft) >= 0.01)
    said.push(`${join(percent(b.inhibitorLeft))} of the inhibitor left instead of ${join(percent(a.inhibitorLeft))}`);
  if (b.done !== a.done) said.push(b.done ? 'the milk is now boiled enough' : 'the milk is not boiled enough yet');
  const ka = a.keep?.s ?? 0;
  const kb = b.keep?.s ?? 0;
  if (Math.abs(ka - kb) >= 3 * 3600) said.push(`it keeps ${join(duration(kb))} instead of ${join(duration(ka))}`);
  if (said.length === 0) return 'Noted: as planned, nothing changes.';
  return `Noted: ${said.length > 1 ? `${said.slice(0, -1).join(', ')} and ${said.at(-1) ?? ''}` : (said[0] ?? '')}.`;
}
