import type { FigureName, Recipe, Stage, Step } from '../steps';
import { plain } from '../units';
import { amountsIn, freshLines } from './amounts';
import type { Amounts } from './amounts';
import { celsius, duration, grams, join, millilitres, percent } from './format';
import { foodName } from './language';

type Of = (name: FigureName) => number;

/**
 * How much, how hot or how long, and nothing else: what is read from two metres while the hands are busy. Per load where
 * there are several. Empty: nothing to measure.
 */
export function muchOf(
  step: Step,
  stage: Stage,
  task: string,
  recipe: Recipe,
  cupMl: number | null = null,
): readonly string[] {
  const a = amountsIn(cupMl);
  const f: Of = (name) => stage.figures[name] ?? 0;
  const first = stage.tasks[0]?.id === task;
  const loads = step.kind === 'grind' ? step.params.loads : 1;
  const fresh =
    first || step.kind === 'grind'
      ? freshLines(step, recipe).map(
          (l) => `${a.of(l.grams / loads, l.material, recipe)} ${foodName(l.material, recipe)}`,
        )
      : [];
  return [...fresh, ...own(step, task, f, recipe, a).filter((x) => x !== null)];
}
const water = (g: number, a: Amounts, what = 'water'): string | null => (g > 0 ? `${a.water(g)} ${what}` : null);
const long = (s: number): string | null => (s > 0 ? join(duration(s)) : null);

/** What the step itself brings to it. */
function own(step: Step, task: string, f: Of, recipe: Recipe, a: Amounts): readonly (string | null)[] {
  switch (step.kind) {
    case 'soak':
      return task === 'cover' ? [water(step.params.waterG, a)] : [long(step.params.durationS)];
    case 'drain':
      return [step.params.rinses > 0 ? `rinse ${plain(step.params.rinses)} ×` : null];
    case 'hull':
      return [`${join(percent(step.params.share))} of the skins`];
    case 'blanch':
      return task === 'heatUp' ? [water(step.params.waterG, a), toBoil(f)] : [long(step.params.holdS)];
    case 'toast':
      return [long(step.params.durationS)];
    case 'absorb':
      if (task === 'heatUp') return [water(step.params.waterG, a)];
      return [long(task === 'rest' ? step.params.restS : f('cookS'))];
    case 'enzyme':
      return [task === 'warm' ? `to ${join(celsius(f('endC')))}` : long(step.params.durationS)];
    case 'grind':
      return [
        water(step.params.waterG / step.params.loads, a),
        step.params.iceG > 0 ? `${join(grams(step.params.iceG / step.params.loads))} ice` : null,
        long(step.params.durationS),
      ];
    case 'mill':
      return [water(step.params.waterG, a)];
    case 'knead':
      return [water(step.params.waterG, a), long(step.params.durationS)];
    case 'wash':
      return [water(step.params.waterG, a), long(step.params.workS)];
    case 'add':
      return [`${a.of(step.params.amountG, step.params.food, recipe)} ${foodName(step.params.food, recipe)}`];
    case 'pour':
      return [`${a.of(step.params.amountG, step.params.liquid, recipe)} ${foodName(step.params.liquid, recipe)}`];
    case 'boil':
      return [task === 'heatUp' ? toBoil(f) : long(step.params.holdS)];
    case 'heat':
      return [
        `${task === 'heatUp' ? 'to ' : ''}${join(celsius(f('endC')))}`,
        task === 'hold' ? long(step.params.holdS) : null,
      ];
    case 'skim':
      return [step.params.how === 'stir in' || step.params.takeG <= 0 ? null : join(grams(step.params.takeG))];
    case 'cool':
      return [`to ${join(celsius(step.params.toC))}`, f('iceG') > 0 ? `${join(grams(f('iceG')))} ice` : null];
    case 'lift':
      return [task === 'stand' ? long(step.params.standS) : `about ${join(grams(f('capG')))}`];
    case 'dry':
      return [join(celsius(step.params.ovenC)), long(f('dryS'))];
    case 'stand':
      return [long(step.params.durationS)];
    case 'jar':
      return [`${plain(f('jars'))} × ${join(millilitres(f('eachMl')))}`];
    case 'freeze':
      return task === 'fill' && f('cubes') === 0 ? [`${plain(f('jars'))} × ${join(millilitres(f('eachMl')))}`] : [];
    case 'strain':
      return [f('milkG') > 0 ? `about ${join(grams(f('milkG')))} through` : null];
    case 'open':
    case 'sort':
    case 'part':
    case 'pool':
      return [];
  }
}
const toBoil = (f: Of): string => `to ${join(celsius(f('boilingC')))}`;
