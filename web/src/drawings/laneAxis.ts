/** From one instant to another, ms. */
export interface Span {
  readonly from: number;
  readonly to: number;
}
/** Time on a line on which what nobody has to do with takes little room. */
export interface Axis {
  readonly from: number;
  readonly to: number;
  /** How long the line is, px: as asked for, or longer where that has no room for what is pressed. */
  readonly width: number;
  /** Where an instant stands, 0..1. */
  readonly x: (ms: number) => number;
  /** The instant that stands there. */
  readonly at: (x: number) => number;
  /** Instants worth a mark, in order. */
  readonly ticks: readonly number[];
  /** Whiles that are squeezed. */
  readonly squeezed: readonly Span[];
}
/** Room for the names of the lanes, px at a text of 16. */
export const LABEL = 112;
/** What is pressed is as wide as a finger can aim at, px (WCAG 2.2, 2.5.8: 24). */
const AIM = 25;
const MIN = 60_000;
/** On either side of work its own scale holds so long. */
const ROUND = 10 * MIN;
/** An idle while is drawn as so much of work at most, and shorter ones as long as they are. */
const IDLE = 40 * MIN;
/** Grows a little with its length, so that two nights are not one. */
const IDLE_SHARE = 0.02;
/** An hour of work is never drawn shorter, px. */
const LEAST_HOUR = 60;
const STEPS = [5, 10, 15, 30, 60, 120, 180, 360].map((m) => m * MIN);

interface Piece {
  readonly span: Span;
  /** As so much of work, ms. */
  readonly weight: number;
  readonly busy: boolean;
}
interface Placed extends Piece {
  readonly x0: number;
  readonly x1: number;
}
/**
 * A line from the first to the last of what is drawn: `busy` at one scale, what lies between squeezed, and what is `pressed`
 * never narrower than a finger. `width`: of the line, px; marks stand no nearer than their words are wide.
 */
