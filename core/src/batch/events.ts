import type { Beliefs, Kit, Stream } from '../kitchen';
import type { Material } from '../materials';
import type { Edit, Reading, Recipe, Trace } from '../steps';
import type { Look } from './looks';

/**
 * One line of a log. `seq` is one more than the highest its writer had seen in that log: lines are read in (seq, id),
 * whatever the clocks of their writers said. `at` is an instant, UTC milliseconds: only differences of it are used.
 */
interface Line {
  readonly id: string;
  readonly seq: number;
  readonly at: number;
}
/** Why a step was left out, as codes; their words are in `words`. */
export const SKIP_REASONS = ['notNeeded', 'doneAlready', 'noTime', 'forgot', 'other'] as const;
export type SkipReason = (typeof SKIP_REASONS)[number];
/** Why a batch was given up, as codes. */
export const ABANDON_REASONS = ['wentOff', 'scorched', 'spilt', 'changedMind', 'other'] as const;
export type AbandonReason = (typeof ABANDON_REASONS)[number];

/** What goes wrong with a batch, as codes: with the milk itself, then with its making. */
export const MILK_TROUBLES = [
  'tooThin',
  'tooThick',
  'slimy',
  'gritty',
  'beany',
  'notSweet',
  'tooSweet',
  'tooSalty',
  'curdled',
  'split',
] as const;
export const MAKING_TROUBLES = [
  'short',
  'scorched',
  'boiledOver',
  'stalled',
  'bagBurst',
  'soakForgotten',
  'interrupted',
  'powerGone',
  'notBoiled',
] as const;
export type Trouble = (typeof MILK_TROUBLES)[number] | (typeof MAKING_TROUBLES)[number];
/** How a batch that is being made may be changed: a step more or less, another value, a food that the new steps name. */
export type RescueEdit = Extract<Edit, { do: 'insert' | 'remove' | 'set' | 'foods' }>;

export type BatchEvent = Line & { readonly batch: string } & (
    | { readonly is: 'begun'; readonly step: string; readonly task: string }
    | { readonly is: 'ended'; readonly step: string; readonly task: string; readonly by: 'cook' | 'timer' }
    /** `text`: the cook's own words where the reason is none of the usual. */
    | { readonly is: 'skipped'; readonly step: string; readonly why: SkipReason; readonly text: string }
    /**
     * Gone back to this task, or to the whole step in older logs: it, what follows in its step and all that comes of the
     * step are open again, and their times and readings no longer count.
     */
    | { readonly is: 'back'; readonly step: string; readonly task?: string }
    | { readonly is: 'reading'; readonly reading: Reading }
    /** Which task is held and goes on; older logs name none: then it is all that runs. */
    | { readonly is: 'paused' | 'resumed'; readonly step?: string; readonly task?: string }
    /** The clock of the device was set, not time that passed: from here on instants are `byMs` later than they were. */
    | { readonly is: 'clockSet'; readonly byMs: number }
    | { readonly is: 'abandoned'; readonly why: AbandonReason; readonly text: string }
    | { readonly is: 'note'; readonly text: string }
    /** What this step filled in truth, one after the other, of so much milk; what found no place was drunk. */
    | { readonly is: 'filled'; readonly step: string; readonly into: readonly Filling[]; readonly ofMl: number }
    /** From here on it is made otherwise than it was planned, and against what. */
    | { readonly is: 'edited'; readonly against: Trouble; readonly edits: readonly RescueEdit[] }
    /** Takes back the line of this id; nothing is deleted. */
    | { readonly is: 'undone'; readonly of: string }
    /** Stirred along the bottom, while this task runs. */
    | { readonly is: 'stirred'; readonly step: string; readonly task: string }
  );
