import type { RescueEdit, Trouble } from '../batch';
import type { RescueLine, RescueMeasure, RescueMove } from '../questions';
import { kindOf } from '../steps';
import type { Recipe, Step } from '../steps';
import { figureText, join, millilitres, percent, upper } from './format';
import { maltText } from './malt';
import { bodyText, MEASURE_NAMES, measureText } from './measures';
import { saidText, stepText, stepTitle } from './stepText';

/** What went wrong, as a cook says it. */
export const TROUBLE_NAMES: Readonly<Record<Trouble, string>> = {
  tooThin: 'too thin',
  tooThick: 'too thick',
  slimy: 'slimy',
  gritty: 'gritty',
  beany: 'beany',
  notSweet: 'not sweet',
  tooSweet: 'too sweet',
  tooSalty: 'too salty',
  curdled: 'curdled',
  split: 'split in layers',
  short: 'too little of it',
  scorched: 'scorched',
  boiledOver: 'boiled over',
  stalled: 'the jug is stuck',
  bagBurst: 'the cloth burst',
  soakForgotten: 'the soak was forgotten',
  interrupted: 'called away',
  powerGone: 'no power',
  notBoiled: 'not boiled long enough',
};

type Say = (f: (name: string) => string, named: string, value: (name: string) => number) => string;
/** What can be done, as the words on its button or in a list. `named`: the food or the cloth it speaks of. */
const SENTENCES: Readonly<Record<string, Say>> = {
  stirInWater: (f) => `Stir in ${f('addG')} of water, boiled before`,
  'lessWater:grind': (f) => `Take ${f('toG')} of water in the jug instead of ${f('nowG')}`,
  'lessWater:wash': (f) => `Wash the pulp with ${f('toG')} of water instead of ${f('nowG')}`,
  'lessWater:pour': (f) => `Of the water held back pour ${f('toG')} instead of ${f('nowG')}`,
  'lessWater:knead': (f) => `Knead with ${f('toG')} of water instead of ${f('nowG')}`,
  'lessWater:mill': (f) => `Have it milled with ${f('toG')} of water instead of ${f('nowG')}`,
  'moreWater:wash': (f) => `Wash the pulp with ${f('moreG')} more, ${f('toG')} of water`,
  'moreWater:pour': (f) => `Pour ${f('moreG')} more, ${f('toG')} of water`,
  moreFood: (f, named) => `Grind ${f('addG')} more of ${named} into it, and strain`,
  boilLonger: (f) => `Boil it ${f('moreS')} longer, ${f('toS')} in all`,
  backToHeat: (f) => `Back to the heat: ${f('moreS')} more at a rolling boil`,
  boilAgain: (f) => `Boil it once more, ${f('holdS')}, and cool it again`,
  letDrip: () => 'Let the rest drip; do not squeeze',
  malt: (f, _, value) => `Stir in ${maltText(value('doses'))} and leave it ${f('forS')} at ${f('atC')}`,
  maltWorksOn: () =>
    'Malt goes on working until the milk is cold: cool it as soon as it is right. Malt is barley: gluten.',
  turnDown: () => 'Turn the heat down: a gentle boil from here on',
  strainAgain: (_, named) => `Strain it once more through “${named}”, gently`,
  strainFlakes: (_, named) => `Strain the dark flakes out through “${named}”`,
  otherStrainer: (_, named) => `Strain the rest through “${named}”`,
  washAgain: (f) => `Wash the pulp once more with ${f('addG')} of water`,
  pressAgain: () => 'Press the pulp once more, hard',
  blendCurd: (f) => `Blend it ${f('forS')}: fine curds go back in`,
  blendSplit: (f) => `Blend it ${f('forS')} once more`,
  sweeten: (f, named) => `Stir in ${f('addG')} of ${named}`,
  waterFromLater: (f) => `${f('addG')} more water in the jug, and as much less later`,
  waterToJug: (f) => `${f('addG')} more water in the jug`,
  moreLoads: (f) => `Grind in ${f('loads')} smaller loads`,
  coolAndKeep: (f) => `Into ice water now, then into the fridge for ${f('forS')}`,
  keepOverNight: (f) => `Into the fridge for ${f('forS')}`,
  soakInFridge: (f) => `Put them in the fridge in their water, ${f('toS')} in all`,
  rinseThree: () => 'Rinse them three times when you drain',
  boilWhole: (f) => `No soak: boil them whole for ${f('forS')}, then drain and grind`,

  glassWater: (f) => `Stir ${f('addG')} of water into each 100 g as you pour it.`,
  glassSugar: (f) => `Stir ${f('addG')} of sugar into each 100 g as you pour it.`,
  mixStronger: () => 'Mix it with a stronger one: Pour it over, into a jar that stands there.',
  sieveGlass: () => 'Pour it through a tea strainer, and leave the last finger in the jar.',
  warmFat: (f) =>
    `Its fat has set: stand the jar in warm water until it is at ${f('toC')}, then shake. Back into the cold at once.`,
  waterStays: () =>
    'Water that is in it stays in it: this milk is not for boiling down. Use it thin, for porridge or dough.',
  holdBack: () =>
    'Hold back a fifth of the water and stir it in at the end, a little at a time. You can add water but not take it out.',
  coldThickens: () => 'It thickens as it stands cold: judge it from the fridge, not from the jug.',
  slimeStays: () => 'What is slippery is dissolved: no cloth takes it out, and squeezing brings more. Good for baking.',
  leaveFinger: () => 'Or let it stand an hour and leave the last finger in the jar.',
  hideBeany: () => 'A pinch of salt, vanilla or something sweet hides it; it does not take it out.',
  beanyStays: () => 'What the raw bean’s enzyme made in the jug goes off only slowly at an open boil.',
  sweetClots: () => 'Soy: let it cool first. A sour syrup clots it while it is hot.',
  mixPlain: () => 'Or mix it with a plain milk: half and half halves it.',
  sweetByTaste: () => 'Stir in half of it first, then a little at a time. Cold milk seems less sweet than warm milk.',
  saltByTaste: () => 'Stir in half a gram a litre first, then a little at a time.',
  sourThrow: () => 'If it smells sour, or stood warm for more than two hours, throw it away: nothing mends that.',
  asCurd: () => 'Or go on that way: warm it, let it clot, press it in a cloth. Curd of soy is food.',
  curdStays: () => 'Once clotted through it does not become smooth milk again.',
  coolBeforeSour: () => 'Anything sour or a raw syrup only once it has cooled; salt after the boil.',
  heatGently: () => 'Heat it gently, stirring, and stop before it boils.',
  shakeIt: () => 'Layers are as it is: nothing in it holds them together. Shake it before you pour.',
  notShort: (f) =>
    `By what was poured and weighed it comes to ${f('ml')}, and ${f('wantMl')} were promised: nothing is missing.`,
  shortStays: () => 'Nothing that is still to come can bring it back without watering it down.',
  cleanPot: () => 'Off the heat. Do not scrape: pour it into a clean pot and leave what sticks. Go on there, stirring.',
  scorchStays: () =>
    'A burnt taste does not go away. Taste the milk before you add anything. Cocoa hides a little of it.',
  scorchStaysRaw: () => 'A burnt flavour does not go away. Cocoa hides a little of it.',
  stirBottom: () => 'Stir along the bottom from the start, on less heat; a thick pot, and no sugar before the boil.',
  offTheHob: () =>
    'Off the heat until the foam falls, then on again lower, a spoon across the pot. Wipe the hob when it is cold.',
  potTwoThirds: (f) => `A pot no more than ${f('of')} full, and an eye on it from 75 °C on.`,
  freeBlades: () =>
    'Stop and pull the plug. Push it down with a spoon, then short pulses; two minutes’ rest if the jug is warm.',
  waterFirst: () => 'Water first, then the food, a little at a time.',
  pulpInMilk: () => 'Pulp is in the milk: once more through another cloth takes it out.',
  halfABag: () => 'Fill a cloth no more than half, and twist it slowly.',
  boilGoesOn: (f) =>
    `${f('ranS')} at the boil count. Bring it back to a rolling boil, then go on: press Pause while it is off.`,
  runsOn: () => 'What runs goes on by itself: the bench counts the time it truly took.',
  dryWaits: () => 'Nothing is wet yet: it waits as long as you like.',
  wholeWaits: (f) =>
    `They are whole: in their water they may wait ${f('leftS')} more in the room, longer in the fridge.`,
  wholeOver: () =>
    'They have stood in water as long as they may. Sour, slimy or foaming: throw them away. Else drain, rinse and go on at once.',
  throwOut: (f) =>
    `It has stood ${f('forS')} and is at ${f('nowC')}. ${f('mostS')} out of the cold is the most: throw it away. Boiling does not make it safe again.`,
  stillHot: (f) =>
    `It is still at ${f('nowC')}: with the lid on it stays hot ${f('leftS')} more. Go on within that, or cool it in ice.`,
  goOnWithin: (f) =>
    `It has stood ${f('forS')} and is at ${f('nowC')}: it may stand ${f('leftS')} more. Go on now, or cool it.`,
  fridgeShut: (f) => `A fridge that stays shut is cold for about ${f('forS')}. After that, two hours.`,
  rawSoyWaits: () => 'Do not taste raw soy. In the fridge it keeps until tomorrow; boil it then.',
  soakNow: (f) => `Or begin the soak now: ${f('forS')}.`,
  soakLeft: (f) => `They have soaked ${f('forS')}; ${f('longestS')} is the longest here: ${f('leftS')} are left.`,
  soakOver: (f) =>
    `They have soaked ${f('forS')}; ${f('longestS')} is the longest here. Sour, slimy, foaming or pink: throw them away. Else drain, rinse well and go on at once.`,
  boilCounts: () => 'Count the minutes from the rolling boil. Foam is not the boil.',
  boilAhead: () => 'Nothing to change: the boil that is still to come is long enough.',
  nothingNow: () => 'By what was poured and timed there is nothing to mend now.',
};
/** A move or a piece of advice in words. A code without: RangeError. */
export function rescueText(l: RescueLine): string {
  const say = SENTENCES[l.say];
  if (!say) throw new RangeError(`no words for the rescue "${l.say}"`);
  return say(
    (name) => figureText(l.figures[name]),
    l.named ?? '',
    (name) => l.figures[name]?.value ?? 0,
  );
}
const nameOfMeasure = (of: RescueMeasure): string => (of === 'sugars' || of === 'salt' ? of : MEASURE_NAMES[of]);
const valueOf = (of: RescueMeasure, x: number | null): string =>
  of === 'sugars' || of === 'salt'
    ? join({ ...percent(x ?? 0), n: (100 * (x ?? 0)).toFixed(of === 'salt' ? 2 : 1) })
    : join(measureText(of, x));
