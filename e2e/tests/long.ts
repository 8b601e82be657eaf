/** True in `npm run test:long`: every case in full. A plain run takes the first few of what unit tests prove one by one. */
const LONG = process.env.LONG === '1';
/** The first `plain` of some cases; all of them in `npm run test:long`. */
export const firstCases = <X>(of: readonly X[], plain: number): readonly X[] => (LONG ? of : of.slice(0, plain));
