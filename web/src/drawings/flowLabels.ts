import type { Frame, Label } from './flowTypes';

/** Mean width of a letter and the height of a line at the size the labels are set in, px. */
const LETTER = 7.1;
const LINE = 16;
/** About how wide a label is, px. */
export const widthOf = (text: string): number => text.length * LETTER + 4;

interface Box {
  readonly a: number;
  readonly b: number;
  readonly y: number;
}
/** The room a label takes. */
export function boxOf(l: Label): Box {
  const w = widthOf(l.text);
  const a = l.anchor === 'start' ? l.x : l.anchor === 'end' ? l.x - w : l.x - w / 2;
  return { a, b: a + w, y: l.y };
}
const hits = (p: Box, q: Box): boolean => p.a < q.b && q.a < p.b && Math.abs(p.y - q.y) < LINE;

/** Places tried for one label: enough lines above and below for a long plan in a narrow frame. */
const MOST_TRIES = 64;
/** Labels are kept inside the frame; one that would stand on another goes as few lines away as it can. */
export function apart(labels: readonly Label[], frame: Frame): readonly Label[] {
  const done: Label[] = [];
  for (const l of labels) {
    if (l.text === '') continue;
    const w = widthOf(l.text);
    const most = frame.width - 2;
    const lead = l.anchor === 'start' ? 0 : l.anchor === 'end' ? w : w / 2;
    const x = Math.max(lead + 2, Math.min(l.x, most - (w - lead)));
    const free = (y: number): boolean => !done.some((d) => hits(boxOf(d), boxOf({ ...l, x, y })));
    let y = Math.max(13, l.y);
    for (let k = 1; !free(y) && k < MOST_TRIES; k += 1) {
      const step = Math.ceil(k / 2) * LINE;
      const tried = l.y + (k % 2 === 1 ? step : -step);
      if (tried >= 13) y = tried;
    }
    done.push({ ...l, x, y });
  }
  return done;
}
