import { spoilagePace } from '../steps';
import type { KeepBy } from '../steps';
import { DAY_S } from '../units';
import type { Out, Stretch } from './whereabouts';

/** A while elsewhere, and what it cost. */
export interface OutCost {
  readonly out: Out;
  /** Days at 4 °C that it spent there. */
  readonly spentD: number;
  /** How much less time it has for it, s: never more than the caps would have left it. */
  readonly lostS: number;
}
/** Where a jar's keeping time went, days at 4 °C. */
export interface Spending {
  /** Before it was filled: cooling, standing in the pot. */
  readonly beforeD: number;
  /** Where it was put: the fridge, the worktop. */
  readonly placedD: number;
  readonly outs: readonly OutCost[];
  /** All that the whiles elsewhere cost together, s. */
  readonly lostS: number;
}
/** All that was spent, days at 4 °C. */
export const spentOf = (s: Spending): number => s.beforeD + s.placedD + s.outs.reduce((x, o) => x + o.spentD, 0);
interface Entry {
  readonly out: Out;
  spentD: number;
  overD: number;
}

/** Keeps the account while a jar's life is folded: each stretch says what it spent. Boiled anew, a jar begins a new one. */
export class Account {
  private readonly entries = new Map<string, Entry>();
  private placedD = 0;
  private last: Entry | null = null;
  private at: number;

  constructor(private beforeD: number) {
    this.at = beforeD;
  }
  /** A stretch after which so much is spent in all. */
  add(x: Stretch, spentD: number): void {
    const spent = Math.max(0, spentD - this.at);
    this.at = spentD;
    const usual = (spoilagePace(x.usualC) * (x.to - x.from)) / 1000 / DAY_S;
    const over = Math.max(0, spent - usual);
    if (x.out) this.last = this.entries.get(x.out.id) ?? { out: x.out, spentD: 0, overD: 0 };
    // Back where it was put it is still warm: until it has cooled, that too is what the while cost.
    const e = this.last;
    const its = x.out ? spent : over;
    if (e) {
      e.spentD += its;
      e.overD += over;
      this.entries.set(e.out.id, e);
    }
    this.placedD += e ? spent - its : spent;
  }
  /** Put elsewhere for good, it warms or cools to that place: no while is to blame any more. */
  moved(): void {
    this.last = null;
  }
  /** What happened to it may have made it new: an account of what is no longer spent says nothing. */
  settle(spentD: number): void {
    if (spentD < this.at - 1e-9) {
      this.entries.clear();
      this.last = null;
      this.placedD = 0;
      this.beforeD = spentD;
    }
    this.at = spentD;
  }
  /** The account, with its costs as time at the place where the jar now stands, °C. */
  told(keep: KeepBy | null, placeC: number): Spending {
    const pace = Math.max(1e-9, spoilagePace(placeC));
    const all = [...this.entries.values()];
    const overD = all.reduce((x, e) => x + e.overD, 0);
    // Without them the model would leave it longer, the cap would not: what they cost is what they changed.
    const left = (modelS: number): number => (keep ? Math.max(0, Math.min(modelS, keep.capS)) : 0);
    const lostS = keep && overD > 0 ? left(keep.modelS + (overD / pace) * DAY_S) - left(keep.modelS) : 0;
    const outs = all.map((e) => ({ out: e.out, spentD: e.spentD, lostS: overD > 0 ? (lostS * e.overD) / overD : 0 }));
    return { beforeD: this.beforeD, placedD: this.placedD, outs, lostS };
  }
}
