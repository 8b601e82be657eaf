import { jarredStreams } from '@ironpan/core/batch';
import { massG } from '@ironpan/core/kitchen';
import { runIndex, runsOf } from '@ironpan/core/steps';
import type { Outcome, Recipe } from '@ironpan/core/steps';
import { apart } from './flowLabels';
import { lanesOf } from './flowLanes';
import { drawNode } from './flowNode';
import { moves } from './flowOrder';
import { band, laneY } from './flowSheet';
import type { Sheet } from './flowSheet';
import type { End, FlowLayout, Frame } from './flowTypes';
import { endText } from './flowWords';

const NICE_G = [300, 500, 800, 1200, 2000, 3000, 4500, 7000, 10_000, 15_000, 25_000, 50_000, 100_000, 1e6];
/** Where everything stands: a pure function of one fold and the frame it is drawn in. */
export function flowLayout(recipe: Recipe, o: Outcome, frame: Frame): FlowLayout {
  const lanes = lanesOf(recipe, o);
  const most = mostG(recipe, o);
  const thick = lanes.side.length > 2 ? frame.thick * 0.8 : frame.thick;
  const perG = thick / (NICE_G.find((g) => g >= most) ?? most);
  const d: Sheet = {
    recipe,
    o,
    frame: { ...frame, thick },
    lanes,
    perG,
    topY: frame.compact ? 24 : 36,
    mainPx: Math.min(thick, most * perG),
    ribbons: [],
    bars: [],
    labels: [],
    open: new Map(),
    state: new Map(),
    low: 0,
    lastX: frame.compact ? 4 : 10,
    spacing: 0,
  };
  const runs = runsOf(recipe);
  const columns = runIndex(runs);
  begin(d);
  const drawn = recipe.steps.map((s, i) => ({ s, i })).filter(({ s }) => moves(s, flowsOf(d, s.id)));
  for (const [i, s] of recipe.steps.entries()) {
    const at = drawn.findIndex((n) => n.i === i);
    if (at >= 0) drawNode(d, s, i, flowsOf(d, s.id), place(d, i, drawn, columns, runs.length));
    for (const [name, made] of o.stages[i]?.writes ?? []) {
      if (made === null) d.state.delete(name);
      else d.state.set(name, made);
      // Steps that move next to nothing are not drawn, but what they made of a stream is as wide as it now is.
      const open = d.open.get(name);
      if (at < 0 && made !== null && open) d.open.set(name, { ...open, h: massG(made) * perG });
    }
  }
  const ends = finish(d);
  const labels = apart(d.labels, frame);
  const low = Math.max(d.low, ...labels.map((l) => l.y + 2), ...d.ribbons.map((r) => Math.max(r.y0, r.y1) + r.h)) + 9;
  return { ribbons: d.ribbons, bars: d.bars, labels, ends, height: Math.ceil(low), perG };
}
const flowsOf = (d: Sheet, step: string) => d.o.ledger.filter((f) => f.step === step);

function mostG(r: Recipe, o: Outcome): number {
  const food = r.larder.reduce((g, l) => g + l.grams, 0);
  const made = o.stages.flatMap((s) => s.writes.map(([, w]) => (w ? massG(w) : 0)));
  const poured = r.steps.map((s) => ('waterG' in s.params && s.kind !== 'wash' ? s.params.waterG + food : 0));
  return Math.max(1, ...made, ...poured);
}

function begin(d: Sheet): void {
  for (const l of d.recipe.larder) {
    const had = d.open.get(l.into);
    d.open.set(l.into, { x: 0, y: NaN, h: (had?.h ?? 0) + l.grams * d.perG });
  }
}
function place(
  d: Sheet,
  i: number,
  drawn: readonly { readonly i: number }[],
  columns: readonly number[],
  n: number,
): number {
  const mine = drawn.filter((x) => columns[x.i] === columns[i]);
  const w = d.frame.width / n;
  const share = (mine.findIndex((x) => x.i === i) + 0.5) / mine.length;
  const x = (columns[i] ?? 0) * w + w * (0.12 + 0.76 * share);
  d.spacing = (w * 0.76) / mine.length;
  d.lastX = Math.max(x, d.lastX + 3);
  return Math.min(d.lastX, d.frame.width - endRoom(d));
}
/** The jars beside the main milk's end are so high, px. */
const JAR_PX = 92;
/** Room at the right for jars and the names of what is in them, px. */
function endRoom(d: Sheet): number {
  const sides = d.lanes.side.length;
  if (d.frame.compact) return sides > 1 ? 84 : 56;
  if (sides === 0) return 96;
  return d.lanes.side.some((n) => jarredStreams(d.recipe, d.o).includes(n)) ? 204 : 176;
}

function finish(d: Sheet): readonly End[] {
  const jarred = jarredStreams(d.recipe, d.o);
  const ends: End[] = [];
  const right = d.frame.width - endRoom(d);
  for (const [name, from] of d.open) {
    const s = d.o.products[name];
    if (!s || massG(s) < 1 || Number.isNaN(from.y)) continue;
    const h = massG(s) * d.perG;
    const x = Math.max(right + (d.frame.compact ? 4 : 10), from.x + 12);
    const y = laneY(d, name) - h / 2;
    band(d, `end-${name}`, name, { ...from, h }, x, y);
    const main = d.lanes.main.has(name);
    ends.push({ stream: name, x, y, h, jarred: jarred.includes(name), main });
    if (main) {
      // Of several jars the main one is named too, over it.
      if (jarred.length > 1 && jarred.includes(name) && !d.frame.compact)
        d.labels.push({
          key: `end-${name}`,
          x: x + 6,
          y: Math.max(14, y + h / 2 - JAR_PX / 2 - 6),
          anchor: 'start',
          tone: 'ink',
          text: endText(d.recipe, name, massG(s), false),
        });
      continue;
    }
    const jar = jarred.includes(name) ? 24 : 6;
    d.labels.push({
      key: `end-${name}`,
      x: x + jar,
      y: y + h / 2 + 4,
      anchor: 'start',
      tone: jarred.includes(name) ? 'ink' : 'ash',
      text: endText(d.recipe, name, massG(s), d.frame.compact),
    });
    d.low = Math.max(d.low, y + h + 4);
  }
  return ends.sort((a, b) => Number(b.main) - Number(a.main));
}
