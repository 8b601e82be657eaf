/** From one instant to another, ms. */
export interface Span {
  readonly from: number;
  readonly to: number;
}
/** Time on a line on which what nobody has to do with takes little room. */
export interface Axis {
  readonly from: number;
  readonly to: number;
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
const MIN = 60_000;
/** On either side of work its own scale holds so long. */
const ROUND = 10 * MIN;
/** An idle while is drawn as so much of work at most, and shorter ones as long as they are. */
const IDLE = 40 * MIN;
/** Grows a little with its length, so that two nights are not one. */
const IDLE_SHARE = 0.02;
const STEPS = [5, 10, 15, 30, 60, 120, 180, 360].map((m) => m * MIN);

/**
 * A line from the first to the last of what is drawn: `busy` at one scale, what lies between squeezed. `width`: of the
 * line, px; marks stand no nearer than their words are wide.
 */
export function axisOf(all: Span, busy: readonly Span[], width: number): Axis {
  const near = joined(
    busy.map((b) => ({ from: Math.max(all.from, b.from - ROUND), to: Math.min(all.to, b.to + ROUND) })),
  );
  const cuts: { readonly span: Span; readonly weight: number; readonly busy: boolean }[] = [];
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
  const whole = cuts.reduce((s, c) => s + c.weight, 0) || 1;
  let x0 = 0;
  const parts = cuts.map((c) => {
    const x1 = x0 + c.weight / whole;
    const part = { ...c, x0, x1 };
    x0 = x1;
    return part;
  });
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
  const squeezed = parts.filter((p) => !p.busy).map((p) => p.span);
  return { ...all, x, at: back, squeezed, ticks: ticksOf(parts, x, width) };
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
