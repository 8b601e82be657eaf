import type { CSSProperties } from 'react';

/** The colour of a milk's food; a milk is never told by colour alone. */
const FOOD: Readonly<Record<string, string>> = {
  soy: 'var(--soy)',
  oat: 'var(--oat)',
  rice: 'var(--rice)',
  'tiger nut': 'var(--tiger-nut)',
  coconut: 'var(--coconut)',
  almond: 'var(--almond)',
};
/** The milk of it: paler than the food. */
const MILK: Readonly<Record<string, string>> = {
  oat: 'var(--oat-milk)',
  rice: 'var(--rice-milk)',
  'tiger nut': 'var(--tiger-nut-milk)',
  coconut: 'var(--coconut-milk)',
  almond: 'var(--almond-milk)',
};
/** The colour of a food, as a variable of the theme. */
export const foodColour = (milk: string): string => FOOD[milk] ?? 'var(--oat)';
/** The variables that dress a drawing as this milk. */
export const foodStyle = (milk: string): CSSProperties =>
  ({ '--food': foodColour(milk), '--milk': MILK[milk] ?? 'var(--soy-milk)' }) as CSSProperties;
