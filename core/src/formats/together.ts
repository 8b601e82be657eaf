import { digestOf, everyStep, inOrder, jarNow, progressOf } from '../batch';
import type { BatchEvent, Digest } from '../batch';
import { MATERIALS } from '../materials';
import { groupBy } from '../numerics';
import { orderFaults, kindOf } from '../steps';
import type { Recipe } from '../steps';
import { TABLES } from '../records';
import type { Fault, Kitchen, Table, TrialRecord } from '../records';
import { orderFaultText } from '../words';

type Factor = TrialRecord['factors'][number];
/** What one row alone cannot show, collected until there are enough to see the pattern. */
class Faults {
  readonly list: Fault[] = [];
  constructor(private readonly most: number) {}
  get full(): boolean {
    return this.list.length >= this.most;
  }
  add(table: Table, i: number, say: string, more = ''): void {
    if (!this.full) this.list.push({ path: `tables.${table}[${i}]${more}`, say: `${table}, row ${i + 1}: ${say}` });
  }
}

export interface Together {
  readonly faults: readonly Fault[];
  /** What was found of each batch while it was folded. */
  readonly digests: readonly Digest[];
}
/**
 * Twins, lines that point to nothing, foods and steps that are not known, steps out of order where something is made of
 * them (a plan may be kept half ordered: its page says what is wrong); and whether every batch and every jar can be
 * folded, so that nothing is taken in that a page could not show. Progress is a share, 0..1.
 */
export function belongTogether(k: Kitchen, most: number, onProgress: (share: number) => void): Together {
  const faults = new Faults(most);
  for (const t of TABLES) {
    const seen = new Set<string>();
    (k[t] as readonly { id: string }[]).forEach((r, i) => {
      if (seen.has(r.id)) faults.add(t, i, `its id “${r.id}” stands there twice.`);
      seen.add(r.id);
    });
  }
  k.plans.forEach((p, i) => recipeFaults(faults, 'plans', p.recipe, i));
  k.batches.forEach((b, i) => {
    recipeFaults(faults, 'batches', b.recipe, i);
    stepFaults(faults, 'batches', b.recipe, i);
  });
  k.trials.forEach((t, i) => {
    recipeFaults(faults, 'trials', t.base, i);
    stepFaults(faults, 'trials', t.base, i);
    for (const { at } of t.factors)
      if (!isThere(at, t.base)) faults.add('trials', i, 'it changes something that its recipe does not have.');
  });
  k.methods.forEach((m, i) => recipeFaults(faults, 'methods', m.recipe, i));
  k.wishes.forEach((w, i) => recipeFaults(faults, 'wishes', w.recipe, i));
  k.rhythms.forEach((r, i) => recipeFaults(faults, 'rhythms', r.recipe, i));
  k.undo.forEach((u, i) => [...u.past, ...u.future].forEach((v) => recipeFaults(faults, 'undo', v.recipe, i)));
  const logs = logsOf(faults, k);
  const digests = faults.list.length === 0 ? foldAll(faults, k, logs, onProgress) : [];
  return { faults: faults.list, digests };
}

/** Is the place of a factor in its recipe? */
function isThere(at: Factor['at'], r: Recipe): boolean {
  if (at.of === 'larder') return at.index < r.larder.length;
  if (at.of === 'passes') return true;
  const step = r.steps.find((s) => s.id === at.step);
  return step !== undefined && Object.hasOwn(kindOf(step.kind).params, at.param);
}
function recipeFaults(faults: Faults, table: Table, r: Recipe, i: number): void {
  const ids = new Set(r.materials.map((m) => m.id));
  for (const m of r.materials)
    // Plans of older versions may lack the cooked form of a known food, which is known here.
    if (m.cookedAs !== null && !ids.has(m.cookedAs) && !MATERIALS.some((x) => x.id === m.cookedAs))
      faults.add(table, i, `“${m.name}” becomes “${m.cookedAs}” when cooked, which is not described.`);
  for (const l of r.larder)
    if (!ids.has(l.material)) faults.add(table, i, `the material “${l.material}” is not described.`);
}
function stepFaults(faults: Faults, table: Table, r: Recipe, i: number): void {
  for (const f of orderFaults(r)) faults.add(table, i, orderFaultText(f), `.recipe.steps[${f.index}]`);
}

