import type { Recipe, Stage, Step } from '../steps';
import { celsius, duration, grams, join, millilitres, percent } from './format';
import { plain } from '../units';
import { foodOf } from './food';
import { streamName } from './labels';
import { restOfSteps } from './benchMore';

/** One task at the bench: a big word, what to do, what to look for. */
export interface Instruction {
  readonly title: string;
  readonly say: string;
  readonly cue: string | null;
}

const PLACE = { room: 'on the worktop', fridge: 'in the fridge' } as const;
const COOL = {
  counter: 'Let it stand on the counter, lid ajar.',
  tray: 'Spread it on a tray, no deeper than a finger.',
  fridge: 'Stand it in the fridge, lid ajar.',
  water: 'Stand the pot in running cold water and stir.',
  iceBath: 'Stand the pot in ice water and stir.',
} as const;
const HAND = {
  drip: 'Let it drip; do not squeeze.',
  gentle: 'Squeeze gently.',
  twist: 'Twist the cloth firmly.',
  press: 'Press hard, or use a press.',
} as const;

/** What to do at this task, with the figures the fold found. */
export function instruction(step: Step, stage: Stage, task: string, recipe: Recipe): Instruction {
  const f = (name: string) => stage.figures[name] ?? 0;
  const words = foodOf(recipe);
  const food = recipe.larder.map((l) => `${join(grams(l.grams))} of ${nameOf(l.material, recipe)}`).join(' and ');
  switch (step.kind) {
    case 'sort':
      return {
        title: 'Pick over and wash',
        say: `Weigh ${food}. Take out stones and spoiled ones, wash the rest.`,
        cue: words.sorted,
      };
    case 'soak':
      return task === 'cover' ? coverWords(step) : soakWords(step, f, words.soaked);
    case 'drain': {
      const rinse =
        step.params.rinses === 0
          ? ''
          : `, rinse ${step.params.rinses === 1 ? 'once' : `${plain(step.params.rinses)} times`}`;
      return {
        title: 'Drain and rinse',
        say: `Throw the water away${rinse}. Drained, it should weigh about ${join(grams(f('solidsG')))}.`,
        cue: words.soaked,
      };
    }
    case 'hull':
      return {
        title: 'Slip off the skins',
        say: `Rub them in water; float off about ${join(percent(step.params.share))} of the skins.`,
        cue: 'Skins rise and pour away.',
      };
    case 'blanch':
      return boilWords(
        task,
        `Boil the ${words.pieces} whole`,
        step.params.holdS,
        f('boilingC'),
        `Cover with ${join(grams(step.params.waterG))} of water.`,
      );
    case 'grind':
      return {
        title: step.params.loads > 1 ? `Grind load ${task.slice(4)} of ${plain(step.params.loads)}` : 'Grind',
        say: `${jugWater(step)} with ${step.params.loads > 1 ? `this share of the ${words.pieces}` : `the ${words.pieces}`}, ${join(duration(step.params.durationS))}. About ${join(millilitres(f('loadMl')))} in the jug.`,
        cue: words.ground,
      };
    case 'strain':
      return {
        title: 'Strain',
        say: `${HAND[step.params.hand]} About ${join(grams(f('milkG')))} of milk should come through${step.params.into === 'milk' ? '' : `, into “${streamName(step.params.into)}”`}.`,
        cue: words.pulp,
      };
    case 'wash':
      return {
        title: 'Wash the pulp',
        say: `Work in ${join(grams(step.params.waterG))} of water at ${join(celsius(step.params.waterC))} for ${join(duration(step.params.workS))}, then strain${step.params.into === 'milk' ? '' : ` into “${streamName(step.params.into)}”`}. ${HAND[step.params.hand]} About ${join(grams(f('milkG')))} should come through.`,
        cue: 'Paler than the first.',
      };
    case 'holdBack':
      return {
        title: 'Set water aside',
        say: `${step.params.boiled ? 'Boil' : 'Measure'} ${join(grams(step.params.waterG))} of water and keep it covered.`,
        cue: null,
      };
    case 'pool':
      return {
        title: 'Pour together',
        say: `Pour the ${streamName(step.params.of, recipe)} into the ${streamName(step.params.into, recipe)}.${step.params.of === 'heldBack' ? ' Stop by taste.' : ''}`,
        cue: null,
      };
    case 'boil':
      return boilWords(
        task,
        'Bring it to the boil',
        step.params.holdS,
        f('boilingC'),
        'Foam climbs first; stir it down. It is not the boil.',
      );
    case 'skim':
      return step.params.how === 'stir in'
        ? { title: 'Stir in skin and foam', say: 'Stir skin and foam back into the milk.', cue: null }
        : { title: 'Lift off skin and foam', say: `Lift off about ${join(grams(step.params.takeG))}.`, cue: null };
    case 'cool':
      return {
        title: 'Cool',
        say: `${COOL[step.params.how]} Down to ${join(celsius(step.params.toC))}.${f('iceG') > 0 ? ` About ${join(grams(f('iceG')))} of ice.` : ''}`,
        cue: null,
      };
    case 'finish':
      return {
        title: 'Finish',
        say: `Stir in ${finishWords(step)}.`,
        cue: foodOf(recipe).pieces === 'beans' ? 'Taste it, once it has boiled.' : 'Taste, then stop.',
      };
    case 'jar':
      return {
        title: 'Jar',
        say: `Fill ${plain(f('jars'))} ${f('jars') === 1 ? 'jar' : 'jars'} of ${join(millilitres(f('jarMl')))}, about ${join(millilitres(f('eachMl')))} in each. Close and put ${f('jars') === 1 ? 'it' : 'them'} in the fridge.`,
        cue: null,
      };
    case 'keep':
      return { title: 'Keep', say: `Keep it at ${join(celsius(step.params.placeC))}.`, cue: null };
    default:
      return restOfSteps(step, stage, task, recipe);
  }
}

