import type { JarNow } from '../batch';
import { massG, solidsG } from '../kitchen';
import { allergensIn } from '../materials';
import { allergensText } from './allergens';
import { TREATMENT_WORDS } from './labels';
import { join, percent } from './format';

/** Letters and figures that are not mistaken for each other when written by hand (Crockford's base 32). */
const SIGNS = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
const CODE_SIGNS = 5;
/** A short code of a jar, from its id: 33 million of them, so that two jars of one kitchen hardly ever share one. */
export function jarCode(id: string): string {
  // FNV-1a, 32 bits.
  let h = 0x811c9dc5;
  for (const c of id) h = Math.imul(h ^ (c.codePointAt(0) ?? 0), 0x01000193);
  let rest = h >>> 0;
  let code = '';
  for (let i = 0; i < CODE_SIGNS; i += 1) {
    code += SIGNS[rest % 32] ?? '';
    rest = Math.floor(rest / 32);
  }
  return code;
}
/** A code as somebody types it: small letters, blanks, o for 0 and l or i for 1. */
export const codeTyped = (text: string): string =>
  text
    .toUpperCase()
    .replace(/[\s-]+/g, '')
    .replaceAll('O', '0')
    .replace(/[IL]/g, '1');

/** All that stands on a jar's label, as words; instants are left to whoever knows the hour here. */
export interface LabelText {
  readonly title: string;
  /** What must not be missed: raw, not boiled, past. null: nothing. */
  readonly stop: string | null;
  readonly state: string;
  readonly strength: string;
  /** It parts in the jar, and comes back. */
  readonly shake: boolean;
  readonly allergens: string;
  readonly code: string;
}
/** @param stop what its stamp says from across the kitchen, if it says anything */
export function labelText(title: string, id: string, now: JarNow, stop: string | null): LabelText {
  const mass = massG(now.stream);
  const parts = (now.expected?.layers ?? []).length > 1;
  return {
    title,
    stop,
    state: TREATMENT_WORDS[now.treatment],
    strength: mass > 0 ? `${join(percent(solidsG(now.stream) / mass))} solids` : '',
    shake: parts,
    allergens: allergensText(allergensIn(now.foods)),
    code: jarCode(id),
  };
}
