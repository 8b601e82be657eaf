export { rescueOf } from './rescue';
export type { Rescued } from './rescue';
export { troublesOf } from './troubles';
export type { Line as RescueLine, Move as RescueMove, RescueMeasure } from './sick';
