import { draftOf, massG, merge, portion, touch, volumeMl, waterG } from '../kitchen';
import type { Stream, ThingOf } from '../kitchen';
import type { Material } from '../materials';
import { freezerFill, JAR_FILL } from '../steps';
import type { FilledJar, Filling, FrozenBatch } from './events';

/** A vessel of the kit and how many of it are to be filled. */
export interface Chosen {
  readonly jar: ThingOf<'jar'>;
  readonly n: number;
}
export interface Split {
  readonly into: readonly Filling[];
  /** Milk that finds no place, ml. */
  readonly leftMl: number;
  /** Vessels that stay empty. */
  readonly empty: number;
}
/** Less than this is not worth a jar, ml. */
const LEAST_ML = 5;
/** So much milk into a cook's own vessels, one after the other, each up to its headspace, the last with what is left. */
export function splitInto(milkMl: number, chosen: readonly Chosen[], fill: number = JAR_FILL): Split {
  let left = milkMl;
  let empty = 0;
  const into: Filling[] = [];
  for (const { jar, n } of chosen)
    for (let i = 0; i < n; i += 1) {
      const ml = Math.min(left, jar.ml * fill);
      if (ml < LEAST_ML) empty += 1;
      else into.push({ name: jar.name, vesselMl: jar.ml, ml, glass: jar.glass });
      left -= ml;
    }
  return { into, leftMl: left < LEAST_ML ? 0 : left, empty };
}

/** A tub of no name for so much: a sixth over, in round figures, ml (common practice). */
export const tubMl = (ml: number): number => Math.ceil((ml * 1.2) / 100) * 100;

/** How full a jar may be before it freezes, ml of what is in it; ice grows by a twelfth. */
export const freezesUpToMl = (jar: Pick<FilledJar, 'vesselMl' | 'stream'>): number => {
  const s = jar.stream;
  const mass = massG(s);
  const kgPerL = volumeMl(s) > 0 ? mass / volumeMl(s) : 1;
  return jar.vesselMl * freezerFill(mass > 0 ? waterG(s) / mass : 1, kgPerL);
};

/** What is poured over into another vessel: as it is, but touched where the vessel was not scalded. */
export function pouredOver(s: Stream, ml: number, scalded: boolean): Stream {
  const part = portion(s, Math.min(1, ml / Math.max(1e-9, volumeMl(s))));
  return { ...(scalded ? part : touch(draftOf(part))), stillS: 0 };
}
/** Two milks in one jar: the fold's own merge decides what that is. */
export const pouredTogether = (a: Stream, b: Stream): Stream => ({ ...merge(a, b), stillS: 0 });
/** The foods that a stream is made from, out of those its batch knows; with what they were cooked from. */
export const foodsIn = (s: Stream, batch: Pick<FrozenBatch, 'recipe'>): readonly Material[] =>
  batch.recipe.materials.filter((m) => (s.madeFrom[m.id] ?? 0) > 0);
