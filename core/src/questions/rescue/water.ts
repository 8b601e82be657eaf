import { fig } from '../../checks';
import { massG } from '../../kitchen';
import { makeStep, numberOf, WATER } from '../../steps';
import type { Step } from '../../steps';
import { waterAhead } from '../waterAhead';
import { isOpen } from './inHand';
import { enough, idsFor, line, measured, moveOf, putIn, setTo } from './sick';
import type { Aim, Move, Sick } from './sick';

/** Stirred in by the five grams. */
const STEP_G = 5;
/** More than this share of what is there is another milk. */
const MOST = 0.6;

/** Water stirred into what is in hand, as much as it takes. */
export function stirInWater(s: Sick, aim: Aim, share = MOST): readonly Move[] {
  const { hand } = s;
  if (!isOpen(hand)) return [];
  const id = idsFor(s)('water');
  const edits = (g: number) => putIn(hand, [makeStep(id, 'add', { of: hand.stream, food: WATER, amountG: g })]);
  const most = Math.floor((share * massG(hand.now)) / STEP_G) * STEP_G;
  const g = most > 0 ? enough(s, aim, edits, [0, most, STEP_G]) : null;
  return g === null ? [] : moveOf(s, line('stirInWater', { addG: fig(g, 'g') }), edits(g), aim);
}

/** What is still to be poured, and how much of it the plan has. */
export const toPour = (s: Sick): readonly { readonly step: Step; readonly param: string; readonly nowG: number }[] =>
  waterAhead(s.p, s.batch).map(({ step, water }) => ({ step, param: water, nowG: numberOf(step, water) }));
/** Less of the water that is still to come: what is in comes out only by boiling, what is not in can be left. */
export function lessWater(s: Sick, aim: Aim): readonly Move[] {
  return toPour(s)
    .filter((w) => w.nowG >= STEP_G)
    .flatMap(({ step, param, nowG }) => {
      const edits = (less: number) => [setTo(step, param, Math.max(0, nowG - less))];
      const less = enough(s, aim, edits, [0, Math.floor(nowG / STEP_G) * STEP_G, STEP_G]);
      const figures = { toG: fig(nowG - (less ?? 0), 'g'), nowG: fig(nowG, 'g') };
      return less === null ? [] : moveOf(s, { ...line(`lessWater:${step.kind}`, figures) }, edits(less), aim);
    });
}
/** More water where it is still to be poured: in a wash it brings more than water. */
export function moreWater(s: Sick, aim: Aim, mostG: number): readonly Move[] {
  return toPour(s)
    .filter((w) => w.step.kind === 'wash' || w.step.kind === 'pour')
    .flatMap(({ step, param, nowG }) => {
      const edits = (more: number) => [setTo(step, param, nowG + more)];
      const more = enough(s, aim, edits, [0, Math.floor(mostG / STEP_G) * STEP_G, STEP_G]);
      const figures = { toG: fig(nowG + (more ?? 0), 'g'), moreG: fig(more ?? 0, 'g') };
      return more === null ? [] : moveOf(s, line(`moreWater:${step.kind}`, figures), edits(more), aim);
    });
}
/** How far it is short of a measure, of what it should be; 0: it is not. */
export const shortOf = (s: Sick, of: Aim['of'], want: number): number =>
  Math.max(0, want - (measured(s.p, of) ?? want));