export function axisOf(all: Span, busy: readonly Span[], width: number, pressed: readonly Span[] = []): Axis {
  const pieces = piecesOf(all, busy, pressed);
  const starts = [all.from, ...pieces.map((p) => p.span.to)];
  const place = new Map(starts.map((t, i) => [t, i] as const));
  const ending = starts.map((_, i) =>
    pressed.flatMap((p) => (place.get(p.to) === i && p.to > p.from ? [place.get(p.from) ?? 0] : [])),
  );
  /** Where each piece ends, px, with so many px to a ms of work. */
  const laid = (scale: number): readonly number[] => {
    const at = [0];
    pieces.forEach((p, i) => {
      const plain = (at[i] ?? 0) + scale * p.weight;
      at.push(Math.max(plain, ...(ending[i + 1] ?? []).map((from) => (at[from] ?? 0) + AIM)));
    });
    return at;
  };
  const long = (scale: number): number => laid(scale).at(-1) ?? 0;
  const weight = pieces.reduce((s, p) => s + p.weight, 0) || 1;
  let [low, high] = [pressed.length > 0 ? LEAST_HOUR / (60 * MIN) : 0, width / weight];
  if (low < high)
    for (let i = 0; i < 40; i += 1) {
      const mid = (low + high) / 2;
      if (long(mid) > width) high = mid;
      else low = mid;
    }
  const px = laid(low);
  const whole = px.at(-1) || 1;
  const parts = pieces.map((p, i): Placed => ({ ...p, x0: (px[i] ?? 0) / whole, x1: (px[i + 1] ?? 0) / whole }));
  const x = (ms: number): number => {
    const p = parts.find((q) => ms <= q.span.to) ?? parts.at(-1);
    if (!p) return 0;
    const share = (ms - p.span.from) / Math.max(1, p.span.to - p.span.from);
    return p.x0 + (p.x1 - p.x0) * Math.min(1, Math.max(0, share));
  };
  const back = (to: number): number => {
    const p = parts.find((q) => to <= q.x1) ?? parts.at(-1);
    if (!p) return all.from;
    return (
      p.span.from + (p.span.to - p.span.from) * Math.min(1, Math.max(0, (to - p.x0) / Math.max(1e-9, p.x1 - p.x0)))
    );
  };
  const runs = runsOf(parts);
  const squeezed = runs.filter((p) => !p.busy).map((p) => p.span);
  return {
    ...all,
    width: Math.max(width, whole),
    x,
    at: back,
    squeezed,
    ticks: ticksOf(runs, x, Math.max(width, whole)),
  };
}
/** The line cut where work begins and ends, and where what is pressed does. */
function piecesOf(all: Span, busy: readonly Span[], pressed: readonly Span[]): readonly Piece[] {
  const near = joined(
    busy.map((b) => ({ from: Math.max(all.from, b.from - ROUND), to: Math.min(all.to, b.to + ROUND) })),
  );
  const cuts: Piece[] = [];
  let at = all.from;
  const idle = (to: number): void => {
    const long = to - at;
    if (long > 0)
      cuts.push({ span: { from: at, to }, weight: Math.min(long, IDLE + IDLE_SHARE * long), busy: long <= IDLE });
  };
  for (const n of near) {
    idle(n.from);
    cuts.push({ span: n, weight: n.to - n.from, busy: true });
    at = n.to;
  }
  idle(all.to);
  const knots = [...new Set(pressed.flatMap((p) => [p.from, p.to]))].sort((a, b) => a - b);
  return cuts.flatMap((c) => {
    const within = [c.span.from, ...knots.filter((k) => k > c.span.from && k < c.span.to), c.span.to];
    const share = c.weight / Math.max(1, c.span.to - c.span.from);
    return within.slice(1).map((to, i): Piece => {
      const from = within[i] as number;
      return { span: { from, to }, weight: share * (to - from), busy: c.busy };
    });
  });
}
/** Pieces of one kind that follow each other, as one. */
function runsOf(parts: readonly Placed[]): readonly Placed[] {
  const out: Placed[] = [];
  for (const p of parts) {
    const last = out.at(-1);
    if (last && last.busy === p.busy)
      out[out.length - 1] = { ...last, span: { from: last.span.from, to: p.span.to }, x1: p.x1 };
    else out.push(p);
  }
  return out;
}
/** A word of a mark is about so wide, px. */
const WORD = 50;
function ticksOf(
  parts: readonly { readonly span: Span; readonly busy: boolean; readonly x0: number; readonly x1: number }[],
  x: (ms: number) => number,
  width: number,
): readonly number[] {
  const out: number[] = [];
  let last = -Infinity;
  for (const p of parts) {
    const px = (p.x1 - p.x0) * width;
    const long = p.span.to - p.span.from;
    const step = p.busy ? STEPS.find((s) => (s / Math.max(1, long)) * px >= WORD + 8) : undefined;
    const from = step === undefined ? p.span.from : Math.ceil(p.span.from / step) * step;
    for (let t = from; t < p.span.to; t += step ?? Infinity) {
      if (x(t) * width - last < WORD + 8) continue;
      if (!p.busy && px < WORD) break;
      out.push(t);
      last = x(t) * width;
    }
  }
  return out;
}
export function joined(all: readonly Span[]): readonly Span[] {
  const out: Span[] = [];
  for (const s of [...all].sort((a, b) => a.from - b.from)) {
    const last = out.at(-1);
    if (last && s.from <= last.to) out[out.length - 1] = { from: last.from, to: Math.max(last.to, s.to) };
    else out.push(s);
  }
  return out;
}
/** Midnights within, and the beginning: where the name of a day stands. */
export function daysOf({ from, to }: Span): readonly number[] {
  const d = new Date(from);
  const out = [from];
  for (let i = 1; ; i += 1) {
    const at = new Date(d.getFullYear(), d.getMonth(), d.getDate() + i).getTime();
    if (at >= to) return out;
    out.push(at);
  }
}
/** Rows for what overlaps: each into the first row in which it has room. */
export function rowsOf<T extends Span>(all: readonly T[]): readonly (readonly T[])[] {
  const rows: T[][] = [];
  for (const s of [...all].sort((a, b) => a.from - b.from)) {
    const row = rows.find((r) => (r.at(-1)?.to ?? -Infinity) <= s.from);
    if (row) row.push(s);
    else rows.push([s]);
  }
  return rows;
}
