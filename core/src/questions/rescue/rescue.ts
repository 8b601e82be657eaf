import type { BatchEvent, FrozenBatch, TraceChunk, Trouble } from '../../batch';
import { isRawNow } from '../../batch';
import { fig } from '../../checks';
import { kindOf } from '../../steps';
import type { Step } from '../../steps';
import { COMPLAINTS, rightAt, sweetAt, TOO_MUCH } from '../complaints';
import type { Complaint } from '../complaints';
import { asMadeUnrescued, remedies } from '../remedies';
import type { Remedy } from '../remedies';
import { backToHeat } from './backToHeat';
import { blendAgain, fromPulp, letDrip, otherStrainer, strainAgain } from './cloth';
import { moreFood, sweeten } from './food';
import { boilLonger, malt, turnDown } from './heat';
import { freeTheJug, grindOpen } from './jug';
import { line, measured, sickOf } from './sick';
import type { Aim, Line, Move, Sick } from './sick';
import { interrupted, powerGone, soakForgotten } from './stood';
import { lessWater, moreWater, shortOf, stirInWater } from './water';

/** What can be done about what went wrong: by steps of the batch, by hand, not at all, and otherwise the next time. */
export interface Rescued {
  readonly against: Trouble;
  /** Each of them one way; the best first. */
  readonly now: readonly Move[];
  /** What hands do, or must know, that no step says. */
  readonly said: readonly Line[];
  readonly past: readonly Line[];
  readonly next: readonly Line[];
  /** What would have prevented it, folded; empty where nothing is reckoned of it. */
  readonly otherwise: readonly Remedy[];
  /** Where what ran over or out is told; null: nothing did. */
  readonly lostAt: LostAt | null;
}
export interface LostAt {
  readonly step: Step;
  readonly task: string;
  readonly what: string;
}
type Found = Partial<Omit<Rescued, 'against' | 'otherwise' | 'lostAt'>>;

/** Less than this no tongue tells, share of mass: whoever finds it gritty finds what no figure knows. */
const NO_GRIT = 0.0005;
/** Less than this share nobody misses. */
const SHORT = 0.02;
/** A fifth stronger is tasted (common practice). */
const STRONGER = 1.2;

/** Too little by the plan, or found too little though it is as planned. */
function stronger(s: Sick): Aim {
  const now = measured(s.p, 'solids') ?? 0;
  const planned = s.batch.promised.solids;
  return { of: 'solids', less: false, to: now < 0.98 * planned ? planned : now * STRONGER };
}
/** Down to where a cook who found it wrong finds it right. */
const rightOf = (s: Sick, c: 'tooThick' | 'slimy' | 'gritty' | 'beany'): Aim => {
  const { of, less } = COMPLAINTS[c];
  return { of, less, to: rightAt(c, measured(s.p, of) ?? 0, s.batch.beliefs) };
};
const sweeter = (s: Sick): Aim => ({
  of: 'sugars',
  less: false,
  to: sweetAt(measured(s.p, 'sugars') ?? 0, s.batch.beliefs),
});
const lessOf = (s: Sick, of: 'sugars' | 'salt'): Aim => ({ of, less: true, to: TOO_MUCH * (measured(s.p, of) ?? 0) });
const some = (lines: readonly (Line | false)[]): readonly Line[] => lines.filter((x) => x !== false);
const soyIn = (s: Sick): boolean => s.p.recipe.materials.some((m) => m.inhibitorLabileShare !== null);

/** Down by the litres that are missing: first what brings milk, then what only brings water. */
function refilled(s: Sick): readonly Move[] {
  const want = s.batch.promised.volumeMl;
  const missing = shortOf(s, 'volumeMl', want);
  if (missing < SHORT * want) return [];
  const aim: Aim = { of: 'volumeMl', less: false, to: want };
  const mostG = 2 * missing;
  return [...moreWater(s, aim, mostG), ...fromPulp(s, aim, mostG), ...stirInWater(s, aim, 0.15)];
}

