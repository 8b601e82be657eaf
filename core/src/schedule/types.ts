/** How much of a cook a piece of work takes: both hands; an eye, that may watch two things at once; nothing. */
export type Hands = 'busy' | 'near' | 'free';
/** Part of a block: so long, s, and what it takes of a cook. One part follows the other at once. */
export interface Part {
  readonly durationS: number;
  readonly hands: Hands;
}
/** Work that goes through without a break: one step of one milk. Times are whole seconds. */
export interface Block {
  readonly id: string;
  /** Which milk it belongs to. */
  readonly milk: string;
  readonly parts: readonly Part[];
  /** Not before this instant, s. */
  readonly notBeforeS: number;
  /** It stands: begun already, or put there by hand, s; null: the timetable says. */
  readonly fixedS: number | null;
  /** It stands because it has been begun. */
  readonly begun?: true;
}
/** One block after another: no sooner than so long after its end, no later than so long after it, s; null: as long as one likes. */
export interface Link {
  readonly from: string;
  readonly to: string;
  readonly leastS: number;
  readonly mostS: number | null;
}
/** A thing that is kept from the beginning of one block to the end of another: the pot, from the boil until the milk is out of it. */
export interface Use {
  readonly thing: string;
  readonly milk: string;
  readonly from: string;
  readonly to: string;
}
/** Nobody works from one instant to another: asleep, or out of the house. */
export interface Off {
  readonly fromS: number;
  readonly toS: number;
}
/** A milk that is wanted by an instant, at the end of a block; null: as soon as can be. */
export interface Wish {
  readonly milk: string;
  readonly last: string;
  readonly byS: number | null;
  /** When it is missed, where that is later than what is aimed at, s. */
  readonly missedS?: number;
}
/** Everything a timetable is made of. */
export interface Problem {
  readonly blocks: readonly Block[];
  readonly links: readonly Link[];
  readonly uses: readonly Use[];
  readonly wishes: readonly Wish[];
  readonly off: readonly Off[];
  /** How many work at once. */
  readonly cooks: number;
  /** What a thing needs between two milks, s: rinsed after this one, washed after that. */
  readonly setUpS: (thing: string, before: string, after: string) => number;
  /** Nothing is looked for beyond this instant, s. */
  readonly untilS: number;
}
/** When each block begins, s, by its id. */
export type Starts = ReadonlyMap<string, number>;
/** What a timetable is judged by, the first that differs deciding: lateness over all wishes, s; then the sum of when those are ready that are wanted as soon as can be. */
export interface Cost {
  readonly lateS: number;
  readonly readyS: number;
}
/** An eye watches so many things at once (common practice: two pots). */
export const EYES = 2;
export const lengthOf = (b: Block): number => b.parts.reduce((s, p) => s + p.durationS, 0);
