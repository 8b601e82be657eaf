import { checkTimetable } from './check';
import type { TimetableFault } from './check';
import { freshProblem, fromFresh } from './fresh';
import { Proof } from './proof';
import { Search } from './search';
import type { Found } from './search';
import { sittingsOf } from './sittings';
import { tightened } from './tighten';
import type { Sitting } from './sittings';
import { lengthOf } from './types';
import type { Link, Problem, Starts } from './types';

/** A timetable, and what is known of any better one. */
export interface Timetable {
  readonly starts: Starts;
  /** When each milk is ready, s, by its name. */
  readonly readyS: ReadonlyMap<string, number>;
  readonly lateS: number;
  readonly sittings: readonly Sitting[];
  /** No timetable is less late, or, as late, ready sooner. */
  readonly soonest: boolean;
  /** None is fresher, whatever the visits; once visits were brought together that is not said. */
  readonly freshest: boolean;
  /** What it may be less late by at most, s. */
  readonly gapS: number;
  readonly nodes: number;
  /** What a reader that shares nothing with the search finds wrong with it: nothing, or it is not shown. */
  readonly faults: readonly TimetableFault[];
}
export interface Step {
  readonly done: boolean;
  /** 0..1, as far as can be told. */
  readonly share: number;
  readonly best: Timetable | null;
  /** Everything was tried: there is none at all. */
  readonly none: boolean;
}
/** Of the first search, of the freshest, and of one try to bring two sittings together: nodes at most. */
const MOST = { soonest: 20_000, fresh: 6000, join: 600 } as const;
/** What is brought together follows within this, s: the time to wash up. */
const BESIDE_S = 5 * 60;
/** For a visit less no milk is made so much earlier than the freshest would be, s: it would stand half a day for nothing. */
const AGED_S = 12 * 3600;
/** A sitting that is pulled to another may tear so often before it is given up. */
const TORN = 4;

/**
 * A timetable in turns: the least late (and soonest), then the same as late as it may be, then with fewer sittings. Each
 * turn is a piece of work of so many nodes, so that a worker tells the best so far and can be stopped.
 */
export class Timetabling {
  readonly #p: Problem;
  readonly #soonest: Proof;
  #fresh: Proof | null = null;
  #first: Found | null = null;
  #best: Timetable | null = null;
  /** When each would be ready at the freshest, s. */
  #freshS: ReadonlyMap<string, number> = new Map();
  #turn: 'soonest' | 'fresh' | 'joins' | 'done' = 'soonest';
  #spent = 0;
  /** Sittings that were brought together already, as links. */
  #joined: readonly Link[] = [];
  readonly #tried = new Set<string>();

