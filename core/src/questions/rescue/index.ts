export { rescueOf } from './rescue';
export type { Rescued } from './rescue';
export { rescueOfJar, troublesOfJar } from './glass';
export type { RescuedJar } from './glass';
export { heatOwed } from './backToHeat';
export type { HeatOwed } from './backToHeat';
export { troublesOf } from './troubles';
export type { Line as RescueLine, Move as RescueMove, RescueMeasure } from './sick';
