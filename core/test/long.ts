/** True in `npm run test:long`, which runs every count in full. A plain run takes the first few seeds of each. */
export const LONG = process.env.LONG === '1';
/** How often a drawn case is tried: `plain` in `npm test`, `full` in `npm run test:long`. */
export const times = (plain: number, full: number): number => (LONG ? full : plain);
