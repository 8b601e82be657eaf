/** The ground's steps from low to high, each with its colour and its words. */
export interface Level {
  readonly from: number;
  readonly text: string;
}
/** The steps of the ground colour of a map. */
export const GROUND = [
  'var(--map-thin)',
  'var(--map-milk)',
  'var(--map-creamy)',
  'var(--map-thick)',
  'var(--map-sets)',
];
