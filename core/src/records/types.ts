import type { BatchEvent, FilledJar, FridgeLine, FrozenBatch, JarEvent, Photo, Scale, TraceChunk } from '../batch';
import type { Kit } from '../kitchen';
import type { LeftOut } from '../learning';
import type { Material } from '../materials';
import type { Hours, Rhythm } from '../schedule';
import type { Recipe } from '../steps';
import type { TastingKind, Trial, Weighed } from '../trials';

/** A string that names one record of one kind; made only by `newId` and by validated imports. */
export type Id<B extends string> = string & { readonly __id?: B };
export type PlanId = Id<'plan'>;
export type BatchId = Id<'batch'>;
export type JarId = Id<'jar'>;

/** What a cook will make. `rev` grows with each edit; a write against an older one is kept beside, never lost. */
export interface PlanRecord {
  readonly v: 5;
  readonly id: PlanId;
  readonly rev: number;
  readonly name: string;
  readonly from: { readonly method: string; readonly edition: number } | null;
  /** What the milk is for, as it was asked before; null: not asked. */
  readonly use: string | null;
  readonly recipe: Recipe;
  /** Opened to look at, and not yet changed, named or started: it is in no list. */
  readonly draft?: true;
  readonly createdAt: number;
  readonly updatedAt: number;
}
/** A batch as it was begun; everything after is in its log. `number` is a label, never a key. */
export interface BatchRecord extends FrozenBatch {
  readonly v: 5;
  readonly id: BatchId;
  readonly number: number;
  readonly plan: PlanId;
  readonly model: string;
}
export type EventRecord = BatchEvent & { readonly v: 7 };
export interface JarRecord extends FilledJar {
  readonly v: 5;
}
export type JarEventRecord = JarEvent & { readonly v: 6 };
/** One line of the fridge's own log: how cold it was set from an instant on. */
export interface FridgeRecord extends FridgeLine {
  readonly v: 1;
  readonly id: string;
}
/** How figures are shown; one row. */
export interface SettingsRecord {
  readonly v: 1;
  readonly id: 'settings';
  /** Show cups beside grams: of which size. */
  readonly cups: 'none' | 'us' | 'metric' | 'own';
  /** Ounces, °F and inches beside grams, °C and cm. */
  readonly us: boolean;
  /** One-letter keys for the places. */
  readonly keys: boolean;
}
export interface PlanVersion {
  readonly name: string;
  readonly recipe: Recipe;
}
/** What undo goes back to and redo forward to; its id is the plan's. */
export interface UndoRecord {
  readonly v: 4;
  readonly id: PlanId;
  readonly past: readonly PlanVersion[];
  readonly future: readonly PlanVersion[];
  /** What the last edit changed, and when: edits of one field in a row are one step back. */
  readonly touched: string;
  readonly at: number;
}
export type KitRecord = Kit & { readonly updatedAt: number };
/** A cook's own material: a known one with what differs. */
export interface MaterialRecord {
  readonly v: 2;
  readonly id: string;
  readonly like: string;
  readonly material: Material;
  readonly updatedAt: number;
}
/** A cook's own school: a plan kept to start others from. */
export interface MethodRecord {
  readonly v: 4;
  readonly id: string;
  readonly name: string;
  readonly line: string;
  /** The school it grew from, if any. */
  readonly base: string | null;
  readonly recipe: Recipe;
  readonly updatedAt: number;
}

export interface PhotoRecord extends Photo {
  readonly v: 1;
}
export interface TraceRecord extends TraceChunk {
  readonly v: 1;
}

/** A milk that is on the clock: of a plan, and, once it is begun, of a batch. It keeps the recipe, whatever becomes of the plan. */
export interface WishRecord {
  readonly v: 2;
  readonly id: string;
  readonly name: string;
  readonly plan: PlanId;
  readonly recipe: Recipe;
  readonly batch: BatchId | null;
  /** Wanted by, ms; null: as soon as can be. */
  readonly byAt: number | null;
  readonly notBeforeAt: number | null;
  /** So much of it, ml; null: as much as the plan makes. */
  readonly ml: number | null;
  /** Steps that were put somewhere by hand, by their id, ms. */
  readonly fixed: Readonly<Record<string, number>>;
  readonly addedAt: number;
  readonly updatedAt: number;
}
/** When somebody is there to work; one row. */
export interface HoursRecord extends Hours {
  readonly v: 1;
  readonly id: 'hours';
  readonly updatedAt: number;
}

