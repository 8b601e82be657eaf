/** From the top of a row to the top of its plank, the plank itself, the air under it, and the least width of a place, px. */
export const ROW = { large: 200, small: 136, tub: 106 } as const;
export const PLANK = { large: 32, small: 28, tub: 32 } as const;
export const AIR = 14;
export const LEAST_WIDE = { large: 112, small: 94, tub: 150 } as const;
export type BoardSize = keyof typeof ROW;