  constructor(p: Problem) {
    this.#p = p;
    this.#soonest = new Proof(p);
  }
  /** So many nodes more. */
  run(nodes: number): Step {
    if (this.#turn === 'soonest') this.#runSoonest(nodes);
    else if (this.#turn === 'fresh') this.#runFresh(nodes);
    else if (this.#turn === 'joins') this.#runJoin();
    const share = { soonest: 0.1, fresh: 0.3 + (0.3 * this.#spent) / MOST.fresh, joins: 0.7, done: 1 }[this.#turn];
    return { done: this.#turn === 'done', share, best: this.#best, none: this.#turn === 'done' && this.#best === null };
  }
  #runSoonest(nodes: number): void {
    const over = this.#soonest.run(nodes);
    const f = this.#soonest.found;
    if (f.starts && f.cost !== this.#first?.cost) this.#best = this.#told(f.starts, f, false);
    this.#first = f;
    if (!over && f.nodes < MOST.soonest) return;
    if (!f.starts) {
      this.#turn = 'done';
      return;
    }
    this.#best = this.#told(f.starts, f, false);
    this.#fresh = new Proof(freshProblem(this.#p, f.starts));
    [this.#turn, this.#spent] = ['fresh', 0];
  }
  #runFresh(nodes: number): void {
    const over = this.#fresh?.run(nodes) ?? true;
    this.#spent += nodes;
    const f = this.#fresh?.found;
    const first = this.#first;
    if (f?.starts && first) this.#take(fromFresh(this.#p, f.starts), first, f.proved);
    if (!over && this.#spent < MOST.fresh) return;
    [this.#turn, this.#freshS] = ['joins', this.#best?.readyS ?? new Map<string, number>()];
  }
  /** One gap between two sittings, the shortest that was not tried yet: can both be one, and nothing be later for it? */
  #runJoin(): void {
    const best = this.#best;
    const first = this.#first;
    const gap = best && gapsOf(best).find((g) => !this.#tried.has(`${g.before} ${g.after}`));
    if (!best || !gap || !first) {
      if (best && first) this.#tighten(best, first);
      this.#turn = 'done';
      return;
    }
    this.#tried.add(`${gap.before} ${gap.after}`);
    let joins = [...this.#joined, joinOf(gap)];
    for (let i = 0; i < TORN; i += 1) {
      const told = this.#joinedBy(joins, best, first);
      if (!told) return;
      if (told.sittings.length < best.sittings.length) {
        [this.#best, this.#joined] = [told, joins];
        return;
      }
      // What was together before and is torn now is held together as well.
      const together = (g: Gap) => best.sittings.some((x) => x.blocks.includes(g.before) && x.blocks.includes(g.after));
      const torn = gapsOf(told).filter(together).map(joinOf);
      if (torn.length === 0) return;
      joins = [...joins, ...torn];
    }
  }
  /** The timetable with these sittings held together; null: there is none that is as little late. */
  #joinedBy(joins: readonly Link[], best: Timetable, first: Found): Timetable | null {
    const p: Problem = { ...this.#p, links: [...this.#p.links, ...joins] };
    const s = new Search(p);
    s.run(MOST.join);
    const f = s.found;
    if (!f.starts || (f.cost?.lateS ?? Infinity) > best.lateS) return null;
    const back = new Search(freshProblem(p, f.starts));
    back.run(MOST.join);
    const told = this.#told(back.found.starts ? fromFresh(p, back.found.starts) : f.starts, first, false);
    // What is wanted as soon as can be waits for nobody's convenience.
    const delays = this.#p.wishes.some(
      (w) => w.byS === null && (told.readyS.get(w.milk) ?? 0) > (best.readyS.get(w.milk) ?? 0),
    );
    const ages = [...this.#freshS].some(([milk, s]) => s - (told.readyS.get(milk) ?? 0) > AGED_S);
    return told.faults.length > 0 || told.lateS > best.lateS || delays || ages ? null : told;
  }
  #tighten(best: Timetable, first: Found): void {
    const told = this.#told(tightened(this.#p, best.starts), first, best.freshest);
    const worse = told.lateS > best.lateS || told.sittings.length > best.sittings.length;
    if (told.faults.length === 0 && !worse) this.#best = told;
  }
  #take(starts: Starts, first: Found, proved: boolean): void {
    const told = this.#told(starts, first, proved);
    if (told.faults.length === 0 && told.lateS <= (this.#best?.lateS ?? Infinity)) this.#best = told;
  }
  #told(starts: Starts, first: Found, freshest: boolean): Timetable {
    const length = new Map(this.#p.blocks.map((b) => [b.id, lengthOf(b)] as const));
    const readyS = new Map(
      this.#p.wishes.map((w) => [w.milk, (starts.get(w.last) ?? 0) + (length.get(w.last) ?? 0)] as const),
    );
    const lateS = this.#p.wishes.reduce(
      (s, w) => s + (w.byS === null ? 0 : Math.max(0, (readyS.get(w.milk) ?? 0) - w.byS)),
      0,
    );
    return {
      ...{ starts, readyS, lateS, sittings: sittingsOf(this.#p, starts), soonest: first.proved, freshest },
      gapS: Math.max(0, lateS - first.atLeast.lateS),
      nodes: first.nodes,
      faults: checkTimetable(this.#p, starts),
    };
  }
}
interface Gap {
  readonly before: string;
  readonly after: string;
  readonly s: number;
}
const joinOf = (g: Gap): Link => ({ from: g.before, to: g.after, leastS: 0, mostS: BESIDE_S });
/** Between each sitting and the next, the shortest first. */
const gapsOf = (t: Timetable): readonly Gap[] =>
  t.sittings
    .slice(1)
    .map((next, i) => {
      const had = t.sittings[i] as Sitting;
      return { before: had.blocks.at(-1) ?? '', after: next.blocks[0] ?? '', s: next.fromS - had.toS };
    })
    .sort((a, b) => a.s - b.s);
