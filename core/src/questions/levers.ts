import { fold, MEASURES, summarise } from '../batch';
import type { Measure, Depth, Summary } from '../batch';
import { applyEdits, kindOf, nameOf, numberOf, WATER } from '../steps';
import type { Edit, NumberSpec, Recipe, Step } from '../steps';
import type { Here } from '../kitchen';
import { leastPasses, MOST_PASSES, passCount, passEdits } from './passes';

/** One thing a cook can turn: a parameter of a step, or an amount from the larder. */
export type LeverOf =
  | { readonly of: 'step'; readonly step: string; readonly param: string }
  | { readonly of: 'larder'; readonly index: number }
  /** A choice from less to more, by its place in the list. */
  | { readonly of: 'choice'; readonly step: string; readonly param: string; readonly choices: readonly string[] }
  /** How often the pulp is pressed: the first time, and every wash. */
  | { readonly of: 'passes' };
export interface Lever {
  readonly key: string;
  readonly at: LeverOf;
  readonly label: string;
  readonly stepLabel: string;
  /** How the values are told: the unit of the parameter. */
  readonly shown: NumberSpec['shown'];
  readonly now: number;
  readonly low: number;
  readonly high: number;
  /** Bounds of what can be asked. */
  readonly least: number;
  readonly most: number;
}
/** The lever that a change is of; a plan that has it no more: undefined. */
export const leverAt = (levers: readonly Lever[], at: LeverOf): Lever | undefined =>
  levers.find((l) => JSON.stringify(l.at) === JSON.stringify(at));
export interface Moved {
  readonly lever: Lever;
  /** The measure at the lever's low end, as it is, and at its high end; null: nothing of it there. */
  readonly values: Readonly<Record<Measure, readonly [number | null, number | null, number | null]>>;
}

/** A third down and a third up; temperatures ten degrees, counts one. */
const SHARE = 1 / 3;
const KELVIN = 10;
function around(spec: NumberSpec, now: number): readonly [number, number] {
  const by =
    spec.unit === 'C' ? KELVIN : spec.unit === 'count' ? 1 : Math.max(now * SHARE, now === 0 ? spec.step * 10 : 0);
  return [Math.max(spec.low, now - by), Math.min(spec.high, now + by)];
}

