import { flowG, NOTHING } from '@ironpan/core/kitchen';
import type { Stream } from '@ironpan/core/kitchen';
import { NO_GRAMS } from '@ironpan/core/materials';
import type { Outcome, Recipe } from '@ironpan/core/steps';
import { bandsOf } from './flowBands';
import type { Lanes } from './flowLanes';
import type { Bar, Frame, Label, Ribbon } from './flowTypes';
import { larderName, larderText } from './flowWords';

/** Between two lanes, px. */
const BETWEEN = { compact: 14, wide: 20 } as const;

/** The open end of a stream: where its ribbon goes on from. */
export interface Open {
  readonly x: number;
  readonly y: number;
  readonly h: number;
}
/** The drawing as it grows from left to right. */
export interface Sheet {
  readonly recipe: Recipe;
  readonly o: Outcome;
  readonly frame: Frame;
  readonly lanes: Lanes;
  readonly perG: number;
  readonly topY: number;
  /** What the main lane needs, px. */
  readonly mainPx: number;
  readonly ribbons: Ribbon[];
  readonly bars: Bar[];
  readonly labels: Label[];
  readonly open: Map<string, Open>;
  readonly state: Map<string, Stream>;
  low: number;
  lastX: number;
  /** Between the bars of the column at hand, px. */
  spacing: number;
}

/** The middle of the lane a stream runs in, px from the top. */
export function laneY(d: Sheet, name: string): number {
  const thick = d.mainPx;
  const main = d.topY + (d.frame.compact ? 14 : 22) + thick / 2;
  const at = d.lanes.side.indexOf(name);
  if (at < 0) return d.lanes.main.has(name) ? main : d.topY;
  const gap = d.frame.compact ? BETWEEN.compact : BETWEEN.wide;
  let y = main + thick / 2 + gap;
  for (let i = 0; i <= at; i += 1) {
    const h = Math.max(10, (d.lanes.mostG.get(d.lanes.side[i] ?? '') ?? 0) * d.perG);
    if (i === at) return y + h / 2;
    y += h + gap;
  }
  return y;
}

/** What stands ready before the first step, all its foods together. */
function asBought(d: Sheet, name: string): Ribbon['carries'] {
  const foods = d.o.ledger.filter((f) => f.step === 'larder' && 'stream' in f.to && f.to.stream === name);
  const [first] = foods;
  if (!first) return { stream: name, s: NOTHING };
  const waterG = foods.reduce((g, f) => g + flowG(f), 0);
  return { name: larderName(d.recipe, name), flow: { ...first, waterG, released: NO_GRAMS, bound: NO_GRAMS } };
}

/** A stream along its way, its bands apart. */
export function band(d: Sheet, key: string, name: string, from: Open, x: number, y: number): void {
  const s = d.state.get(name);
  const carries = s ? { stream: name, s } : asBought(d, name);
  let at = 0;
  for (const [fill, share] of bandsOf(s)) {
    const h = from.h * share;
    if (h > 0.05)
      d.ribbons.push({ key: `${key}-${fill}`, fill, x0: from.x, y0: from.y + at, x1: x, y1: y + at, h, carries });
    at += h;
  }
}

/** The open end at a bar whose left side is at `y`; what comes from the larder runs in level. */
export function comes(d: Sheet, name: string, y: number, x: number): Open | undefined {
  const o = d.open.get(name);
  if (!o || !Number.isNaN(o.y)) return o;
  const side = !d.lanes.main.has(name);
  d.labels.push({
    key: `larder-${name}`,
    x: side ? x - 24 : d.frame.compact ? 2 : 8,
    y: side ? d.topY - 4 : y - 8,
    anchor: side ? 'end' : 'start',
    tone: 'ink',
    text: larderText(d.recipe, name, d.frame.compact),
  });
  return side ? { x: x - 30, y: d.topY, h: o.h } : { ...o, y };
}
