export { COMPONENTS, NO_GRAMS, grams, addGrams, scaleGrams, sumGrams, takeGrams } from './components';
export type { Component, Grams } from './components';
export { MATERIALS, materialById, SOYBEANS } from './materials';
export type { Material, Basis, Hydration } from './materials';
export { heatCapacity, density, WATER_G_PER_ML } from './properties';
