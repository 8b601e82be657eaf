import type { Thing } from './kit';

/** What many kitchens have besides the usual things (sizes and openings: common practice, estimates). */
export const OTHER_THINGS: readonly Thing[] = [
  { id: 'stick', is: 'jug', name: 'Stick blender in a tall pot', ratedMl: 2500, watts: 600, lid: 'vented' },
  { id: 'cup', is: 'jug', name: 'Small sealed cup', ratedMl: 600, watts: 700, lid: 'sealed' },
  { id: 'processor', is: 'jug', name: 'Food processor', ratedMl: 2500, watts: 700, lid: 'vented' },
  { id: 'insert', is: 'strainer', name: 'Filter insert', openingUm: 300, layers: 1 },
  { id: 'juicer', is: 'strainer', name: 'Juicer', openingUm: 250, layers: 1 },
  { id: 'coffee', is: 'strainer', name: 'Coffee filter', openingUm: 20, layers: 1 },
  { id: 'box', is: 'jar', name: 'Freezer box', ml: 500, glass: false },
  { id: 'bottle', is: 'jar', name: 'Bottle', ml: 500, glass: true },
];
