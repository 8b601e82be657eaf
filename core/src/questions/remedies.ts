import { asRead, fold, loadsOf, MEASURES, summarise } from '../batch';
import type { FrozenBatch, Measure, Progress, ProductSummary, Summary } from '../batch';
import type { Fix, Warning, Weight } from '../checks';
import type { Here } from '../kitchen';
import { findRoot } from '../numerics';
import { applyEdits, contextOf, makeStep, orderFaults, withParams } from '../steps';
import type { Edit, Recipe, Step } from '../steps';
import { leverEdits, leversOf } from './levers';
import type { Lever } from './levers';
import { aimOf, COMPLAINTS, rightAt } from './complaints';
import type { Complaint } from './complaints';
import { look } from './look';
import { aimFor } from './seen';
import type { Said } from './seen';

/** One thing done otherwise, all else as it was; folded. */
export interface Remedy {
  readonly how:
    | { readonly is: 'lever'; readonly lever: Lever; readonly to: number }
    | { readonly is: 'mend'; readonly fix: Fix }
    | { readonly is: 'rinse'; readonly forS: number; readonly rinses: number };
  readonly edits: readonly Edit[];
  /** It would have come to what is right. */
  readonly reached: boolean;
  readonly before: number;
  readonly after: number;
  readonly volumeMl: number;
  readonly main: ProductSummary;
}
const MOST = 6;
/** Less of a gain than this share is no remedy. */
const TELLS = 0.06;

/** The recipe as it was made: what was poured and timed stands in place of what was planned. */
export function asMade(p: Progress, here: Here): Recipe {
  const ctx = contextOf({ kit: here.kit, beliefs: p.outcome.beliefs }, p.recipe.materials);
  // Loads that ran for different times are one plan's seconds by their mean.
  const asRun = (s: Step): Step => {
    const ran = loadsOf(s, p.readings, ctx);
    if (s.kind !== 'grind' || !ran) return s;
    const { loads, durationS } = s.params;
    const sum = Array.from({ length: loads }, (_, i) => ran[i] ?? durationS).reduce((a, b) => a + b, 0);
    return withParams(s, { durationS: Math.round(sum / loads) });
  };
  return { ...p.recipe, steps: p.recipe.steps.map((s) => asRun(asRead(s, p.readings, ctx))) };
}

/** The same without what was changed against a problem while it was made: what the next batch can begin from. */
export function asMadeUnrescued(p: Progress, batch: FrozenBatch): Recipe {
  if (p.rescues.length === 0) return asMade(p, batch);
  const out = new Set(p.skipped.map((s) => s.step));
  const recipe = { ...batch.recipe, steps: batch.recipe.steps.filter((s) => !out.has(s.id)) };
  return asMade({ ...p, recipe }, batch);
}

/** Which complaints this milk could give rise to at all. */
export function complaintsOf(s: Summary): readonly Complaint[] {
  const has = (m: Measure, above: number): boolean => (MEASURES[m](s) ?? 0) > above;
  const on: Readonly<Record<Complaint, boolean>> = {
    slimy: has('slime', 1.02),
    tooThick: has('body', 1.3),
    thickensHot: has('bodyHot', 2),
    watery: true,
    gritty: has('grit', 0.0005),
    beany: has('beany', 1),
  };
  return (Object.keys(COMPLAINTS) as Complaint[]).filter((c) => on[c]);
}

/**
 * What would have helped: every lever turned by itself just as far as it takes, every mend of the checks, and the rinse,
 * each folded again with all else as it was made. Those that reach what is right come first, the least change first;
 * none that brings a danger, more to mend than there was, or makes it watery. An estimate where the measure is one.
 */