function nameOf(id: string, r: Recipe): string {
  const name = r.materials.find((m) => m.id === id)?.name ?? id;
  return name.toLowerCase();
}
function coverWords(step: Step<'soak'>): Instruction {
  const p = step.params;
  const water =
    p.waterG > 0
      ? `Pour ${join(grams(p.waterG))} of water at ${join(celsius(p.waterC))} over them.`
      : 'Leave them in their water.';
  return { title: 'Cover with water', say: `${water} Stand the bowl ${PLACE[p.place]}.`, cue: null };
}
function jugWater(step: Step<'grind'>): string {
  const p = step.params;
  const water = p.waterG > 0 ? `${join(grams(p.waterG / p.loads))} of fresh water at ${join(celsius(p.waterC))}` : '';
  const ice = p.iceG > 0 ? `${join(grams(p.iceG / p.loads))} of ice` : '';
  const both = [water, ice].filter((x) => x !== '').join(' and ');
  return both === '' ? 'No water' : both;
}
function soakWords(step: Step<'soak'>, f: (n: string) => number, cue: string): Instruction {
  return {
    title: 'Soak',
    say: `${join(duration(step.params.durationS))} ${PLACE[step.params.place]}. By then they have drunk ${join(percent(f('uptakeShare')))} of what they can hold.`,
    cue,
  };
}
function boilWords(task: string, title: string, holdS: number, boilingC: number, first: string): Instruction {
  return task === 'heatUp'
    ? {
        title,
        say: `${first} Press done at the true boil, ${join(celsius(boilingC))} here.`,
        cue: 'It rolls even when you stir.',
      }
    : {
        title: 'Hold at the boil',
        say: `Keep it boiling ${join(duration(holdS))}, stirring along the bottom. Skin on top is fine.`,
        cue: 'White turns to cream and smells sweet.',
      };
}
const SYRUP = {
  none: '',
  honey: 'honey',
  maple: 'maple syrup',
  agave: 'agave syrup',
  dates: 'date flesh',
  glucose: 'glucose syrup',
  other: 'syrup',
} as const;
function finishWords(step: Step<'finish'>): string {
  const p = step.params;
  const part = (g: number, what: string): string => (g > 0 ? `${join(grams(g))} of ${what}` : '');
  const slaked = p.slakeG > 0 ? `cocoa, slaked in ${join(grams(p.slakeG))} of hot water first` : 'cocoa, slaked first';
  const parts = [
    part(p.saltG, 'salt'),
    part(p.sugarG, 'sugar'),
    part(p.syrup === 'none' ? 0 : p.syrupG, SYRUP[p.syrup]),
    part(p.vanillaG, 'vanilla'),
    part(p.cocoaG, slaked),
  ].filter((x) => x !== '');
  return parts.length > 0 ? `${parts.join(', ')}, for the whole pot` : 'nothing';
}
