import type { Station } from '@ironpan/core/steps';

/** A ribbon as wide as the grams it carries, from one bar to another. */
export interface Ribbon {
  readonly key: string;
  readonly fill: Paint;
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
  readonly h: number;
}
export type Paint = 'beans' | 'water' | 'slurry' | 'milk' | 'pulp' | 'drain' | 'steam';
export interface Bar {
  readonly key: string;
  readonly step: string;
  readonly x: number;
  readonly y: number;
  readonly h: number;
  readonly hot: boolean;
  readonly w: number;
}
export interface Label {
  readonly key: string;
  readonly x: number;
  readonly y: number;
  readonly anchor: 'start' | 'middle' | 'end';
  readonly tone: 'ink' | 'milk' | 'water' | 'flame' | 'ash';
  readonly grams: number;
  readonly what: LabelWhat;
  readonly stream?: string;
  /** How many pourings of water these grams stand for. */
  readonly times?: number;
}
export type LabelWhat = 'beans' | 'waterIn' | 'drain' | 'steam' | 'skins' | 'milk' | 'pulp' | 'lifted';
export interface FlowLayout {
  readonly stations: readonly Station[];
  readonly ribbons: readonly Ribbon[];
  readonly bars: readonly Bar[];
  readonly labels: readonly Label[];
  /** Where the main milk and the other products end. */
  readonly ends: readonly { readonly stream: string; readonly x: number; readonly y: number; readonly h: number }[];
  readonly height: number;
}
export interface Frame {
  readonly width: number;
  readonly thick: number;
  readonly compact: boolean;
}