/** A milk that is wanted again and again. Each time of it is on the clock when it is near, and a record of its own once it is touched. */
export interface RhythmRecord extends Rhythm {
  readonly v: 2;
  readonly id: string;
  readonly name: string;
  readonly plan: PlanId;
  readonly recipe: Recipe;
  /** So much of it, ml; null: as much as the plan makes. */
  readonly ml: number | null;
  readonly addedAt: number;
  readonly updatedAt: number;
}
/** A food in the cupboard, by the food's id: how much there was when it was counted; what was begun since has taken from it. */
export interface CupboardRecord {
  readonly v: 1;
  readonly id: string;
  /** G; null: it was never counted. */
  readonly haveG: number | null;
  /** When it was counted, ms. */
  readonly countedAt: number;
  /** A pack holds so much, g; null: not said. */
  readonly packG: number | null;
  readonly updatedAt: number;
}

/** What does not count of what batches say of a coefficient, by its id: some of them, and all begun before an instant. */
export interface LeftOutRecord extends LeftOut {
  readonly v: 1;
  readonly id: string;
  readonly updatedAt: number;
}

/** A question put to the kitchen in so many batches. Until its first run is planned it may still be changed. */
export interface TrialRecord extends Trial {
  readonly v: 2;
  readonly id: string;
  readonly name: string;
  readonly from: PlanRecord['from'];
  /** What is asked of it: a figure that is measured, or a scale on which somebody says a word. */
  readonly asks: Weighed | Scale;
  /** The plan that was made for a run, by its place among the runs. */
  readonly runs: readonly { readonly run: number; readonly plan: PlanId }[];
  readonly createdAt: number;
  readonly updatedAt: number;
}
/** One of two milks that are tasted: a jar, and what it was called; the jar may be gone. */
export interface TastedSide {
  readonly jar: JarId;
  readonly name: string;
}
/** Cups tasted blind. Until the first is tasted it may still be changed. */
export interface TastingRecord {
  readonly v: 1;
  readonly id: string;
  readonly kind: TastingKind;
  /** Of a pair, what is asked of it; a triangle asks for the odd one. */
  readonly about: Scale;
  /** Which of a pair is said beforehand to be the more so; null: neither. */
  readonly expects: 'a' | 'b' | null;
  readonly a: TastedSide;
  readonly b: TastedSide;
  /** So many tastings. */
  readonly n: number;
  readonly seed: number;
  /** Who chose which cup of which tasting, both from 0; an empty name: the cook. */
  readonly answers: readonly { readonly serving: number; readonly by: string; readonly cup: number }[];
  readonly createdAt: number;
  readonly updatedAt: number;
}

/** The tables of a kitchen, by name; a backup holds exactly these. */
export interface Kitchen {
  readonly kit: readonly KitRecord[];
  readonly plans: readonly PlanRecord[];
  readonly batches: readonly BatchRecord[];
  readonly events: readonly EventRecord[];
  readonly jars: readonly JarRecord[];
  readonly jarEvents: readonly JarEventRecord[];
  readonly materials: readonly MaterialRecord[];
  readonly methods: readonly MethodRecord[];
  readonly fridge: readonly FridgeRecord[];
  readonly settings: readonly SettingsRecord[];
  readonly undo: readonly UndoRecord[];
  readonly traces: readonly TraceRecord[];
  readonly photos: readonly PhotoRecord[];
  readonly wishes: readonly WishRecord[];
  readonly hours: readonly HoursRecord[];
  readonly rhythms: readonly RhythmRecord[];
  readonly cupboard: readonly CupboardRecord[];
  readonly leftOut: readonly LeftOutRecord[];
  readonly trials: readonly TrialRecord[];
  readonly tastings: readonly TastingRecord[];
}
/** Every table that a backup holds, in the order it is written. */
export const TABLES = [
  'kit',
  'plans',
  'batches',
  'events',
  'jars',
  'jarEvents',
  'materials',
  'methods',
  'fridge',
  'settings',
  'undo',
  'traces',
  'photos',
  'wishes',
  'hours',
  'rhythms',
  'cupboard',
  'leftOut',
  'trials',
  'tastings',
] as const satisfies readonly (keyof Kitchen)[];
export type Table = keyof Kitchen;
