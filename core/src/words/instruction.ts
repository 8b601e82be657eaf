/** One task at the bench: a big word, what to do, what to look for. */
export interface Instruction {
  readonly title: string;
  readonly say: string;
  readonly cue: string | null;
  /** What can hurt at this moment; said where the hands are. */
  readonly caution?: string;
}
