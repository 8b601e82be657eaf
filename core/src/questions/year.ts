import { endOfJar, jarNow, LIKED, measuredMl, standing } from '../batch';
import type {
  AbandonReason,
  BatchEvent,
  FilledJar,
  FridgeLine,
  FrozenBatch,
  JarEvent,
  Progress,
  ThrownReason,
} from '../batch';
import { isPulp, massG } from '../kitchen';
import { groupBy } from '../numerics';

/** What became of pulp: eaten, given or dried into something; thrown away; still there. */
export type PulpFate = 'used' | 'thrown' | 'there';
/** One batch, as a year counts it. */
export interface YearBatch {
  readonly batch: string;
  readonly number: number;
  readonly name: string;
  readonly milk: string;
  readonly at: number;
  /** Milk in its jars: by the scale where it was weighed, else as reckoned, ml; 0: it was given up. */
  readonly ml: number;
  readonly food: number;
  readonly energy: number;
  readonly kWh: number;
  readonly handsS: number;
  /** How it was liked, from 0 to 3, the mean of what was said of its jars; null: nobody said. */
  readonly liked: number | null;
  /** Milk that was thrown away, ml, and why. */
  readonly away: readonly { readonly ml: number; readonly why: ThrownReason }[];
  readonly pulp: readonly { readonly g: number; readonly became: PulpFate }[];
  /** Why it was given up at the bench; null: it was not. */
  readonly abandoned: AbandonReason | null;
}
export interface JarOfBatch {
  readonly jar: FilledJar;
  readonly events: readonly JarEvent[];
}
export interface OfYear {
  readonly batch: FrozenBatch & { readonly number: number };
  readonly events: readonly BatchEvent[];
  readonly progress: Progress;
  readonly milk: string;
  readonly jars: readonly JarOfBatch[];
}
/** A finished or abandoned batch and what became of its jars. */
export function yearBatch(
  { batch, events, progress: p, milk, jars }: OfYear,
  fridge: readonly FridgeLine[],
): YearBatch {
  const given = events.findLast((e) => e.is === 'abandoned');
  const { cost, handsS, jarredMl } = p.summary;
  const said = jars.flatMap(({ events }) =>
    standing(events).flatMap((e) => (e.is === 'looked' && e.look.liked ? [LIKED.indexOf(e.look.liked)] : [])),
  );
  const abandoned = p.state === 'abandoned';
  return {
    ...{ batch: batch.id, number: batch.number, name: batch.name, milk, at: batch.startedAt },
    ml: abandoned ? 0 : (measuredMl(p) ?? jarredMl),
    food: cost.food,
    energy: abandoned ? 0 : cost.energy,
    kWh: abandoned ? 0 : cost.kWh,
    handsS: abandoned ? 0 : handsS,
    liked: said.length === 0 ? null : said.reduce((a, b) => a + b, 0) / said.length,
    away: jars.filter((j) => !isPulp(j.jar.stream)).flatMap((j) => thrownOf(j, batch, fridge) ?? []),
    // What was poured over into another vessel is counted there.
    pulp: jars.filter((j) => isPulp(j.jar.stream) && j.jar.from === null).map(pulpOf),
    abandoned: abandoned && given?.is === 'abandoned' ? given.why : null,
  };
}
/** What was left in a jar when it was thrown away. */
function thrownOf({ jar, events }: JarOfBatch, batch: FrozenBatch, fridge: readonly FridgeLine[]) {
  const end = endOfJar(events);
  if (end?.is !== 'thrown') return null;
  const before = events.filter((e) => e.id !== end.id);
  const { leftMl } = jarNow(jar, before, batch, fridge, end.at);
  return { ml: leftMl, why: end.why };
}
function pulpOf({ jar, events }: JarOfBatch): YearBatch['pulp'][number] {
  const end = endOfJar(events);
  const dried = standing(events).some((e) => e.is === 'dried');
  const became = end?.is === 'thrown' ? 'thrown' : end !== null || dried ? 'used' : 'there';
  return { g: massG(jar.stream), became };
}

/** Amounts of several batches together. */
export interface YearSum {
  readonly batches: number;
  readonly ml: number;
  readonly cost: number;
  readonly energy: number;
  readonly kWh: number;
  readonly handsS: number;
}
const NOTHING: YearSum = { batches: 0, ml: 0, cost: 0, energy: 0, kWh: 0, handsS: 0 };
export const sumOf = (all: readonly YearBatch[]): YearSum =>
  all.reduce(
    (s, b) => ({
      batches: s.batches + 1,
      ml: s.ml + b.ml,
      cost: s.cost + b.food + b.energy,
      energy: s.energy + b.energy,
      kWh: s.kWh + b.kWh,
      handsS: s.handsS + b.handsS,
    }),
    NOTHING,
  );
export interface Year {
  readonly all: YearSum;
  /** The most litres first. */
  readonly milks: readonly (readonly [milk: string, sum: YearSum])[];
  /** Milk thrown away by why, ml, the most first; and batches given up at the bench. */
  readonly away: readonly (readonly [why: ThrownReason, ml: number])[];
  readonly abandoned: readonly (readonly [why: AbandonReason, batches: number])[];
  readonly pulp: Readonly<Record<PulpFate, number>>;
  /** The best and the least liked; null: of too few it was said. Of several alike the newest. */
  readonly best: YearBatch | null;
  readonly worst: YearBatch | null;
}
/** Fewer of which somebody said how they were liked have no best and no worst. */
const ENOUGH_LIKED = 3;
/** The figures of some batches: those of a year. */
export function yearOf(all: readonly YearBatch[]): Year {
  const by = <K extends string>(of: readonly (readonly [K, number])[]): [K, number][] =>
    [...new Set(of.map(([k]) => k))]
      .map((k): [K, number] => [k, of.reduce((sum, [other, v]) => sum + (other === k ? v : 0), 0)])
      .sort((a, b) => b[1] - a[1]);
  const pulp = { used: 0, thrown: 0, there: 0 };
  for (const p of all.flatMap((b) => b.pulp)) pulp[p.became] += p.g;
  const liked = all.filter((b) => b.liked !== null).sort((a, b) => b.at - a.at);
  const order = [...liked].sort((a, b) => (b.liked ?? 0) - (a.liked ?? 0));
  const [most, least] = [order[0]?.liked, order.at(-1)?.liked];
  const told = liked.length >= ENOUGH_LIKED && most !== least;
  const newest = (of: number | null | undefined): YearBatch | null =>
    told ? (liked.find((b) => b.liked === of) ?? null) : null;
  return {
    all: sumOf(all),
    milks: [...groupBy([...all], (b) => b.milk)]
      .map(([m, of]) => [m, sumOf(of)] as const)
      .sort((a, b) => b[1].ml - a[1].ml),
    away: by(all.flatMap((b) => b.away.map((a) => [a.why, a.ml] as const))),
    abandoned: by(all.flatMap((b) => (b.abandoned === null ? [] : [[b.abandoned, 1] as const]))),
    pulp,
    best: newest(most),
    worst: newest(least),
  };
}
