import type { Flow, Stream } from '@ironpan/core/kitchen';

/** A ribbon as wide as the grams it carries, from one bar to another. */
export interface Ribbon {
  readonly key: string;
  readonly fill: Paint;
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
  readonly h: number;
  /** What it carries, for whoever points at it. */
  readonly carries: { readonly stream: string; readonly s: Stream } | { readonly name: string; readonly flow: Flow };
}
/** Solids and water run apart: the solids of a stream as a band of their own above its water. */
export type Paint = 'food' | 'water' | 'solids' | 'milk' | 'pulp' | 'pulpWet' | 'drain' | 'steam' | 'added';
export interface Bar {
  readonly key: string;
  readonly step: string;
  readonly x: number;
  readonly y: number;
  readonly h: number;
  readonly hot: boolean;
  readonly w: number;
}
export type Tone = 'ink' | 'milk' | 'water' | 'flame' | 'ash';
export interface Label {
  readonly key: string;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly tone: Tone;
  readonly text: string;
}
export interface End {
  readonly stream: string;
  readonly x: number;
  readonly y: number;
  readonly h: number;
  readonly jarred: boolean;
  readonly main: boolean;
}
export interface FlowLayout {
  readonly ribbons: readonly Ribbon[];
  readonly bars: readonly Bar[];
  readonly labels: readonly Label[];
  /** Where each product ends, the main milk first. */
  readonly ends: readonly End[];
  readonly height: number;
  /** px per gram, for the jars. */
  readonly perG: number;
}
export interface Frame {
  readonly width: number;
  readonly thick: number;
  readonly compact: boolean;
}
