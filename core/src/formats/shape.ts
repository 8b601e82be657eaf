import { MOST_NESTING, MOST_TEXT } from '../records';

/**
 * What must hold before a text is even parsed, and is told in a sentence: lists in lists no deeper than any record has
 * (a parser or a validator would run out of stack), no single text as long as a book. Null: nothing is wrong.
 */
export function checkShape(json: string, mostText: number = MOST_TEXT): string | null {
  let depth = 0;
  let begun = -1;
  for (let i = 0; i < json.length; i += 1) {
    const c = json.charCodeAt(i);
    if (begun >= 0) {
      if (c === BACKSLASH) i += 1;
      else if (c === QUOTE) {
        if (i - begun - 1 > mostText) return tooLong(i - begun - 1, mostText);
        begun = -1;
      }
    } else if (c === QUOTE) begun = i;
    else if (c === OPEN_LIST || c === OPEN_OBJECT) {
      depth += 1;
      if (depth > MOST_NESTING)
        return `it holds lists in lists more than ${MOST_NESTING} deep; no recipe and no kitchen does.`;
    } else if (c === CLOSE_LIST || c === CLOSE_OBJECT) depth -= 1;
  }
  return begun >= 0 && json.length - begun - 1 > mostText ? tooLong(json.length - begun - 1, mostText) : null;
}
const tooLong = (n: number, most: number): string =>
  `it holds one text of ${n} letters; the longest that can be kept has ${most}.`;
const QUOTE = 34;
const BACKSLASH = 92;
const OPEN_LIST = 91;
const CLOSE_LIST = 93;
const OPEN_OBJECT = 123;
const CLOSE_OBJECT = 125;
