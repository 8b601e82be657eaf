import type { AbandonReason, SkipReason, ThrownReason } from '../batch';

/** Reasons are codes in the log; here is how a cook says them. */
export const SKIPPED_WHY: Readonly<Record<SkipReason, string>> = {
  notNeeded: 'Not needed this time',
  doneAlready: 'Done already',
  noTime: 'No time for it',
  forgot: 'Forgot it',
  other: 'Something else',
};
/** Why a batch was given up, in words. */
export const ABANDONED_WHY: Readonly<Record<AbandonReason, string>> = {
  wentOff: 'Went off in the soak',
  scorched: 'Scorched',
  spilt: 'Spilt',
  changedMind: 'Changed my mind',
  other: 'Something else',
};
/** Why a jar was thrown away, in words. */
export const THROWN_WHY: Readonly<Record<ThrownReason, string>> = {
  turned: 'It turned',
  past: 'Past its time',
  safe: 'To be safe',
  disliked: 'Nobody liked it',
  spilt: 'Spilt',
  broken: 'The jar broke',
  other: 'Something else',
};
/** The cook's own words where there are any, else the usual ones; "" where nothing was said. */
export function whyText<R extends string>(known: Readonly<Record<R, string>>, why: R, text: string): string {
  return text === '' && why === 'other' ? '' : text === '' ? known[why] : text;
}
