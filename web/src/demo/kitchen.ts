import { USUAL_KIT } from '@ironpan/core/kitchen';
import type { KitRecord } from '@ironpan/core/records';

/** The demo's own kitchen, invented: shared, on a hill, 640 m up. */
export const hillKitchen = (at: number): KitRecord => ({
  ...USUAL_KIT,
  name: 'Hillside kitchen',
  altitudeM: 640,
  roomC: 19,
  fridgeC: 4.4,
  tapC: 12,
  cupMl: 240,
  perKWh: 0.27,
  boughtPerL: 2.4,
  prices: { soybeans: 2.9, 'oats-rolled': 1.6, 'tiger-nuts': 8.4 },
  things: [
    { id: 'tall-jug', is: 'jug', name: 'Tall jug', ratedMl: 1750, watts: 900, lid: 'vented' },
    { id: 'cup-jug', is: 'jug', name: 'Small cup', ratedMl: 700, watts: 400, lid: 'sealed' },
    { id: 'fine-bag', is: 'strainer', name: 'Fine bag', openingUm: 100, layers: 1 },
    { id: 'cloth', is: 'strainer', name: 'Old tea cloth, doubled', openingUm: 320, layers: 2 },
    { id: 'sieve', is: 'strainer', name: 'Sieve', openingUm: 550, layers: 1 },
    { id: 'pot', is: 'pot', name: 'Blue pot', ml: 5000, diameterCm: 22, massG: 1900, made: 'steel' },
    { id: 'big-pot', is: 'pot', name: 'Stock pot', ml: 8500, diameterCm: 26, massG: 2600, made: 'steel' },
    { id: 'bowl', is: 'bowl', name: 'Glass bowl', ml: 3200, diameterCm: 24, massG: 1100, made: 'glass' },
    { id: 'basin', is: 'bowl', name: 'Enamel basin', ml: 6000, diameterCm: 32, massG: 900, made: 'steel' },
    { id: 'hob', is: 'hob', name: 'Gas ring', watts: 2600, heat: 'gas' },
    { id: 'jar', is: 'jar', name: 'Litre jar', ml: 1000, glass: true },
    { id: 'half', is: 'jar', name: 'Half-litre jar', ml: 500, glass: true },
    { id: 'box', is: 'jar', name: 'Freezer box', ml: 450, glass: false },
  ],
  use: { jug: 'tall-jug', strainer: 'fine-bag', pot: 'pot', bowl: 'bowl', hob: 'hob', jar: 'jar' },
  rev: 1,
  updatedAt: at,
});
