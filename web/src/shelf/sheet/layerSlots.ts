import type { Layer } from '@ironpan/core/steps';
import { LAYER_WORDS } from '@ironpan/core/words';

/** Where a layer can be, from the top down: clear and thin stand above the milk, or under it where fat has risen. */
export const SLOTS = ['cream', 'clearTop', 'thinTop', 'body', 'thinLow', 'clearLow', 'sediment'] as const;
export type Slot = (typeof SLOTS)[number];
export const NAMES: Readonly<Record<Slot, string>> = {
  cream: LAYER_WORDS.cream.word,
  clearTop: 'clear, on top',
  thinTop: 'watery, on top',
  body: LAYER_WORDS.body.word,
  thinLow: 'watery, below',
  clearLow: 'clear, below',
  sediment: LAYER_WORDS.sediment.word,
};
/** How high each is, share of the fill; null: it is not there. What is left is milk. */
export type Slots = Readonly<Record<Exclude<Slot, 'body'>, number | null>>;
const NONE: Slots = { cream: null, clearTop: null, thinTop: null, thinLow: null, clearLow: null, sediment: null };
/** A layer that is put in begins this high; no line comes nearer to another than the least. */
const BEGINS = 0.1;
const LEAST = 0.005;

/** Layers by their place. A clear or thin one with no milk beside it counts as on top, or below where there is cream. */
export function slotsOf(layers: readonly Layer[]): Slots {
  const out: Record<keyof Slots, number | null> = { ...NONE };
  const body = layers.findIndex((l) => l.kind === 'body');
  const cream = layers.some((l) => l.kind === 'cream');
  layers.forEach((l, i) => {
    if (l.kind === 'cream') out.cream = (out.cream ?? 0) + l.share;
    if (l.kind === 'sediment') out.sediment = (out.sediment ?? 0) + l.share;
    if (l.kind !== 'clear' && l.kind !== 'thin') return;
    const low = body >= 0 ? i > body : cream;
    const slot = low ? (`${l.kind}Low` as const) : (`${l.kind}Top` as const);
    out[slot] = (out[slot] ?? 0) + l.share;
  });
  return out;
}
const bodyShare = (s: Slots): number => 1 - Object.values(s).reduce((x: number, v: number | null) => x + (v ?? 0), 0);

/** The slots that are there, from the top down; milk only where some is left, so that no two lines lie on each other. */
export const slotsThere = (s: Slots): readonly Slot[] =>
  SLOTS.filter((x) => (x === 'body' ? bodyShare(s) > 1e-9 : s[x] !== null));

/** The layers from the top down; none of nothing. */
export function toLayers(s: Slots): readonly Layer[] {
  const body = Math.max(0, bodyShare(s));
  const all: Layer[] = [
    { kind: 'cream', share: s.cream ?? 0 },
    { kind: 'clear', share: s.clearTop ?? 0 },
    { kind: 'thin', share: s.thinTop ?? 0 },
    { kind: 'body', share: body },
    { kind: 'thin', share: s.thinLow ?? 0 },
    { kind: 'clear', share: s.clearLow ?? 0 },
    { kind: 'sediment', share: s.sediment ?? 0 },
  ];
  const there = all.filter((l) => l.share > 1e-9);
  const sum = there.reduce((x, l) => x + l.share, 0);
  // Two clears with no milk between them are one.
  return there.reduce((out: Layer[], l) => {
    const last = out.at(-1);
    const share = l.share / sum;
    if (last?.kind === l.kind) out[out.length - 1] = { kind: l.kind, share: last.share + share };
    else out.push({ kind: l.kind, share });
    return out;
  }, []);
}

/** A layer put in, taken from the milk or from the highest other; or taken out, its place milk again. */
export function toggleSlot(s: Slots, slot: keyof Slots): Slots {
  if (s[slot] !== null) return { ...s, [slot]: null };
  const body = bodyShare(s);
  if (body >= BEGINS + LEAST) return { ...s, [slot]: BEGINS };
  const [highest] = (Object.entries(s) as [keyof Slots, number | null][]).sort((a, b) => (b[1] ?? 0) - (a[1] ?? 0));
  if (!highest) return { ...s, [slot]: BEGINS };
  const [from, share] = highest;
  const takes = Math.min(BEGINS, (share ?? 0) / 2);
  return { ...s, [from]: (share ?? 0) - takes, [slot]: takes };
}

/** The i-th line from the top moved to a share of the fill from the top: the layers beside it give way, no others. */
export function moveLine(s: Slots, i: number, to: number): Slots {
  const there = slotsThere(s);
  const share = (x: Slot): number => (x === 'body' ? bodyShare(s) : (s[x] ?? 0));
  const upper = there[i];
  const lower = there[i + 1];
  if (upper === undefined || lower === undefined) return s;
  const above = there.slice(0, i).reduce((x, k) => x + share(k), 0);
  const both = share(upper) + share(lower);
  // Milk can be used up; a layer that was said to be there stays at least a line.
  const least = (x: Slot): number => (x === 'body' ? 0 : Math.min(LEAST, both / 2));
  const high = Math.min(both - least(lower), Math.max(least(upper), to - above));
  const out: Record<string, number | null> = { ...s };
  if (upper !== 'body') out[upper] = high;
  if (lower !== 'body') out[lower] = both - high;
  return out as Slots;
}
