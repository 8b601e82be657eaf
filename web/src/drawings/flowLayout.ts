import { flowG, massG } from '@ironpan/core/kitchen';
import type { Flow, Stream } from '@ironpan/core/kitchen';
import { kindOf } from '@ironpan/core/steps';
import type { Outcome, Recipe, Station, Step } from '@ironpan/core/steps';
import { apart } from './flowLabels';
import { LEAST_G, moves, stationOrder } from './flowOrder';
import type { Bar, FlowLayout, Frame, Label, Paint, Ribbon } from './flowTypes';

/** How far below the stream that passes, fresh water comes in and thrown water goes. */
const GAP = 12;
/** More passes than this share one label. */
const MOST_LABELLED = 3;
const NICE_G = [300, 500, 800, 1200, 2000, 3000, 4500, 7000, 10_000, 15_000, 25_000, 50_000, 100_000, 1e6];

interface Open {
  readonly x: number;
  readonly y: number;
  readonly h: number;
}
const isOut = (f: Flow): boolean => 'outside' in f.to && f.to.outside !== 'film';
const fromTap = (f: Flow): boolean => 'outside' in f.from && f.from.outside !== 'unaccounted';

/** Where everything stands: a pure function of one fold and the frame it is drawn in. */
export function flowLayout(recipe: Recipe, o: Outcome, frame: Frame): FlowLayout {
  return new Layout(recipe, o, frame).done();
}

class Layout {
  private readonly stations: readonly Station[];
  private readonly ribbons: Ribbon[] = [];
  private readonly bars: Bar[] = [];
  private readonly labels: Label[] = [];
  private readonly open = new Map<string, Open>();
  private readonly state = new Map<string, Stream>();
  private readonly perG: number;
  private readonly mainY: number;
  private readonly pulpY: number;
  private low: number;
  private readonly topY: number;
  private lastX: number;
  /** Between the bars of the column at hand, px. */
  private spacing = 0;

  constructor(
    private readonly recipe: Recipe,
    private readonly o: Outcome,
    private readonly frame: Frame,
  ) {
    this.stations = stationOrder(recipe);
    const most = Math.max(1, ...o.stages.flatMap((s) => s.writes.map(([, w]) => (w ? massG(w) : 0))), this.soakMost());
    const nice = NICE_G.find((g) => g >= most) ?? most;
    this.perG = frame.thick / nice;
    const top = frame.compact ? 24 : 44;
    const pulpMost = Math.max(
      0,
      ...o.stages.flatMap((st) => st.writes.map(([n, w]) => (w && n !== 'work' && this.isPulp(w) ? massG(w) : 0))),
    );
    this.topY = top;
    this.mainY = top + (frame.compact ? 14 : 22) + frame.thick / 2;
    this.pulpY = this.mainY + frame.thick / 2 + (frame.compact ? 16 : 24) + (pulpMost * this.perG) / 2;
    this.low = this.mainY + frame.thick / 2;
    this.lastX = frame.compact ? 4 : 10;
  }
  private soakMost(): number {
    const beans = this.recipe.larder.reduce((g, l) => g + l.grams, 0);
    return Math.max(
      0,
      ...this.recipe.steps.map((s) => (s.kind === 'soak' || s.kind === 'blanch' ? s.params.waterG + beans : 0)),
    );
  }
  private isPulp(s: Stream): boolean {
    return s.openedShare > 0 && s.sievedShare > 0;
  }
  private paint(s: Stream): Paint {
    if (s.openedShare === 0) return Object.keys(s.madeFrom).length > 0 ? 'beans' : 'water';
    return this.isPulp(s) ? 'pulp' : s.hullG > 0 || Object.keys(s.madeFrom).length === 0 ? 'slurry' : 'milk';
  }

