import { driedSolids, funnelTells, gPerMlOf, solidsOf, weighedSolids } from '../steps';
import type { Dried, FullMeasure, FunnelRuns, FunnelTold, Share } from '../steps';
import { beanyWord, bodyOf, bodyWord, BODY_FROM, fillHeightMm, gritShareOf, gritWord } from '../steps';
import { layersOf, slipWord, sugarShareOf, sweetWord } from '../steps';
import type { BeanyWord, BodyWord, Ctx, GritWord, Layer, SlipWord, SweetWord, WordScale } from '../steps';
import { beanyIndexOf, volumeMl } from '../kitchen';
import type { Stream } from '../kitchen';

/** What smell and look tell; the first says that nothing is wrong. */
export const SIGNS = ['fine', 'sour', 'gas', 'pink', 'rope', 'curdled', 'off'] as const;
export type Sign = (typeof SIGNS)[number];
/** Would they have it again? */
export const LIKED = ['no', 'soso', 'yes', 'more'] as const;
export type Liked = (typeof LIKED)[number];

/** How a jar is, as somebody saw and tasted it. Words are those of the prediction; what is absent was not said. */
export interface Look {
  readonly by?: string;
  /** From the top down, shares of the fill, Σ 1. */
  readonly layers?: readonly Layer[];
  readonly thick?: BodyWord;
  readonly slip?: SlipWord;
  readonly grit?: GritWord;
  readonly beany?: BeanyWord;
  readonly sweet?: SweetWord;
  readonly liked?: Liked;
  readonly signs?: readonly Sign[];
  /** What was measured of it: its body by a funnel, its strength by drying a spoonful or by weighing a full measure. */
  readonly measured?: Measured;
  readonly photo?: PhotoSeen;
  readonly note?: string;
}
/** A photograph that belongs to a look, and where in it what is in the jar stands; null: nobody has shown it. */
export interface PhotoSeen {
  readonly of: string;
  readonly frame: PhotoFrame | null;
}
/** Shares of a picture's width and height, 0..1, at the jar's middle. */
export interface PhotoFrame {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
  /** How far the jar leans to the right, radians; the lines of what is in it lean with it. */
  readonly tilt: number;
}
/** A photograph: small enough to keep, told nothing but what is to be seen. */
export interface Photo {
  readonly id: string;
  readonly jar: string;
  readonly at: number;
  /** Pixels. */
  readonly width: number;
  readonly height: number;
  /** The picture itself, a JPEG in base64. */
  readonly jpeg: string;
}
/** Figures as they were read; what they say is worked out. */
export interface Measured {
  readonly funnel?: FunnelRuns;
  readonly dried?: Dried;
  readonly full?: FullMeasure;
}
/** What was measured, beside what was expected of that milk at that moment. */
export interface MeasuredTold {
  readonly body: { readonly told: FunnelTold; readonly expected: number | null } | null;
  readonly solids: readonly { readonly by: 'dried' | 'full'; readonly told: Share; readonly expected: number }[];
}
/** What the figures of a look say of a stream. */
export function measuredOf(m: Measured, s: Stream, ctx: Ctx): MeasuredTold {
  const told = m.funnel ? funnelTells(m.funnel, gPerMlOf(s), ctx.beliefs) : null;
  const expected = solidsOf(s);
  const dried = m.dried ? driedSolids(m.dried) : null;
  const full = m.full ? weighedSolids(m.full, s) : null;
  return {
    body: told && m.funnel ? { told, expected: bodyOf(s, m.funnel.c, ctx)?.relative ?? null } : null,
    solids: [
      ...(dried ? [{ by: 'dried' as const, told: dried, expected }] : []),
      ...(full ? [{ by: 'full' as const, told: full, expected }] : []),
    ],
  };
}
/** The scales a cook answers on, each in its order. */
export const LOOK_SCALES = ['thick', 'slip', 'grit', 'beany', 'sweet', 'liked'] as const;
export type Scale = (typeof LOOK_SCALES)[number];
/** A look with nothing said is not kept. */
export const saysNothing = (l: Look): boolean =>
  Object.entries(l).every(
    ([k, v]) => k === 'by' || v === undefined || (Array.isArray(v) && v.length === 0) || v === '',
  );

/** The signs after which it is thrown away, whatever its time says (common practice). Curdled by itself is one of them. */
const SPOILT: ReadonlySet<Sign> = new Set(['sour', 'gas', 'pink', 'rope', 'curdled', 'off']);
/** Does this look say that it has turned? */
export const saysTurned = (l: Look): boolean => (l.signs ?? []).some((s) => SPOILT.has(s));
/** Does it say that nothing is wrong? */
export const saysFine = (l: Look): boolean => (l.signs ?? []).includes('fine') && !saysTurned(l);

/** What the computation expects of a jar where a look asks. */
export interface Expected {
  readonly layers: readonly Layer[];
  readonly thick: BodyWord | null;
  readonly slip: SlipWord | null;
  readonly grit: GritWord;
  readonly beany: BeanyWord | null;
  readonly sweet: SweetWord;
  /** What each word stands for: × water, share of the mass, of 100; null: nothing of it can be told. */
  readonly figures: Readonly<Record<WordScale, number | null>>;
}
/** The words and layers expected of a stream in a vessel, served at `c` °C. Estimates. */
export function expectedOf(s: Stream, vesselMl: number, c: number, ctx: Ctx): Expected {
  const b = bodyOf(s, c, ctx);
  return {
    layers: layersOf(s, fillHeightMm(volumeMl(s), vesselMl), ctx),
    thick: b ? bodyWord(b, s, ctx) : null,
    slip: b ? slipWord(b, ctx) : null,
    grit: gritWord(s, ctx),
    beany: beanyWord(s, ctx),
    sweet: sweetWord(s, ctx),
    figures: {
      thick: b ? Math.min(BODY_FROM.sets, b.relative ?? BODY_FROM.sets) : null,
      slip: b?.glucan ?? null,
      grit: gritShareOf(s, ctx),
      beany: beanyIndexOf(s),
      sweet: sugarShareOf(s),
    },
  };
}
/** Are these layers possible: each kind in its place, none negative, together the whole jar? */
export function layersFault(layers: readonly Layer[]): 'none' | 'negative' | 'sum' | 'order' {
  const order = layers.map((l) => l.kind).join(' ');
  if (!/^(cream ?)?(clear ?)?(thin ?)?(body ?)?(thin ?)?(clear ?)?(sediment)?$/.test(order)) return 'order';
  if (layers.some((l) => !(l.share >= 0))) return 'negative';
  const sum = layers.reduce((x, l) => x + l.share, 0);
  return Math.abs(sum - 1) > 1e-6 ? 'sum' : 'none';
}
