import {
  carried,
  draftOf,
  liquidG,
  massG,
  multiplier,
  portion,
  solidsG,
  thingOf,
  touch,
  UNCUT_UM,
} from '../../kitchen';
import type { Draft, Stream } from '../../kitchen';
import { addGrams, NO_GRAMS, scaleGrams, sumGrams } from '../../materials';
import type { Grams } from '../../materials';
import {
  FILM_G,
  finerThan,
  heldByThickness,
  HELD_PER_G,
  layered,
  passesBelowUm,
  SQUEEZED,
  strainSPerKg,
  underflow,
} from '../../laws';
import type { Hand } from '../../laws';
import { bodyOf, gritShareOf, isFrozen } from './body';
import { byMaterial } from './byMaterial';
import type { FiguresOf } from '../params';
import type { Ctx } from '../types';

/** Fines ride in the liquid: where less than this share of it comes through, they come in proportion (estimate). */
const CARRIES_ALL_FROM = 0.25;

export interface Strained {
  readonly milk: Stream;
  readonly pulp: Draft;
  readonly film: Stream;
  readonly tookS: number;
  readonly strainer: string;
  readonly meshUm: number;
  /** Liquid that came to the cloth, and what its pulp could hold of it, g. */
  readonly liquidG: number;
  readonly holdsG: number;
  /** The liquid has set: next to nothing runs. */
  readonly set: boolean;
}

/**
 * The opened insolubles still in the pulp, g: what went through a cloth before is no longer among them, and the shut
 * cells keep their own.
 */
function openedIn(s: Stream): Grams {
  const stays = s.openedShare * (1 - s.sievedShare);
  const all = Math.max(1e-9, 1 - s.openedShare * s.sievedShare);
  return scaleGrams(addGrams(s.bound, s.able, -1), stays / all);
}
const solidsIn = (s: Stream): number => sumGrams(s.bound);
const withoutFat = (g: Grams): number => Math.max(0, sumGrams(g) - g.fat);

/**
 * One pass through a cloth: the finest particles pass, what stays in the cloth keeps its underflow, the bag keeps a film.
 * How much of the fines the liquid takes along is told by what would run if none went: one step, no search.
 */
export function strainOff(s: Stream, strainerId: string, hand: Hand, ctx: Ctx): Strained {
  const strainer = thingOf(ctx.kit, 'strainer', strainerId);
  // What is ice does not run.
  const liquid = isFrozen(s) ? 0 : liquidG(s);
  const body = bodyOf(s, s.temperatureC, ctx);
  const thick = body ? body.relative : 1;
  const opened = openedIn(s);
  const r = HELD_PER_G[hand] * multiplier(ctx.beliefs, 'hold', strainer.id);
  const kappa = byMaterial(s, ctx.materials, (m) => m.holdFactor) * heldByThickness(thick);
  const runs = (insolubleG: number): number => (liquid > 0 ? 1 - underflow(liquid, insolubleG, r, kappa) / liquid : 0);
  const openingUm = layered(strainer.openingUm, strainer.layers);
  const meshUm = passesBelowUm(openingUm);
  const reach = Math.max(s.sievedShare, s.sizeUm > 0 ? finerThan(meshUm, s.sizeUm, s.topUm) : 0);
  const carry = Math.min(1, runs(withoutFat(opened)) / CARRIES_ALL_FROM);
  const passed = (carry * (reach - s.sievedShare)) / Math.max(1e-9, 1 - s.sievedShare);
  const fines = scaleGrams(opened, passed);
  const insoluble = withoutFat(opened) * (1 - passed);
  const out = runs(insoluble);
  const released = scaleGrams(s.released, out);
  const solids = solidsG(s);
  const share = solids > 0 ? (sumGrams(released) + sumGrams(fines)) / solids : 0;
  const milk = milkOf(s, share, out, hand);
  milk.released = released;
  milk.bound = fines;
  const skinsOut = solidsIn(s) > 0 ? s.hullG * (sumGrams(fines) / solidsIn(s)) : 0;
  milk.hullG = skinsOut;
  milk.topUm = Math.min(s.topUm, meshUm);
  // Cloth and hands bring germs back to what the boil had made safe.
  touch(milk);
  const pulp = pulpOf(s, share, out);
  touch(pulp);
  pulp.bound = addGrams(s.bound, fines, -1);
  pulp.hullG = s.hullG - skinsOut;
  pulp.sievedShare = s.sievedShare + carry * (reach - s.sievedShare);
  const lost = Math.min(0.05, massG(milk) > 0 ? FILM_G.bag / massG(milk) : 0);
  return {
    milk: portion(milk, 1 - lost),
    film: portion(milk, lost),
    pulp,
    tookS: (massG(s) / 1000) * strainSPerKg(thick, openingUm),
    strainer: strainer.id,
    meshUm: openingUm,
    liquidG: liquid,
    holdsG: r * kappa * insoluble,
    set: thick === null,
  };
}

/** What runs through, its solids apart: a share of what follows the dry matter, and of what is in the liquid. */
function milkOf(s: Stream, share: number, out: number, hand: Hand): Draft {
  const d = draftOf(s);
  follow(d, s, share, out);
  d.boundWaterG = 0;
  d.gainedWaterG = 0;
  d.able = NO_GRAMS;
  d.glucanOf = 0;
  d.role = 'milk';
  d.openedShare = 1;
  d.sievedShare = 0;
  // Milk that is strained again was pressed out of its pulp the first time.
  if (s.topUm >= UNCUT_UM) d.squeezed = SQUEEZED[hand];
  return d;
}
function pulpOf(s: Stream, share: number, out: number): Draft {
  const d = draftOf(s);
  d.role = 'pulp';
  follow(d, s, 1 - share, 1 - out);
  d.released = scaleGrams(s.released, 1 - out);
  return d;
}
function follow(d: Draft, s: Stream, share: number, liquid: number): void {
  const c = carried(s, share);
  d.madeFrom = c.madeFrom;
  d.inhibitor = c.inhibitor;
  d.flavour = c.flavour;
  d.freeWaterG = s.freeWaterG * liquid;
  d.amylase = s.amylase * liquid;
  d.glucanase = s.glucanase * liquid;
  d.hydrolysedG = s.hydrolysedG * liquid;
}

/** What a cook may read off a pass: masses g, shares 0..1, µm. */
export function strainFigures(x: Strained, ctx: Ctx): FiguresOf<'strain'> {
  const pulp = massG(x.pulp);
  return {
    milkG: massG(x.milk),
    milkSolids: massG(x.milk) > 0 ? solidsG(x.milk) / massG(x.milk) : 0,
    pulpG: pulp,
    pulpMoisture: pulp > 0 ? 1 - solidsG(x.pulp) / pulp : 0,
    openedShare: x.pulp.openedShare,
    gritShare: gritShareOf(x.milk, ctx),
    meshUm: x.meshUm,
    sizeUm: x.pulp.sizeUm,
    liquidG: x.liquidG,
    holdsG: x.holdsG,
    squeezedC: x.milk.temperatureC,
    sets: x.set ? 1 : 0,
  };
}