export function remedies(
  made: Recipe,
  here: Here,
  complaint: Complaint,
  onProgress: (done: number, of: number) => void = () => undefined,
  said: Said = {},
): readonly Remedy[] {
  const seen = look(made, here);
  if (!seen) return [];
  const c = COMPLAINTS[complaint];
  const before = MEASURES[c.of](seen.summary);
  if (before === null) return [];
  const usual = rightAt(complaint, before, here.beliefs);
  // Found worse than it was reckoned, it must be reckoned better than usual to be found right.
  const aim = c.less
    ? Math.min(usual, aimFor(complaint, said, before, aimOf(complaint, here.beliefs), here.beliefs))
    : usual;
  const b: Bench = { made, here, of: c.of, less: c.less, aim, before };
  const levers = leversOf(made);
  const tried: Tried[] = [];
  levers.forEach((lever, i) => {
    const to = farEnough(b, lever);
    if (to !== null) tried.push({ how: { is: 'lever', lever, to }, edits: leverEdits(made, lever.at, to) });
    onProgress(i + 1, levers.length + 1);
  });
  for (const w of seen.warnings)
    for (const fix of w.fixes) if (!tried.some((t) => sameAs(t, fix))) tried.push(mended(fix));
  const rinse = rinsed(made);
  if (rinse) tried.push(rinse);
  const had = seen.warnings;
  const change = (r: Remedy): number =>
    Math.abs((r.main.solids ?? 0) / Math.max(1e-9, seen.summary.main?.solids ?? 0) - 1) +
    Math.abs(r.volumeMl / Math.max(1, seen.summary.jarredMl) - 1);
  return tried
    .flatMap((t) => judged(b, t, had, seen.summary))
    .sort(
      (x, y) =>
        Number(y.reached) - Number(x.reached) ||
        (x.reached ? change(x) - change(y) : gain(b, y.after) - gain(b, x.after)),
    )
    .slice(0, MOST);
}

type Tried = Pick<Remedy, 'how' | 'edits'>;
interface Bench {
  readonly made: Recipe;
  readonly here: Here;
  readonly of: Measure;
  readonly less: boolean;
  readonly aim: number;
  readonly before: number;
}
const mended = (fix: Fix): Tried => ({ how: { is: 'mend', fix }, edits: fix.edits });
/** A mend that turns what a lever already turns. */
const sameAs = (t: Tried, fix: Fix): boolean => {
  const [e] = fix.edits;
  return (
    fix.edits.length === 1 &&
    t.edits.some((x) => x.do === 'set' && e?.do === 'set' && x.step === e.step && x.param === e.param)
  );
};
const gain = (b: Bench, x: number): number =>
  (b.less ? b.before - x : x - b.before) / Math.max(1e-9, Math.abs(b.before));
const reaches = (b: Bench, x: number): boolean => (b.less ? x <= b.aim * 1.01 : x >= b.aim * 0.99);

function at(b: Bench, edits: readonly Edit[]): number | null {
  const r = applyEdits(b.made, edits);
  return orderFaults(r).length > 0 ? null : MEASURES[b.of](summarise(r, fold(r, b.here), b.here.kit, 'main'));
}

/** How far a kitchen would turn a lever, and the fineness it is set with. */
function spanOf(l: Lever): readonly [number, number, number] {
  const within = (low: number, high: number, step: number) =>
    [Math.max(l.least, low), Math.min(l.most, high), step] as const;
  if (l.at.of === 'choice') return within(l.least, l.most, 1);
  switch (l.shown) {
    case 'C':
      return within(l.now - 35, l.now + 35, 1);
    case 's':
      return within(Math.min(l.now, 15), l.now * 3, 5);
    case 'min':
    case 'h':
      return within(l.now / 4, l.now * 3, 60);
    case 'g':
      return within(l.now / 3, l.now > 0 ? l.now * 2.5 : 300, 5);
    case 'um':
    case 'ml':
    case '%':
      return within(l.now / 2, l.now * 2, 0.01);
    case 'cm':
      return within(l.now / 2, l.now * 2, 0.1);
    case 'count':
      return within(l.now - 2, l.now + 2, 1);
  }
}

