import { flowG, massG } from '@ironpan/core/kitchen';
import type { Flow } from '@ironpan/core/kitchen';
import { kindOf } from '@ironpan/core/steps';
import type { Step } from '@ironpan/core/steps';
import { grams, join, streamName } from '@ironpan/core/words';
import { widthOf } from './flowLabels';
import { LEAST_G } from './flowOrder';
import { band, comes, laneY } from './flowSheet';
import type { Sheet } from './flowSheet';
import type { Label } from './flowTypes';
import { outName, outText, waterText } from './flowWords';

/** How far below the stream that passes, fresh water comes in and thrown water goes. */
const GAP = 12;
/** More passes than this share one label. */
const MOST_LABELLED = 3;
const HOT = ['boil', 'blanch', 'absorb', 'heat', 'toast', 'dry'];
const reach = (d: Sheet): number => (d.frame.compact ? 16 : 44);
const barW = (d: Sheet): number => Math.min(8, Math.max(3, d.spacing * 0.35));

/** One step as a bar: what comes in at its left, what leaves above and below, what goes on at its right. */
export function drawNode(d: Sheet, s: Step, i: number, flows: readonly Flow[], x: number): void {
  const kind = kindOf(s.kind);
  const joins = (kind.joins?.(s.params) ?? []).filter((n) => d.open.has(n));
  const reads = [...new Set([...kind.reads(s.params), ...joins])];
  if (s.kind === 'pour' && reads.length === 0) {
    setAside(d, s, x);
    return;
  }
  const host = s.kind === 'pool' ? s.params.into : (reads[0] ?? '');
  const taps = flows.filter((f) => 'outside' in f.from && f.from.outside !== 'unaccounted' && 'stream' in f.to);
  const inH = reads.reduce((h, n) => h + (d.open.get(n)?.h ?? 0), 0);
  const tapH = taps.reduce((h, f) => h + flowG(f) * d.perG, 0);
  const h = Math.max(2, inH + tapH);
  const top = laneY(d, host) - h / 2;
  d.bars.push({ key: `bar-${s.id}`, step: s.id, x, y: top, h, hot: HOT.includes(s.kind), w: barW(d) });
  const inputs = s.kind === 'pool' ? [s.params.of, s.params.into] : reads;
  let y = top;
  let lowest = top;
  for (const name of inputs) {
    const from = comes(d, name, y, x);
    if (!from) continue;
    band(d, `${s.id}-${name}`, name, from, x, y);
    y += from.h;
    lowest = Math.max(lowest, from.y + from.h);
  }
  for (const [k, f] of taps.entries()) y = tap(d, s, f, k, x, y, lowest, host);
  const after = leaves(d, s, flows, x, top, h);
  goesOn(d, s, i, flows, x, after, reads);
}

function setAside(d: Sheet, s: Step<'pour'>, x: number): void {
  const h = s.params.amountG * d.perG;
  d.open.set(s.params.into, { x, y: d.topY, h });
  if (h > 0)
    d.labels.push({
      key: `in-${s.id}`,
      x,
      y: d.topY - 6,
      anchor: 'middle',
      tone: 'water',
      text: waterText(s.params.amountG, d.frame.compact),
    });
}

/** Something else runs under this stream here: fresh water then comes from above. */
function crowdedBelow(d: Sheet, host: string): boolean {
  const mine = laneY(d, host);
  return [...d.open.keys()].some((n) => n !== host && d.lanes.side.includes(n) && laneY(d, n) > mine);
}

function tap(d: Sheet, s: Step, f: Flow, k: number, x: number, y: number, lowest: number, host: string): number {
  const h = flowG(f) * d.perG;
  const water = 'outside' in f.from && f.from.outside === 'tap';
  const above = crowdedBelow(d, host);
  const x0 = x - reach(d) * (s.kind === 'wash' ? 0.8 : 1);
  const y0 = above ? d.topY - h : Math.max(y, lowest) + GAP;
  if (h > 0.05)
    d.ribbons.push({
      key: `${s.id}-tap${k === 0 ? '' : k}`,
      fill: water ? 'water' : 'added',
      x0,
      y0,
      x1: x,
      y1: y,
      h,
      carries: { name: water ? 'water' : 'added', flow: f },
    });
  const text = tapText(d, s, f, water);
  if (text !== '' && flowG(f) >= 1) {
    const ly = above ? y0 - 6 : y0 + h + 15;
    // Where the next pass stands near, its water would run through a label that is centred.
    const tight = s.kind === 'wash' && !above && d.spacing < widthOf(text);
    d.labels.push({
      key: `in-${s.id}${k === 0 ? '' : k}`,
      x: tight ? x - 2 : (x0 + x) / 2,
      y: ly,
      anchor: tight ? 'end' : 'middle',
      tone: water ? 'water' : 'ink',
      text,
    });
    if (!above) d.low = Math.max(d.low, ly);
  }
  return y + h;
}
/** Many passes share one label, over the first of them. */
function tapText(d: Sheet, s: Step, f: Flow, water: boolean): string {
  if (!water) return d.frame.compact ? '' : `added ${join(grams(flowG(f)))}`;
  if (s.kind !== 'wash') return waterText(flowG(f), d.frame.compact);
  const passes = d.recipe.steps.filter((w): w is Step<'wash'> => w.kind === 'wash');
  if (passes.length <= MOST_LABELLED) return waterText(flowG(f), d.frame.compact);
  if (passes[0]?.id !== s.id) return '';
  return waterText(
    passes.reduce((g, w) => g + w.params.waterG, 0),
    d.frame.compact,
    passes.length,
  );
}

