import {
  fromLarder,
  massG,
  merge,
  NOTHING,
  portion,
  at,
  away,
  flowOf,
  waterFlow,
  coefficientId,
  COEFFICIENTS,
} from '../kitchen';
import type { Beliefs, Flow, Here, Kit, Stream } from '../kitchen';
import { materialById } from '../materials';
import { findRoot } from '../numerics';
import { contextOf, kindOf, readingSd, rest, withParams } from '../steps';
import type {
  Ctx,
  Effect,
  Fit,
  Kind,
  Outcome,
  Reading,
  ReadingSpec,
  Recipe,
  Stage,
  Step,
  StepResult,
  Trace,
} from '../steps';

export interface Given extends Here {
  readonly readings?: readonly Reading[];
  /** What probes told, by the id that a reading names. */
  readonly traces?: ReadonlyMap<string, Trace>;
  /** Real seconds that passed before a step began, folded as rest; a prediction assumes none. */
  readonly gapS?: Readonly<Record<string, number>>;
  /** Go on from these streams instead of the larder. */
  readonly start?: Readonly<Record<string, Stream>>;
  /** Fold only the first so many steps. */
  readonly untilStep?: number;
}

/** The larder's streams, at room temperature, before the first step; what left it is told to the ledger. */
export function larderStreams(r: Recipe, kit: Kit, ledger: Flow[] = []): Map<string, Stream> {
  const streams = new Map<string, Stream>();
  for (const l of r.larder) {
    const s = fromLarder(materialById(r.materials, l.material), l.grams, kit.roomC);
    const had = streams.get(l.into);
    streams.set(l.into, had ? merge(had, s) : s);
    ledger.push(flowOf('larder', away('larder'), at(l.into), s));
  }
  return streams;
}

/**
 * The batch: every step in turn over the streams, readings replacing what was planned. The same function predicts,
 * re-predicts during a run, solves backwards, checks and draws. A step that takes a stream nothing made: RangeError.
 */
export function fold(recipe: Recipe, given: Given): Outcome {
  const ledger: Flow[] = [];
  const streams = given.start ? new Map(Object.entries(given.start)) : larderStreams(recipe, given.kit, ledger);
  const stages: Stage[] = [];
  const fits: Fit[] = [];
  let beliefs = given.beliefs;
  const base = contextOf({ kit: given.kit, beliefs }, recipe.materials);
  const get = (name: string): Stream => streams.get(name) ?? NOTHING;
  const steps = given.untilStep === undefined ? recipe.steps : recipe.steps.slice(0, given.untilStep);
  for (const step of steps) {
    const kind = kindOf(step.kind);
    const reads = kind.reads(step.params);
    for (const name of reads)
      if (!streams.has(name))
        throw new RangeError(`step "${step.id}" takes "${name}", which nothing before it has made`);
    const gap = given.gapS?.[step.id] ?? 0;
    if (gap > 0) for (const name of reads) streams.set(name, rest(get(name), gap, base));
    const mine = readingsOf(step.id, given.readings);
    let startS = 0;
    for (const name of reads) startS = Math.max(startS, get(name).readyAtS);
    if (kind.joins) for (const name of kind.joins(step.params)) startS = Math.max(startS, get(name).readyAtS);
    const courses = given.traces && coursesOf(step, mine, given.traces, base);
    const loadsS = mine.length > 0 ? loadsOf(step, mine, base) : undefined;
    const same = beliefs === base.beliefs && !courses && !loadsS;
    const ctx = same ? base : { ...base, beliefs, ...(courses && { courses }), ...(loadsS && { loadsS }) };
    const done = runStep(step, mine, get, ctx);
    beliefs = done.beliefs;
    for (const fit of done.fits) fits.push(fit);
    for (const flow of done.result.flows) ledger.push(flow);
    for (const [name, s] of done.result.writes) {
      if (s === null) streams.delete(name);
      else streams.set(name, s);
    }
    const r = done.result;
    let took = 0;
    for (const t of r.tasks) took += t.durationS;
    stages.push({ step: step.id, startS, endS: startS + took, tasks: r.tasks, figures: r.figures, writes: r.writes });
  }
  return { stages, ledger, products: Object.fromEntries(streams), fits, beliefs };
}

const NO_FITS: readonly Fit[] = [];
interface Ran {
  readonly result: StepResult;
  readonly fits: readonly Fit[];
  readonly beliefs: Beliefs;
}

