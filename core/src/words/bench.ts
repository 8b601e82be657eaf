import { thingOf } from '../kitchen';
import type { Kit } from '../kitchen';
import { HOT_JUG_C, kindOf, stepsBefore } from '../steps';
import type { FigureName, Recipe, Stage, Step } from '../steps';
import { amountsIn, freshLines } from './amounts';
import type { Amounts } from './amounts';
import { celsius, duration, grams, join, millilitres, percent, upper } from './format';
import { plain } from '../units';
import { foodOf } from './food';
import { streamName } from './labels';
import { restOfSteps } from './benchMore';
import { anywhere, foodName, mayTaste } from './language';
import type { Instruction } from './instruction';

const HOT_JUG =
  'Hot liquid lifts the lid: half full at most, the vent open, a folded towel held over it. Start slowly.';
const PLACE = { room: 'on the worktop', fridge: 'in the fridge' } as const;
const COOL = {
  counter: 'Let it stand on the counter.',
  window: 'Stand it at the open window.',
  tray: 'Spread it on a tray, no deeper than a finger.',
  fridge: 'Stand it in the fridge, lid ajar.',
  water: 'Stand the pot in running cold water and stir.',
  waterIce: 'Stand the pot in running cold water and stir; then in ice water for the last degrees.',
  iceBath: 'Stand the pot in ice water and stir.',
} as const;
/** An open pot gives off heat and steam; a lid keeps both. */
const lidWords = ({ params: p }: Step<'cool'>): string =>
  p.vessel === 'pot' && (p.how === 'counter' || p.how === 'window')
    ? p.lid
      ? ' Put the lid on.'
      : ' Leave the lid off.'
    : '';
const HAND = {
  drip: 'Let it drip; do not squeeze.',
  gentle: 'Squeeze gently.',
  twist: 'Twist the cloth firmly.',
  press: 'Press hard, or use a press.',
  shake: 'Shake the bag and let it run; do not squeeze.',
  spoon: 'Stir and press it through with the back of a spoon.',
  pestle: 'Press it with the pestle.',
  juicer: 'Run it through the juicer, bit by bit.',
} as const;

/**
 * What to do at this task, with the figures the fold found. Food is weighed where a step first takes it; with a kit, the
 * cloth is named.
 */
export function instruction(
  step: Step,
  stage: Stage,
  task: string,
  recipe: Recipe,
  kit?: Kit,
  cupMl: number | null = null,
): Instruction {
  const a = amountsIn(cupMl);
  const f = (name: FigureName) => stage.figures[name] ?? 0;
  const words = foodOf(recipe);
  const fresh = freshFood(step, recipe, a);
  const weigh = fresh === null ? '' : `Weigh ${fresh(1)}. `;
  switch (step.kind) {
    case 'open':
      return {
        title: 'Open the nut and pare the meat',
        say: `${weigh}Crack the shell, pry the meat out and pare off the brown skin. Smell it, and taste a drop of its water first.`,
        cue: 'White all through.',
      };
    case 'sort':
      return {
        title: 'Pick over and wash',
        say: `${weigh}Take out stones and spoiled ones, wash the rest.`,
        cue: words.sorted,
      };
    case 'soak':
      return task === 'cover' ? coverWords(step, fresh?.(1) ?? 'them', a) : soakWords(step, f, words.soaked);
    case 'drain': {
      const rinse =
        step.params.rinses === 0
          ? ''
          : `, rinse ${step.params.rinses === 1 ? 'once' : `${plain(step.params.rinses)} times`}`;
      return {
        title: 'Drain and rinse',
        say: `${weigh}Throw the water away${rinse}.${stoodInWater(step, recipe) ? ` Drained, it should weigh about ${join(grams(f('solidsG')))}.` : ''}`,
        cue: soakedBefore(step, recipe) ? words.soaked : null,
      };
    }
    case 'hull':
      return {
        title: 'Slip off the skins',
        say: `${weigh}Rub them in water; float off about ${join(percent(step.params.share))} of the skins.`,
        cue: 'Skins rise and pour away.',
      };
    case 'blanch':
      return blanchWords(step, task, words.pieces, f('boilingC'), weigh, a);
    case 'grind':
      return {
        title: step.params.loads > 1 ? `Grind load ${task.slice(4)} of ${plain(step.params.loads)}` : 'Grind',
        say: `${upper(intoTheJug(step, fresh, words.pieces, f('loadShareG'), a))}. Run it ${join(duration(step.params.durationS))}. About ${join(millilitres(f('loadMl')))} in the jug.`,
        cue: words.ground,
        ...(f('startC') > HOT_JUG_C && { caution: HOT_JUG }),
      };
    case 'strain':
      return {
        title: 'Strain',
        say: `${weigh}Strain${through(step, kit)}${step.params.into === 'milk' ? '' : ` into “${streamName(step.params.into)}”`}. ${HAND[step.params.hand]} About ${join(grams(f('milkG')))} of milk should come through.`,
        cue: words.pulp,
      };
    case 'wash':
      return {
        title: 'Wash the pulp',
        say: `Work in ${a.water(step.params.waterG)} of water at ${join(celsius(step.params.waterC))} for ${join(duration(step.params.workS))}, then strain${through(step, kit)}${step.params.into === 'milk' ? '' : ` into “${streamName(step.params.into)}”`}. ${HAND[step.params.hand]} About ${join(grams(f('milkG')))} should come through.`,
        cue: 'Paler than the first.',
      };
    case 'add':
    case 'pour':
    case 'part':
    case 'stand':
      return anywhere(step, stage, recipe, weigh, a);
    case 'pool':
      return {
        title: 'Pour together',
        say: `Pour ${fresh?.(1) ?? `the ${streamName(step.params.of, recipe)}`} into the ${streamName(step.params.into, recipe)}.${step.params.of === 'heldBack' && mayTaste(stage, step.params.into) ? ' Stop by taste.' : ''}`,
        cue: null,
      };
    case 'boil':
      return boilWords(
        task,
        'Bring it to the boil',
        step.params.holdS,
        f('boilingC'),
        `${weigh}Foam climbs first; stir it down. It is not the boil.`,
      );
    case 'skim':
      return step.params.how === 'stir in'
        ? { title: 'Stir in skin and foam', say: 'Stir skin and foam back into the milk.', cue: null }
        : {
            title: 'Lift off skin and foam',
            say: `Lift off about ${join(grams(step.params.takeG))}.${step.params.how === 'keep' ? ' Lay it on a plate and put it in the fridge: it is food.' : ''}`,
            cue: null,
          };
    case 'cool':
      return {
        title: ofWhat('Cool', step, recipe),
        say: `${weigh}${COOL[step.params.how]}${lidWords(step)} Down to ${join(celsius(step.params.toC))}.${f('iceG') > 0 ? ` About ${join(grams(f('iceG')))} of ice.` : ''}`,
        cue: null,
      };
    case 'jar':
      return {
        title: ofWhat('Jar', step, recipe),
        say:
          f('jars') === 1
            ? `${weigh}Fill one jar of ${join(millilitres(f('jarMl')))} with about ${join(millilitres(f('eachMl')))}. Close it and put it in the fridge.`
            : `${weigh}Fill ${plain(f('jars'))} jars of ${join(millilitres(f('jarMl')))}, about ${join(millilitres(f('eachMl')))} in each. Close them and put them in the fridge.`,
        cue: null,
      };
    default:
      return restOfSteps(step, stage, task, recipe, weigh, a);
  }
}

