import type { Beliefs, Kit, Stream } from '../kitchen';
import type { Reading, Recipe } from '../steps';

/** Instants are UTC milliseconds; they never enter a law, only differences do. */
export type BatchEvent = { readonly id: string; readonly batch: string; readonly at: number } & (
  | { readonly is: 'begun'; readonly step: string; readonly task: string }
  | { readonly is: 'ended'; readonly step: string; readonly task: string; readonly by: 'cook' | 'timer' }
  | { readonly is: 'skipped'; readonly step: string; readonly why: string }
  /** Gone back to this step: it and all after it are open again; what was read stays until it is read anew. */
  | { readonly is: 'back'; readonly step: string }
  | { readonly is: 'reading'; readonly reading: Reading }
  | { readonly is: 'paused' | 'resumed' }
  | { readonly is: 'abandoned'; readonly why: string }
  | { readonly is: 'note'; readonly text: string }
);
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
}
export type JarEvent = { readonly id: string; readonly jar: string; readonly at: number } & (
  | { readonly is: 'poured'; readonly ml: number }
  | { readonly is: 'finished' }
  | { readonly is: 'thrown'; readonly why: string }
  | { readonly is: 'boiled'; readonly forS: number }
);
