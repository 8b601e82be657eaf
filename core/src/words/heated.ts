import type { JarNow } from '../batch';
import { join, roughly } from './format';

/** What a heating that the cook describes does to a jar's time: told before it is recorded. */
export function heatedText(before: JarNow, after: JarNow): string {
  if (after.spoiled) return 'It has no time left, and heat does not make spoiled food good again. Throw it away.';
  if (!before.done && !after.done) return 'That is not long enough for soy: it still has to boil.';
  const was = before.keep?.leftD ?? 0;
  const is = after.keep?.leftD ?? 0;
  const has = after.keep ? ` Cooled quickly and put in the fridge, it then keeps ${join(roughly(after.keep.s))}.` : '';
  return is > was + 0.05 ? `This heating gives it time back.${has}` : `This heating gives it no time back.${has}`;
}
