import { within } from './domain';

/** A kind of particle of one size: how fast it moves, mm/h (down is positive), and its share of the volume. */
export interface Swarm {
  readonly mmPerH: number;
  readonly phi: number;
  /** How closely it packs where it arrives, volume share. */
  readonly packs: number;
  /** Swollen granules: where they have settled it is still milk to the eye and the spoon, not a sediment. */
  readonly soft: boolean;
}
/** thin: most of the particles are gone, and protein or fat still cloud it; clear: next to nothing is left in it. */
export type LayerKind = 'cream' | 'clear' | 'thin' | 'body' | 'sediment';
/** One layer, from the top down, as a share of the fill's height. */
export interface Layer {
  readonly kind: LayerKind;
  readonly share: number;
}

/** What has arrived packs to this share of the volume (models §7; estimates). */
export const PACKS_TO = { starch: 0.45, fines: 0.3, cream: 0.6 } as const;
/** Thin or clear where less than this share of the particles is left (models §7; estimate). */
const PARTED_BELOW = 0.1;
/** Clear only where protein and fat together are less than this share of the milk (models §7; estimate). */
export const CLEAR_BELOW = 0.001;
/**
 * Thinner than this share of the height is no layer to the eye, 0..1 (estimate: half a millimetre in a hand's breadth);
 * what is only a little thinner than the milk beside it shows from two millimetres on.
 */
const SEEN_FROM = { firm: 0.005, clear: 0.02 } as const;

/**
 * The layers of a jar that has stood still: of each kind of particle the share min(1, v·t/H) has arrived, above or below
 * (models §7). Between cream and sediment it is thin, or clear, where less than a tenth of the particles is left, else milk.
 * @param cloudy what is left carries protein or fat: it is thin and not clear
 * @param heightMm of the fill, > 0 @param hours still, ≥ 0; 0 h → one body
 * @returns from the top down, shares Σ 1; layers too thin to be seen are left out
 */
export function layersAfter(
  swarms: readonly Swarm[],
  heightMm: number,
  hours: number,
  cloudy = false,
): readonly Layer[] {
  const h = within('height', heightMm, 1e-6, 1e5);
  const t = within('time', hours, 0, Infinity);
  const moved = swarms.map((s) => ({ ...s, way: Math.min(1, (Math.abs(s.mmPerH) * t) / h), falls: s.mmPerH > 0 }));
  const packed = (which: (s: (typeof moved)[number]) => boolean): number =>
    moved.reduce((x, s) => x + (which(s) ? (s.way * s.phi) / s.packs : 0), 0);
  const rises = packed((s) => !s.falls);
  const soft = packed((s) => s.falls && s.soft);
  const firm = packed((s) => s.falls && !s.soft);
  // More than the jar holds cannot pack: all of it is one crowded milk, in the proportion of what arrived.
  const over = Math.max(1, rises + soft + firm);
  const cream = rises / over;
  const floor = 1 - (soft + firm) / over;
  const all = moved.reduce((x, s) => x + s.phi, 0);
  const left = (y: number): number =>
    moved.reduce((x, s) => x + ((s.falls ? y >= s.way : y <= 1 - s.way) ? s.phi : 0), 0);
  const cuts = moved.flatMap((s) => (s.way > 0 ? [s.falls ? s.way : 1 - s.way] : []));
  const edges = [cream, ...cuts.filter((y) => y > cream && y < floor).sort((a, b) => a - b), Math.max(cream, floor)];
  const middle = edges.slice(1).map((to, i): Layer => {
    const from = edges[i] ?? to;
    const parted = all > 0 && left((from + to) / 2) < PARTED_BELOW * all;
    return { kind: !parted ? 'body' : cloudy ? 'thin' : 'clear', share: to - from };
  });
  return seen([
    { kind: 'cream', share: cream },
    ...middle,
    { kind: 'body', share: soft / over },
    { kind: 'sediment', share: firm / over },
  ]);
}

/** Neighbours of one kind are one layer; what is too thin to be seen belongs to what it lies on. */
function seen(layers: readonly Layer[]): readonly Layer[] {
  const out = joined(joined(layers).filter((x) => x.share >= (isParted(x) ? SEEN_FROM.clear : SEEN_FROM.firm)));
  const sum = out.reduce((x, l) => x + l.share, 0);
  return sum > 0 ? out.map((l) => ({ kind: l.kind, share: l.share / sum })) : [{ kind: 'body', share: 1 }];
}

function joined(layers: readonly Layer[]): readonly Layer[] {
  const out: { kind: LayerKind; share: number }[] = [];
  for (const l of layers) {
    const last = out.at(-1);
    if (last?.kind === l.kind) last.share += l.share;
    else out.push({ ...l });
  }
  return out;
}

const isParted = (l: Layer): boolean => l.kind === 'clear' || l.kind === 'thin';
/** The part of a jar that has gone thin or clear, 0..1: what jars are compared by (models §7). */
export const serumShare = (layers: readonly Layer[]): number =>
  layers.reduce((x, l) => x + (isParted(l) ? l.share : 0), 0);
/** Exponential approach of a layer to its final share: share·(1 − e^(−rate·h)). 0 h → 0. */
export const approached = (finalShare: number, perH: number, hours: number): number =>
  finalShare * -Math.expm1(-within('rate', perH, 0, Infinity) * within('time', hours, 0, Infinity));
