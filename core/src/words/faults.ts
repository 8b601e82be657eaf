import type { NumberFault } from '../units';
import type { OrderFault, Recipe } from '../steps';
import { streamName } from './labels';
import { stepTitle } from './stepText';
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

/** The same as a cook reads it at that place of the plan. */
export function placeFaultText(f: OrderFault, r: Recipe): string {
  const name = streamName(f.stream, r);
  const called = (id: string | undefined): string => {
    const step = r.steps.find((s) => s.id === id);
    return step ? `“${stepTitle(step, r)}”` : 'a step';
  };
  switch (f.why) {
    case 'missing':
      return f.madeBy === undefined
        ? `Nothing here makes the ${name}. Choose what there is, or put in a step that makes it.`
        : `There is no ${name} yet: ${called(f.madeBy)} comes later. Move this after it, or choose what there is.`;
    case 'used':
      return `The ${name} is gone by now: ${called(f.by)} has used it up. Move this before it, or choose what there is.`;
    case 'twice':
      return `The ${name} stands here for two things. Give each its own name.`;
    case 'food':
      return 'This food is not in the plan. Choose another.';
  }
}