const NO_READINGS: readonly Reading[] = [];
const readingsOf = (step: string, all: readonly Reading[] | undefined): readonly Reading[] =>
  all === undefined || all.length === 0 ? NO_READINGS : all.filter((r) => r.step === step);

/** The courses that probes told of this step, by task; a trace that is not at hand leaves the computed one. */
function coursesOf(
  step: Step,
  readings: readonly Reading[],
  traces: ReadonlyMap<string, Trace>,
  ctx: Ctx,
): Readonly<Record<string, Trace>> | undefined {
  let out: Record<string, Trace> | undefined;
  for (const r of readings) {
    const spec = kindOf(step.kind).readings[r.what];
    const trace = r.trace === undefined ? undefined : traces.get(r.trace);
    if (spec && trace && spec.effect(step.params, ctx).is === 'course') (out ??= {})[spec.task] = trace;
  }
  return out;
}

/** How long each load ran, by its place, s, where that was told. */
export function loadsOf(
  step: Step,
  readings: readonly Reading[],
  ctx: Ctx,
): readonly (number | undefined)[] | undefined {
  let out: (number | undefined)[] | undefined;
  for (const r of readings) {
    const effect = r.step === step.id ? kindOf(step.kind).readings[r.what]?.effect(step.params, ctx) : undefined;
    if (effect?.is === 'load') (out ??= [])[effect.load] = r.value;
  }
  return out;
}

/** The step with what was poured and timed in place of what was planned. */
export function asRead(step: Step, readings: readonly Reading[], ctx: Ctx): Step {
  const read: Record<string, number> = {};
  for (const r of readings) {
    const effect = r.step === step.id ? kindOf(step.kind).readings[r.what]?.effect(step.params, ctx) : undefined;
    if (effect?.is === 'param') read[effect.param] = r.value;
  }
  return withParams(step, read);
}

function runStep(step: Step, readings: readonly Reading[], get: (s: string) => Stream, ctx: Ctx): Ran {
  const kind = kindOf(step.kind);
  if (readings.length === 0)
    return { result: kind.run(step.id, step.params, get, ctx), fits: NO_FITS, beliefs: ctx.beliefs };
  const p = asRead(step, readings, ctx).params;
  const rest: {
    reading: Reading;
    spec: ReadingSpec<Kind>;
    effect: Exclude<Effect, { is: 'param' | 'course' | 'load' | 'note' }>;
  }[] = [];
  for (const reading of asOne(readings, kind.readings)) {
    const spec = kind.readings[reading.what];
    if (!spec) continue;
    const effect = spec.effect(step.params, ctx);
    if (effect.is === 'fit' || effect.is === 'mass' || effect.is === 'lost') rest.push({ reading, spec, effect });
  }
  // What is weighed afterwards is what was left of it.
  const lostG = (stream: string | undefined): number =>
    rest.reduce((g, x) => g + (x.effect.is === 'lost' && x.effect.stream === stream ? x.reading.value : 0), 0);
  let beliefs = ctx.beliefs;
  const fits: Fit[] = [];
  const readAtS = readings.flatMap((r) => (r.atS === undefined ? [] : [r.atS]));
  const within = readAtS.length > 0 ? { ...ctx, readAtS } : ctx;
  const run = (b: Beliefs) => kind.run(step.id, p, get, { ...within, beliefs: b });
  for (const { reading, spec, effect } of rest) {
    if (effect.is !== 'fit') continue;
    const id = coefficientId(effect.kind, effect.thing);
    const bounds = COEFFICIENTS[effect.kind];
    const withC = (c: number): Beliefs => ({ ...beliefs, [id]: { mean: c, n: 1, ...bounds } });
    const told = reading.value + lostG(effect.weighs);
    const miss = (c: number) => (run(withC(c)).figures[effect.figure] ?? 0) - told;
    const found = findRoot(miss, bounds.low, bounds.high, Math.max(1e-6, Math.abs(told) * 1e-9));
    const leftOver = found.converged ? 0 : -found.residual;
    const sd = fitSd(miss, found.x, readingSd(reading, spec));
    beliefs = { ...beliefs, [id]: { mean: found.x, n: 1, ...bounds, sd: Math.min(sd, bounds.sd) } };
    fits.push({ coefficient: id, value: found.x, sd, step: step.id, what: reading.what, leftOver });
  }
  let result = run(beliefs);
  for (const { reading, effect } of rest) {
    if (effect.is === 'mass') {
      const g = reading.value + lostG(effect.stream);
      result = settle(step.id, result, effect.stream, g, effect.water === true);
    } else if (effect.is === 'fit' && effect.weighs !== undefined) {
      const leftOver = fits.find((f) => f.what === reading.what)?.leftOver ?? 0;
      const now = massOf(result, effect.weighs);
      if (Math.abs(leftOver) > 1e-6) result = settle(step.id, result, effect.weighs, now + leftOver, false);
    }
  }
  for (const { reading, effect } of rest)
    if (effect.is === 'lost') result = spill(step.id, result, effect.stream, reading.value);
  return { result, fits, beliefs };
}

