import type { Fix, Warning } from '../checks';
import { figureText } from './format';

type Say = (f: (name: string) => string, w: Warning) => string;

/** One sentence a check: what is wrong, with the computed figure, and what to do. */
const SENTENCES: Readonly<Record<string, Say>> = {
  soakTooShort: (f) =>
    `The beans will have drunk ${f('uptakeShare')} of what they can hold at ${f('aroundC')}. Soak them longer.`,
  soakTooLong: (f) =>
    `${f('soakS')} at ${f('aroundC')} is past the longest soak, ${f('longestS')}: the water begins to ferment.`,
  soakTooWarm: (f) =>
    `At ${f('aroundC')} they may stand ${f('longestS')} at most, less than a night. Soak them in the fridge.`,
  soakWater: (f) =>
    `${f('hasG')} of water does not keep them covered: they drink ${f('drinkG')} and this bowl needs ${f('coverG')}.`,
  bowlTooSmall: (f) => `Beans and water fill the ${f('bowlMl')} bowl to ${f('bowlShare')}. Use a bigger bowl.`,
  jugOverfull: (f, w) =>
    `Each load is ${f('loadMl')}; your ${f('ratedMl')} jug takes ${f('holdsMl')}${(w.figures.foams?.value ?? 0) > 0 ? ' because this foams' : ' when hot'}. Grind in more loads.`,
  hotInSealedJug: (f) =>
    `The slurry reaches ${f('endC')} in a sealed cup, which can burst. Use cooler water or a vented jug.`,
  hotInJug: (f) =>
    `The jug starts at ${f('startC')}. Open the vent, no more than ${f('holdsMl')} in it, a folded towel over the lid.`,
  tooThick: (f) => `Too thick for the jug: add ${f('moreG')} of water.`,
  groundTooLittle: (f) =>
    `${f('nowS')} a load opens ${f('openedShare')} of the cells; much stays in the pulp. Grind longer.`,
  notGround: () => 'Nothing has been ground before this strain: whole beans give nothing. Grind first.',
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
  neverCools: (f) => `It stands in ${f('aroundC')}: it never gets that cold there.`,
  coolsTooSlowly: (f) =>
    `It spends ${f('above21S')} between 57 and 21 °C and ${f('above5S')} above 5 °C. At most 2 h and 6 h: cool it in ice water.`,
  touchedAfter: (f) => `Something unboiled touches the milk after the boil: it then keeps ${f('capD')} days at most.`,
  hotJar: (f, w) =>
    `The jar is filled at ${f('filledC')}. A sealed hot jar is not canned: never leave it at room temperature, and cool the milk first.${(w.figures.glass?.value ?? 0) > 0 ? ' Hot glass cracks in cold water.' : ''}`,
  rawUntilBoiled: () =>
    'Do not taste the slurry, the milk or the pulp before the hold is done: raw soy upsets the stomach.',
  rawPulp: (f) =>
    `The pulp is raw. Boil it ${f('boilS')} from the true boil before you eat, bake or dry it; drying is not cooking.`,
  'allergen:soy': () => 'Contains soy. One jug for several milks carries traces.',
  infants: () =>
    'Not a substitute for breast milk or infant formula, and not fortified: for a child under five, ask a doctor or dietitian first.',
};

const FIXES: Readonly<Record<string, (f: (name: string) => string) => string>> = {
  soakLonger: (f) => `Soak ${f('needS')}`,
  soakShorter: (f) => `Soak ${f('longestS')}`,
  soakInFridge: (f) => `Soak ${f('needS')} in the fridge`,
  moreSoakWater: (f) => `Add ${f('moreG')} of soak water`,
  biggerBowl: (f) => `Use the ${f('bowlMl')} bowl`,
  moreLoads: (f) => `Grind in ${f('loads')} loads of ${f('eachMl')}`,
  coolerWater: (f) => `Water in at ${f('waterC')}`,
  moreWater: (f) => `Add ${f('moreG')} of water`,
  grindLonger: (f) => `Grind ${f('needS')} a load`,
  leaveOut: () => 'Leave this pass out',
  biggerPot: () => 'Use the bigger pot',
  smallerBatch: (f) => `Make ${f('by')} of it`,
  holdLonger: (f) => `Hold ${f('needS')}`,
  addBoil: () => 'Add a boil of 30 min',
  gentler: () => 'Boil gently',
  coolTo: (f) => `Cool to ${f('toC')}`,
  iceBath: () => 'Cool in ice water',
  boilTheWater: () => 'Boil that water first',
  scaldTheJars: () => 'Scald the jars',
};

export function warningText(w: Warning): string {
  const say = SENTENCES[w.check];
  if (!say) throw new RangeError(`no sentence for the check "${w.check}"`);
  return say((name) => figureText(w.figures[name]), w);
}
export function fixText(x: Fix): string {
  const say = FIXES[x.say];
  if (!say) throw new RangeError(`no words for the fix "${x.say}"`);
  return say((name) => figureText(x.figures[name]));
}
/** Codes with words, for the test that every check and fix has them. */
export const SPOKEN = { warnings: Object.keys(SENTENCES), fixes: Object.keys(FIXES) };
