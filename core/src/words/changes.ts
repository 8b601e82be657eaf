import type { Summary } from '../batch';
import type { TopUp } from '../questions';
import type { Fit } from '../steps';
import { HOUR_S, plain } from '../units';
import { duration, grams, join, millilitres, percent, roughly } from './format';
import { streamName } from './labels';
import { SLIP_WORDS } from './measures';

const noticed = (a: number, b: number): boolean => Math.abs(b - a) >= Math.max(10, 0.01 * a);
/** Does it go into jars as more than one thing (extracts, a milk and its cream)? Then what is said of one is not of all. */
export const inSeveral = (s: Summary): boolean => s.main !== null && noticed(s.main.volumeMl, s.jarredMl);

/**
 * What a reading changed, in sentences: only what a cook would notice. Nothing noticeable → a plain word for it. What the
 * tongue finds comes first; `overS`: so much longer than planned a blender ran, s.
 */
export function changeText(before: Summary, after: Summary, overS = 0): string {
  const tongue = tongueText(before, after, overS);
  const rest = figuresText(before, after);
  if (tongue === '') return rest;
  return rest === UNCHANGED ? tongue : `${tongue} ${rest}`;
}
const UNCHANGED = 'Noted: as planned, nothing changes.';
function tongueText(before: Summary, after: Summary, overS: number): string {
  const [a, b] = [before.main?.body, after.main?.body];
  if (!a || !b || a.slip === b.slip) return '';
  const why = overS >= 1 && b.glucan > a.glucan ? `: it ran ${join(duration(overS))} too long` : '';
  return `The milk is ${SLIP_WORDS[b.slip]} instead of ${SLIP_WORDS[a.slip]}${why}.`;
}
function figuresText(before: Summary, after: Summary): string {
  const a = before.main;
  const b = after.main;
  if (!a || !b) return 'Noted.';
  const said: string[] = [];
  const several = inSeveral(after);
  if (several && noticed(before.jarredMl, after.jarredMl))
    said.push(
      `all of it comes to ${join(millilitres(after.jarredMl))} instead of ${join(millilitres(before.jarredMl))}`,
    );
  const of = several ? streamName(b.stream) : 'milk';
  if (noticed(a.volumeMl, b.volumeMl))
    said.push(`the ${of} comes to ${join(millilitres(b.volumeMl))} instead of ${join(millilitres(a.volumeMl))}`);
  if (Math.abs((b.solids ?? 0) - (a.solids ?? 0)) >= 0.001)
    said.push(`${join(percent(b.solids ?? 0))} solids instead of ${join(percent(a.solids ?? 0))}`);
  if (b.inhibitorLeft !== null && a.inhibitorLeft !== null && Math.abs(b.inhibitorLeft - a.inhibitorLeft) >= 0.01)
    said.push(`${join(percent(b.inhibitorLeft))} of the inhibitor left instead of ${join(percent(a.inhibitorLeft))}`);
  if (b.done !== a.done) said.push(`the ${of} is ${b.done ? 'now boiled enough' : 'not boiled enough yet'}`);
  const ka = a.keep?.s ?? 0;
  const kb = b.keep?.s ?? 0;
  if (Math.abs(ka - kb) >= 3 * HOUR_S) said.push(`it keeps ${join(roughly(kb))} instead of ${join(roughly(ka))}`);
  if (said.length === 0) return UNCHANGED;
  return `Noted: ${said.length > 1 ? `${said.slice(0, -1).join(', ')} and ${said.at(-1) ?? ''}` : (said[0] ?? '')}.`;
}

/** What can still be done about a batch that came out short, in a sentence. */
export function topUpText(t: TopUp): string {
  const where =
    t.step.kind === 'wash' ? 'to wash the pulp' : t.step.kind === 'grind' ? 'in the jug' : 'where it is poured in';
  if (t.why === 'weak')
    return `To keep it at ${join(percent(t.solids))} solids, take ${join(grams(-t.addG))} less water ${where}: ${join(millilitres(t.ml))} then.`;
  return `To reach ${join(millilitres(t.ml))} all the same, take ${join(grams(t.addG))} more water ${where}: ${join(percent(t.solids))} solids then.`;
}

const COEFFICIENT: Readonly<Record<string, readonly [more: string, less: string]>> = {
  hold: ['The cloth held back more than usual', 'The cloth held back less than usual'],
  power: ['The jug works harder than usual', 'The jug works less hard than usual'],
  hob: ['The hob is stronger than usual', 'The hob is weaker than usual'],
  steam: ['More went off as steam than usual', 'Less went off as steam than usual'],
  cooling: ['It cools faster than usual', 'It cools more slowly than usual'],
  uptake: ['These drink more than usual', 'These drink less than usual'],
};
/** That figures hold what readings of earlier batches taught; null: they are as usual. */
export function taughtText(batches: number): string | null {
  if (batches <= 0) return null;
  return batches === 1
    ? 'What you measured in one batch is in these figures.'
    : `What you measured in ${plain(batches)} batches is in these figures.`;
}
/** What a reading taught about the kitchen; null when it was as usual. A figure that nothing explains is said so. */
export function fitText(f: Fit): string | null {
  const kind = COEFFICIENT[f.coefficient.slice(0, f.coefficient.indexOf(':'))];
  if (!kind) return null;
  if (f.coefficient.startsWith('cooling:') && f.leftOver !== 0)
    return 'No cooling explains that temperature by now: was the probe in the middle, and stirred?';
  if (f.leftOver < -20) return `${join(grams(-f.leftOver))} is unaccounted for: spilt, or weighed with another pot?`;
  if (f.leftOver > 20) return `${join(grams(f.leftOver))} more than there can be: was the pot weighed with it?`;
  if (Math.abs(f.value - 1) < 0.08) return null;
  return `${kind[f.value > 1 ? 0 : 1]}: ${plain(f.value, 1)} times. The rest of this batch is worked out so.`;
}
