import { FOAM_FROM_C } from '../detect';
import type { BoilWatch, InWindow, Unstirred, WeighWatch } from '../detect';
import { TRUE_BOIL_C } from '../steps';
import { about, celsius, duration, grams, join, percent } from './format';

/** What a probe in a pot says, and what to do about it; null: nothing yet. */
export function boilText(w: BoilWatch, boilC: number): string | null {
  const c = join(celsius(w.c));
  const left = w.leftS === null ? '' : ` The boil in about ${join(about(w.leftS))}.`;
  switch (w.is) {
    case 'unknown':
      return null;
    case 'warming':
      return `${c}.${left}`;
    case 'foam':
      return `${c}: what climbs now is foam, not the boil. Stir it down.${left}`;
    case 'boil':
      return `It boils: ${c}, and it stays there. Press done: the hold begins.`;
    case 'off':
      return `Off the boil: ${c}. Turn it up; below ${join(celsius(boilC - TRUE_BOIL_C))} it does not count as boiling.`;
  }
}
/** From here on it is worth saying, s. */
const SOON_S = 240;
/**
 * That the foam will come over the rim: a pot that is filled over its limit, and when. `full` and `limit` are shares of the
 * pot. null: there is room, or it is not near.
 */
export function overflowText(w: BoilWatch, full: number, limit: number): string | null {
  if (full <= limit || (w.is !== 'warming' && w.is !== 'foam')) return null;
  if (w.is === 'foam')
    return `It is about to boil over: the pot is ${join(percent(full))} full. Turn it down now, and stir.`;
  const inS = w.slope > 0 ? (FOAM_FROM_C - w.c) / w.slope : Infinity;
  if (inS > SOON_S) return null;
  return `The pot is ${join(percent(full))} full: the foam comes over the rim in about ${join(about(inS))}. Stand by, and be ready to turn it down.`;
}
/** The probe is heard no more where it is needed: the cook's own signs stand in. */
export const SILENT_PROBE =
  'The probe is silent. Go by your eyes: that it climbs is not the boil; that it rolls and does not stop when you stir is.';
/** What a cook sees in a practice in which it happens. */
export const FOAMED_OVER = 'You see foam run over the rim: milk is on the hob. Off the heat; then Rescue, boiled over.';
/** The scale went away while something was on it. */
export const SILENT_SCALE = 'The scale is silent: nothing was taken. Type below what it shows, or weigh once more.';
/** The same while it is held: what matters is whether it still boils. */
export function holdText(w: BoilWatch, boilC: number): string | null {
  if (w.is === 'unknown') return null;
  if (w.is === 'boil') return `It boils, at ${join(celsius(w.c))}.`;
  if (w.is === 'off') return boilText(w, boilC);
  return `Not boiling yet: ${join(celsius(w.c))}. What you saw was foam; what counts as boiled begins near ${join(celsius(boilC))}.`;
}
/** Where something is in the window it is kept in, and where it is going. */
export function windowText(w: InWindow, say: { readonly tooWarm: string; readonly tooCold: string }): string {
  const c = join(celsius(w.c));
  const soon = w.passes === null ? null : join(about(w.passes.inS));
  if (w.is === 'above')
    return soon === null ? `${c}, too warm: ${say.tooWarm}.` : `${c}, too warm still; right in ${soon}.`;
  if (w.is === 'below') return soon === null ? `${c}, too cold: ${say.tooCold}.` : `${c}; right in ${soon}.`;
  if (w.passes === null) return `${c}: right, and it stays.`;
  const edge = w.passes.edge === 'high' ? say.tooWarm : say.tooCold;
  return `${c}: right. In ${soon ?? ''} it is past it: ${edge} now.`;
}
/** What a scale says; null: nothing is on it, or nothing was heard. */
export function weighText(w: WeighWatch): string | null {
  if (w.is === 'unknown' || w.is === 'empty') return null;
  return w.is === 'moving' ? `${join(grams(w.g))}, still moving` : `${join(grams(w.g))}, still`;
}
/** It was left unstirred for too long. */
export const stirText = (u: Unstirred): string => `Not stirred for ${join(duration(u.forS))}: stir along the bottom.`;
