import Dexie from 'dexie';
import type { Table } from 'dexie';

/**
 * Which kitchen was opened last, kept where a killed browser finds it again: what is written to local storage reaches the
 * disk some seconds later, and a kitchen that is being practised in must not be lost in between.
 */
class ChoiceDb extends Dexie {
  choice!: Table<Choice & { readonly id: 'realm' }, string>;
  constructor() {
    super('ironpan-choice');
    this.version(1).stores({ choice: 'id' });
  }
}
export interface Choice {
  readonly realm: string;
  /** When it was made, by the wall clock, ms: the later of two tells. */
  readonly at: number;
}

/** The choice that was kept; null: none, or there is no storage. */
export async function keptChoice(): Promise<Choice | null> {
  const d = new ChoiceDb();
  try {
    return (await d.choice.get('realm')) ?? null;
  } catch {
    return null;
  } finally {
    d.close();
  }
}
/** Keeps a choice; without storage the application says so on its own page. */
export async function keepChoice(c: Choice): Promise<void> {
  const d = new ChoiceDb();
  try {
    await d.choice.put({ id: 'realm', ...c });
  } catch {
    // Nothing to be kept here.
  } finally {
    d.close();
  }
}