const FOUND: Readonly<Record<Trouble, (s: Sick) => Found>> = {
  tooThin: (s) => {
    const aim = stronger(s);
    const now = [...lessWater(s, aim), ...moreFood(s, aim), ...boilLonger(s, aim)];
    return { now, past: some([now.length === 0 && line('waterStays')]), next: [line('holdBack')] };
  },
  tooThick: (s) => {
    const aim = rightOf(s, 'tooThick');
    return { now: [...stirInWater(s, aim), ...malt(s, aim)], said: some([thickensCold(s) && line('coldThickens')]) };
  },
  slimy: (s) => {
    const aim = rightOf(s, 'slimy');
    return { now: [...letDrip(s, aim), ...malt(s, aim), ...stirInWater(s, aim)], past: [line('slimeStays')] };
  },
  gritty: (s) => {
    const now = measured(s.p, 'grit') ?? 0;
    return { now: strainAgain(s, now > NO_GRIT ? rightOf(s, 'gritty') : null), said: [line('leaveFinger')] };
  },
  beany: (s) => {
    return { now: boilLonger(s, rightOf(s, 'beany')), said: [line('hideBeany')], past: [line('beanyStays')] };
  },
  notSweet: (s) => {
    const aim = sweeter(s);
    return { now: [...sweeten(s, aim), ...malt(s, aim)], said: some([soyIn(s) && line('sweetClots')]) };
  },
  tooSweet: (s) => ({
    now: stirInWater(s, lessOf(s, 'sugars')),
    said: [line('mixPlain')],
    next: [line('sweetByTaste')],
  }),
  tooSalty: (s) => ({ now: stirInWater(s, lessOf(s, 'salt')), said: [line('mixPlain')], next: [line('saltByTaste')] }),
  curdled: (s) => ({
    now: blendAgain(s, 'blendCurd', 30),
    said: [line('sourThrow'), ...some([soyIn(s) && line('asCurd')])],
    past: [line('curdStays')],
    next: [line(soyIn(s) ? 'coolBeforeSour' : 'heatGently')],
  }),
  split: (s) => ({
    now: blendAgain(s, 'blendSplit', 20),
    said: [line('shakeIt')],
    next: some([s.p.recipe.steps.some((x) => x.kind === 'boil') && !soyIn(s) && line('heatGently')]),
  }),
  short: (s) => {
    const now = refilled(s);
    const want = s.batch.promised.volumeMl;
    if (shortOf(s, 'volumeMl', want) < SHORT * want) {
      const ml = s.p.summary.jarredMl;
      return { said: [line('notShort', { ml: fig(ml, 'ml'), wantMl: fig(want, 'ml') })] };
    }
    return { now, past: some([now.length === 0 && line('shortStays')]) };
  },
  scorched: (s) => ({
    now: [...turnDown(s), ...strainAgain(s, null, 'strainFlakes')],
    said: [line('cleanPot')],
    past: [line(isRawNow(s.p) ? 'scorchStaysRaw' : 'scorchStays')],
    next: [line('stirBottom')],
  }),
  boiledOver: (s) => ({
    now: [...turnDown(s), ...refilled(s)],
    said: [line('offTheHob')],
    next: [line('potTwoThirds', { of: fig(2 / 3, 'share') })],
  }),
  stalled: (s) => ({
    now: freeTheJug(s),
    said: [line('freeBlades')],
    next: some([grindOpen(s) !== null && line('waterFirst')]),
  }),
  bagBurst: (s) => ({
    now: [...otherStrainer(s), ...strainAgain(s, null, 'strainAgain', true), ...refilled(s)],
    said: [line('pulpInMilk')],
    next: [line('halfABag')],
  }),
  soakForgotten,
  interrupted,
  powerGone,
  notBoiled: (s) => {
    const back = backToHeat(s);
    return back ? { now: [back], said: [line('boilCounts')] } : { said: [line('boilAhead')] };
  },
};
function thickensCold(s: Sick): boolean {
  const later = s.p.summary.main?.body;
  return later?.word === 'thick' || later?.word === 'sets';
}
const AS_COMPLAINT: Partial<Record<Trouble, Complaint>> = {
  tooThin: 'watery',
  tooThick: 'tooThick',
  slimy: 'slimy',
  gritty: 'gritty',
  beany: 'beany',
};
const MOST_NOW = 5;
const MOST_NEXT = 2;

/**
 * What to do about what went wrong with a batch that is being made, from its present state, by the same fold that reckons
 * everything else. Nothing that would bring a danger is among it.
 */
export function rescueOf(
  batch: FrozenBatch,
  events: readonly BatchEvent[],
  chunks: readonly TraceChunk[],
  against: Trouble,
  now: number,
): Rescued {
  const s = sickOf(batch, events, chunks, against, now);
  const found = FOUND[against](s);
  const nothing = [found.now, found.said, found.past].every((x) => (x ?? []).length === 0);
  const complaint = AS_COMPLAINT[against];
  const made = complaint && s.p.summary.main ? asMadeUnrescued(s.p, batch) : null;
  const otherwise = complaint && made ? remedies(made, batch, complaint).slice(0, MOST_NEXT) : [];
  return {
    against,
    now: ranked(found.now ?? []),
    said: nothing ? [line('nothingNow')] : [...(found.said ?? []), ...withMalt(found.now ?? [])],
    past: found.past ?? [],
    next: found.next ?? [],
    otherwise,
    lostAt: lostAt(s),
  };
}
/** What malt does it goes on doing. */
const withMalt = (now: readonly Move[]): readonly Line[] =>
  now.some((m) => m.say === 'malt') ? [line('maltWorksOn')] : [];
const LOSES: Partial<Record<Trouble, readonly Step['kind'][]>> = {
  boiledOver: ['boil', 'heat', 'absorb'],
  bagBurst: ['strain', 'wash'],
};
/** The step of which it ran over or out: the last of those that could, as far as the batch has come. */
function lostAt(s: Sick): LostAt | null {
  const kinds = LOSES[s.against] ?? [];
  const last = s.p.tasks.findLast((t) => kinds.includes(t.step.kind) && t.status !== 'waiting');
  const told = last && Object.entries(kindOf(last.step.kind).readings).find(([, r]) => r.mishap);
  return last && told ? { step: last.step, task: told[1].task, what: told[0] } : null;
}
/** Of several cloths one is enough; sweetenings are each their own. */
const key = (m: Move): string => (m.say === 'sweeten' ? `${m.say} ${m.named ?? ''}` : m.say);
/** Those that are enough first; of cloths that are, the one that loses least. */
function ranked(moves: readonly Move[]): readonly Move[] {
  const kinds = new Map<string, Move>();
  for (const m of moves) {
    const had = kinds.get(key(m));
    const better =
      !had || Number(m.reached) > Number(had.reached) || (m.reached === had.reached && m.volumeMl > had.volumeMl);
    if (better) kinds.set(key(m), m);
  }
  return [...kinds.values()].sort((a, b) => Number(b.reached) - Number(a.reached)).slice(0, MOST_NOW);
}
