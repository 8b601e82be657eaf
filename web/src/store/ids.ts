const LETTERS = '0123456789abcdefghjkmnpqrstvwxyz';

/** A new id: 16 letters from the machine's own randomness (a phone over plain http has no randomUUID). */
export function newId(prefix: string): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return `${prefix}-${Array.from(bytes, (b) => LETTERS[b % 32]).join('')}`;
}
