import type { NumberFault } from '../units';
import type { OrderFault } from '../steps';
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

/** A step that cannot be made where it stands. */
export function orderFaultText(f: OrderFault): string {
  if (f.why === 'food') return `step “${f.step}” takes “${f.stream}”, a food that this plan does not hold.`;
  if (f.why === 'used')
    return `step “${f.step}” takes “${f.stream}”, which step “${f.by}” before it has used up: put “${f.step}” before “${f.by}”.`;
  return f.why === 'missing'
    ? `step “${f.step}” takes “${f.stream}”, which nothing before it has made.`
    : `step “${f.step}” names “${f.stream}” for two things; give each its own name.`;
}
