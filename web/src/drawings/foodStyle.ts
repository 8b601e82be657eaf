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

/** A milk is told by its stripes as well as by its colour. */
const STRIPES: Readonly<Record<string, string>> = {
  soy: '0deg, transparent 0 100%',
  oat: '45deg, transparent 0 7px, var(--stripe) 7px 8.5px',
  rice: '90deg, transparent 0 9px, var(--stripe) 9px 10px',
  'tiger nut': '135deg, transparent 0 5px, var(--stripe) 5px 6.5px',
  coconut: '0deg, transparent 0 5px, var(--stripe) 5px 6px',
  almond: '60deg, transparent 0 4px, var(--stripe) 4px 5px',
};
/** The colour and the stripes of a milk. */
export const dressOf = (milk: string) => ({
  backgroundColor: foodColour(milk),
  backgroundImage: `repeating-linear-gradient(${STRIPES[milk] ?? '0deg, transparent 0 3px, var(--stripe) 3px 4px'})`,
});
