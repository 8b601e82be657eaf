/** A new id: 16 letters from the machine's own randomness (a phone over plain http has no randomUUID). */
export declare function newId(prefix: string): string;