/** Cooled and jarred streams that are not the plain milk are named: there may be several. */
function ofWhat(title: string, step: Step<'cool' | 'jar'>, r: Recipe): string {
  if (step.params.of === 'milk') return title;
  const ground = stepsBefore(r, step.id).some((s) => s.kind === 'grind');
  return `${title} the ${step.params.of === 'work' && ground ? 'slurry' : streamName(step.params.of, r)}`;
}

/** What comes straight from the larder at this step, in `n` shares, in words; null: it was taken before. */
function freshFood(step: Step, r: Recipe, a: Amounts): ((n: number) => string) | null {
  const lines = freshLines(step, r);
  if (lines.length === 0) return null;
  return (n) => lines.map((l) => `${a.of(l.grams / n, l.material, r)} of ${foodName(l.material, r)}`).join(' and ');
}
function intoTheJug(
  step: Step<'grind'>,
  fresh: ((n: number) => string) | null,
  pieces: string,
  shareG: number,
  a: Amounts,
): string {
  const loads = step.params.loads;
  const food = fresh?.(loads) ?? (loads > 1 ? `${join(grams(shareG))} of the ${pieces}` : `the ${pieces}`);
  const water = jugWater(step, a);
  return water === '' ? `${food}, no water besides` : `${water} with ${food}`;
}
/** Only what took up water has a weight to go by: what was just rinsed holds as much water as clings to it. */
const stoodInWater = (step: Step<'drain'>, r: Recipe): boolean =>
  stepsBefore(r, step.id).some(
    (s) =>
      ['soak', 'enzyme', 'blanch', 'absorb'].includes(s.kind) &&
      kindOf(s.kind).reads(s.params).includes(step.params.of),
  );
/** Was this stood in water, and nothing else done to it since? */
function soakedBefore(step: Step<'drain'>, r: Recipe): boolean {
  const last = stepsBefore(r, step.id).findLast((s) => kindOf(s.kind).reads(s.params).includes(step.params.of));
  return last?.kind === 'soak' || last?.kind === 'enzyme';
}
const through = (step: Step<'strain' | 'wash'>, kit: Kit | undefined): string =>
  kit ? ` through “${thingOf(kit, 'strainer', step.params.strainer).name}”` : '';
function blanchWords(
  step: Step<'blanch'>,
  task: string,
  pieces: string,
  boilingC: number,
  weigh: string,
  a: Amounts,
): Instruction {
  const p = step.params;
  if (task === 'heatUp')
    return {
      title: `Boil the ${pieces} whole`,
      say: `${weigh}Cover with ${a.water(p.waterG)} of water. Press done at the true boil, ${join(celsius(boilingC))} here.`,
      cue: 'It rolls even when you stir.',
    };
  return {
    title: 'Hold at the boil',
    say: `Keep them boiling ${join(duration(p.holdS))}; stir the foam down.`,
    cue: p.holdS >= 900 ? 'One crushes between finger and thumb.' : null,
  };
}

function coverWords(step: Step<'soak'>, food: string, a: Amounts): Instruction {
  const p = step.params;
  const water =
    p.waterG > 0
      ? `Pour ${a.water(p.waterG)} of water at ${join(celsius(p.waterC))} over ${food}.`
      : 'Leave them in their water.';
  return { title: 'Cover with water', say: `${water} Stand the bowl ${PLACE[p.place]}.`, cue: null };
}
function jugWater(step: Step<'grind'>, a: Amounts): string {
  const p = step.params;
  const water = p.waterG > 0 ? `${a.water(p.waterG / p.loads)} of fresh water at ${join(celsius(p.waterC))}` : '';
  const ice = p.iceG > 0 ? `${join(grams(p.iceG / p.loads))} of ice` : '';
  const both = [water, ice].filter((x) => x !== '').join(' and ');
  return both;
}
function soakWords(step: Step<'soak'>, f: (n: FigureName) => number, cue: string): Instruction {
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