  done(): FlowLayout {
    this.begin();
    const nodes = this.recipe.steps.map((s, i) => ({ s, i, flows: this.o.ledger.filter((f) => f.step === s.id) }));
    const drawn = nodes.filter((n) => moves(n.s, n.flows));
    for (const n of nodes) {
      if (drawn.includes(n)) this.node(n.s, n.i, n.flows, this.xOf(n, drawn));
      for (const [name, s] of this.o.stages[n.i]?.writes ?? []) {
        if (s === null) this.state.delete(name);
        else this.state.set(name, s);
      }
    }
    const ends = this.finish();
    const placed = apart(this.labels, this.frame);
    const low = Math.max(this.low, ...placed.map((l) => l.y)) + 10;
    return {
      stations: this.stations,
      ribbons: this.ribbons,
      bars: this.bars,
      labels: placed,
      ends,
      height: Math.ceil(low),
    };
  }
  private column(s: Step): number {
    return this.stations.indexOf(kindOf(s.kind).station);
  }
  private xOf(n: { s: Step }, drawn: readonly { s: Step }[]): number {
    const mine = drawn.filter((d) => this.column(d.s) === this.column(n.s));
    const w = this.frame.width / this.stations.length;
    const share = (mine.indexOf(n) + 0.5) / mine.length;
    const x = this.column(n.s) * w + w * (0.12 + 0.76 * share);
    this.spacing = (w * 0.76) / mine.length;
    this.lastX = Math.max(x, this.lastX + 3);
    return Math.min(this.lastX, this.frame.width - (this.frame.compact ? 52 : 96));
  }
  private begin(): void {
    for (const l of this.recipe.larder) {
      const h = l.grams * this.perG;
      // Where it starts is settled by the first bar it comes to, so that it runs in level.
      this.open.set(l.into, { x: 0, y: NaN, h });
    }
    for (const [name, s] of this.larder()) this.state.set(name, s);
  }
  /** The open end of a stream at a bar whose left side is at `y`; from the larder it comes level. */
  private from(name: string, y: number): Open | undefined {
    const o = this.open.get(name);
    if (!o || !Number.isNaN(o.y)) return o;
    const grams = this.recipe.larder.reduce((g, l) => g + (l.into === name ? l.grams : 0), 0);
    this.labels.push({
      key: `larder-${name}`,
      x: this.frame.compact ? 2 : 8,
      y: y - 8,
      anchor: 'start',
      tone: 'ink',
      grams,
      what: 'beans',
    });
    return { ...o, y };
  }
  private larder(): readonly (readonly [string, Stream])[] {
    const first = this.o.stages[0]?.writes[0];
    return first?.[1] ? [[first[0], first[1]]] : [];
  }

