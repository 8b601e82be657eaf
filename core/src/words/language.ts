import { isBoiledEnough, WATER } from '../steps';
import type { FigureName, Recipe, Stage, Step } from '../steps';
import { plain } from '../units';
import type { Amounts } from './amounts';
import { celsius, duration, grams, join, millilitres, percent } from './format';
import type { Instruction } from './instruction';
import { streamName } from './labels';

/** A food as a cook names it in a sentence. */
export function foodName(id: string, r: Pick<Recipe, 'materials'>): string {
  if (id === WATER) return 'water';
  const name = r.materials.find((m) => m.id === id)?.name ?? id;
  return name.toLowerCase();
}
const WHERE = { room: 'on the worktop', fridge: 'in the fridge', freezer: 'in the freezer', other: '' } as const;

/** The adds that go in together with this one, itself the first. */
function inOneGo(step: Step<'add'>, r: Recipe): readonly Step<'add'>[] {
  const at = r.steps.findIndex((s) => s.id === step.id);
  const all: Step<'add'>[] = [step];
  for (const s of r.steps.slice(at + 1)) {
    if (s.kind !== 'add' || !s.params.together || s.params.of !== step.params.of) break;
    all.push(s);
  }
  return all.filter((s) => s.params.amountG > 0);
}
function addWords(step: Step<'add'>, stage: Stage, r: Recipe, weigh: string, a: Amounts): Instruction {
  const all = inOneGo(step, r);
  const dissolves = all.every((s) => foodStirred(s, r));
  const parts = all.map(
    (s) =>
      `${a.of(s.params.amountG, s.params.food, r)} of ${foodName(s.params.food, r)}${s.params.food === WATER ? ', boiled before and cooled,' : ''}${s.params.slaked ? ', stirred smooth in a little of it hot first' : ''}`,
  );
  const into = streamName(step.params.of, r);
  const loads = loadsAfter(step, r);
  const each =
    loads > 1 && all[0]
      ? ` That is ${a.of(all[0].params.amountG / loads, all[0].params.food, r)} for each of ${plain(loads)} loads.`
      : '';
  const what = parts.length > 0 ? parts.join(', ') : 'nothing';
  return {
    title: all.length === 1 && all[0] ? `Add ${foodName(all[0].params.food, r)}` : 'Add',
    say: `${weigh}${dissolves ? 'Stir' : 'Put'} ${what} into the ${into}${step.params.of === 'milk' && dissolves ? ', for the whole pot' : ''}.${each}`,
    cue:
      dissolves && step.params.of !== 'work' && all.some((s) => s.params.food !== WATER)
        ? tasteCue(stage, step.params.of)
        : null,
  };
}
const foodStirred = (s: Step<'add'>, r: Recipe): boolean =>
  s.params.food === WATER || r.materials.find((m) => m.id === s.params.food)?.stirredIn !== undefined;
/** May a stream be tasted once this step is done? Not while it holds raw bean, whatever milk it is to become. */
export const mayTaste = (stage: Stage, stream: string): boolean => {
  const made = stage.writes.findLast(([name]) => name === stream)?.[1];
  return !made || isBoiledEnough(made);
};
const tasteCue = (stage: Stage, stream: string): string | null =>
  mayTaste(stage, stream) ? 'Taste, then stop.' : null;
/** Loads in which what this goes into is ground next; 0: it is not ground. */
export function loadsAfter(step: Step<'add'>, r: Recipe): number {
  const at = r.steps.findIndex((s) => s.id === step.id);
  const grind = r.steps.slice(at + 1).find((s): s is Step<'grind'> => s.kind === 'grind');
  return grind?.params.of === step.params.of ? grind.params.loads : 0;
}

/** What to do at the steps that any plan may have anywhere. */
export function anywhere(
  step: Step<'add' | 'pour' | 'part' | 'stand'>,
  stage: Stage,
  recipe: Recipe,
  weigh: string,
  a: Amounts,
): Instruction {
  const f = (name: FigureName) => stage.figures[name] ?? 0;
  const name = (s: string) => streamName(s, recipe);
  switch (step.kind) {
    case 'add':
      return addWords(step, stage, recipe, weigh, a);
    case 'pour': {
      const p = step.params;
      const amount = `${a.of(p.amountG, p.liquid, recipe)} of ${foodName(p.liquid, recipe)}`;
      const fresh = !madeBefore(step, recipe);
      return {
        title: fresh ? `Set ${foodName(p.liquid, recipe)} aside` : `Pour in ${foodName(p.liquid, recipe)}`,
        say: fresh
          ? `${p.boiled ? 'Boil' : 'Measure'} ${amount} and keep it covered.`
          : `${weigh}Pour ${amount} at ${join(celsius(p.atC))}${p.boiled ? ', boiled before,' : ''} into the ${name(p.into)}.`,
        cue: null,
      };
    }
    case 'part': {
      const p = step.params;
      const left = f('leftG') > 0 ? ` The rest, about ${join(grams(f('leftG')))}, stays ${name(p.of)}.` : '';
      const whole = f('leftG') + f('pouredG');
      const parts = p.parts.map(
        (x) => `${join(percent(x.share))}, about ${join(grams(whole * x.share))}, into “${name(x.name)}”`,
      );
      return {
        title: p.parts.length > 1 ? `Part into ${plain(p.parts.length)}` : 'Set a part aside',
        say: `${weigh}Of the ${name(p.of)} pour ${parts.join('; ')}.${left}`,
        cue: null,
      };
    }
    case 'stand': {
      const p = step.params;
      const where = p.place === 'other' ? `at ${join(celsius(p.placeC))}` : WHERE[p.place];
      return {
        title: 'Let it stand',
        say: `${weigh}Leave the ${name(p.of)} ${join(duration(p.durationS))} ${where}. It comes to about ${join(celsius(f('endC')))}.`,
        cue: null,
      };
    }
  }
}
function madeBefore(step: Step<'pour'>, r: Recipe): boolean {
  const at = r.steps.findIndex((s) => s.id === step.id);
  const { into } = step.params;
  return (
    r.larder.some((l) => l.into === into) ||
    r.steps.slice(0, at).some((s) => Object.values(s.params as Record<string, unknown>).includes(into))
  );
}
/** The boxes or cubes to fill for the freezer. */
export function freezeWords(step: Step<'freeze'>, f: (n: FigureName) => number): string {
  const boxes = `${plain(f('jars'))} ${f('jars') === 1 ? 'box' : 'boxes'}`;
  return f('cubes') > 0
    ? `Fill ${plain(f('cubes'))} cubes of ${join(millilitres(step.params.cubeMl))}; once they are hard, they go into ${boxes}.`
    : `Fill ${boxes}, about ${join(millilitres(f('eachMl')))} in each; ice needs the room above.`;
}
