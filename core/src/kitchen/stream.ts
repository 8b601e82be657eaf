import { addGrams, grams, heatCapacity, density, NO_GRAMS, scaleGrams, sumGrams } from '../materials';
import type { Grams, Material } from '../materials';

export type Hygiene = 'raw' | 'heated' | 'boiled' | 'touched';
/**
 * What a stream is, set by the step that makes it, whatever it is named: food on its way to the strainer, milk that came
 * through it, pulp that stayed, a cap of fat or a skin that was lifted off.
 */
export type Role = 'food' | 'milk' | 'pulp' | 'cap' | 'skin';
/** Amounts that follow the dry matter they came from: trypsin inhibitor (g of dry bean it stands for). */
export interface Inhibitor {
  readonly labile: number;
  readonly stable: number;
  readonly of: number;
}
/** Enzyme still active and flavour made, both as g of dry bean they stand for; `of` is the whole. */
export interface Flavour {
  readonly enzyme: number;
  readonly beany: number;
  readonly of: number;
}
/** One body of stuff in the kitchen. Everything that adds is an amount, so merging is a sum; below the line are rules. */
export interface Stream {
  /** material id → g of dry matter, for allergens and for weighing material factors. */
  readonly madeFrom: Readonly<Record<string, number>>;
  readonly freeWaterG: number;
  /** Water inside the particles: their own and what they drank; of it `gainedWaterG` was drunk. */
  readonly boundWaterG: number;
  readonly gainedWaterG: number;
  /** Dissolved or emulsified in the liquid. */
  readonly released: Grams;
  /** In the particles; of it `able` would leave if every cell were open. */
  readonly bound: Grams;
  readonly able: Grams;
  readonly hullG: number;
  readonly inhibitor: Inhibitor;
  readonly flavour: Flavour;
  /** β-glucan (soluble fibre) that the particles once held and may still give, g; what dissolved of it is counted off. */
  readonly glucanOf: number;
  /** Amylase, and the glucanase that comes with malt and capsules, doses; starch already cut, g (as starch). */
  readonly amylase: number;
  readonly glucanase: number;
  readonly hydrolysedG: number;
  /* ---- not sums: each has its merge rule in `merge` ---- */
  readonly role: Role;
  readonly temperatureC: number;
  readonly sizeUm: number;
  /** No particle is coarser than this: the finest mesh it went through, µm. */
  readonly topUm: number;
  readonly openedShare: number;
  readonly sievedShare: number;
  /** Hottest water its opened cells gave to, °C: what leaves only warm has left up to here. */
  readonly releasedC: number;
  /** Share of its β-glucan that an enzyme has cut, and how hard it was pressed, relative to a twist. */
  readonly glucanCut: number;
  readonly squeezed: number;
  readonly peakWetC: number;
  readonly hygiene: Hygiene;
  readonly readyAtS: number;
  /** Pasteurising minutes at 70 °C, and seconds at the true boil, since it was last raw. */
  readonly f70Min: number;
  readonly boilS: number;
  /** Of whole pieces: minutes at 100 °C, hours of loss into the soak water, seconds hot. */
  readonly preheatMin: number;
  readonly lossH: number;
  readonly hotWholeS: number;
  /** Days at 4 °C already spent of its keeping. */
  readonly spentD: number;
  /** Seconds between 57 and 21 °C, and between 57 and 5 °C, since its last heating. */
  readonly above21S: number;
  readonly above5S: number;
  /** No heat makes it good again: it was past its time when it was heated. */
  readonly spoiled: boolean;
  /** Pasteurising minutes at 70 °C in the heating that goes on; 0 below 57 °C. */
  readonly heatingF70Min: number;
  /** How old the milk is, s: unfrozen and frozen, since it was opened or its time started again. The caps count from there. */
  readonly keptS: number;
  readonly frozenS: number;
  /** Unfrozen seconds since it was opened, which no heating starts again. */
  readonly ageS: number;
  /** How long it has stood still since it was last stirred or shaken, s of water at 20 °C: its layers follow from it. */
  readonly stillS: number;
}