  private node(s: Step, i: number, flows: readonly Flow[], x: number): void {
    const kind = kindOf(s.kind);
    const reads = [...new Set(kind.reads(s.params))];
    const taps = flows.filter((f) => fromTap(f) && !('outside' in f.to));
    const outs = flows.filter(isOut);
    if (s.kind === 'wash') {
      this.wash(s, flows, x);
      return;
    }
    if (s.kind === 'holdBack') {
      const h = s.params.waterG * this.perG;
      this.open.set(s.params.into, { x, y: this.topY, h });
      if (h > 0)
        this.labels.push({
          key: `in-${s.id}`,
          x,
          y: this.topY - 6,
          anchor: 'middle',
          tone: 'water',
          grams: s.params.waterG,
          what: 'waterIn',
        });
      return;
    }
    const inMass = reads.reduce((g, n) => g + (this.open.get(n)?.h ?? 0), 0);
    const tapH = taps.reduce((g, f) => g + flowG(f) * this.perG, 0);
    const h = Math.max(2, inMass + tapH);
    let y = this.mainY - h / 2;
    this.bars.push({
      key: `bar-${s.id}`,
      step: s.id,
      x,
      y,
      h,
      hot: s.kind === 'boil' || s.kind === 'blanch',
      w: this.barW(),
    });
    // Left side: what comes along above, fresh water rising from below.
    let lowest = y;
    for (const name of s.kind === 'pool' ? [s.params.of, s.params.into] : reads) {
      const from = this.from(name, y);
      if (!from) continue;
      this.band(`${s.id}-${name}`, name, from, x, y);
      y += from.h;
      lowest = Math.max(lowest, from.y + from.h);
    }
    for (const f of taps) {
      const fh = flowG(f) * this.perG;
      const y0 = Math.max(y, lowest) + GAP;
      this.ribbons.push({ key: `${s.id}-tap`, fill: 'water', x0: x - this.reach(), y0, x1: x, y1: y, h: fh });
      this.under({
        key: `in-${s.id}`,
        x: x - this.reach() / 2,
        y: y0 + fh + 15,
        tone: 'water',
        grams: flowG(f),
        what: 'waterIn',
      });
      y += fh;
    }
    // Right side: steam and skin leave above, what is poured off falls away below, the stream goes on between.
    let out = this.mainY - h / 2;
    const falls = outs.filter((f) => 'outside' in f.to && f.to.outside === 'drain');
    for (const f of outs.filter((x2) => !falls.includes(x2))) {
      const fh = flowG(f) * this.perG;
      const steam = 'outside' in f.to && f.to.outside === 'steam';
      if (flowG(f) >= LEAST_G) {
        const y1 = this.topY - fh + 4;
        this.ribbons.push({
          key: `${s.id}-up`,
          fill: steam ? 'steam' : 'drain',
          x0: x,
          y0: out,
          x1: x + this.reach(),
          y1,
          h: fh,
        });
        this.labels.push({
          key: `out-${s.id}`,
          x: x + this.reach(),
          y: y1 - 6,
          anchor: 'middle',
          tone: steam ? 'flame' : 'ash',
          grams: flowG(f),
          what: steam ? 'steam' : 'lifted',
        });
      }
      out += fh;
    }
    let fall = this.mainY + h / 2;
    for (const f of falls) {
      const fh = flowG(f) * this.perG;
      fall -= fh;
      if (flowG(f) < LEAST_G) continue;
      const y1 = Math.max(fall, this.mainY + 6) + GAP;
      this.ribbons.push({ key: `${s.id}-down`, fill: 'drain', x0: x, y0: fall, x1: x + this.reach(), y1, h: fh });
      if (s.kind !== 'hull' || fh > 4)
        this.under({
          key: `out-${s.id}`,
          x: x + this.reach() * 0.7,
          y: y1 + fh + 15,
          tone: 'ash',
          grams: flowG(f),
          what: s.kind === 'hull' ? 'skins' : 'drain',
        });
    }
    for (const [name, made] of this.o.stages[i]?.writes ?? []) {
      if (made === null) {
        this.open.delete(name);
        continue;
      }
      const oh = massG(made) * this.perG;
      this.open.set(name, { x, y: out, h: oh });
      if (s.kind === 'strain' && name === s.params.into)
        this.labels.push({
          key: `milk-${s.id}`,
          x: x + 10,
          y: out + Math.max(14, oh / 2 - 4),
          anchor: 'start',
          tone: oh > 26 ? 'milk' : 'ink',
          grams: massG(made),
          what: 'milk',
          stream: name,
        });
      out += oh;
    }
  }
  private barW(): number {
    return Math.min(8, Math.max(3, this.spacing * 0.35));
  }
  private reach(): number {
    return this.frame.compact ? 16 : 44;
  }
  private under(l: Omit<Label, 'anchor'>): void {
    this.labels.push({ ...l, anchor: 'middle' });
    this.low = Math.max(this.low, l.y);
  }

