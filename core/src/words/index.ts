export { join, grams, millilitres, celsius, percent, duration, roughly, clock, figureText } from './format';
export type { Spoken } from './format';
export { warningText, fixText, SPOKEN } from './warnings';
export { instruction, taskName } from './bench';
export type { Instruction } from './bench';
export { changeText, fitText } from './changes';
export { numberFaultText, orderFaultText } from './faults';
export { HYGIENE, CHOICES, STATIONS, streamName } from './labels';
