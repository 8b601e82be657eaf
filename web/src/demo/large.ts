import { seededRandom } from '@ironpan/core/numerics';
import type { KitRecord, PlanRecord, TraceRecord } from '@ironpan/core/records';
import { makePast } from './history';
import type { Made } from './history';
import { hillKitchen } from './kitchen';
import { demoPlans } from './plans';

/** A kitchen of many years, for benchmarks and tests: the same seed and size lay down the same kitchen. */
export interface Large {
  readonly kit: KitRecord;
  readonly plans: readonly PlanRecord[];
  readonly made: readonly Made[];
  readonly traces: readonly TraceRecord[];
}
/** Batches folded truly; the rest are these again at other times, under other ids and names. */
const TEMPLATES = 24;
const YEAR_H = 365 * 24;
/** The last few still stand on the shelf, and one is on the bench. */
const STANDING = 7;
/** Readings of the probe that each batch keeps: this many chunks of so many, one a second. */
const CHUNKS = 4;
const VALUES = 110;

/** So many batches, laid down over `years` before `at`; one of them on the bench, a few on the shelf. */
export function largeKitchen(batches: number, seed: number, at: number, traced = true, years = 10): Large {
  const kit = hillKitchen(at);
  const plans = demoPlans(at, kit);
  const random = seededRandom(seed);
  const ends = ['drunk', 'drunk', 'thrown', 'drunk', 'abandoned', 'drunk'] as const;
  const planAt = (i: number): PlanRecord => plans[i % plans.length] as PlanRecord;
  const templates = Array.from({ length: Math.min(TEMPLATES, batches) }, (_, i) =>
    makePast(
      { plan: planAt(i).id, beganHoursAgo: YEAR_H, seed: seed + i, end: ends[i % ends.length] ?? 'drunk' },
      i + 1,
      planAt(i),
      kit,
      at,
    ),
  );
  const made: Made[] = [];
  for (let i = 0; i < batches; i += 1) {
    const fromEnd = batches - 1 - i;
    if (fromEnd < STANDING) {
      const hours = 3 + fromEnd * 9;
      const plan = planAt(fromEnd);
      const past = { plan: plan.id, beganHoursAgo: hours + 16, seed: seed + 100 + i, end: 'kept' as const };
      const whole = makePast(past, i + 1, plan, kit, at);
      made.push(fromEnd === 0 ? onBench(whole) : whole);
      continue;
    }
    const hoursAgo = 100 + (fromEnd * years * YEAR_H) / batches + 4 * random();
    made.push(again(templates[i % templates.length] as Made, i + 1, at - hoursAgo * 3_600_000));
  }
  return { kit, plans, made, traces: traced ? made.flatMap((m) => tracesOf(m, random)) : [] };
}
/** The same batch, another day: its times move together, its ids are its own. */
function again(m: Made, number: number, startedAt: number): Made {
  const by = Math.round(startedAt - m.batch.startedAt);
  const id = `large-${number}`;
  const text = JSON.stringify({ batch: m.batch, events: m.events, jars: m.jars, jarEvents: m.jarEvents });
  const moved = JSON.parse(text.replaceAll(m.batch.id, id)) as Omit<Made, 'progress'>;
  const shift = <T extends { readonly at: number }>(e: T): T => ({ ...e, at: e.at + by });
  return {
    batch: { ...moved.batch, number, name: `${m.batch.name}, no. ${number}`, startedAt: m.batch.startedAt + by },
    events: moved.events.map(shift),
    jars: moved.jars.map((j) => ({ ...j, filledAt: j.filledAt + by })),
    jarEvents: moved.jarEvents.map((e) => shiftAll(shift(e), by)),
    progress: m.progress,
  };
}
/** Instants that a jar's line tells beside its own. */
function shiftAll<E extends Made['jarEvents'][number]>(e: E, by: number): E {
  if (e.is === 'tempered') return { ...e, from: e.from + by, to: e.to === null ? null : e.to + by };
  if (e.is !== 'thrown') return e;
  const later = (at: number | null): number | null => (at === null ? null : at + by);
  return { ...e, lastFineAt: later(e.lastFineAt), foundAt: later(e.foundAt) };
}
/** Cut before its last step: it is being made. */
function onBench(m: Made): Made {
  const last = m.batch.recipe.steps.at(-1)?.id;
  const events = m.events.filter(
    (e) => !('step' in e && e.step === last) && !(e.is === 'reading' && e.reading.step === last),
  );
  return { ...m, events, jars: [], jarEvents: [] };
}
function tracesOf(m: Made, random: () => number): readonly TraceRecord[] {
  const step = m.batch.recipe.steps.find((s) => s.kind === 'boil' || s.kind === 'grind' || s.kind === 'soak');
  if (!step) return [];
  return Array.from({ length: CHUNKS }, (_, chunk) => ({
    v: 1 as const,
    id: `${m.batch.id}-t${chunk}`,
    batch: m.batch.id,
    step: step.id,
    task: 'hold',
    channel: 'temperatureC' as const,
    chunk,
    everyS: 1,
    values: Array.from({ length: VALUES }, () => Math.round(970 + 20 * random()) / 10),
  }));
}
