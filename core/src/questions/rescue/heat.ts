import { fig } from '../../checks';
import { highestOf, makeStep } from '../../steps';
import type { Step } from '../../steps';
import type { RescueEdit } from '../../batch';
import { MINUTE_S } from '../../units';
import { isOpen } from './inHand';
import type { InHand } from './inHand';
import { enough, idsFor, line, moveOf, putIn, setTo } from './sick';
import type { Aim, Move, Sick } from './sick';

/** Longer at the boil than this nobody stands by, s. */
const MOST_S = 90 * MINUTE_S;

/** A boil that goes on, or is still to come, of what is in hand. */
export function boilAhead(s: Sick): Step<'boil'> | null {
  const open = s.p.tasks.find(
    (t) => t.step.kind === 'boil' && t.status !== 'done' && t.step.params.of === s.hand?.stream,
  );
  return open?.step.kind === 'boil' ? open.step : null;
}
/**
 * Boiled longer, or once more, as long as it takes: water goes off and so does flavour. What has cooled is cooled again
 * as it was.
 */
export function boilLonger(s: Sick, aim: Aim): readonly Move[] {
  const step = boilAhead(s);
  if (step) {
    const now = step.params.holdS;
    const most = Math.min(MOST_S, highestOf('boil', 'holdS') - now);
    const edits = (more: number) => [setTo(step, 'holdS', now + more)];
    const more = most > 0 ? enough(s, aim, edits, [0, most, MINUTE_S]) : null;
    const figures = { toS: fig(now + (more ?? 0), 's'), moreS: fig(more ?? 0, 's') };
    return more === null ? [] : moveOf(s, line('boilLonger', figures), edits(more), aim);
  }
  const { hand } = s;
  // What was never meant to boil is not thickened by boiling: it would set, or split.
  const boils = s.p.recipe.steps.some((x) => x.kind === 'boil' && x.params.of === hand?.stream);
  if (!isOpen(hand) || !boils) return [];
  const edits = boiledAgain(s, hand);
  const holdS = enough(s, aim, edits, [0, MOST_S, MINUTE_S]);
  return holdS === null ? [] : moveOf(s, line('boilAgain', { holdS: fig(holdS, 's') }), edits(holdS), aim);
}
/** Steps that boil what is in hand once more for `holdS`, and cool it again as it was, where no cooling is to come. */
export function boiledAgain(s: Sick, hand: InHand): (holdS: number) => readonly RescueEdit[] {
  const newId = idsFor(s);
  const [boilId, coolId] = [newId('boilAgain'), newId('coolAgain')];
  const cooled = s.p.recipe.steps.findLast((x): x is Step<'cool'> => x.kind === 'cool' && x.params.of === hand.stream);
  const cools = hand.ahead.some((x) => x.kind === 'cool');
  return (holdS) =>
    putIn(hand, [
      makeStep(boilId, 'boil', { of: hand.stream, holdS }),
      ...(cools
        ? []
        : [makeStep(coolId, 'cool', { ...cooled?.params, of: hand.stream, toC: cooled?.params.toC ?? 10 })]),
    ]);
}
/** Malt rests: a dose a litre, as cool as it is or warm, the shortest that is enough. */
export function malt(s: Sick, aim: Aim): readonly Move[] {
  const { hand } = s;
  if (!isOpen(hand)) return [];
  const doses = Math.max(1, Math.round((hand.now.freeWaterG + hand.now.boundWaterG) / 1000));
  const id = idsFor(s)('malt');
  return [20, 55].flatMap((atC) => {
    const edits = (durationS: number) =>
      putIn(hand, [makeStep(id, 'enzyme', { of: hand.stream, with: 'malt', doses, atC, durationS })]);
    const forS = enough(s, aim, edits, [0, 60 * MINUTE_S, 5 * MINUTE_S]);
    const figures = { doses: fig(doses, 'count'), atC: fig(atC, 'C'), forS: fig(forS ?? 0, 's') };
    return forS === null ? [] : moveOf(s, line('malt', figures), edits(forS), aim);
  });
}
/** The boil that goes on or comes is turned down. */
export function turnDown(s: Sick): readonly Move[] {
  const step = boilAhead(s);
  return step && step.params.vigour !== 'gentle'
    ? moveOf(s, line('turnDown'), [setTo(step, 'vigour', 'gentle')], null)
    : [];
}
