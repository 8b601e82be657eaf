import { agreedOf, carried, endsS, leavesOf, lengthOf, milkIn, slackOf, stepOf, whyThen } from '@ironpan/core/schedule';
import type { Day, DayAsked, Hands, Slack, Starts, Timetable, Way, WhyThen } from '@ironpan/core/schedule';
import type { Step } from '@ironpan/core/steps';
import { stepTitle } from '@ironpan/core/words';
import type { Cannot } from './clockAsk';

/** A block of a timetable as a page shows it. Instants in ms. */
export interface ShownBlock {
  readonly id: string;
  readonly milk: string;
  readonly step: string;
  readonly title: string;
  readonly from: number;
  readonly to: number;
  readonly parts: readonly { readonly from: number; readonly to: number; readonly hands: Hands }[];
  /** Begun, or put there by hand. */
  readonly stands: 'free' | 'begun' | 'byHand';
  readonly why: WhyThen;
  readonly slack: Slack;
}
/** A thing that is kept by a milk for a while, and by which of its steps first. */
export interface ShownUse {
  readonly thing: string;
  /** The block that takes it first. */
  readonly block: string;
  readonly milk: string;
  readonly title: string;
  readonly from: number;
  readonly to: number;
}
export interface ShownMilk {
  readonly milk: string;
  readonly readyAt: number;
  /** After it was wanted, s; 0: in time. */
  readonly lateS: number;
}
/** A milk that goes through a thing after one that leaves an allergen in it. */
export interface CarriedOver {
  readonly before: string;
  readonly after: string;
  readonly allergens: readonly string[];
}
export interface Shown {
  readonly originMs: number;
  readonly starts: Readonly<Record<string, number>>;
  readonly blocks: readonly ShownBlock[];
  readonly uses: readonly ShownUse[];
  readonly milks: readonly ShownMilk[];
  readonly sittings: readonly { readonly from: number; readonly to: number }[];
  /** Of hands and eyes, s. */
  readonly workS: number;
  readonly carried: readonly CarriedOver[];
  /** Milks whose soak is to stand in the fridge until its turn comes: without that there is no timetable. */
  readonly fridge: readonly string[];
  readonly proof: Pick<Timetable, 'soonest' | 'freshest' | 'gapS' | 'nodes'>;
}
/** What the worker tells: the best so far, again and again, and at last all that is known. */
export interface ClockTold {
  readonly shown: Shown | null;
  readonly cannot: readonly Cannot[];
  readonly ways: readonly Way[];
  /** What was agreed on goes on; or it was asked anew. */
  readonly kept: boolean;
  /** How often each wish is kept, 0..1, as far as this kitchen is not known; empty: not worked out yet. */
  readonly chances: Readonly<Record<string, number>>;
  /** Were it asked anew: over all wishes so much less late, s. */
  readonly betterByS: number;
}

/** A timetable as plain data. `deep`: with why each stands where it stands, and how far it may slip. */
export function shownOf(asked: DayAsked, day: Day, t: Timetable, deep: boolean): Shown {
  const { problem: p, originMs } = day;
  const at = (s: number): number => originMs + 1000 * s;
  const begins = (id: string): number => t.starts.get(id) ?? 0;
  const of = new Map(asked.milks.map((m) => [m.id, m] as const));
  const title = (id: string): string => {
    const m = of.get(milkIn(id));
    const step = m?.recipe.steps.find((s: Step) => s.id === stepOf(id));
    return m && step ? stepTitle(step, m.recipe) : '';
  };
  const open = { s: Infinity, because: null, through: null } as const;
  const free = { earlier: open, later: open } as const;
  const blocks = p.blocks.map((b): ShownBlock => {
    let s = begins(b.id);
    const parts = b.parts.map((x) => {
      const from = at(s);
      s += x.durationS;
      return { from, to: at(s), hands: x.hands };
    });
    return {
      ...{ id: b.id, milk: b.milk, step: stepOf(b.id), title: title(b.id), parts },
      ...{ from: at(begins(b.id)), to: at(begins(b.id) + lengthOf(b)) },
      stands: b.begun ? 'begun' : b.fixedS === null ? 'free' : 'byHand',
      why: deep ? whyThen(p, t.starts, b.id) : free,
      slack: deep && b.fixedS === null ? slackOf(p, t.starts, b.id) : { s: Infinity, then: null },
    };
  });
  return {
    originMs,
    starts: agreedOf(t.starts, originMs),
    blocks,
    uses: p.uses.map((u) => ({
      ...{ thing: u.thing, block: u.from, milk: u.milk, title: title(u.from) },
      ...{ from: at(begins(u.from)), to: at(endsS(p, t.starts, u.to)) },
    })),
    milks: asked.milks.map((m) => {
      const readyAt = at(t.readyS.get(m.id) ?? 0);
      return { milk: m.id, readyAt, lateS: m.byAt === null ? 0 : Math.max(0, (readyAt - m.byAt) / 1000) };
    }),
    sittings: t.sittings.map((x) => ({ from: at(x.fromS), to: at(x.toS) })),
    workS: p.blocks.reduce((s, b) => s + b.parts.reduce((x, y) => x + (y.hands === 'free' ? 0 : y.durationS), 0), 0),
    carried: carriedIn(asked, day, t.starts),
    fridge: asked.milks.filter((m) => m.fridge).map((m) => m.id),
    proof: { soonest: t.soonest, freshest: t.freshest, gapS: t.gapS, nodes: t.nodes },
  };
}
/** Of each thing, who comes right after whom, where the first leaves an allergen that the second has not. */
function carriedIn(asked: DayAsked, { problem: p }: Day, starts: Starts): readonly CarriedOver[] {
  const leaves = new Map(asked.milks.map((m) => [m.id, leavesOf(m.recipe, m.outcome)] as const));
  const out = new Map<string, CarriedOver>();
  for (const thing of new Set(p.uses.map((u) => u.thing))) {
    // What is never washed between (a hob, an ice bath) touches no milk.
    const order = p.uses
      .filter((u) => u.thing === thing)
      .sort((a, b) => (starts.get(a.from) ?? 0) - (starts.get(b.from) ?? 0));
    order.slice(1).forEach((u, i) => {
      const had = order[i];
      if (!had || had.milk === u.milk || p.setUpS(thing, had.milk, u.milk) === 0) return;
      const [a, b] = [leaves.get(had.milk), leaves.get(u.milk)];
      const left = a && b ? carried(a, b) : [];
      if (left.length > 0) out.set(`${had.milk} ${u.milk}`, { before: had.milk, after: u.milk, allergens: left });
    });
  }
  return [...out.values()];
}
