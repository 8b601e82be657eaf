import { Search } from './search';
import type { Floor } from './bound';
import type { Problem } from './types';

/** Nodes given to some milks at most; what is known by then of the least they cost holds all the same. */
const NODES = 300;
/** Sets of so many milks are looked at: of few milks all but one, of many pairs and threes. */
const FEW = 5;
const LARGEST = 3;

/**
 * What some of the milks cost alone, with the kitchen to themselves, is the least that they cost among others. Each set is
 * searched with what is known of the smaller ones (Verfaillie, Lemaitre & Schiex 1996: Russian doll search), so that what
 * is left for the whole is little.
 */
export class Floors {
  readonly #p: Problem;
  readonly #sets: (readonly number[])[];
  #found: readonly Floor[] = [];
  #next = 0;

  constructor(p: Problem) {
    this.#p = p;
    const n = p.wishes.length;
    this.#sets = setsOf(n, n <= FEW ? n - 1 : LARGEST);
  }
  /** One set more. true: all are done. */
  run(): boolean {
    const set = this.#sets[this.#next];
    this.#next += 1;
    if (!set) return true;
    const search = new Search(only(this.#p, set), within(this.#found, set));
    search.run(NODES);
    const { proved, cost, atLeast } = search.found;
    this.#found = [...this.#found, { at: set, cost: proved && cost ? cost : atLeast }];
    return this.#next >= this.#sets.length;
  }
  get found(): readonly Floor[] {
    return this.#found;
  }
}
/** All sets of up to so many of the first n, the small ones first. */
function setsOf(n: number, most: number): (readonly number[])[] {
  const out: (readonly number[])[] = [];
  let last: (readonly number[])[] = [[]];
  for (let size = 1; size <= most; size += 1) {
    last = last.flatMap((s) =>
      Array.from({ length: n }, (_, i) => i)
        .filter((i) => i > (s.at(-1) ?? -1))
        .map((i) => [...s, i]),
    );
    out.push(...last);
  }
  return out;
}
/** What is known of sets within a set, by their place in it. */
const within = (floors: readonly Floor[], set: readonly number[]): readonly Floor[] =>
  floors.flatMap((f) => {
    const at = f.at.map((i) => set.indexOf(i));
    return at.includes(-1) ? [] : [{ at, cost: f.cost }];
  });
/** The same kitchen with some of its milks, by the place of their wishes. */
function only(p: Problem, set: readonly number[]): Problem {
  const wishes = set.flatMap((i) => p.wishes[i] ?? []);
  const out = new Set(p.wishes.map((w) => w.milk));
  for (const w of wishes) out.delete(w.milk);
  const blocks = p.blocks.filter((b) => !out.has(b.milk));
  const has = new Set(blocks.map((b) => b.id));
  return {
    ...{ ...p, blocks, wishes },
    links: p.links.filter((l) => has.has(l.from) && has.has(l.to)),
    uses: p.uses.filter((u) => !out.has(u.milk)),
  };
}
