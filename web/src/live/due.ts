import { stepTitle } from '@ironpan/core/words';
import { now } from '../clock';
import { allWishes, readAgreed } from '../store/wishes';
import { useLive } from './live';
import type { Running } from './running';
import type { ToDo } from './toDo';

/** A milk of the clock that is not begun: what it begins with, and when. */
export interface Due {
  readonly wish: string;
  readonly name: string;
  readonly step: string;
  readonly at: number;
}
/** What the agreed timetable says: of milks still to be begun, and of each step of those that are. */
export interface DueNow {
  readonly begins: readonly Due[];
  /** When a step of a batch is due, ms, by batch and step. */
  readonly steps: ReadonlyMap<string, number>;
}
const NOTHING: DueNow = { begins: [], steps: new Map() };

async function readDue(): Promise<DueNow> {
  const [wishes, agreed] = [await allWishes(now()), await readAgreed()];
  if (!agreed) return NOTHING;
  const of = (id: string) =>
    Object.entries(agreed.starts).flatMap(([block, at]) =>
      block.startsWith(`${id}/`) ? [{ step: block.slice(id.length + 1), at }] : [],
    );
  const begins = wishes.flatMap((w): Due[] => {
    const first = w.batch === null ? of(w.id).toSorted((a, b) => a.at - b.at)[0] : undefined;
    const step = first && w.recipe.steps.find((s) => s.id === first.step);
    return first && step ? [{ wish: w.id, name: w.name, step: stepTitle(step, w.recipe), at: first.at }] : [];
  });
  const steps = new Map<string, number>();
  for (const w of wishes) if (w.batch !== null) for (const s of of(w.id)) steps.set(`${w.batch}/${s.step}`, s.at);
  // What was never on the clock stands there under its own name.
  for (const [block, at] of Object.entries(agreed.starts)) if (!steps.has(block)) steps.set(block, at);
  return { begins, steps };
}
/** The agreed timetable, followed. */
export const useDue = (): DueNow => useLive(['due'], readDue).data ?? NOTHING;

/** Milks of the clock as things to do. */
export const dueItems = (due: DueNow, now: number): readonly ToDo[] =>
  due.begins.map((d) => {
    const key = `clock ${d.wish}`;
    return {
      ...{ key, keys: [key], at: Math.max(d.at, now), urgent: false, to: '/clock' },
      ...{ text: d.step, more: `${d.name}, by the clock` },
    };
  });
/** When the next step of a batch is due: by the clock, or now. */
export const stepDueAt = (due: DueNow, b: Running, now: number): number =>
  Math.max(now, due.steps.get(`${b.batch.id}/${b.progress.current?.step.id ?? ''}`) ?? now);
