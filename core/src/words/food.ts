import { milkCalled } from '../materials';
import type { Recipe } from '../steps';

/** How a kitchen speaks of one food: its pieces, and what to look for at each stage. */
export interface FoodWords {
  readonly pieces: string;
  readonly sorted: string;
  readonly soaked: string;
  readonly ground: string;
  readonly pulp: string;
}
const PLAIN: FoodWords = {
  pieces: 'pieces',
  sorted: 'The water runs clear.',
  soaked: 'Soft enough to dent with a nail.',
  ground: 'No pieces between the fingers.',
  pulp: 'Pulp that holds together in the hand.',
};
const FOODS: Readonly<Record<string, FoodWords>> = {
  soy: {
    pieces: 'beans',
    sorted: 'The water runs clear.',
    soaked: 'A split half is flat, with no dimple or chalky middle.',
    ground: 'Frothy, and no pieces between the fingers. Do not taste it: it is raw.',
    pulp: 'Pulp like rough dough.',
  },
  oat: {
    pieces: 'oats',
    sorted: 'No husks.',
    soaked: 'Swollen and slick to the touch.',
    ground: 'Milky at once; stop before it feels slick.',
    pulp: 'Pulp like wet porridge; do not wring it dry.',
  },
  rice: {
    pieces: 'rice',
    sorted: 'The water runs nearly clear.',
    soaked: 'A grain breaks between the nails, white through.',
    ground: 'White and even, no grains left.',
    pulp: 'A little paste in the mesh.',
  },
  'tiger nut': {
    pieces: 'tubers',
    sorted: 'The water runs clear after several washes.',
    soaked: 'Plump and crisp, the skin smooth again.',
    ground: 'Like wet sand between the fingers, no crumbs.',
    pulp: 'Pulp like damp sawdust.',
  },
  coconut: {
    pieces: 'coconut',
    sorted: 'Smells fresh; no grey or pink spots.',
    soaked: 'Soft shreds.',
    ground: 'No pieces; the froth is white.',
    pulp: 'Pulp dry and loose; it no longer whitens the fingers.',
  },
  almond: {
    pieces: 'almonds',
    sorted: 'No bitter or shrivelled ones.',
    soaked: 'The skin slips between finger and thumb.',
    ground: 'Even, no pieces.',
    pulp: 'Pulp like damp meal.',
  },
};

/** The milk a plan makes, by what it takes most of from the larder: soy, oat, rice … */
export function milkOf(r: Recipe): string {
  let most = r.larder[0];
  for (const l of r.larder) if (l.grams > (most?.grams ?? 0)) most = l;
  const food = r.materials.find((m) => m.id === most?.material);
  return food ? milkCalled(food) : '';
}
/** The words for what this plan is made of. */
export function foodOf(r: Recipe): FoodWords {
  return FOODS[milkOf(r)] ?? PLAIN;
}
/** "oat" → "oat milk". */
export const milkName = (milk: string): string => (milk === '' ? 'milk' : `${milk} milk`);