/** "strength 5.3 % → 6.4 %. Then creamy, 6.4 % solids, 651 ml." */
export function rescueThen(m: RescueMove): string {
  const moved =
    m.of === null
      ? ''
      : `${upper(nameOfMeasure(m.of))} ${valueOf(m.of, m.before)} → ${valueOf(m.of, m.after)}${m.reached ? '' : ', not enough by itself'}. `;
  const body = m.main.body ? `${bodyText(m.main.body)}, ` : '';
  return `${moved}Then ${body}${join(percent(m.main.solids ?? 0))} solids, ${join(millilitres(m.volumeMl))}.`;
}
/** What a rescue changed, in few words: “Add water: soy milk, 60 g”. `steps`: all that the batch has or had. */
export function rescueDone(edits: readonly RescueEdit[], r: Recipe, steps: readonly Step[]): string {
  const named = (id: string): Step | undefined => steps.find((s) => s.id === id);
  const parts = edits.flatMap((e): string[] => {
    const step = e.do === 'set' || e.do === 'remove' ? named(e.step) : undefined;
    if (e.do === 'insert') return [`${stepTitle(e.step, r)}: ${stepText(e.step, r)}`];
    if (e.do === 'remove') return step ? [`without ${kindOf(step.kind).label.toLowerCase()}`] : [];
    return e.do === 'set' && step ? [saidText(step.kind, { [e.param]: e.value })] : [];
  });
  return parts.join('; ');
}
