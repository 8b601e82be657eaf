/** Rows by a key of theirs, in the order they came; one walk, however many keys. */
export function groupBy<T>(rows: readonly T[], key: (row: T) => string): Map<string, T[]> {
  const out = new Map<string, T[]>();
  for (const row of rows) {
    const k = key(row);
    const mine = out.get(k);
    if (mine) mine.push(row);
    else out.set(k, [row]);
  }
  return out;
}
