/** What can be done with a jar in its sheet, as the address names it. */
export const DOINGS = ['look', 'pour', 'out', 'move', 'heat', 'lift', 'over', 'dry', 'wrong', 'throw'] as const;
export type Doing = (typeof DOINGS)[number];
