/** The ground between four cells, from shares of the frame. */
export function between(grid: readonly (readonly number[])[], tx: number, ty: number): number {
  const spot = (t: number, n: number): readonly [number, number] => {
    const i = Math.min(Math.max(0, n - 2), Math.floor(t * (n - 1)));
    return [i, n > 1 ? t * (n - 1) - i : 0];
  };
  const [j, v] = spot(ty, grid.length);
  const [i, u] = spot(tx, grid[0]?.length ?? 1);
  const cell = (dj: number, di: number): number => grid[j + dj]?.[i + di] ?? grid[j]?.[i] ?? 0;
  return (1 - v) * ((1 - u) * cell(0, 0) + u * cell(0, 1)) + v * ((1 - u) * cell(1, 0) + u * cell(1, 1));
}
