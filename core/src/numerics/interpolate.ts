/** Piecewise-linear through ascending [x, y] points; held flat beyond both ends. One point or more. */
export function interpolate(points: readonly (readonly [number, number])[], x: number): number {
  let before = points[0] as readonly [number, number];
  if (x <= before[0]) return before[1];
  for (const point of points) {
    if (x <= point[0]) return before[1] + ((point[1] - before[1]) * (x - before[0])) / (point[0] - before[0]);
    before = point;
  }
  return before[1];
}