/** One vessel that was filled: as the kit had it on that day. */
export interface Filling {
  readonly name: string;
  /** What it holds, ml, and what was filled into it, ml. */
  readonly vesselMl: number;
  readonly ml: number;
  readonly glass: boolean;
}
/** Ten seconds or so of one instrument: a course is kept whole, in chunks of its own; a reading names the first. */
export interface TraceChunk extends Trace {
  readonly id: string;
  readonly batch: string;
  readonly step: string;
  readonly task: string;
  readonly channel: 'temperatureC' | 'weightG' | 'loudnessDb';
  /** Which chunk of this course, from 0. */
  readonly chunk: number;
}
/** What a batch was expected to bring, kept at its start. */
export interface Promised {
  readonly volumeMl: number;
  readonly solids: number;
  readonly protein: number;
  readonly pulpG: number;
  readonly keepS: number;
  readonly elapsedS: number;
}
/** A batch is a frozen copy of all it needs; what happened to it is its log. */
export interface FrozenBatch {
  readonly id: string;
  readonly name: string;
  readonly recipe: Recipe;
  readonly kit: Kit;
  readonly beliefs: Beliefs;
  readonly promised: Promised;
  readonly startedAt: number;
}
/** One filling of one vessel. */
export interface FilledJar {
  readonly id: string;
  readonly batch: string;
  readonly product: string;
  readonly vesselMl: number;
  readonly filledMl: number;
  readonly filledAt: number;
  readonly stream: Stream;
  /** What the kitchen calls the vessel; empty: a tub of no name. */
  readonly vessel: string;
  readonly glass: boolean;
  /** The jar it was poured over from; null: it was filled from the batch. */
  readonly from: string | null;
  /** What is in it that its batch did not know when it was begun; absent: nothing. */
  readonly foods?: readonly Material[];
}

/** Where a jar can stand. */
export const JAR_PLACES = ['fridge', 'freezer', 'room', 'bag'] as const;
export type JarPlace = (typeof JAR_PLACES)[number];
/** Where it was for a while, told afterwards. */
export const OUT_PLACES = ['table', 'bag', 'other'] as const;
export type OutPlace = (typeof OUT_PLACES)[number];
/** Why a jar was thrown away: turned; past its time; to be safe; nobody liked it; spilt; the jar broke; something else. */
export const THROWN_REASONS = ['turned', 'past', 'safe', 'disliked', 'spilt', 'broken', 'other'] as const;
export type ThrownReason = (typeof THROWN_REASONS)[number];
/** How what had separated came back when it was shaken, from wholly to not. */
export const CAME_BACK = ['wholly', 'partly', 'not'] as const;

export type JarEvent = Line & { readonly jar: string } & (
    | { readonly is: 'poured'; readonly ml: number }
    /** `placeC`, °C: null where the place has a log of its own (the fridge). */
    | {
        readonly is: 'moved';
        readonly place: JarPlace;
        readonly placeC: number | null;
        /** Frozen in bricks of so many g. */
        readonly eachG?: number;
      }
    /** It stood this warm from one instant to another, for this jar alone; `to` null: until it is moved. */
    | {
        readonly is: 'tempered';
        readonly where: OutPlace;
        readonly placeC: number;
        readonly from: number;
        readonly to: number | null;
      }
    | { readonly is: 'looked'; readonly look: Look }
    | { readonly is: 'boiled'; readonly forS: number }
    | { readonly is: 'heated'; readonly toC: number; readonly holdS: number }
    | { readonly is: 'shaken'; readonly cameBack: (typeof CAME_BACK)[number] }
    /** `into`: the jar that its cap is from then on; absent: nobody kept it. */
    | { readonly is: 'lifted'; readonly capG: number | null; readonly into?: string }
    /** Pulp dried in a layer in an oven; `flourG`: as it was weighed, null: it was not. */
    | { readonly is: 'dried'; readonly ovenC: number; readonly layerCm: number; readonly flourG: number | null }
    /** So much of it was poured over into another vessel, a jar of its own from then on or one that stood there already. */
    | { readonly is: 'decanted'; readonly into: string; readonly ml: number }
    /** Another jar was poured into this one: what it was, as it was at that moment, and the foods it is made from. */
    | {
        readonly is: 'merged';
        readonly with: string;
        readonly name: string;
        readonly stream: Stream;
        readonly foods: readonly Material[];
      }
    | { readonly is: 'finished' | 'given' }
    | {
        readonly is: 'thrown';
        readonly why: ThrownReason;
        readonly text: string;
        /** It turned between the last time it was fine and when that was found; null: not known, and found when told. */
        readonly lastFineAt: number | null;
        readonly foundAt: number | null;
      }
    /** Takes back the line of this id; nothing is deleted. */
    | { readonly is: 'undone'; readonly of: string }
  );
/** The fridge's temperature from an instant on: the kitchen's own log, which no later setting rewrites. */
export interface FridgeLine {
  readonly at: number;
  readonly placeC: number;
  /** A logger said it: the warmest moment of that hour, °C; absent: it was set so. */
  readonly hottestC?: number;
}
