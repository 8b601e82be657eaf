import { endsBoiledEnough, isRawNow } from '../../batch';
import type { BatchEvent, FrozenBatch, Progress, RescueEdit, TraceChunk } from '../../batch';
import { fig } from '../../checks';
import { boilsAtC, highestOf, isBoiledEnough, neededHoldS } from '../../steps';
import type { Step } from '../../steps';
import { wholeMinutesS } from '../../units';
import { boiledAgain } from './heat';
import { inHand } from './inHand';
import { line, setTo, sickOf, withEdits } from './sick';
import type { Move, Sick } from './sick';

/**
 * What makes a bean milk safe that would reach its jar not boiled enough: a boil that is still open made longer
 * (`boilLonger`), or one more boil put in where the milk is now (`backToHeat`). null: the steps to come boil it enough, or
 * nothing is left to boil.
 */
export function backToHeat(s: Sick): Move | null {
  if (endsBoiledEnough(s.p.recipe, s.p.outcome)) return null;
  return longerBoil(s) ?? oneMoreBoil(s);
}
/** The last boil that is running or to come, long enough for what it boils. */
function longerBoil(s: Sick): Move | null {
  const open = s.p.tasks.findLast((t) => t.step.kind === 'boil' && t.status !== 'done');
  const step = open?.step as Step<'boil'> | undefined;
  const made = open && s.p.outcome.stages[open.index]?.writes.find(([n]) => n === step?.params.of)?.[1];
  if (!step || !made || isBoiledEnough(made)) return null;
  const moreS = wholeMinutesS(neededHoldS(made, boilsAtC(s.batch.kit)));
  const toS = step.params.holdS + moreS;
  return toS > highestOf('boil', 'holdS')
    ? null
    : safeMove(s, 'boilLonger', { moreS, toS }, [setTo(step, 'holdS', toS)]);
}
function oneMoreBoil(s: Sick): Move | null {
  const hand = inHand(s.p, (x) => x.openedShare > 0 && !isBoiledEnough(x));
  if (!hand) return null;
  const moreS = wholeMinutesS(neededHoldS(hand.now, boilsAtC(s.batch.kit)));
  return safeMove(s, 'backToHeat', { moreS }, boiledAgain(s, hand)(moreS));
}
/** A move for safety's sake: whatever else it changes, it is offered. null: it cannot be made. */
function safeMove(
  s: Sick,
  say: string,
  seconds: Readonly<Record<string, number>>,
  edits: readonly RescueEdit[],
): Move | null {
  const after = withEdits(s, edits);
  const main = after?.summary.main;
  if (!after || !main) return null;
  const figures = Object.fromEntries(Object.entries(seconds).map(([name, x]) => [name, fig(x, 's')]));
  const reached = endsBoiledEnough(after.recipe, after.outcome);
  return {
    ...line(say, figures),
    ...{ edits, of: null, before: null, after: null, reached, main, volumeMl: after.summary.jarredMl },
  };
}

/** What raw soy in a batch still owes to the heat. */
export interface HeatOwed {
  /** The change that is needed; null: the boil that is running or to come is long enough. */
  readonly back: Move | null;
}
/** What a batch still owes to the heat at an instant (`now`, ms), from where it is. null: nothing in it is raw soy. */
export function heatOwed(
  p: Progress,
  batch: FrozenBatch,
  events: readonly BatchEvent[],
  chunks: readonly TraceChunk[],
  now: number,
): HeatOwed | null {
  if (!isRawNow(p)) return null;
  // The checks of a whole rescue are made only where something is owed.
  if (endsBoiledEnough(p.recipe, p.outcome)) return { back: null };
  return { back: backToHeat(sickOf(batch, events, chunks, 'notBoiled', now)) };
}
