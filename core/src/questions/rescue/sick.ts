import { everyStep, MEASURES, nextSeq, progressOf } from '../../batch';
import type {
  BatchEvent,
  FrozenBatch,
  Measure,
  ProductSummary,
  Progress,
  RescueEdit,
  TraceChunk,
  Trouble,
} from '../../batch';
import { warningsOf } from '../../checks';
import type { Figure } from '../../checks';
import { contents, massG } from '../../kitchen';
import { paramOf } from '../../steps';
import type { Step } from '../../steps';
import { inHand } from './inHand';
import type { InHand } from './inHand';

/** A batch with which something is wrong. */
export interface Sick {
  readonly batch: FrozenBatch;
  readonly events: readonly BatchEvent[];
  readonly chunks: readonly TraceChunk[];
  readonly now: number;
  readonly against: Trouble;
  readonly p: Progress;
  readonly hand: InHand | null;
  /** What the checks find wrong with it as it is. */
  readonly faults: ReadonlySet<string>;
}
export function sickOf(
  batch: FrozenBatch,
  events: readonly BatchEvent[],
  chunks: readonly TraceChunk[],
  against: Trouble,
  now: number,
): Sick {
  const p = progressOf(batch, events, chunks);
  return { batch, events, chunks, now, against, p, hand: inHand(p), faults: faultsOf(p, batch) };
}
const faultsOf = (p: Progress, { kit }: FrozenBatch): ReadonlySet<string> =>
  new Set(
    warningsOf({ outcome: p.outcome, recipe: p.recipe, kit }).flatMap((w) => (w.weight === 'know' ? [] : [w.check])),
  );

/** What a rescue is measured by: a measure of the batch, or sugars and salt as shares of the milk. */
export type RescueMeasure = Measure | 'sugars' | 'salt';
export function measured(p: Progress, of: RescueMeasure): number | null {
  if (of === 'sugars') return p.summary.main?.sugars ?? null;
  if (of !== 'salt') return MEASURES[of](p.summary);
  const milk = p.outcome.products[p.summary.main?.stream ?? ''];
  return milk && massG(milk) > 0 ? contents(milk).salt / massG(milk) : null;
}
/** Where a measure is to come to. */
export interface Aim {
  readonly of: RescueMeasure;
  readonly to: number;
  readonly less: boolean;
}

/** Something to say, as a code for words with its figures; the food or the thing of the kit that it is about, by name. */
export interface Line {
  readonly say: string;
  readonly figures: Readonly<Record<string, Figure>>;
  readonly named?: string;
}
/** Something that can be done now: what it changes, and what the same fold makes of it. */
export interface Move extends Line {
  readonly edits: readonly RescueEdit[];
  /** What it is measured by; null: hands see it, no figure does. */
  readonly of: RescueMeasure | null;
  readonly before: number | null;
  readonly after: number | null;
  readonly reached: boolean;
  readonly main: ProductSummary;
  readonly volumeMl: number;
}

/** The batch as it would go on; null: it cannot be changed so. */
export function withEdits(s: Sick, edits: readonly RescueEdit[]): Progress | null {
  const line: BatchEvent = {
    ...{ id: 'tried', seq: nextSeq(s.events), batch: s.batch.id, at: s.now },
    ...{ is: 'edited', against: s.against, edits },
  };
  const p = progressOf(s.batch, [...s.events, line], s.chunks);
  const came = p.rescues.at(-1)?.steps.length ?? 0;
  const asked = edits.filter((e) => e.do === 'insert').length;
  const set = edits.every((e) => {
    const step = e.do === 'set' ? p.recipe.steps.find((x) => x.id === e.step) : undefined;
    return e.do !== 'set' || (step !== undefined && paramOf(step, e.param) === e.value);
  });
  return came === asked && set ? p : null;
}

/** Ids that no step of this batch has or ever had. */
export function idsFor(s: Sick): (base: string) => string {
  const taken = new Set(everyStep(s.batch.recipe, s.events).map((x) => x.id));
  return (base) => {
    let id = base;
    for (let n = 2; taken.has(id); n += 1) id = `${base}${n}`;
    taken.add(id);
    return id;
  };
}
/** Steps put in where the milk is now, one after the other. */
export function putIn(hand: InHand, steps: readonly Step[]): readonly RescueEdit[] {
  return steps.map((step, i) => ({ do: 'insert', after: i === 0 ? hand.after : (steps[i - 1]?.id ?? null), step }));
}
/** One value of a step. */
export const setTo = (step: Step, param: string, value: number | string | boolean): RescueEdit => ({
  ...{ do: 'set', step: step.id },
  param,
  value,
});

const gain = (a: Aim, before: number, x: number): number => (a.less ? before - x : x - before);
const reaches = (a: Aim, x: number): boolean => (a.less ? x <= a.to * 1.01 : x >= a.to * 0.99);
/** Less of a gain than this share of the way is no help. */
const TELLS = 0.3;

/**
 * The least amount, in whole steps of `by`, that brings a measure to its aim; all there may be where none is enough; null:
 * it does not help.
 */
export function enough(
  s: Sick,
  a: Aim,
  edits: (x: number) => readonly RescueEdit[],
  [least, most, by]: readonly [number, number, number],
): number | null {
  const before = measured(s.p, a.of);
  const at = (x: number): number | null => {
    const p = withEdits(s, edits(x));
    return p && measured(p, a.of);
  };
  const best = at(most);
  if (before === null || best === null) return null;
  if (gain(a, before, best) < TELLS * Math.abs(a.to - before)) return null;
  if (!reaches(a, best)) return most;
  let low = 0;
  let high = Math.ceil((most - least) / by);
  while (high - low > 1) {
    const mid = Math.floor((low + high) / 2);
    const v = at(least + mid * by);
    if (v !== null && reaches(a, v)) high = mid;
    else low = mid;
  }
  return Math.min(most, least + high * by);
}

/** Thinned or thickened out of what it was: no rescue. */
const SPOILT = ['watery', 'thick', 'sets'] as const;
/** Too sweet or too salty, it is thinned knowingly. */
const MAY_THIN: readonly Trouble[] = ['tooSweet', 'tooSalty'];

/** A move as the fold sees it; nothing where it cannot be made, brings a danger or a fault, or spoils the body. */
export function moveOf(s: Sick, line: Line, edits: readonly RescueEdit[], aim: Aim | null): readonly Move[] {
  const p = edits.length > 0 ? withEdits(s, edits) : null;
  const main = p?.summary.main;
  if (!p || !main) return [];
  for (const f of faultsOf(p, s.batch)) if (!s.faults.has(f)) return [];
  const was = s.p.summary.main?.body?.word;
  const is = main.body?.word;
  const spoilt = SPOILT.some((w) => is === w && was !== w && !(w === 'watery' && MAY_THIN.includes(s.against)));
  if (spoilt) return [];
  const before = aim && measured(s.p, aim.of);
  const after = aim && measured(p, aim.of);
  if (aim && (before === null || after === null || gain(aim, before, after) <= 0)) return [];
  const reached = aim === null || (after !== null && reaches(aim, after));
  return [{ ...line, edits, of: aim?.of ?? null, before, after, reached, main, volumeMl: p.summary.jarredMl }];
}
/** A line without figures. */
export const line = (say: string, figures: Line['figures'] = {}): Line => ({ say, figures });
