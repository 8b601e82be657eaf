/** A lone half of a character that a cut went through. */
const HALF_AT_END = /[\uD800-\uDBFF]$/;
/** A name of at most `most` letters, without blanks at its ends: every name that is made of another is cut here. */
export const cutName = (text: string, most = 120): string =>
  text.trim().slice(0, most).replace(HALF_AT_END, '').trimEnd();
