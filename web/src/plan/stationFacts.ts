import type { Look } from '@ironpan/core/batch';
import { kindOf } from '@ironpan/core/steps';
import type { Recipe, Stage, Station, Step } from '@ironpan/core/steps';
import { duration, grams, join, millilitres, percent } from '@ironpan/core/words';

/** A parameter that a station always shows. */
export interface MainValue {
  readonly step: Step;
  readonly param: string;
  readonly label: string;
}
const last = (r: Recipe, ...kinds: readonly Step['kind'][]): Step | undefined =>
  r.steps.findLast((s) => kinds.includes(s.kind));
const value = (step: Step | undefined, param: string, label: string): MainValue[] =>
  step ? [{ step, param, label }] : [];

/** The two values of each station that decide most; the beans themselves belong to the soak. */
export function mainValues(r: Recipe, station: Station): readonly MainValue[] {
  switch (station) {
    case 'soak': {
      const soak = last(r, 'soak');
      return soak ? value(soak, 'durationS', 'soak for') : value(last(r, 'blanch'), 'holdS', 'boil for');
    }
    case 'grind':
      return [
        ...value(last(r, 'grind'), 'waterG', 'fresh water'),
        ...value(last(r, 'grind'), 'durationS', 'each load'),
      ];
    case 'strain':
      return [
        ...value(last(r, 'strain'), 'hand', 'how hard'),
        ...value(r.steps.find((s) => s.kind === 'wash') ?? undefined, 'waterG', 'wash with'),
      ];
    case 'cook':
      return [...value(last(r, 'boil'), 'holdS', 'hold at the boil'), ...value(last(r, 'cool'), 'how', 'cool in')];
    case 'jar':
      return [...value(last(r, 'finish'), 'saltG', 'salt'), ...value(last(r, 'jar'), 'jar', 'into')];
  }
}

/** What the fold says of a station, short: the figure a cook looks for there. */
export function stationFact(
  r: Recipe,
  look: Look,
  station: Station,
): { readonly label: string; readonly text: string } | null {
  const stage = (step: Step | undefined): Stage | undefined => look.outcome.stages.find((s) => s.step === step?.id);
  const f = (step: Step | undefined, name: string): number | undefined => stage(step)?.figures[name];
  switch (station) {
    case 'soak': {
      const soak = last(r, 'soak');
      const up = f(soak, 'uptakeShare');
      if (up !== undefined) return { label: 'drunk by then', text: `${join(percent(up))} of full` };
      const g = f(last(r, 'drain', 'blanch'), 'solidsG');
      return g === undefined ? null : { label: 'drained', text: join(grams(g)) };
    }
    case 'grind': {
      const g = last(r, 'grind');
      const ml = f(g, 'loadMl');
      return ml === undefined || g?.kind !== 'grind'
        ? null
        : { label: 'in the jug', text: `${g.params.loads} × ${join(millilitres(ml))}` };
    }
    case 'strain': {
      const s = last(r, 'strain');
      const g = f(s, 'milkG');
      return g === undefined
        ? null
        : { label: 'first milk', text: `${join(grams(g))}, ${join(percent(f(s, 'milkSolids') ?? 0))}` };
    }
    case 'cook': {
      const b = last(r, 'boil');
      const left = f(b, 'inhibitorLeft');
      if (left !== undefined)
        return {
          label: 'inhibitor left',
          text: `${join(percent(left))}, goal ${join(percent(f(b, 'inhibitorGoal') ?? 0.2))}`,
        };
      const up = f(b, 'heatUpS');
      return up === undefined ? null : { label: 'to the boil', text: join(duration(up)) };
    }
    case 'jar': {
      const n = f(last(r, 'jar'), 'jars');
      return n === undefined
        ? null
        : { label: 'fills', text: `${n} × ${join(millilitres(f(last(r, 'jar'), 'eachMl') ?? 0))}` };
    }
  }
}
export const stepsAt = (r: Recipe, station: Station): readonly Step[] =>
  r.steps.filter((s) => kindOf(s.kind).station === station);