/** The nearest setting of a lever that is enough; the end of its span if none is; null: it does not help. */
function farEnough(b: Bench, lever: Lever): number | null {
  const [low, high, step] = spanOf(lever);
  const value = (x: number): number => at(b, leverEdits(b.made, lever.at, x)) ?? b.before;
  const [best] = [low, high].map((x) => ({ x, v: value(x) })).sort((p, q) => gain(b, q.v) - gain(b, p.v));
  if (!best || gain(b, best.v) < TELLS) return null;
  const way = Math.sign(best.x - lever.now);
  // A kitchen sets it by its own steps: always on the far side of what was found.
  const set = (x: number): number => {
    const n = way > 0 ? Math.ceil(x / step - 1e-6) : Math.floor(x / step + 1e-6);
    return Math.min(high, Math.max(low, n * step));
  };
  if (!reaches(b, best.v)) return set(best.x);
  if (lever.shown === 'count') {
    for (let x = lever.now + way; x !== best.x; x += way) if (reaches(b, value(x))) return x;
    return best.x;
  }
  const [from, to] = way > 0 ? [lever.now, best.x] : [best.x, lever.now];
  const found = set(findRoot((x) => value(x) - b.aim, from, to, b.aim * 0.01, 10).x);
  return [found, set(found + way * step)].find((x) => reaches(b, value(x))) ?? best.x;
}

const RINSE = { forS: 900, rinses: 3 } as const;
/** Flakes that went into the jug unrinsed could have been soaked, and the slime thrown away with the water. */
function rinsed(r: Recipe): Tried | null {
  const grind = r.steps.findIndex((s) => s.kind === 'grind');
  const before = r.steps.slice(0, Math.max(0, grind));
  const first = r.steps[grind] as Step<'grind'> | undefined;
  const flakes = r.materials.some((m) => m.rinse !== null && r.larder.some((l) => l.material === m.id));
  if (!first || !flakes || before.some((s) => s.kind === 'drain' || s.kind === 'soak')) return null;
  const food = r.larder.reduce((g, l) => g + l.grams, 0);
  const after = before.at(-1)?.id ?? null;
  const soak = makeStep('soakFirst', 'soak', {
    of: first.params.of,
    waterG: Math.round(4 * food),
    durationS: RINSE.forS,
  });
  const drain = makeStep('rinseAfter', 'drain', { of: first.params.of, rinses: RINSE.rinses });
  if (r.steps.some((s) => s.id === soak.id || s.id === drain.id)) return null;
  // What they drink in the soak need not be poured into the jug again.
  const waterG = Math.max(0, first.params.waterG - Math.round(food));
  return {
    how: { is: 'rinse', ...RINSE },
    edits: [
      { do: 'insert', after, step: soak },
      { do: 'insert', after: soak.id, step: drain },
      { do: 'set', step: first.id, param: 'waterG', value: waterG },
    ],
  };
}

function judged(b: Bench, t: Tried, had: readonly Warning[], was: Summary): readonly Remedy[] {
  const changed = applyEdits(b.made, t.edits);
  const seen = orderFaults(changed).length > 0 ? null : look(changed, b.here);
  const main = seen?.summary.main ?? null;
  const after = seen ? MEASURES[b.of](seen.summary) : null;
  if (!seen || !main || after === null || gain(b, after) < TELLS) return [];
  const heavy = (l: readonly Warning[], weight: Weight) => l.filter((w) => w.weight === weight).length;
  const danger = seen.warnings.some((w) => w.weight === 'danger' && !had.some((h) => h.check === w.check));
  const worse = danger || heavy(seen.warnings, 'mend') > heavy(had, 'mend');
  const watered = main.body?.word === 'watery' && was.main?.body?.word !== 'watery';
  if (worse || watered) return [];
  return [
    {
      ...t,
      reached: reaches(b, after),
      before: b.before,
      after,
      volumeMl: seen.summary.jarredMl,
      main,
    },
  ];
}
