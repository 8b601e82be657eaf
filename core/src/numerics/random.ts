// Looked up once: draws are made by the million.
const { cos, imul, log, PI, sqrt } = Math;

/** A repeatable stream of numbers in [0, 1): mulberry32. The same seed gives the same kitchen. */
export function seededRandom(seed: number): () => number {
  let s = seed >>> 0;
  return () => {
    s = (s + 0x6d2b79f5) >>> 0;
    let t = imul(s ^ (s >>> 15), 1 | s);
    t = (t + imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A standard normal draw by Box and Muller (1958). */
export function normal(random: () => number): number {
  return sqrt(-2 * log(1 - random())) * cos(2 * PI * random());
}

/** Of a two-sided 80 % band: so many σ of a normal to either side. */
export const Z80 = 1.2815515655446004;