const NO_INHIBITOR: Inhibitor = { labile: 0, stable: 0, of: 0 };
const NO_FLAVOUR: Flavour = { enzyme: 0, beany: 0, of: 0 };
/** No stuff at all: what merges with anything and changes nothing. */
export const NOTHING: Stream = {
  madeFrom: {},
  freeWaterG: 0,
  boundWaterG: 0,
  gainedWaterG: 0,
  released: NO_GRAMS,
  bound: NO_GRAMS,
  able: NO_GRAMS,
  hullG: 0,
  inhibitor: NO_INHIBITOR,
  flavour: NO_FLAVOUR,
  glucanOf: 0,
  amylase: 0,
  glucanase: 0,
  hydrolysedG: 0,
  role: 'food',
  temperatureC: 20,
  sizeUm: 0,
  topUm: 0,
  openedShare: 0,
  sievedShare: 0,
  releasedC: 0,
  glucanCut: 0,
  squeezed: 1,
  peakWetC: 0,
  hygiene: 'raw',
  readyAtS: 0,
  f70Min: 0,
  boilS: 0,
  preheatMin: 0,
  lossH: 0,
  hotWholeS: 0,
  spentD: 0,
  spoiled: false,
  heatingF70Min: 0,
  above21S: 0,
  above5S: 0,
  keptS: 0,
  frozenS: 0,
  ageS: 0,
  stillS: 0,
};

/** A stream being made: changed in place, then handed on as a {@link Stream}. */
export type Draft = { -readonly [K in keyof Stream]: Stream[K] };
/**
 * A copy to change, always of one fixed shape: spreading so wide an object was half the time of a fold (measured), and
 * every stream sharing one hidden class keeps all that reads them fast.
 */
export function draftOf(s: Stream): Draft {
  return {
    madeFrom: s.madeFrom,
    freeWaterG: s.freeWaterG,
    boundWaterG: s.boundWaterG,
    gainedWaterG: s.gainedWaterG,
    released: s.released,
    bound: s.bound,
    able: s.able,
    hullG: s.hullG,
    inhibitor: s.inhibitor,
    flavour: s.flavour,
    glucanOf: s.glucanOf,
    amylase: s.amylase,
    glucanase: s.glucanase,
    hydrolysedG: s.hydrolysedG,
    role: s.role,
    temperatureC: s.temperatureC,
    sizeUm: s.sizeUm,
    topUm: s.topUm,
    openedShare: s.openedShare,
    sievedShare: s.sievedShare,
    releasedC: s.releasedC,
    glucanCut: s.glucanCut,
    squeezed: s.squeezed,
    peakWetC: s.peakWetC,
    hygiene: s.hygiene,
    readyAtS: s.readyAtS,
    f70Min: s.f70Min,
    boilS: s.boilS,
    preheatMin: s.preheatMin,
    lossH: s.lossH,
    hotWholeS: s.hotWholeS,
    spentD: s.spentD,
    spoiled: s.spoiled,
    heatingF70Min: s.heatingF70Min,
    above21S: s.above21S,
    above5S: s.above5S,
    keptS: s.keptS,
    frozenS: s.frozenS,
    ageS: s.ageS,
    stillS: s.stillS,
  };
}
/** A stream with some of it changed. */
export function evolve(s: Stream, change: Partial<Stream>): Draft {
  return Object.assign(draftOf(s), change);
}

/** The same, ready at another second: by far the most common change. */
export function readyAt(s: Stream, readyAtS: number): Draft {
  return setReady(draftOf(s), readyAtS);
}
/** A stream still being made is ready at this second: as `readyAt`, without the copy. */
export function setReady(d: Draft, readyAtS: number): Draft {
  d.readyAtS = readyAtS;
  return d;
}

/** A material as it comes from the larder, g as bought. */
export function fromLarder(m: Material, massG: number, temperatureC: number): Stream {
  const bound = scaleGrams(m.per100g, massG / 100);
  const dry = sumGrams(bound);
  const water = massG - dry;
  const labile = m.inhibitorLabileShare;
  // What is stirred in is in no law's weighing: a spoon of sugar does not make beans foam less.
  if (m.liquid) {
    const madeFrom = m.stirredIn ? {} : { [m.id]: dry };
    return evolve(NOTHING, { madeFrom, freeWaterG: water, released: bound, temperatureC });
  }
  const able = ableOf(m, bound);
  return evolve(NOTHING, {
    madeFrom: { [m.id]: dry },
    boundWaterG: water,
    bound,
    able,
    hullG: dry * m.hullShare,
    inhibitor: labile === null ? NO_INHIBITOR : { labile: labile * dry, stable: (1 - labile) * dry, of: dry },
    flavour: labile === null ? NO_FLAVOUR : { enzyme: dry, beany: 0, of: dry },
    glucanOf: bound.solubleFibre,
    temperatureC,
    sizeUm: m.pieceUm,
    topUm: UNCUT_UM,
  });
}
/** Coarser than any piece: no mesh has cut it yet, µm. */
export const UNCUT_UM = 100_000;

/** What of `bound` would leave at a full grind in the cold. β-glucan dissolves by its own law, never here. */
export function ableOf(m: Material, bound: Grams): Grams {
  const c = m.canLeave;
  return grams({
    protein: bound.protein * c.protein,
    fat: bound.fat * c.fat,
    starch: bound.starch * c.starch,
    sugars: bound.sugars * c.sugars,
    insolubleFibre: bound.insolubleFibre * c.insolubleFibre,
    otherCarb: bound.otherCarb * c.otherCarb,
    ash: bound.ash * c.ash,
    salt: bound.salt,
  });
}

