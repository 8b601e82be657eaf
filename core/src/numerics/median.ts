/** The middle value; of none 0. */
export function median(of: readonly number[]): number {
  // Numbers of one kind are sorted several times as fast (measured).
  const s = Float64Array.from(of).sort();
  const m = s.length >> 1;
  return s.length === 0 ? 0 : s.length % 2 === 1 ? (s[m] ?? 0) : ((s[m - 1] ?? 0) + (s[m] ?? 0)) / 2;
}
