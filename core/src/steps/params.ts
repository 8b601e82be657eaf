import type { CoolingWay, Hand, Vigour } from '../laws';
import type { ThingKind } from '../kitchen';
import type { InnerUnit } from '../units';
import type { FigureName } from './figures';

/** One line a step kind: its parameters in the units of the fold (g, °C, s, shares 0..1). */
export interface Params {
  open: { of: string };
  sort: { of: string; outG: number };
  soak: { of: string; waterG: number; waterC: number; place: 'room' | 'fridge'; bowl: string; durationS: number };
  drain: { of: string; rinses: number };
  hull: { of: string; share: number };
  blanch: { of: string; waterG: number; waterC: number; holdS: number; pot: string; hob: string };
  toast: { of: string; durationS: number };
  absorb: { of: string; waterG: number; waterC: number; restS: number; pot: string; hob: string };
  enzyme: { of: string; with: EnzymeKind; doses: number; atC: number; durationS: number };
  grind: {
    of: string;
    waterG: number;
    waterC: number;
    iceG: number;
    durationS: number;
    loads: number;
    jug: string;
  };
  mill: { of: string; waterG: number; waterC: number; fineUm: number };
  knead: { of: string; waterG: number; waterC: number; durationS: number };
  strain: { of: string; into: string; pulp: string; strainer: string; hand: Hand };
  wash: { of: string; into: string; waterG: number; waterC: number; workS: number; strainer: string; hand: Hand };
  add: { of: string; food: string; amountG: number; slaked: boolean; together: boolean };
  pour: { into: string; liquid: string; amountG: number; atC: number; boiled: boolean };
  part: { of: string; parts: readonly Part[] };
  pool: { of: string; into: string; share: number };
  boil: { of: string; holdS: number; vigour: Vigour; pot: string; hob: string };
  heat: { of: string; toC: number; holdS: number; pot: string; hob: string };
  skim: { of: string; how: 'stir in' | 'lift off' | 'keep'; takeG: number };
  cool: {
    of: string;
    how: CoolingWay;
    toC: number;
    vessel: 'pot' | 'jars';
    pot: string;
    jar: string;
    iceG: number;
    outsideC: number;
    lid: boolean;
  };
  lift: { of: string; into: string; standS: number; capFat: number; leftFat: number };
  dry: { of: string; ovenC: number; layerCm: number };
  jar: { of: string; jar: string; fill: number; scalded: boolean };
  freeze: { of: string; box: string; cubeMl: number; fill: number; freezerC: number; durationS: number };
  stand: { of: string; place: Place; placeC: number; vessel: 'pot' | 'bowl' | 'jar'; jar: string; durationS: number };
}
/** One of several streams that one is parted into: its name and its share, 0..1, of what there was. */
export interface Part {
  readonly name: string;
  readonly share: number;
}
/** More vessels than these no cook fills from one pot at once. */
export const MOST_PARTS = 6;
/** A cook's own name for a stream: it begins with a letter; letters, figures and spaces, 40 at most. */
export const STREAM_NAME = /^\p{L}[\p{L}\p{N} ’'_-]{0,39}$/u;
export type Place = 'room' | 'fridge' | 'freezer' | 'other';
export type EnzymeKind = 'pure' | 'malt' | 'capsules';
export type Kind = keyof Params;
export type Station = 'soak' | 'grind' | 'strain' | 'cook' | 'jar';
export type Step<K extends Kind = Kind> = {
  [P in K]: { readonly id: string; readonly kind: P; readonly params: Readonly<Params[P]> };
}[K];

/** The one home of a parameter's bounds, default and unit: Joi, the documents, the fields and the levers derive from it. */
export type ParamSpec =
  | { readonly type: 'stream'; readonly label: string; readonly default: string }
  | { readonly type: 'thing'; readonly label: string; readonly thing: ThingKind; readonly default: string }
  /** A food of the plan, by its id; `liquid`: one that is poured, plain water too. */
  | { readonly type: 'food'; readonly label: string; readonly default: string; readonly liquid?: true }
  /** Two to six streams with names of their own, and the share of each. */
  | { readonly type: 'parts'; readonly label: string; readonly default: readonly Part[] }
  | {
      readonly type: 'choice';
      readonly label: string;
      readonly choices: readonly string[];
      readonly default: string;
      /** Those of the choices that go from less to more of something, in that order: worth trying, as a lever. */
      readonly lever?: readonly string[];
    }
  | { readonly type: 'flag'; readonly label: string; readonly default: boolean }
  | {
      readonly type: 'number';
      readonly label: string;
      readonly unit: InnerUnit;
      /** The unit people use for it. */
      readonly shown: 'g' | 'ml' | 'um' | 'C' | 's' | 'min' | 'h' | '%' | 'cm' | 'count';
      readonly low: number;
      readonly high: number;
      readonly default: number;
      readonly step: number;
      /** Grows with the batch when everything is scaled. */
      readonly scales?: true;
      /** Fresh water that reaches the milk: what strength is solved by. */
      readonly fresh?: true;
      /** Worth trying other values of, when asking what moves the outcome. */
      readonly lever?: true;
      /** Plain water: a volume or a cup says its grams. */
      readonly water?: true;
    };
export type NumberSpec = Extract<ParamSpec, { type: 'number' }>;

const COOKING = [
  'heatUpS',
  'boilingC',
  'holdS',
  'steamG',
  'potShare',
  'potLimit',
  'steamWantG',
  'gentleShare',
  'trueFromC',
  'energyKJ',
  'steamLoad',
] as const;
export type CookingFigure = (typeof COOKING)[number];
/** What a pot tells that never gets as warm as it should. */
const STALLS = ['stallsC', 'heatLossW'] as const;
/** What both straining and washing tell. */
const STRAINING = [
  'milkG',
  'milkSolids',
  'pulpG',
  'pulpMoisture',
  'openedShare',
  'gritShare',
  'meshUm',
  'sizeUm',
  'liquidG',
  'holdsG',
  'squeezedC',
  'sets',
] as const;
/** Which figures each kind of step tells. A kind that tells, or a reader that asks for, any other does not compile. */
export const KIND_FIGURES = {
  add: ['addedG', 'sugarG', 'addedWaterG', 'touches'],
  absorb: [
    'heatUpS',
    'boilingC',
    'cookS',
    'steamG',
    'potShare',
    'potLimit',
    'cookedG',
    'cookedShare',
    'waterLeftG',
    'waterWantedG',
    'energyKJ',
    ...STALLS,
  ],
  blanch: [...COOKING, ...STALLS, 'solidsG', 'massG', 'waterLeftG'],
  boil: [
    ...COOKING,
    ...STALLS,
    'afterG',
    'solids',
    'waterLeftG',
    'boiledS',
    'inhibitorGoal',
    'pulpInShare',
    'inhibitorLeft',
    'neededHoldS',
  ],
  cool: [
    'aroundC',
    'endC',
    'above21S',
    'above5S',
    'fromC',
    'never',
    'coolS',
    'iceG',
    'iceGoneC',
    'steamG',
    'stirS',
    'fridgePeakC',
    'fridgeBackS',
    'hotGlass',
    'readC',
  ],
  drain: ['solidsG', 'thrownG'],
  dry: ['dryS', 'flourG', 'steamG', 'trayM2', 'rawPulp', 'energyKJ'],
  enzyme: ['dosesPerL', 'endC', 'starchCut', 'glucanCut', 'sugarsMadeG', 'dead', 'steamG', 'energyKJ', ...STALLS],
  freeze: ['cubes', 'jars', 'jarMl', 'filledMl', 'eachMl', 'fillLimit', 'fillShare', 'glass', 'endC'],
  grind: [
    'startC',
    'endC',
    'energyJPerG',
    'sizeUm',
    'openedShare',
    'powerW',
    'iceLeftG',
    'gelFromC',
    'glucanShare',
    'solidsPerL',
    'loadMl',
    'loadShareG',
    'loadFoamMl',
    'jugHoldsMl',
    'jugRatedMl',
    'loadsNeeded',
    'waterToPieces',
    'waterWantedG',
    'foams',
    'sealed',
    'freshG',
    'energyKJ',
    'uptakeShare',
  ],
  heat: ['heatUpS', 'endC', 'boilingC', 'f70Min', 'f70Need', 'steamG', 'potShare', 'potLimit', 'energyKJ', ...STALLS],
  hull: ['hullsG'],
  jar: ['jars', 'jarMl', 'filledMl', 'filledG', 'eachMl', 'scalded', 'glass'],
  knead: ['openedShare', 'endC'],
  lift: ['capG', 'endC', 'setsBelowC', 'never'],
  open: [],
  mill: ['sizeUm', 'openedShare', 'energyJPerG', 'freshG'],
  part: ['parts', 'pouredG', 'leftG'],
  pool: ['pouredG', 'solids'],
  pour: ['waterG', 'boiled', 'endC'],
  skim: ['takenG'],
  soak: [
    'uptakeShare',
    'drunkG',
    'solidsG',
    'waterLeftG',
    'waterNeededG',
    'waterHasG',
    'coverG',
    'coverIsCm',
    'flakes',
    'startC',
    'endC',
    'aroundC',
    'soakS',
    'needS',
    'needFridgeS',
    'longestS',
    'longestFridgeS',
    'bowlShare',
  ],
  sort: ['keptG'],
  stand: ['spentD', 'fromC', 'endC', 'aroundC', 'above5S'],
  strain: [...STRAINING],
  toast: ['steamG'],
  wash: [...STRAINING],
} as const satisfies Readonly<Record<Kind, readonly FigureName[]>>;
/** A figure of this kind of step; of several kinds, of any of them. */
export type FigureOf<K extends Kind> = (typeof KIND_FIGURES)[K][number];
export type FiguresOf<K extends Kind> = Readonly<Partial<Record<FigureOf<K>, number>>>;
/** Figures of a step of whatever kind: those that are not there were not told by it. */
export type Figures = Readonly<Partial<Record<FigureName, number>>>;
