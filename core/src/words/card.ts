import type { Summary } from '../batch';
import type { Warning } from '../checks';
import { foodLines, freshWaterOf, kindOf, numberOf } from '../steps';
import type { Recipe, Step } from '../steps';
import { celsius, grams, join } from './format';
import { foodName } from './language';
import { stepText, stepTitle } from './stepText';
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
  readonly text: string;
}
/** A plan or a batch on one page: what to take, what to do, what comes of it. */
export interface Card {
  readonly name: string;
  readonly takes: readonly CardLine[];
  readonly steps: readonly CardStep[];
  readonly makesMl: number;
  readonly elapsedS: number;
  readonly handsS: number;
  /** In this kitchen's fridge; null: nothing comes of it. */
  readonly keepS: number | null;
  /** What can hurt and what is to be known; each once. */
  readonly cautions: readonly string[];
}
const line = (g: number, name: string): CardLine => ({ name, g, say: `${join(grams(Math.round(g)))} ${name}` });

/** A plan as it is, with what the fold says of it. */
export function cardOf(name: string, r: Recipe, s: Summary, warnings: readonly Warning[]): Card {
  const foods = new Map<string, number>();
  for (const l of foodLines(r)) foods.set(l.material, (foods.get(l.material) ?? 0) + l.grams);
  const said = warnings.filter((w) => w.weight !== 'mend').map(warningText);
  return {
    name,
    takes: [
      ...[...foods].filter(([, g]) => g > 0).map(([id, g]) => line(g, foodName(id, r).toLowerCase())),
      ...r.steps.flatMap(waterLines),
    ],
    steps: r.steps.map((x) => ({ title: stepTitle(x, r), text: stepText(x, r) })),
    makesMl: s.jarredMl,
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
