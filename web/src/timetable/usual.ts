const HOUR = 3_600_000;
/** A milk for breakfast wants a night for its soak, h. */
const NIGHT_H = 10;
const BREAKFAST_H = 8;
/** The first breakfast with a night before it. */
export function nextMorning(now: number): number {
  const d = new Date(now);
  for (let day = 0; ; day += 1) {
    const at = new Date(d.getFullYear(), d.getMonth(), d.getDate() + day, BREAKFAST_H).getTime();
    if (at >= now + NIGHT_H * HOUR) return at;
  }
}
