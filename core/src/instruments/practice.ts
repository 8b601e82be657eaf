/** How fast practice goes, in seconds to the second: what the page offers and the simulated kitchen follows. */
export const PRACTICE_SPEEDS = [1, 10, 60] as const;
export type PracticeSpeed = (typeof PRACTICE_SPEEDS)[number];
/** What may go wrong in practice, when it is asked for. */
export const PRACTICE_FAULTS = ['probeDies', 'foamsOver', 'calledAway'] as const;
export type PracticeFault = (typeof PRACTICE_FAULTS)[number];
/** Between two ticks, ms of the kitchen: four in a second of life; faster, more of them come together. */
export const tickMs = (speed: number): number => (speed <= 1 ? 250 : speed <= 10 ? 500 : 1000);
