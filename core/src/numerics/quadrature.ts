/** Outer node of three-point Gauss–Legendre on [−1, 1] (Abramowitz & Stegun 25.4.29); weights 5/9, 8/9, 5/9. */
export const GAUSS3 = Math.sqrt(3 / 5);
