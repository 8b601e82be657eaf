export { COMPONENTS, NO_GRAMS, grams, addGrams, scaleGrams, sumGrams, takeGrams, withGrams } from './components';
export type { Component, Grams } from './components';
export { MATERIALS } from './materials';
export { materialById, withCooked } from './lookup';
export { SOYBEANS } from './soy';
export type { Material, Basis, Hydration, ByTemperature, StarchBody, Keeps } from './types';
export { heatCapacity, density, FAT_KG_PER_M3, WATER_G_PER_ML } from './properties';
export { ownMaterial, likeOf, refusalOf } from './own';
export type { OwnParts, Refusal } from './own';
