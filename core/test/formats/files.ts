import type { Kitchen } from '../../src/records';

export const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text);
/** The one JSON text that version 1 wrote; rows of any version may stand in it. */
export const backupV1 = (k: Kitchen): string =>
  JSON.stringify({ format: 'ironpan-kitchen', version: 1, exportedAt: 1_000, tables: k });
