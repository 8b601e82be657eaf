import type { NumberFault } from '../units';
import { plain } from '../units';

/** What is wrong with a typed number and what to do. */
export function numberFaultText(
  fault: NumberFault | 'low' | 'high',
  typed: string,
  low: number,
  high: number,
  unit: string,
): string {
  const u = unit === '' ? '' : `\u00a0${unit}`;
  switch (fault) {
    case 'empty':
      return `Type a number from ${plain(low)} to ${plain(high)}${u}.`;
    case 'notANumber':
      return `“${typed}” is not a number. Type one from ${plain(low)} to ${plain(high)}${u}.`;
    case 'ambiguous':
      return `Is “${typed}” a thousand or a decimal? Type ${typed.replace(',', '')} or ${typed.replace(',', '.')}.`;
    case 'low':
      return `${typed} is too little: ${plain(low)}${u} at least.`;
    case 'high':
      return `${typed} is too much: ${plain(high)}${u} at most.`;
  }
}
