const LETTERS = '0123456789abcdefghjkmnpqrstvwxyz';

/** A new id: 16 letters from the machine's own randomness (a phone over plain http has no randomUUID). */
export function newId(prefix: string): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return `${prefix}-${Array.from(bytes, (b) => LETTERS[b % 32]).join('')}`;
}
/** A seed for what is drawn, 0..2³²−1, from the machine's own randomness. */
export const newSeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0] ?? 0;