/**
 * What was measured again and again while a task ran is one reading: its mean, told as well as so many tell it. The step
 * gives its own figure as the mean over the same instants.
 */
function asOne(readings: readonly Reading[], specs: Readonly<Record<string, ReadingSpec<Kind>>>): readonly Reading[] {
  const out: Reading[] = [];
  for (const r of readings) {
    const spec = specs[r.what];
    if (!spec?.often) out.push(r);
    else if (r.atS !== undefined && !out.some((x) => x.what === r.what)) {
      const all = readings.filter((x) => x.what === r.what && x.atS !== undefined);
      const value = all.reduce((sum, x) => sum + x.value, 0) / all.length;
      out.push({ ...r, value, sd: readingSd(r, spec) / Math.sqrt(all.length) });
    }
  }
  return out;
}

/** A hundredth up and down, in the logarithm: small beside any coefficient's spread, large beside the solver's tolerance. */
const LN_STEP = 0.01;
/** A figure that hardly answers to its coefficient says nothing of it: no fit is told wider than this. */
const WIDEST_SD = 10;
/** The spread of a solved coefficient's logarithm: the reading's, by how steeply the figure answers to it. */
function fitSd(miss: (c: number) => number, c: number, sd: number): number {
  const slope = (miss(c * Math.exp(LN_STEP)) - miss(c * Math.exp(-LN_STEP))) / (2 * LN_STEP);
  return Math.min(WIDEST_SD, sd / Math.max(1e-12, Math.abs(slope)));
}

const massOf = (r: StepResult, stream: string): number => {
  const s = r.writes.find(([n]) => n === stream)?.[1];
  return s ? massG(s) : 0;
};

/** The scale is right: bring the stream to the weighed mass, and write the difference down as unaccounted for. */
function settle(stepId: string, r: StepResult, stream: string, weighedG: number, water: boolean): StepResult {
  const s = r.writes.find(([n]) => n === stream)?.[1];
  if (!s || massG(s) <= 0) return r;
  const now = massG(s);
  const more = weighedG - now;
  const place = [at(stream), away('unaccounted')] as const;
  const [from, to] = more < 0 ? place : [place[1], place[0]];
  const water0 = s.boundWaterG;
  if (water && water0 + more > 0) {
    const out = { ...s, boundWaterG: water0 + more, gainedWaterG: Math.max(0, s.gainedWaterG + more) };
    const flow = waterFlow(stepId, from, to, Math.abs(more), s.temperatureC);
    return { ...r, writes: swap(r.writes, stream, out), flows: [...r.flows, flow] };
  }
  const flow = flowOf(stepId, from, to, portion(s, Math.abs(more) / now));
  return { ...r, writes: swap(r.writes, stream, portion(s, weighedG / now)), flows: [...r.flows, flow] };
}

/** What ran over or out: as what is left, of which there is then less. */
function spill(stepId: string, r: StepResult, stream: string, lostG: number): StepResult {
  const s = r.writes.findLast(([n]) => n === stream)?.[1];
  if (!s || massG(s) <= 0) return r;
  const share = Math.min(1, lostG / massG(s));
  const flow = flowOf(stepId, at(stream), away('spilt'), portion(s, share));
  return { ...r, writes: swap(r.writes, stream, portion(s, 1 - share)), flows: [...r.flows, flow] };
}

function swap(writes: StepResult['writes'], stream: string, s: Stream): StepResult['writes'] {
  return writes.map(([n, old]) => [n, n === stream ? s : old] as const);
}