  /** In the pulp's lane: pulp and fresh water in, thin milk up to the main stream (or a lane of its own). */
  private wash(s: Extract<Step, { kind: 'wash' }>, flows: readonly Flow[], x: number): void {
    const from = this.open.get(s.params.of);
    const waterH = s.params.waterG * this.perG;
    const toMilk = flows.find((f) => 'stream' in f.to && f.to.stream === s.params.into && 'stream' in f.from);
    const milkH = toMilk ? flowG(toMilk) * this.perG : 0;
    const h = Math.max(2, (from?.h ?? 0) + waterH);
    const y = this.pulpY - h / 2;
    this.bars.push({ key: `bar-${s.id}`, step: s.id, x, y, h, hot: false, w: this.barW() });
    if (from) this.band(`${s.id}-pulp`, s.params.of, from, x, y);
    if (waterH > 0) {
      this.ribbons.push({
        key: `${s.id}-tap`,
        fill: 'water',
        x0: x - this.reach() * 0.8,
        y0: y + (from?.h ?? 0) + GAP,
        x1: x,
        y1: y + (from?.h ?? 0),
        h: waterH,
      });
      const passes = this.recipe.steps.filter((w): w is Extract<Step, { kind: 'wash' }> => w.kind === 'wash');
      const together = passes.length > MOST_LABELLED;
      if (!together || passes[0] === s)
        this.under({
          key: `in-${s.id}`,
          x: x - this.reach() * 0.4,
          y: y + (from?.h ?? 0) + GAP + waterH + 15,
          tone: 'water',
          grams: together ? passes.reduce((g, w) => g + w.params.waterG, 0) : s.params.waterG,
          what: 'waterIn',
          ...(together ? { times: passes.length } : {}),
        });
    }
    const joinX = x + Math.min(this.frame.compact ? 10 : 30, this.spacing * 0.5);
    const main = this.open.get(s.params.into);
    if (main) {
      const total = main.h + milkH;
      const jy = this.mainY - total / 2;
      this.band(`${s.id}-main`, s.params.into, main, joinX, jy);
      this.ribbons.push({ key: `${s.id}-milk`, fill: 'milk', x0: x, y0: y, x1: joinX, y1: jy + main.h, h: milkH });
      this.bars.push({ key: `join-${s.id}`, step: s.id, x: joinX, y: jy, h: total, hot: false, w: this.barW() });
      this.open.set(s.params.into, { x: joinX, y: jy, h: total });
      this.lastX = joinX;
    } else this.open.set(s.params.into, { x, y, h: milkH });
    this.open.set(s.params.of, { x, y: y + milkH, h: Math.max(0.5, h - milkH) });
  }

  /** A stream along its way; whole beans show what they drank as a band of water under them. */
  private band(key: string, name: string, from: Open, x: number, y: number): void {
    const s = this.state.get(name);
    const fill = s ? this.paint(s) : 'beans';
    if (s && fill === 'beans') {
      const beans = Math.max(0, massG(s) - s.freeWaterG - s.gainedWaterG) * this.perG;
      this.ribbons.push({
        key: `${key}-b`,
        fill: 'beans',
        x0: from.x,
        y0: from.y,
        x1: x,
        y1: y,
        h: Math.min(beans, from.h),
      });
      if (from.h - beans > 0.5)
        this.ribbons.push({
          key: `${key}-w`,
          fill: 'water',
          x0: from.x,
          y0: from.y + beans,
          x1: x,
          y1: y + beans,
          h: from.h - beans,
        });
      return;
    }
    this.ribbons.push({
      key,
      fill: name === 'work' && fill === 'milk' ? 'slurry' : fill,
      x0: from.x,
      y0: from.y,
      x1: x,
      y1: y,
      h: from.h,
    });
  }

  private finish(): FlowLayout['ends'] {
    const ends: { stream: string; x: number; y: number; h: number }[] = [];
    let side = this.pulpY;
    for (const [name, from] of this.open) {
      const s = this.o.products[name];
      if (!s || massG(s) < 1) continue;
      const h = massG(s) * this.perG;
      const pulp = this.isPulp(s);
      const jarred = this.recipe.steps.some((x) => x.kind === 'jar' && x.params.of === name);
      const x = this.frame.width - (jarred ? (this.frame.compact ? 44 : 84) : this.frame.compact ? 96 : 150);
      const y = jarred ? this.mainY - h / 2 : side - h / 2;
      this.band(`end-${name}`, name, { ...from, h }, Math.max(x, from.x + 12), y);
      ends.push({ stream: name, x: Math.max(x, from.x + 12), y, h });
      if (!jarred) {
        this.labels.push({
          key: `end-${name}`,
          x: Math.max(x, from.x + 12) + 6,
          y: side + 4,
          anchor: 'start',
          tone: 'ash',
          grams: massG(s),
          what: pulp ? 'pulp' : 'milk',
          stream: name,
        });
        side += h / 2 + 24;
      }
    }
    return ends;
  }
}
