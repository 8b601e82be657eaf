import { MAY_HOLD_GLUTEN } from './allergens';
import type { Fix, Warning } from '../checks';
import { figureText } from './format';
import { streamName } from './labels';

const ALLERGEN = 'allergen:';
type Say = (f: (name: string) => string, w: Warning) => string;
/** Said in the plan, and at the step that begins with the nut. */
export const OPENING = 'Opening and grating: blade away from the hand, the nut on a cloth, fingers off the grater.';

/** One sentence a check: what is wrong, with the computed figure, and what to do. */
const SENTENCES: Readonly<Record<string, Say>> = {
  noFood: () => 'There is no food in this plan. Say how much you take.',
  nothingThrough: (f) =>
    `Nothing runs through: there are ${f('liquidG')} of liquid and the pulp alone holds ${f('holdsG')}. Add water.`,
  pressedSlime: (f) =>
    `Pressed this hard the slime comes too: it makes the milk ${f('times')} times as thick. Press gently.`,
  iceLeft: (f) =>
    `${f('leftG')} of the ice is still ice when it is strained: it stays in the bag. Let it melt first, or take less.`,
  setsInCloth: () =>
    'The slurry sets like porridge, so hardly any of it runs through the cloth. Use cooler water or less food per litre.',
  stillFrozen: () => 'The milk is still frozen. Let it thaw in the fridge first.',
  soakTooShort: (f) =>
    `They will have drunk ${f('uptakeShare')} of what they can hold at ${f('aroundC')}. Soak them longer.`,
  soakTooLong: (f) =>
    `${f('soakS')} at ${f('aroundC')} is past the longest soak, ${f('longestS')}: the water begins to ferment.`,
  soakTooWarm: (f) =>
    `At ${f('aroundC')} they may stand ${f('longestS')} at most, less than a night. Soak them in the fridge.`,
  soakWater: (f) =>
    `${f('hasG')} of water does not keep them covered: they drink ${f('drinkG')} and this bowl needs ${f('coverG')}.`,
  bowlTooSmall: (f) => `Solids and water fill the ${f('bowlMl')} bowl to ${f('bowlShare')}. Use a bigger bowl.`,
  jugOverfull: (f, w) =>
    `Each load is ${f('loadMl')}; your ${f('ratedMl')} jug takes ${f('holdsMl')}${(w.figures.foams?.value ?? 0) > 0 ? ' because this foams' : ' when hot'}. Grind in more loads.`,
  hotInSealedJug: (f) =>
    `The slurry reaches ${f('endC')} in a sealed cup, which can burst. Use cooler water or a vented jug.`,
  hotInJug: (f) =>
    `The jug starts at ${f('startC')}. Open the vent, no more than ${f('holdsMl')} in it, a folded towel over the lid.`,
  tooThick: (f) => `Too thick for the jug: add ${f('moreG')} of water.`,
  groundDry: (f, w) =>
    `${(w.figures.uptakeShare?.value ?? 0) < 0.01 ? 'The pieces are not soaked.' : `The pieces are only ${f('uptakeShare')} soaked.`} Dry pieces are hard, so blending opens only ${f('openedShare')} of their cells.`,
  groundTooLittle: (f) =>
    `${f('nowS')} a load opens ${f('openedShare')} of the cells; much stays in the pulp. Grind longer.`,
  notGround: () => 'Nothing has been ground before this strain: whole pieces give nothing. Grind first.',
  emptyPass: (f) => `This pass brings ${f('milkG')} of milk with ${f('solids')} solids: little but water.`,
  potOverfull: (f) =>
    `The pot would be ${f('potShare')} full; foam needs the upper third. You need a pot of ${f('needMl')} or less milk.`,
  holdTooShort: (f) =>
    `${f('holdS')} at ${f('boilingC')}, where water boils at ${f('altitudeM')}, leaves ${f('left')} of the inhibitor; the goal is ${f('goal')}. Hold ${f('needS')} from the true boil.`,
  neverBoiled: () => 'This plan never boils the milk. Raw soy milk upsets the stomach: boil it.',
  foamIsNotTheBoil: (f) =>
    `Foam climbs at 80–90 °C, well before the boil. The clock starts at ${f('fromC')}, not at the foam. Never cook it under pressure: foam blocks the vent.`,
  scorches: () => 'Pulp is in the pot: it sinks and scorches. Stir along the bottom all the time.',
  boilsDry: (f) =>
    `${f('steamG')} leaves as steam and only ${f('leftG')} of water stays. Boil it gently, or for less time.`,
  hobTooWeak: (f) => `This boil asks for ${f('load')} of what the hob can give; it will fall back. Boil it gently.`,
  neverReaches: (f, w) =>
    `${w.figures.raw ? 'The milk never boils, and raw soy milk upsets the stomach. ' : ''}On this hob the pot stops at ${f('stallsC')}, because it loses as much heat as the hob gives. Use a stronger hob or a smaller pot, or make less.`,
  neverCools: (f) => `It stands in ${f('aroundC')}: it never gets that cold there.`,
  coolsTooSlowly: (f) =>
    `It spends ${f('above21S')} between 57 and 21 °C and ${f('above5S')} above 5 °C. At most 2 h and 6 h.`,
  coldTooLate: (f) =>
    `Jarred at ${f('endC')} it comes from 57 to 21 °C in ${f('to21S')} and to 5 °C in ${f('to5S')}. At most 2 h and 6 h: cool it further before it is jarred, or in a quicker way.`,
  iceTooLittle: (f) =>
    `${f('hasG')} of ice is gone when the milk is still warm: it ends at ${f('goneC')}. It takes ${f('needG')}.`,
  hotGlass: (f) => `Glass at ${f('fromC')} cracks in cold water. Cool it in the pot, and jar it then.`,
  warmsFridge: (f) =>
    `Put in at ${f('fromC')} it warms what stands in the fridge to about ${f('peakC')}, and the fridge is cold again after ${f('backS')}. Take most of the heat out in water first.`,
  touchedAfter: (f, w) =>
    w.figures.byHand
      ? `Cloth and hands touch it after the boil: it keeps ${f('capD')} days at most, the day made being the first.`
      : `Something unboiled touches the milk after the boil: it then keeps ${f('capD')} days at most.`,
  hotJar: (f, w) =>
    `The jar is filled at ${f('filledC')}. A sealed hot jar is not canned: never leave it at room temperature, and cool the milk first.${(w.figures.glass?.value ?? 0) > 0 ? ' Hot glass cracks in cold water.' : ''}`,
  rawUntilBoiled: () =>
    'Do not taste the slurry, the milk or the pulp before the hold is done: raw soy upsets the stomach.',
  rawPulp: (f) =>
    `The pulp is raw. Boil it ${f('boilS')} from the true boil before you eat, bake or dry it; drying is not cooking.`,
  soakedNotRinsed: (f) =>
    `Soaked ${f('soakS')} and kept in its water: soaking brings the slime out. Throw the water away and rinse.`,
  enzymeTooHot: (f) => `At ${f('atC')} the enzyme hardly works; from 80 °C it is dead. Keep it near 55 °C.`,
  enzymeDoesNothing: (f) =>
    `It cuts ${f('cut')} of the starch and no slime: a pure amylase needs starch that has swelled. Malt flour cuts the slime too.`,
  enzymeCapsules: () => 'Enzyme capsules are not made to be cooked with. Malt flour is food and does the same.',
  enzymeMakesSugar: (f) =>
    `Enzyme turns starch into sugar, ${f('sugarsG')} by now and more as it stands: tell those who watch their sugar.`,
  riceTooDry: (f) => `The rice gets ${f('share')} of the water it needs: hard in the middle. Add ${f('moreG')}.`,
  riceTooWet: (f) =>
    `${f('leftG')} of water is still there after three quarters of an hour: it goes to paste. Use less.`,
  riceNotCooled: () =>
    'Nothing cools the rice after it is cooked. Spread it out at once: what grows in warm rice is not killed by heating again.',
  riceKeeps: () =>
    'Milk of cooked rice keeps three days at most; some authorities ask for rice chilled within an hour and used within a day.',
  tooHotForStarch: (f) =>
    `${f('gPerL')} a litre at ${f('atC')}: the starch swells from ${f('fromC')} on and this sets. Use cooler water, or half as much.`,
  blendWarmsStarch: (f) =>
    `The blades warm it to ${f('endC')}; from ${f('fromC')} its starch swells. Blend for less time or in ice water.`,
  tooSlimy: (f) =>
    `Slimy: the slippery fibre makes it ${f('times')} times as thick as water by itself after ${f('nowS')}. Blend for less time, colder, or rinse first.`,
  cupTooCoarse: (f) =>
    `At ${f('gPerL')} a litre and hot, a tenth more or less decides between watery and set; a cup varies by a tenth. Weigh it.`,
  watery: (f) => `${f('solids')} solids tastes of water; ${f('least')} is the least. Use less water.`,
  coldFat: (f) => `Ground at ${f('endC')} a good part of the fat stays in the pulp. Warm water brings it out.`,
  handsScald: (f) => `Water at ${f('atC')} scalds hands within seconds. Let it cool, or work it with a spoon first.`,
  meshTooOpen: (f) =>
    `${f('grit')} of grit passes a mesh of ${f('meshUm')}: you feel it and it sinks. Strain it finer.`,
  thickensInThePot: (f) => `At ${f('atC')} its starch swells so far that it turns to pudding. Heat it less.`,
  cannotReach: (f) => `${f('toC')} cannot be had: water boils at ${f('boilingC')} here.`,
  pasteurisedShort: (f) =>
    `${f('holdS')} at ${f('atC')} is too short to count as pasteurised: it keeps as raw. Hold it longer.`,
  richBoils: (f) => `With ${f('fat')} fat it splits at the boil. Heat it gently, or keep it for the end.`,
  fatDoesNotSet: (f) => `Nothing sets to lift off: it comes to ${f('endC')}; coconut fat sets below ${f('belowC')}.`,
  cocoaDry: (f) => `${f('cocoaG')} of dry cocoa clots. Stir it smooth in a little hot water or milk first.`,
  syrupAfterBoil: () =>
    'Syrup or cocoa after the heat: use a clean spoon, let soy cool before a sour syrup, and drink it sooner.',
  rawAfterBoil: () =>
    'This goes in raw after the heat: the milk is then as raw as it is. Put it in before the boil, or drink it at once.',
  wholePieces: (f) => `${f('pieceG')} go in whole and stay so: mash them first, or blend and strain once more.`,
  honey: () => 'Honey is in it: never for a child under twelve months.',
  driesTooSlowly: (f) => `${f('dryS')} to dry: it moulds before that. Thinner, and hotter.`,
  driedRaw: () => 'This pulp is raw soy. Drying is not cooking: boil it first, then dry it.',
  mayHoldGluten: () => MAY_HOLD_GLUTEN,
  glassFreezes: () => 'Glass cracks in the freezer. Use a box that is not glass.',
  frozenIntoJar: () => 'Frozen milk does not pour into a jar. Leave this step out, or put it before the freezing.',
  freezerTooFull: (f) => `Filled to ${f('fill')}; ice needs room: ${f('limit')} at most.`,
  warmJar: (f) =>
    `Jarred at ${f('filledC')} it takes more than four hours to get cold in the fridge. Cool it in ice first.`,
  keptWarm: (f) => `${f('forS')} at ${f('placeC')}: ${f('mostS')} at most out of the cold. Keep it in the fridge.`,
  keptTooLong: (f) => `${f('forS')} is longer than it keeps: ${f('mostS')} at most.`,
  noKillStep: () =>
    'Nothing kills germs in this milk. Wash well, keep it cold, drink it within a day or two; within the day if it was warm or unwashed.',
  openingNut: () => OPENING,
  underFive: () => 'Rice drinks are not for children under five: rice carries arsenic.',
  'refused:bitterAlmond': () => 'Bitter almonds are poisonous: no milk is made of them here. Use sweet almonds.',
  'refused:apricotKernel': () => 'Apricot kernels are poisonous: no milk is made of them here.',
  'refused:cassava': () => 'Cassava is poisonous unless it is treated for days: no milk is made of it here.',
  'refused:lupin': () => 'Bitter lupin is poisonous unless it is leached for days: no milk is made of it here.',
  'refused:phaseolus': () =>
    'These beans are poisonous raw. Only after five hours of soaking, fresh water and thirty minutes at a full boil; this plan does not see to that.',
  infants: () =>
    'Not a substitute for breast milk or infant formula, and not fortified: for a child under five, ask a doctor or dietitian first.',
};

