import { plain } from '../units';

/** Structurally the faults of a table of readings; the formats room stands above this one. */
export interface ReadingFaultLike {
  readonly is: string;
  readonly line?: number;
  readonly text?: string;
  readonly may?: readonly string[];
  readonly rows?: number;
  readonly most?: number;
  readonly missing?: readonly string[];
  readonly has?: readonly string[];
}
const quoted = (all: readonly string[]): string => all.map((x) => `“${x}”`).join(', ');

/** What is wrong with a table of readings, and what to do. */
export function readingFaultText(f: ReadingFaultLike): string {
  const { text = '', may = [], line = 0 } = f;
  const at = `Line ${plain(line)}: `;
  switch (f.is) {
    case 'empty':
      return 'There is no line under the heads. A table of readings has a head and a line for each reading.';
    case 'tooMany':
      return `The file has ${plain(f.rows ?? 0)} lines; no more than ${plain(f.most ?? 0)} are taken at once. Cut it into parts.`;
    case 'heads':
      return `The ${(f.missing ?? []).length === 1 ? 'column' : 'columns'} ${quoted(f.missing ?? [])} ${(f.missing ?? []).length === 1 ? 'is' : 'are'} missing. The head of this file has ${quoted(f.has ?? [])}; it needs batch, step, reading, value and unit, in any order.`;
    case 'quotes':
      return `${at}a quotation mark is opened and not closed, so that no field after it can be told.`;
    case 'batch':
      return `${at}there is no batch ${text === '' ? 'named' : `“${text}”`} in this book. Say its number.`;
    case 'open':
      return `${at}batch ${text} is still on the bench: write it down there.`;
    case 'step':
      return `${at}that batch has no step “${text}”. It has ${quoted(may)}.`;
    case 'twoSteps':
      return `${at}that batch has several steps called “${text}”. Say which in a column “step id”: ${quoted(may)}.`;
    case 'reading':
      return may.length === 0
        ? `${at}nothing is read at that step.`
        : `${at}“${text}” is not read at that step. There it is ${quoted(may)}.`;
    case 'number':
      return `${at}“${text}” is no number.`;
    case 'ambiguous':
      return `${at}“${text}” may be a thousand or one and a bit. Write it without a comma.`;
    case 'unit':
      return `${at}the unit “${text}” is not known here; use ${may.join(', ')}.`;
    case 'noUnit':
      return `${at}“${text}” has no unit; use ${may.join(', ')}.`;
    case 'bounds':
      return `${at}${text} cannot be: ${may[0] ?? ''} is never that.`;
    default:
      return at;
  }
}
