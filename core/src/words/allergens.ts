import type { AllergensIn } from '../materials';

/** Oats, as a label says it. */
export const MAY_HOLD_GLUTEN = 'May contain gluten unless labelled gluten-free.';
/** What a label says of allergens; empty: none are known in it. */
export function allergensText({ contains, mayHoldGluten, unstated }: AllergensIn): string {
  return [
    ...(contains.length > 0 ? [`Contains ${contains.join(', ')}.`] : []),
    ...(mayHoldGluten ? [MAY_HOLD_GLUTEN] : []),
    ...unstated.map((name) => `Allergens of “${name}” not stated.`),
  ].join(' ');
}
