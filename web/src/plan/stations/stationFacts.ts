import type { Look } from '@ironpan/core/questions';
import { kindOf, KINDS, paramOf } from '@ironpan/core/steps';
import type { Kind, Recipe, Run, Step } from '@ironpan/core/steps';
import { celsius, duration, foodName, grams, join, millilitres, percent } from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';

/** A parameter that a station always shows. */
export interface MainValue {
  readonly step: Step;
  readonly param: string;
  readonly label: string;
}
const SHOWN = 2;

/** The two values of each station that decide most, as the kinds of its steps say; the food belongs to the first station. */
export function mainValues(run: Run, r: Recipe): readonly MainValue[] {
  const used = new Set(run.steps.map((s) => s.kind));
  return KINDS.filter((k) => used.has(k))
    .flatMap((k) => (kindOf(k).main ?? []).map((m) => ({ ...m, kind: k })))
    .sort((a, b) => b.weight - a.weight)
    .flatMap(({ kind, param, label, first, ifSome }): MainValue[] => {
      const of = run.steps.filter((s) => s.kind === kind);
      const step = first ? of[0] : of.at(-1);
      const value = step && paramOf(step, param);
      const named = step && (step.kind === 'add' || step.kind === 'pour') ? ownLabel(step, r) : label;
      return step && (!ifSome || (typeof value === 'number' && value > 0)) ? [{ step, param, label: named }] : [];
    })
    .slice(0, SHOWN);
}
/** What is added or poured is called by its name. */
const ownLabel = (s: Step<'add' | 'pour'>, r: Recipe): string =>
  foodName(s.kind === 'add' ? s.params.food : s.params.liquid, r);

interface Fact {
  readonly label: string;
  readonly text: string;
}
type Figures = Readonly<Record<string, number>>;
const has = (f: Figures, name: string): boolean => f[name] !== undefined;
/** The figure a cook looks for, by kind of step; the first in this order that has one speaks for its station. */
const FACTS: Readonly<Partial<Record<Kind, (f: Figures, s: Step) => Fact | null>>> = {
  enzyme: (f) => ({ label: 'slime cut', text: join(percent(f.glucanCut ?? 0)) }),
  soak: (f) =>
    (f.flakes ?? 0) > 0 || !has(f, 'uptakeShare')
      ? null
      : { label: 'drunk by then', text: `${join(percent(f.uptakeShare ?? 0))} of full` },
  drain: (f) => ({ label: 'drained', text: join(grams(f.solidsG ?? 0)) }),
  blanch: (f) => ({ label: 'drained', text: join(grams(f.solidsG ?? 0)) }),
  sort: (f) => ({ label: 'picked over', text: join(grams(f.keptG ?? 0)) }),
  grind: (f, s) => ({
    label: `in the jug, ends at ${join(celsius(f.endC ?? 0))}`,
    text: `${s.kind === 'grind' ? plain(s.params.loads) : '1'} × ${join(millilitres(f.loadMl ?? 0))}`,
  }),
  knead: (f) => ({ label: 'opened', text: join(percent(f.openedShare ?? 0)) }),
  strain: (f) => ({
    label: 'comes through',
    text: `${join(grams(f.milkG ?? 0))}, ${join(percent(f.milkSolids ?? 0))}`,
  }),
  absorb: (f) => ({ label: 'cooked', text: join(grams(f.cookedG ?? 0)) }),
  boil: (f) =>
    has(f, 'inhibitorLeft')
      ? {
          label: 'inhibitor left',
          text: `${join(percent(f.inhibitorLeft ?? 0))}, goal ${join(percent(f.inhibitorGoal ?? 0))}`,
        }
      : { label: 'to the boil', text: join(duration(f.heatUpS ?? 0)) },
  heat: (f) => ({ label: 'takes', text: join(duration(f.heatUpS ?? 0)) }),
  dry: (f) => ({ label: 'dry after', text: join(duration(f.dryS ?? 0)) }),
  cool: (f) => (has(f, 'coolS') ? { label: 'cold after', text: join(duration(f.coolS ?? 0)) } : null),
  jar: (f) => ({ label: 'fills', text: `${plain(f.jars ?? 0)} × ${join(millilitres(f.eachMl ?? 0))}` }),
  freeze: (f) => ({ label: 'fills', text: `${plain(f.jars ?? 0)} × ${join(millilitres(f.eachMl ?? 0))}` }),
};

/** What the fold says of a station, short: the figure a cook looks for there. Nothing to be said: null. */
export function stationFact(run: Run, look: Look): Fact | null {
  for (const kind of Object.keys(FACTS) as Kind[]) {
    const of = run.steps.filter((s) => s.kind === kind);
    const step = kind === 'strain' ? of[0] : of.at(-1);
    const figures = look.outcome.stages.find((s) => s.step === step?.id)?.figures;
    const fact = step && figures ? FACTS[kind]?.(figures, step) : null;
    if (fact) return fact;
  }
  return null;
}
