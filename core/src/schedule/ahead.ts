import { dayOf, stepOf } from './day';
import type { DayAsked, MilkAsked } from './day';
import { freshProblem, fromFresh } from './fresh';
import { checkTimetable } from './check';
import { Proof } from './proof';
import { endsS } from './slack';
import type { Starts } from './types';

/** A milk of the days to come, as it would be made: instants in ms. */
export interface AheadMilk {
  readonly milk: string;
  /** When its first step begins; null: there is no time for it. */
  readonly beginsAt: number | null;
  readonly readyAt: number | null;
  /** After it is wanted, s. */
  readonly lateS: number;
}
/** So many are put together at once, and no more than a day apart: what lies farther apart meets on no jug. */
const TOGETHER = 3;
const DAY_MS = 24 * 3_600_000;
/** What was placed before keeps its things for as long, ms: nothing that is made takes longer. */
const REACH_MS = 3 * DAY_MS;
/** Nodes for each few: what is ahead is a forecast, and is settled when it is near. */
const NODES = 1500;

/**
 * The days to come, a few milks at a time in the order in which they are wanted, each few around those that were put
 * before. A forecast: no proof is claimed for it. Milks in `asked` that stand already (their steps fixed, or begun) stay.
 */
export class Ahead {
  readonly #asked: DayAsked;
  readonly #groups: (readonly MilkAsked[])[];
  #placed: readonly MilkAsked[];
  #found: readonly AheadMilk[] = [];
  #next = 0;

  /** `standing`: milks whose every step stands where it was agreed; they are not told. */
  constructor(asked: DayAsked, standing: readonly MilkAsked[] = []) {
    this.#asked = asked;
    this.#placed = standing;
    this.#groups = groupsOf(asked.milks.toSorted((a, b) => wantedAt(a) - wantedAt(b)));
  }
  /** One few more. true: all are placed. */
  run(): boolean {
    const group = this.#groups[this.#next];
    this.#next += 1;
    if (group) this.#place(group);
    return this.#next >= this.#groups.length;
  }
  get share(): number {
    return this.#groups.length === 0 ? 1 : Math.min(1, this.#next / this.#groups.length);
  }
  get found(): readonly AheadMilk[] {
    return this.#found;
  }

  #place(group: readonly MilkAsked[]): void {
    const first = Math.min(...group.map(wantedAt));
    const near = this.#placed.filter((m) => m.progress !== null || m.byAt === null || m.byAt > first - REACH_MS);
    const told =
      this.#timetable([...near, ...group], group) ??
      group.flatMap((m) => this.#timetable([...near, m], [m]) ?? none(m));
    this.#found = [...this.#found, ...told];
  }
  /** null: there is none for all of these together. */
  #timetable(milks: readonly MilkAsked[], group: readonly MilkAsked[]): readonly AheadMilk[] | null {
    const { problem: p, originMs } = dayOf({ ...this.#asked, milks });
    const soonest = new Proof(p);
    while (soonest.found.nodes < NODES && !soonest.run(100));
    const { starts } = soonest.found;
    if (!starts) return null;
    const back = new Proof(freshProblem(p, starts));
    while (back.found.nodes < NODES && !back.run(100));
    const fresh = back.found.starts && fromFresh(p, back.found.starts);
    const best = [fresh, starts].find((s): s is Starts => s !== null && checkTimetable(p, s).length === 0);
    if (!best) return null;
    const at = (s: number): number => originMs + 1000 * s;
    return group.map((m): AheadMilk => {
      const mine = p.blocks.filter((b) => b.milk === m.id);
      const fixed = Object.fromEntries(mine.map((b) => [stepOf(b.id), at(best.get(b.id) ?? 0)] as const));
      this.#placed = [...this.#placed, { ...m, fixed }];
      const last = p.wishes.find((w) => w.milk === m.id)?.last ?? '';
      const readyAt = at(endsS(p, best, last));
      return {
        ...{ milk: m.id, beginsAt: Math.min(...Object.values(fixed)), readyAt },
        lateS: m.byAt === null ? 0 : Math.max(0, (readyAt - m.byAt) / 1000),
      };
    });
  }
}
const none = (m: MilkAsked): AheadMilk[] => [{ milk: m.id, beginsAt: null, readyAt: null, lateS: 0 }];
const wantedAt = (m: MilkAsked): number => m.byAt ?? 0;
function groupsOf(milks: readonly MilkAsked[]): (readonly MilkAsked[])[] {
  const out: MilkAsked[][] = [];
  for (const m of milks) {
    const last = out.at(-1);
    const [first] = last ?? [];
    if (last && first && last.length < TOGETHER && wantedAt(m) - wantedAt(first) < DAY_MS) last.push(m);
    else out.push([m]);
  }
  return out;
}