/** What a cook can turn in this plan, in the order of the work. */
export function leversOf(r: Recipe): readonly Lever[] {
  const larder = r.larder.map((l, index): Lever => ({
    key: `larder.${index}`,
    at: { of: 'larder', index },
    label: r.materials.find((m) => m.id === l.material)?.name.toLowerCase() ?? l.material,
    stepLabel: '',
    shown: 'g',
    now: l.grams,
    low: l.grams * (1 - SHARE),
    high: l.grams * (1 + SHARE),
    least: 1,
    most: 100_000,
  }));
  const passes = passCount(r);
  const press: readonly Lever[] =
    passes === null
      ? []
      : [
          {
            key: 'passes',
            at: { of: 'passes' },
            label: 'passes',
            stepLabel: '',
            shown: 'count',
            now: passes,
            low: Math.max(leastPasses(r), passes - 1),
            high: Math.min(MOST_PASSES, passes + 1),
            least: leastPasses(r),
            most: MOST_PASSES,
          },
        ];
  return [...larder, ...r.steps.flatMap((s) => leversIn(s, r)), ...press];
}
/** What is added or poured is called by its name: “salt, added”. */
function labelOf(s: Step, param: string, label: string, r: Recipe): string {
  if (param !== 'amountG' || (s.kind !== 'add' && s.kind !== 'pour')) return label;
  const id = s.kind === 'add' ? s.params.food : s.params.liquid;
  const name = id === WATER ? 'water' : (r.materials.find((m) => m.id === id)?.name ?? id).toLowerCase();
  return `${name}, ${s.kind === 'add' ? 'added' : 'poured in'}`;
}
function leversIn(s: Step, r: Recipe): readonly Lever[] {
  const kind = kindOf(s.kind);
  const idle = kind.idle?.(s.params) ?? [];
  return Object.entries(kind.params).flatMap(([param, spec]): Lever[] => {
    if (idle.includes(param)) return [];
    if (spec.type === 'choice' && spec.lever) {
      const now = nameOf(s, param);
      // A way that needs a tool of its own is not proposed, but where it is used the others are tried beside it.
      const choices = spec.choices.filter((c) => c === now || spec.lever?.includes(c));
      const at = choices.indexOf(now);
      const most = choices.length - 1;
      return [
        {
          key: `${s.id}.${param}`,
          at: { of: 'choice', step: s.id, param, choices },
          label: spec.label,
          stepLabel: kind.label,
          shown: 'count',
          now: at,
          low: Math.max(0, at - 1),
          high: Math.min(most, at + 1),
          least: 0,
          most,
        },
      ];
    }
    if (spec.type !== 'number' || !spec.lever) return [];
    const now = numberOf(s, param);
    // The temperature of no water moves nothing.
    if (spec.unit === 'C' && 'waterG' in s.params && s.params.waterG <= 0) return [];
    if (spec.unit === 'C' && 'amountG' in s.params && s.params.amountG <= 0) return [];
    const [low, high] = around(spec, now);
    return [
      {
        key: `${s.id}.${param}`,
        at: { of: 'step', step: s.id, param },
        label: labelOf(s, param, spec.label, r),
        stepLabel: kind.label,
        shown: spec.shown,
        now,
        low,
        high,
        least: spec.low,
        most: spec.high,
      },
    ];
  });
}
/** The change that puts a lever at a value, in the unit of the fold. */
export function leverEdits(r: Recipe, at: LeverOf, value: number): readonly Edit[] {
  if (at.of === 'larder') return [{ do: 'larder', index: at.index, grams: value }];
  if (at.of === 'choice') {
    const to = at.choices[Math.min(at.choices.length - 1, Math.max(0, Math.round(value)))];
    return to === undefined ? [] : [{ do: 'set', step: at.step, param: at.param, value: to }];
  }
  return at.of === 'passes' ? passEdits(r, value) : [{ do: 'set', step: at.step, param: at.param, value }];
}

/** The summary of a plan with some levers elsewhere. */
export function summaryAt(r: Recipe, here: Here, edits: readonly Edit[], depth: Depth = 'main'): Summary {
  const changed = edits.length > 0 ? applyEdits(r, edits) : r;
  return summarise(changed, fold(changed, here), here.kit, depth);
}

/** Every lever a third down and a third up, each folded again: what moves each measure, and how far. */
export function whatMoves(
  r: Recipe,
  here: Here,
  onProgress: (done: number, of: number) => void = () => undefined,
): readonly Moved[] {
  const now = summaryAt(r, here, []);
  const levers = leversOf(r);
  return levers.map((lever, i): Moved => {
    const low = summaryAt(r, here, leverEdits(r, lever.at, lever.low));
    const high = summaryAt(r, here, leverEdits(r, lever.at, lever.high));
    onProgress(i + 1, levers.length);
    const values = Object.fromEntries(
      (Object.keys(MEASURES) as Measure[]).map((m) => [m, [MEASURES[m](low), MEASURES[m](now), MEASURES[m](high)]]),
    ) as unknown as Moved['values'];
    return { lever, values };
  });
}

/** How far a lever moves one measure, relative to what it is now (of a body: by its ratio). Nothing there: 0. */
export function reachOf(m: Moved, measure: Measure): number {
  const [low, now, high] = m.values[measure];
  if (low === null || now === null || high === null) return 0;
  const scale = Math.max(Math.abs(now), Math.abs(low), Math.abs(high), 1e-9);
  return Math.max(Math.abs(low - now), Math.abs(high - now), Math.abs(high - low)) / scale;
}
