/**
 * Anything the core brings, as one line of text: numbers to five digits, what is zero or absent left out. Five digits
 * are far finer than any figure is known, and coarser than the last bits in which two machines may differ.
 */
export function told(x: unknown): string {
  if (typeof x === 'number') return Math.abs(x) < 1e-9 ? '0' : String(Number(x.toPrecision(5)));
  // A course is told by where it begins and where it is after a minute, ten and an hour.
  if (typeof x === 'function') return told([0, 60, 600, 3600].map(x as (s: number) => number));
  if (Array.isArray(x)) return `[${x.map(told).join(' ')}]`;
  if (typeof x !== 'object' || x === null) return String(x);
  const entries = Object.entries(x as Record<string, unknown>)
    .map(([k, v]) => [k, told(v)] as const)
    .filter(([, v]) => !['0', 'null', 'undefined', '{}', '[]'].includes(v));
  return entries.length === 0 ? '{}' : `{${entries.map(([k, v]) => `${k} ${v}`).join(' ')}}`;
}
