export { Search } from './search';
export type { Found } from './search';
export { EYES, lengthOf } from './types';
export type { Block, Cost, Hands, Link, Off, Part, Problem, Starts, Use, Wish } from './types';
export { checkTimetable } from './check';
export type { TimetableFault } from './check';
export { freshProblem, fromFresh } from './fresh';
export { SET_UP_S, setUpBy, workOf } from './plan';
export type { MilkWork } from './plan';