/** Steam and skin leave above, what is poured off falls away below; the top of what goes on. */
function leaves(d: Sheet, s: Step, flows: readonly Flow[], x: number, top: number, h: number): number {
  let out = top;
  let fall = top + h;
  for (const f of flows) {
    if (!('outside' in f.to) || f.to.outside === 'film') continue;
    const to = f.to.outside;
    const fh = flowG(f) * d.perG;
    const down = to === 'drain';
    const y0 = down ? fall - fh : out;
    if (down) fall -= fh;
    else out += fh;
    if (flowG(f) < LEAST_G) continue;
    const y1 = down ? fall + GAP + Math.min(40, fh) : d.topY - fh + 4;
    const x1 = x + reach(d);
    d.ribbons.push({
      key: `${s.id}-${to}`,
      fill: to === 'steam' ? 'steam' : 'drain',
      x0: x,
      y0,
      x1,
      y1,
      h: fh,
      carries: { name: outName(to, s.kind), flow: f },
    });
    const ly = down ? y1 + fh + 15 : y1 - 6;
    d.labels.push({
      key: `out-${s.id}-${to}`,
      x: down ? x + reach(d) * 0.7 : x1,
      y: ly,
      anchor: 'middle',
      tone: to === 'steam' ? 'flame' : 'ash',
      text: outText(to, s.kind, flowG(f), d.frame.compact),
    });
    if (down) d.low = Math.max(d.low, ly);
  }
  return out;
}

/** What the step made goes on at its right, each stream towards its own lane; one that already runs is joined there. */
function goesOn(
  d: Sheet,
  s: Step,
  i: number,
  flows: readonly Flow[],
  x: number,
  from: number,
  reads: readonly string[],
): void {
  let out = from;
  const writes = [...(d.o.stages[i]?.writes ?? [])].sort(([a], [b]) => laneY(d, a) - laneY(d, b));
  for (const [name, made] of writes) {
    if (made === null) {
      d.open.delete(name);
      continue;
    }
    const already = d.open.get(name);
    if (already && !reads.includes(name)) {
      const more = flows
        .filter((f) => 'stream' in f.to && f.to.stream === name && 'stream' in f.from)
        .reduce((g, f) => g + flowG(f), 0);
      join2(d, s, name, already, x, out, more * d.perG);
      out += more * d.perG;
      continue;
    }
    const h = massG(made) * d.perG;
    d.open.set(name, { x, y: out, h });
    if (s.kind === 'strain' && d.lanes.main.has(name) && !d.frame.compact)
      d.labels.push(milkLabel(d, s, name, massG(made), x, out, h));
    out += h;
  }
}

/** The milk's name on its ribbon, or over it where the next bar is too near. */
function milkLabel(d: Sheet, s: Step, name: string, g: number, x: number, y: number, h: number): Label {
  const text = `${streamName(name, d.recipe)} ${join(grams(g))}`;
  const washed = d.recipe.steps.some((w) => w.kind === 'wash' && w.params.into === name);
  const next = Math.min(d.frame.width - 176, washed ? x + d.spacing : Infinity);
  const inside = h > 26 && x + 14 + widthOf(text) < next;
  return {
    key: `milk-${s.id}`,
    x: x + 10,
    y: inside ? y + h / 2 + 4 : y - 6,
    anchor: 'start',
    tone: inside ? 'milk' : 'ink',
    text,
  };
}

/** A second milk flows into the first a little further on. */
function join2(
  d: Sheet,
  s: Step,
  name: string,
  open: { readonly x: number; readonly y: number; readonly h: number },
  x: number,
  y: number,
  h: number,
): void {
  const joinX = Math.max(open.x, x) + Math.min(d.frame.compact ? 10 : 30, Math.max(4, d.spacing * 0.5));
  const total = open.h + h;
  const jy = laneY(d, name) - total / 2;
  band(d, `${s.id}-on-${name}`, name, open, joinX, jy);
  band(d, `${s.id}-join-${name}`, name, { x, y, h }, joinX, jy + open.h);
  d.bars.push({ key: `join-${s.id}-${name}`, step: s.id, x: joinX, y: jy, h: total, hot: false, w: barW(d) });
  d.open.set(name, { x: joinX, y: jy, h: total });
  d.lastX = Math.max(d.lastX, joinX);
}
