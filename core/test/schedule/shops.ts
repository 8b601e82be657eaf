import type { Block, Link, Problem, Use } from '../../src/schedule';

/** A job shop: each job its operations in order, on which machine and how long. */
export type Shop = readonly (readonly (readonly [machine: number, durationS: number])[])[];
/** What ends last is what counts: a last block that waits for all jobs. */
export function shopProblem(shop: Shop): Problem {
  const blocks: Block[] = [];
  const links: Link[] = [];
  const uses: Use[] = [];
  const block = (id: string, milk: string, durationS: number): void => {
    blocks.push({ id, milk, parts: [{ durationS, hands: 'free' }], notBeforeS: 0, fixedS: null });
  };
  shop.forEach((job, j) =>
    job.forEach(([machine, durationS], k) => {
      const id = `${j}.${k}`;
      block(id, `job ${j}`, durationS);
      uses.push({ thing: `machine ${machine}`, milk: `job ${j}`, from: id, to: id });
      if (k > 0) links.push({ from: `${j}.${k - 1}`, to: id, leastS: 0, mostS: null });
    }),
  );
  block('end', 'all', 0);
  shop.forEach((job, j) => links.push({ from: `${j}.${job.length - 1}`, to: 'end', leastS: 0, mostS: null }));
  return {
    ...{ blocks, links, uses, off: [], cooks: 1, untilS: 10_000, setUpS: () => 0 },
    wishes: [{ milk: 'all', last: 'end', byS: null }],
  };
}
const rows = (text: string): Shop =>
  text
    .trim()
    .split('\n')
    .map((line) => {
      const n = line.trim().split(/\s+/).map(Number);
      return Array.from({ length: n.length / 2 }, (_, i) => [n[2 * i] as number, n[2 * i + 1] as number] as const);
    });

/** Fisher & Thompson 1963, six jobs on six machines: 55 (data and optimum from memory). */
export const FT06 = rows(`
  2 1 0 3 1 6 3 7 5 3 4 6
  1 8 2 5 4 10 5 10 0 10 3 4
  2 5 3 4 5 8 0 9 1 1 4 7
  1 5 0 5 2 5 3 3 4 8 5 9
  2 9 1 3 4 5 5 4 0 3 3 1
  1 3 3 3 5 9 0 10 4 4 2 1`);
/** Lawrence 1984, LA01, ten jobs on five machines: 666 (data and optimum from memory). */
export const LA01 = rows(`
  1 21 0 53 4 95 3 55 2 34
  0 21 3 52 4 16 2 26 1 71
  3 39 4 98 1 42 2 31 0 12
  1 77 0 55 4 79 2 66 3 77
  0 83 3 34 2 64 1 19 4 37
  1 54 2 43 4 79 0 92 3 62
  3 69 4 77 1 87 2 87 0 93
  2 38 0 60 1 41 3 24 4 83
  3 17 1 49 4 25 0 44 2 98
  4 77 3 79 2 43 1 75 0 96`);
