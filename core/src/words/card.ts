import { jarredStreams } from '../batch';
import type { Summary } from '../batch';
import type { Warning } from '../checks';
import type { Kit } from '../kitchen';
import { foodLines, freshWaterOf, kindOf, numberOf } from '../steps';
import type { Outcome, Recipe, Stage, Step } from '../steps';
import { plain } from '../units';
import { instruction } from './bench';
import { celsius, grams, join, millilitres } from './format';
import { streamName } from './labels';
import { foodName } from './language';
import { stepText, stepTitle } from './stepText';
import { withMilkName } from './tasks';
import { warningText } from './warnings';

/** One thing to take, as it is written on a card. */
export interface CardLine {
  readonly name: string;
  readonly g: number;
  /** “150 g soybeans, dry”, “1 100 g water at 80 °C”. */
  readonly say: string;
}
export interface CardStep {
  readonly title: string;
  /** What is done and what to look for, in sentences. */
  readonly text: string;
  /** The same in figures: “beans, 1 100 g, 10 h”. */
  readonly figures: string;
}
/** A plan or a batch on one page: what to take, what to do, what comes of it. */
export interface Card {
  readonly name: string;
  readonly takes: readonly CardLine[];
  readonly steps: readonly CardStep[];
  readonly makesMl: number;
  /** Its milks where it makes several: “first extract 81 ml”; empty: one. */
  readonly makes: readonly string[];
  readonly elapsedS: number;
  readonly handsS: number;
  /** In this kitchen's fridge; null: nothing comes of it. */
  readonly keepS: number | null;
  /** What can hurt and what is to be known; each once. */
  readonly cautions: readonly string[];
}
/** What a fold says of a plan: `questions/look`. */
export interface CardSeen {
  readonly outcome: Outcome;
  readonly summary: Summary;
  readonly warnings: readonly Warning[];
}
/** A step in sentences: every task of it once; several loads are one sentence. */
function stepOf(x: Step, stage: Stage | undefined, r: Recipe, kit: Kit): CardStep {
  const told = (stage?.tasks ?? []).map((t) => (stage ? instruction(x, stage, t.id, r, kit) : null));
  const says = [...new Set(told.flatMap((t) => (t ? [t.say] : [])))];
  const loads = told.length > 1 && says.length === 1 ? `In ${plain(told.length)} loads, each so: ` : '';
  const cue = told.findLast((t) => t?.cue)?.cue ?? null;
  const cautions = [...new Set(told.flatMap((t) => t?.caution ?? []))];
  const text = [`${loads}${says.join(' ')}`, ...(cue === null ? [] : [`Look for: ${cue}`]), ...cautions].join(' ');
  // On paper nothing is pressed.
  const paper = text.trim().replace('Press done at the true boil', 'The time counts from the true boil');
  return { title: withMilkName(x, stepTitle(x, r), r), text: paper, figures: stepText(x, r) };
}
const line = (g: number, name: string): CardLine => ({ name, g, say: `${join(grams(Math.round(g)))} ${name}` });

/** A plan as it is, with what the fold says of it in this kitchen. */
export function cardOf(name: string, r: Recipe, kit: Kit, seen: CardSeen): Card {
  const { outcome, summary: s, warnings } = seen;
  const foods = new Map<string, number>();
  for (const l of foodLines(r)) foods.set(l.material, (foods.get(l.material) ?? 0) + l.grams);
  const names = jarredStreams(r, outcome);
  const jarred = s.products.filter((p) => names.includes(p.stream));
  const said = warnings.filter((w) => w.weight !== 'mend').map(warningText);
  return {
    name,
    takes: [
      ...[...foods].filter(([, g]) => g > 0).map(([id, g]) => line(g, foodName(id, r).toLowerCase())),
      ...r.steps.flatMap(waterLines),
    ],
    steps: r.steps.map((x, i) => stepOf(x, outcome.stages[i], r, kit)),
    makesMl: s.jarredMl,
    makes: jarred.length > 1 ? jarred.map((p) => `${streamName(p.stream, r)} ${join(millilitres(p.volumeMl))}`) : [],
    elapsedS: s.elapsedS,
    handsS: s.handsS,
    keepS: s.main?.keep?.s ?? null,
    cautions: [...new Set(said)],
  };
}
/** Warmer than this it is said how warm: out of the tap it is as it is, °C. */
const WARM_C = 30;
/** The waters of a step, those that reach the milk and those that are thrown away. */
function waterLines(s: Step): readonly CardLine[] {
  const fresh = freshWaterOf(s).map(([name]) => name);
  const c = 'waterC' in s.params ? s.params.waterC : 0;
  const warm = c > WARM_C ? ` at ${join(celsius(c))}` : '';
  return Object.entries(kindOf(s.kind).params).flatMap(([name, spec]): readonly CardLine[] => {
    if (spec.type !== 'number' || spec.unit !== 'g') return [];
    const g = numberOf(s, name);
    if (g <= 0) return [];
    if (fresh.includes(name)) return [line(g, name === 'iceG' ? 'ice' : `water${warm}`)];
    return s.kind === 'soak' && name === 'waterG' ? [line(g, 'water to soak in, thrown away')] : [];
  });
}
