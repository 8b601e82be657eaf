/** Steps back and forward that are kept of a plan. */
export const MOST_UNDO = 60;
/** Highest number of a batch. */
export const MOST_BATCH_NUMBER = 1_000_000;
/** Highest revision that a row from a file keeps. */
export const MOST_REVISION_IN = 1_000_000;
/** Most of one food in the cupboard, g. */
export const MOST_STORED_G = 1_000_000;
/** Lists in lists deeper than this are in no record. */
export const MOST_NESTING = 64;
/** Longest text of any record, letters; a single name is held shorter by its own field. */
export const MOST_TEXT = 4000;
/** Vessels that one batch is filled into. */
export const MOST_VESSELS = 200;
/** Whiles that are told once, a calendar's among them. */
export const MOST_ONCE = 3000;
/** Times that are left out of a rhythm. */
export const MOST_WITHOUT = 1000;
/** Longest side of a photograph that is kept, pixels, and the letters of its JPEG in base64. */
export const MOST_PHOTO_PX = 1280;
export const MOST_PHOTO_TEXT = 1_200_000;
/** Batches of one trial, and tastings of one test. */
export const MOST_RUNS = 32;
export const MOST_TASTINGS = 200;