/** Checks that speak of one thing, named after the colon. */
const ABOUT: Readonly<Record<string, (f: (name: string) => string, of: string) => string>> = {
  noJar: (f, of) => `${f('massG')} of ${streamName(of)} ends in no jar. Jar it, freeze it, or pour it into something.`,
  unstatedAllergens: (_, of) =>
    `Nobody has stated which allergens “${of}” holds. State them in the kit, among your own foods.`,
  neverUsed: (f, of) => `${f('massG')} of ${of.toLowerCase()} is never used. Add it to something, or take it out.`,
};

const FIXES: Readonly<Record<string, (f: (name: string) => string) => string>> = {
  jarIt: () => 'Put it in jars',
  soakLonger: (f) => `Soak ${f('needS')}`,
  soakShorter: (f) => `Soak ${f('longestS')}`,
  soakInFridge: (f) => `Soak ${f('needS')} in the fridge`,
  moreSoakWater: (f) => `Add ${f('moreG')} of soak water`,
  biggerBowl: (f) => `Use the ${f('bowlMl')} bowl`,
  moreLoads: (f) => `Grind in ${f('loads')} loads of ${f('eachMl')}`,
  coolerWater: (f) => `Water in at ${f('waterC')}`,
  pressGently: () => 'Press gently',
  lessIce: (f) => `Take ${f('iceG')} of ice and ${f('waterG')} of water`,
  moreWater: (f) => `Add ${f('moreG')} of water`,
  grindLonger: (f) => `Grind ${f('needS')} a load`,
  leaveOut: () => 'Leave this pass out',
  biggerPot: () => 'Use the bigger pot',
  smallerBatch: (f) => `Make ${f('by')} of it`,
  holdLonger: (f) => `Hold ${f('needS')}`,
  addBoil: () => 'Add a boil of 30 min',
  strongerHob: () => 'Use the stronger hob',
  thawFirst: () => 'Thaw it in the fridge first',
  gentler: () => 'Boil gently',
  coolTo: (f) => `Cool to ${f('toC')}`,
  waterIce: () => 'Cool in running water, then in ice',
  moreIce: (f) => `Take ${f('needG')} of ice`,
  inThePot: () => 'Cool it in the pot',
  'coolBy.counter.pot': (f) => `Leave it on the counter ${f('takesS')}`,
  'coolBy.counter.jars': (f) => `Split it in jars on the counter, ${f('takesS')}`,
  'coolBy.window.pot': (f) => `Stand it at the open window ${f('takesS')}`,
  'coolBy.tray.pot': (f) => `Spread it on a tray, ${f('takesS')}`,
  'coolBy.fridge.pot': (f) => `Stand it in the fridge ${f('takesS')}`,
  'coolBy.fridge.jars': (f) => `Split it in jars in the fridge, ${f('takesS')}`,
  'coolBy.water.pot': (f) => `Cool it in running water, ${f('takesS')}`,
  'coolBy.water.jars': (f) => `Split it in jars in running water, ${f('takesS')}`,
  'coolBy.waterIce.pot': (f) => `Cool it in running water and then in ice, ${f('takesS')}`,
  'coolBy.iceBath.pot': (f) => `Cool it in ice water, ${f('takesS')}`,
  boilTheWater: () => 'Boil that water first',
  scaldTheJars: () => 'Scald the jars',
  rinseThree: () => 'Throw that water away and rinse three times',
  enzymeAt: (f) => `Keep it at ${f('atC')}`,
  useMalt: () => 'Use malt flour',
  coolTheRice: () => 'Spread it on a tray to cool',
  coolFirst: () => 'Cool it in ice water first',
  grindShorter: (f) => `Blend ${f('toS')} a load`,
  lessWater: (f) => `Use ${f('toG')} of water`,
  warmerWater: (f) => `Water in at ${f('waterC')}`,
  finerMesh: (f) => `Strain through ${f('meshUm')}`,
  heatLess: (f) => `Heat to ${f('toC')}`,
  heatInstead: (f) => `Heat to ${f('toC')} instead of boiling`,
  standLonger: (f) => `Leave it ${f('standS')} in the fridge`,
  slake: () => 'Stir it smooth in a little hot milk first',
  addBeforeBoil: () => 'Put it in before the boil',
  dryThin: (f) => `Spread it 8 mm deep, oven at ${f('toC')}`,
  leaveOutJar: () => 'Leave this step out',
  otherBox: () => 'Use the box that is not glass',
  fillLess: (f) => `Fill to ${f('to')}`,
  keepCold: (f) => `Keep it at ${f('placeC')}`,
  keepShorter: (f) => `Keep it ${f('toS')}`,
};

/** A warning as a sentence. A check without one: RangeError. */
export function warningText(w: Warning): string {
  if (w.check.startsWith(ALLERGEN))
    return `Contains ${w.check.slice(ALLERGEN.length)}. One jug for several milks carries traces.`;
  const f = (name: string): string => figureText(w.figures[name]);
  const [check = '', of] = w.check.split(':');
  const about = of === undefined ? undefined : ABOUT[check];
  if (about && of !== undefined) return about(f, of);
  const say = SENTENCES[w.check];
  if (!say) throw new RangeError(`no sentence for the check "${w.check}"`);
  return say(f, w);
}
/** What a mend does, as the words on its button. A mend without: RangeError. */
export function fixText(x: Fix): string {
  const say = FIXES[x.say];
  if (!say) throw new RangeError(`no words for the fix "${x.say}"`);
  return say((name) => figureText(x.figures[name]));
}
/** Codes with words, for the test that every check and fix has them. */
export const SPOKEN = { warnings: [...Object.keys(SENTENCES), ...Object.keys(ABOUT)], fixes: Object.keys(FIXES) };
