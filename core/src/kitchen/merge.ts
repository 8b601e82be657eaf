import { addGrams, sumGrams } from '../materials';
import { capacityOf, hasFood, massG, readyAt } from './stream';
import type { Draft, Hygiene, Role, Stream } from './stream';

function sumRecords(a: Readonly<Record<string, number>>, b: Readonly<Record<string, number>>) {
  const out: Record<string, number> = { ...a };
  for (const k in b) out[k] = (out[k] ?? 0) + (b[k] ?? 0);
  return out;
}

/**
 * Hygiene of a mixture. Raw food makes it raw; something raw that is only water (or a cloth, or hands) makes cooked
 * milk "touched again"; otherwise the weaker treatment counts.
 */
function mixedHygiene(a: Stream, b: Stream): Hygiene {
  if (a.hygiene === b.hygiene) return a.hygiene;
  const rawFood = (a.hygiene === 'raw' && hasFood(a)) || (b.hygiene === 'raw' && hasFood(b));
  if (rawFood) return 'raw';
  const weak = (h: Hygiene): boolean => h === 'raw' || h === 'touched';
  if (weak(a.hygiene) || weak(b.hygiene)) return hasFood(a) || hasFood(b) ? 'touched' : 'raw';
  return 'heated';
}

/** Water and what is stirred in take on the role of the food; pulp that goes back into milk is milk again. */
function mixedRole(a: Stream, fa: boolean, b: Stream, fb: boolean): Role {
  if (a.role === b.role || (fa && !fb)) return a.role;
  if (fb && !fa) return b.role;
  return a.role === 'milk' || b.role === 'milk' ? 'milk' : 'food';
}

const glucanG = (s: Stream): number => s.released.solubleFibre + s.bound.solubleFibre;
/** A mean by weights; where neither weighs anything, the first. */
const weighed = (x: number, wx: number, y: number, wy: number): number =>
  wx + wy > 0 ? (x * wx + y * wy) / (wx + wy) : x;
/** A mean by what is in the particles; where there are none, the greater. */
const byBound = (x: number, wx: number, y: number, wy: number): number =>
  wx + wy > 0 ? (x * wx + y * wy) / (wx + wy) : Math.max(x, y);
/** The lesser of what is food; water says nothing of it. */
const least = (x: number, isX: boolean, y: number, isY: boolean): number =>
  isX && isY ? Math.min(x, y) : isX ? x : isY ? y : 0;

/** How long at the boil: of beans, where there are any in one of the two alone; raw fruit in it does not make them raw. */
function boiledOf(a: Stream, fa: boolean, b: Stream, fb: boolean): number {
  const [beansA, beansB] = [a.inhibitor.of > 0, b.inhibitor.of > 0];
  if (beansA !== beansB) return beansA ? a.boilS : b.boilS;
  return least(a.boilS, fa, b.boilS, fb);
}

/** Two streams into one. Amounts add; temperature by heat; size and ready-time the greater; lethality the lesser. */
export function merge(a: Stream, b: Stream): Draft {
  const ma = massG(a);
  const mb = massG(b);
  if (mb <= 0) return readyAt(a, Math.max(a.readyAtS, b.readyAtS));
  if (ma <= 0) return readyAt(b, Math.max(a.readyAtS, b.readyAtS));
  const ca = capacityOf(a);
  const cb = capacityOf(b);
  const ba = sumGrams(a.bound);
  const bb = sumGrams(b.bound);
  const fa = hasFood(a);
  const fb = hasFood(b);
  const even = a.temperatureC === b.temperatureC || !(ca + cb > 1e-100);
  const t = even ? a.temperatureC : (a.temperatureC * ca + b.temperatureC * cb) / (ca + cb);
  return {
    madeFrom: sumRecords(a.madeFrom, b.madeFrom),
    freeWaterG: a.freeWaterG + b.freeWaterG,
    boundWaterG: a.boundWaterG + b.boundWaterG,
    gainedWaterG: a.gainedWaterG + b.gainedWaterG,
    released: addGrams(a.released, b.released),
    bound: addGrams(a.bound, b.bound),
    able: addGrams(a.able, b.able),
    hullG: a.hullG + b.hullG,
    inhibitor: {
      labile: a.inhibitor.labile + b.inhibitor.labile,
      stable: a.inhibitor.stable + b.inhibitor.stable,
      of: a.inhibitor.of + b.inhibitor.of,
    },
    flavour: {
      enzyme: a.flavour.enzyme + b.flavour.enzyme,
      beany: a.flavour.beany + b.flavour.beany,
      of: a.flavour.of + b.flavour.of,
    },
    glucanOf: a.glucanOf + b.glucanOf,
    amylase: a.amylase + b.amylase,
    glucanase: a.glucanase + b.glucanase,
    hydrolysedG: a.hydrolysedG + b.hydrolysedG,
    role: mixedRole(a, fa, b, fb),
    temperatureC: t,
    sizeUm: Math.max(a.sizeUm, b.sizeUm),
    topUm: Math.max(a.topUm, b.topUm),
    openedShare: byBound(a.openedShare, ba, b.openedShare, bb),
    sievedShare: byBound(a.sievedShare, ba, b.sievedShare, bb),
    releasedC: byBound(a.releasedC, ba, b.releasedC, bb),
    glucanCut: weighed(a.glucanCut, glucanG(a), b.glucanCut, glucanG(b)),
    squeezed: fa && fb ? weighed(a.squeezed, a.freeWaterG, b.squeezed, b.freeWaterG) : fa ? a.squeezed : b.squeezed,
    peakWetC: Math.max(a.peakWetC, b.peakWetC, t),
    hygiene: mixedHygiene(a, b),
    readyAtS: Math.max(a.readyAtS, b.readyAtS),
    f70Min: least(a.f70Min, fa, b.f70Min, fb),
    boilS: boiledOf(a, fa, b, fb),
    preheatMin: byBound(a.preheatMin, ba, b.preheatMin, bb),
    lossH: byBound(a.lossH, ba, b.lossH, bb),
    hotWholeS: byBound(a.hotWholeS, ba, b.hotWholeS, bb),
    spentD: Math.max(a.spentD, b.spentD),
    spoiled: a.spoiled || b.spoiled,
    heatingF70Min: least(a.heatingF70Min, fa, b.heatingF70Min, fb),
    above21S: Math.max(a.above21S, b.above21S),
    above5S: Math.max(a.above5S, b.above5S),
    keptS: Math.max(a.keptS, b.keptS),
    frozenS: Math.max(a.frozenS, b.frozenS),
    ageS: Math.max(a.ageS, b.ageS),
    // Poured together, it is stirred.
    stillS: 0,
  };
}