/** Tap or kettle water. `boiled` water does not bring the raw state into milk that was boiled. */
export function waterStream(massG: number, temperatureC: number, boiled = false): Stream {
  const d = draftOf(NOTHING);
  d.freeWaterG = massG;
  d.temperatureC = temperatureC;
  d.hygiene = boiled ? 'boiled' : 'raw';
  return d;
}

/** What was made safe and then met a cloth, hands, a spoon of something raw: touched again. Changes the draft. */
export function touch(d: Draft): Draft {
  if (d.hygiene === 'boiled' || d.hygiene === 'heated') {
    d.hygiene = 'touched';
    d.f70Min = 0;
  }
  return d;
}

/** Dry matter, g. */
export const solidsG = (s: Stream): number => sumGrams(s.released) + sumGrams(s.bound);
/** All its water, g. */
export const waterG = (s: Stream): number => s.freeWaterG + s.boundWaterG;
/** Mass, g. */
export const massG = (s: Stream): number => waterG(s) + solidsG(s);
/** What would run through a cloth that holds nothing back, g: free water and what is dissolved in it. */
export const liquidG = (s: Stream): number => s.freeWaterG + sumGrams(s.released);
/** Dry matter by component, g, in the liquid and in the pieces. */
export const contents = (s: Stream): Grams => addGrams(s.released, s.bound);
/** kJ/K at its own temperature, or at another. */
export const capacityOf = (s: Stream, atC = s.temperatureC): number =>
  heatCapacity(waterG(s), contents(s), Math.min(100, Math.max(0, atC)));
/** Volume at 20 °C, ml. */
export const volumeMl = (s: Stream): number => massG(s) / density(waterG(s), contents(s));
/** Its role; a jar that was stored before streams had one is known by what a strainer left in it. */
export const roleOf = (s: Stream): Role => (s as Partial<Stream>).role ?? (s.sievedShare > 0 ? 'pulp' : 'milk');
/** What stayed in a cloth: eaten, dried or thrown away, but no milk. */
export const isPulp = (s: Stream): boolean => roleOf(s) === 'pulp';
/** Anything grown in it, as against plain water. */
export function hasFood(s: Stream): boolean {
  for (const _ in s.madeFrom) return true;
  return false;
}

function scaleRecord(r: Readonly<Record<string, number>>, by: number): Readonly<Record<string, number>> {
  const out: Record<string, number> = {};
  for (const k in r) out[k] = (r[k] ?? 0) * by;
  return out;
}
/** What follows the dry matter, scaled: used by every split. */
export function carried(s: Stream, share: number): Pick<Stream, 'madeFrom' | 'inhibitor' | 'flavour'> {
  return {
    madeFrom: share > 0 ? scaleRecord(s.madeFrom, share) : {},
    inhibitor: { labile: s.inhibitor.labile * share, stable: s.inhibitor.stable * share, of: s.inhibitor.of * share },
    flavour: { enzyme: s.flavour.enzyme * share, beany: s.flavour.beany * share, of: s.flavour.of * share },
  };
}

/** A share 0..1 of a stream, alike in everything. */
export function portion(s: Stream, share: number): Stream {
  if (share === 1) return s;
  const d = draftOf(s);
  const c = carried(s, share);
  d.madeFrom = c.madeFrom;
  d.inhibitor = c.inhibitor;
  d.flavour = c.flavour;
  d.freeWaterG = s.freeWaterG * share;
  d.boundWaterG = s.boundWaterG * share;
  d.gainedWaterG = s.gainedWaterG * share;
  d.released = scaleGrams(s.released, share);
  d.bound = scaleGrams(s.bound, share);
  d.able = scaleGrams(s.able, share);
  d.hullG = s.hullG * share;
  d.glucanOf = s.glucanOf * share;
  d.amylase = s.amylase * share;
  d.glucanase = s.glucanase * share;
  d.hydrolysedG = s.hydrolysedG * share;
  return d;
}

/** Share of trypsin inhibitor left; null where there never was any. */
export function inhibitorLeftOf(s: Stream): number | null {
  return s.inhibitor.of > 0 ? (s.inhibitor.labile + s.inhibitor.stable) / s.inhibitor.of : null;
}
/** Beany index 0..100 (an estimate); null where the material has no such enzyme. */
export function beanyIndexOf(s: Stream): number | null {
  return s.flavour.of > 0 ? (100 * s.flavour.beany) / s.flavour.of : null;
}
