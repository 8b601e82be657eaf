import type { Frame, Label } from './flowTypes';

const WIDE = 7.4;
/** Labels that would stand on each other go a line further from the drawing. */
export function apart(labels: readonly Label[], frame: Frame): readonly Label[] {
  const done: { l: Label; a: number; b: number }[] = [];
  const width = frame.compact ? 60 : 15 * WIDE;
  return labels.map((l) => {
    const half = l.anchor === 'middle' ? width / 2 : 0;
    const x = Math.min(Math.max(l.x, half + 2), frame.width - (l.anchor === 'start' ? 60 : half) - 2);
    const a = l.anchor === 'start' ? x : x - half;
    const b = l.anchor === 'start' ? x + width : x + half;
    let y = l.y;
    const down = l.y > frame.thick && l.what !== 'beans';
    for (let tries = 0; tries < 6; tries += 1) {
      const hit = done.find((d) => d.a < b && a < d.b && Math.abs(d.l.y - y) < 17);
      if (!hit) break;
      y = hit.l.y + (down ? 17 : -17);
    }
    const placed = { ...l, x, y: Math.max(12, y) };
    done.push({ l: placed, a, b });
    return placed;
  });
}
