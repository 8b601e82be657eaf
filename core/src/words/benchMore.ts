import type { EnzymeKind, FigureName, Recipe, Stage, Step } from '../steps';
import { plain } from '../units';
import type { Amounts } from './amounts';
import { foodOf } from './food';
import { celsius, duration, grams, join } from './format';
import type { Instruction } from './instruction';
import { freezeWords } from './language';
import { maltText } from './malt';

type Rest = Step<'toast' | 'absorb' | 'enzyme' | 'mill' | 'knead' | 'heat' | 'lift' | 'dry' | 'freeze'>;
const ENZYME = { pure: 'amylase', capsules: 'enzyme' } as const;
/** Malt is weighed or spooned; what is sold as an enzyme says its dose on the pack. */
const enzymeText = (kind: EnzymeKind, doses: number): string =>
  kind === 'malt'
    ? maltText(doses)
    : `${plain(doses, Number.isInteger(doses) ? 0 : 1)} ${doses === 1 ? 'dose' : 'doses'} of ${ENZYME[kind]}`;

/** What to do at the steps that only some milks have. */
export function restOfSteps(
  step: Rest,
  stage: Stage,
  task: string,
  recipe: Recipe,
  weigh: string,
  a: Amounts,
): Instruction {
  const f = (name: FigureName) => stage.figures[name] ?? 0;
  switch (step.kind) {
    case 'toast':
      return {
        title: 'Toast dry',
        say: `${weigh}Stir in a dry pan over a middling heat, ${join(duration(step.params.durationS))}.`,
        cue: 'It smells of nuts and is a shade darker, not brown.',
      };
    case 'absorb':
      return absorbWords(step, task, f, foodOf(recipe).pieces, weigh, a);
    case 'enzyme':
      return task === 'warm'
        ? { title: 'Warm it', say: `Up to ${join(celsius(f('endC')))}, no hotter: heat kills the enzyme.`, cue: null }
        : {
            title: 'Rest with enzyme',
            say: `${weigh}Stir in ${enzymeText(step.params.with, step.params.doses)} and leave it ${join(duration(step.params.durationS))}.`,
            cue: 'It runs thinner off the spoon.',
          };
    case 'mill':
      return {
        title: 'Have it milled',
        say: `${weigh}${step.params.waterG > 0 ? `With ${a.water(step.params.waterG)} of water at ${join(celsius(step.params.waterC))}, ground` : 'Ground'} elsewhere to about ${plain(step.params.fineUm)}\u00a0µm: no grit between the fingers.`,
        cue: foodOf(recipe).ground,
      };
    case 'knead':
      return {
        title: 'Knead by hand',
        say: `${weigh}${step.params.waterG > 0 ? `Pour ${a.water(step.params.waterG)} of water at ${join(celsius(step.params.waterC))} over it. ` : ''}Squeeze and turn it ${join(duration(step.params.durationS))}.`,
        cue: 'White beads between the fingers.',
      };
    case 'heat':
      return task === 'heatUp'
        ? {
            title: 'Heat gently',
            say: `Stir all the time, up to ${join(celsius(f('endC')))}.`,
            cue: 'It steams; it does not bubble.',
          }
        : {
            title: 'Hold it there',
            say: `Keep it at ${join(celsius(f('endC')))} for ${join(duration(step.params.holdS))}.`,
            cue: 'It coats the spoon.',
          };
    case 'lift':
      return task === 'stand'
        ? {
            title: 'Stand it in the fridge',
            say: `Leave it still for ${join(duration(step.params.standS))}.`,
            cue: 'A firm white lid.',
          }
        : { title: 'Lift the fat', say: `Run a knife round and lift off about ${join(grams(f('capG')))}.`, cue: null };
    case 'dry':
      return {
        title: 'Dry in the oven',
        say: `Spread ${plain(step.params.layerCm, 1)} cm deep, oven at ${join(celsius(step.params.ovenC))}, about ${join(duration(f('dryS')))}, door ajar. Turn it now and then.`,
        cue: 'It rattles, and rubs to flour between the fingers.',
      };
    case 'freeze':
      return task === 'fill'
        ? {
            title: f('cubes') > 0 ? 'Fill the cubes' : 'Fill the boxes',
            say: freezeWords(step, f),
            cue: null,
          }
        : {
            title: 'Freeze',
            say: `Into the freezer at ${join(celsius(step.params.freezerC))}. Two months at most.`,
            cue: null,
          };
  }
}

function absorbWords(
  step: Step<'absorb'>,
  task: string,
  f: (n: FigureName) => number,
  pieces: string,
  weigh: string,
  a: Amounts,
): Instruction {
  if (task === 'heatUp')
    return {
      title: 'Bring it to the boil',
      say: `${weigh}${a.water(step.params.waterG)} of water over the ${pieces}. Press done when it boils hard.`,
      cue: 'It rolls.',
    };
  if (task === 'craters')
    return {
      title: 'Boil to craters',
      say: `Boil until no free water is left, about ${join(duration(f('cookS')))}; then the lid and the lowest heat.`,
      cue: 'Small craters all over, and no water between them.',
    };
  return {
    title: 'Rest under the lid',
    say: `Off the heat, lid on, ${join(duration(step.params.restS))}. Do not open it. It should weigh about ${join(grams(f('cookedG')))}.`,
    cue: null,
  };
}