/** Each batch's log; a line of another batch, or for a step or reading that its plan does not have, is a fault. */
function logsOf(faults: Faults, k: Kitchen): ReadonlyMap<string, BatchEvent[]> {
  const batches = new Map(k.batches.map((b) => [b.id, b]));
  const logs = groupBy(k.events, (e) => e.batch);
  const courses = new Set(k.traces.filter((t) => t.chunk === 0).map((t) => t.id));
  k.events.forEach((e, i) => {
    const batch = batches.get(e.batch);
    if (!batch) faults.add('events', i, 'its batch is not in the file.');
    else {
      const bad = strayLine(everyStep(batch.recipe, logs.get(e.batch) ?? []), e, courses);
      if (bad !== null) faults.add('events', i, bad);
    }
  });
  k.traces.forEach((t, i) => {
    const batch = batches.get(t.batch);
    if (!batch) faults.add('traces', i, 'its batch is not in the file.');
    else if (!everyStep(batch.recipe, logs.get(batch.id) ?? []).some((s) => s.id === t.step))
      faults.add('traces', i, `it was told in the step “${t.step}”, which its batch does not have.`);
  });
  const jars = new Map(k.jars.map((j) => [j.id, j]));
  k.jars.forEach((j, i) => {
    const batch = batches.get(j.batch);
    if (!batch) faults.add('jars', i, 'its batch is not in the file.');
    else
      for (const food of Object.keys(j.stream.madeFrom))
        if (![...batch.recipe.materials, ...(j.foods ?? [])].some((m) => m.id === food))
          faults.add('jars', i, `it was made from “${food}”, which its batch does not know.`);
  });
  k.photos.forEach((p, i) => {
    if (!jars.has(p.jar)) faults.add('photos', i, 'its jar is not in the file.');
  });
  k.jarEvents.forEach((e, i) => {
    if (!jars.has(e.jar)) faults.add('jarEvents', i, 'its jar is not in the file.');
  });
  return logs;
}
function strayLine(steps: Recipe['steps'], e: BatchEvent, courses: ReadonlySet<string>): string | null {
  const id = e.is === 'reading' ? e.reading.step : 'step' in e ? e.step : null;
  if (id === null) return null;
  const step = steps.find((s) => s.id === id);
  if (!step) return `it speaks of the step “${id}”, which its batch does not have.`;
  if (e.is === 'reading' && !Object.hasOwn(kindOf(step.kind).readings, e.reading.what))
    return `its reading “${e.reading.what}” is none that the step “${id}” takes.`;
  if (e.is === 'reading' && e.reading.trace !== undefined && !courses.has(e.reading.trace))
    return `its reading “${e.reading.what}” names the course “${e.reading.trace}”, which is not in the file.`;
  return null;
}

/** Every batch and every jar folded once, as a page would. */
function foldAll(
  faults: Faults,
  k: Kitchen,
  logs: ReadonlyMap<string, BatchEvent[]>,
  onProgress: (share: number) => void,
): readonly Digest[] {
  const batches = new Map(k.batches.map((b) => [b.id, b]));
  const traces = groupBy(k.traces, (t) => t.batch);
  const digests: Digest[] = [];
  const total = Math.max(1, k.batches.length + k.jars.length);
  let done = 0;
  const tryAt = (table: Table, i: number, fold: () => unknown): void => {
    if (faults.full) return;
    try {
      fold();
    } catch (e) {
      faults.add(table, i, `it cannot be reckoned: ${e instanceof Error ? e.message : 'unknown'}.`);
    }
    done += 1;
    if (done % 50 === 0) onProgress(done / total);
  };
  k.batches.forEach((b, i) =>
    tryAt('batches', i, () => {
      const log = logs.get(b.id) ?? [];
      digests.push(digestOf(b, log, progressOf(b, log, traces.get(b.id))));
    }),
  );
  const jarLogs = groupBy(k.jarEvents, (e) => e.jar);
  k.jars.forEach((j, i) => {
    const batch = batches.get(j.batch);
    if (!batch) return;
    const log = inOrder(jarLogs.get(j.id) ?? []);
    tryAt('jars', i, () => jarNow(j, log, batch, k.fridge, Math.max(j.filledAt, ...log.map((e) => e.at))));
  });
  return digests;
}
