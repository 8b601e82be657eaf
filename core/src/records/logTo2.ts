import type { Migration } from './migrate';

/**
 * Version 2 of the logs: lines are read by sequence, not by the clock, and reasons are codes. Version 1 had only the
 * instant, and was read by it: it becomes the sequence, so that old lines keep their order and new ones come after.
 * Frozen: never changed again.
 */
type Row = Readonly<Record<string, unknown>>;
const seqOf = (r: Row): number => (typeof r.at === 'number' ? Math.max(0, Math.floor(r.at)) : 0);
/** A sentence of version 1 as its code; the cook's own words stay words. */
function reason(r: Row, known: Readonly<Record<string, string>>): Row {
  const said = typeof r.why === 'string' ? r.why : '';
  const code = Object.hasOwn(known, said) ? known[said] : undefined;
  return code === undefined ? { why: 'other', text: said } : { why: code, text: '' };
}
const SKIPPED = {
  'Not needed this time': 'notNeeded',
  'Done already': 'doneAlready',
  'No time for it': 'noTime',
  'Forgot it': 'forgot',
};
const ABANDONED = {
  'Went off in the soak': 'wentOff',
  Scorched: 'scorched',
  Spilt: 'spilt',
  'Changed my mind': 'changedMind',
};
const THROWN = { 'It turned': 'turned', 'Past its time': 'past', 'To be safe': 'safe', Spilt: 'spilt' };

/** A batch’s line from version 1 to 2. */
export const eventTo2: Migration = (r) => ({
  ...r,
  seq: seqOf(r),
  ...(r.is === 'skipped' ? reason(r, SKIPPED) : {}),
  ...(r.is === 'abandoned' ? reason(r, ABANDONED) : {}),
});
/** A jar’s line from version 1 to 2. */
export const jarEventTo2: Migration = (r) => ({
  ...r,
  seq: seqOf(r),
  ...(r.is === 'thrown' ? { ...reason(r, THROWN), lastFineAt: null } : {}),
});
