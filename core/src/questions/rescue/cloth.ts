import { effectiveUm, fig } from '../../checks';
import { isPulp, thingOf } from '../../kitchen';
import type { ThingOf } from '../../kitchen';
import { makeStep } from '../../steps';
import type { Params, Step } from '../../steps';
import { isOpen, isThere } from './inHand';
import type { InHand } from './inHand';
import { enough, idsFor, line, moveOf, putIn, setTo, withEdits } from './sick';
import type { Aim, Move, Sick } from './sick';

const strainers = (s: Sick): readonly ThingOf<'strainer'>[] =>
  s.batch.kit.things
    .filter((t): t is ThingOf<'strainer'> => t.is === 'strainer')
    .sort((a, b) => effectiveUm(a) - effectiveUm(b));
const strains = (x: Step): x is Step<'strain' | 'wash'> => x.kind === 'strain' || x.kind === 'wash';
const pulpOf = (x: Step<'strain' | 'wash'>): string => (x.kind === 'strain' ? x.params.pulp : x.params.of);
/** Where the little goes that is caught the second time: to the pulp, if that is still there and raw like it. */
function pulpName(s: Sick, hand: InHand): string {
  const last = s.p.recipe.steps.findLast(strains);
  const used = last ? pulpOf(last) : 'pulp';
  const there = s.p.outcome.products[used];
  const busy = s.p.recipe.steps.some((x) => 'of' in x.params && x.params.of === used);
  return there && isPulp(there) && !busy && hand.stream !== used ? used : 'second pulp';
}

/** What was strained through last; null: nothing was. */
function lastThrough(s: Sick): string | null {
  const done = s.p.recipe.steps.findLast(
    (x): x is Step<'strain' | 'wash'> =>
      strains(x) && s.p.tasks.some((t) => t.step.id === x.id && t.status !== 'waiting'),
  );
  return done ? thingOf(s.batch.kit, 'strainer', done.params.strainer).id : null;
}
/** Once more through each cloth and sieve of the kit, with a light hand; `burst`: not through the last one. */
export function strainAgain(s: Sick, aim: Aim | null, say = 'strainAgain', burst = false): readonly Move[] {
  const { hand } = s;
  if (!isOpen(hand)) return [];
  const id = idsFor(s)('strainAgain');
  const pulp = pulpName(s, hand);
  const sound = strainers(s).filter((t) => !burst || t.id !== lastThrough(s));
  return sound.flatMap((t) => {
    const step = makeStep(id, 'strain', { of: hand.stream, into: hand.stream, pulp, strainer: t.id, hand: 'gentle' });
    return moveOf(s, { ...line(say), named: t.name }, putIn(hand, [step]), aim);
  });
}
/** What is still to be strained goes through another one than the one that burst. */
export function otherStrainer(s: Sick): readonly Move[] {
  const open = s.p.tasks.find((t) => strains(t.step) && t.status !== 'done')?.step;
  if (!open || !strains(open)) return [];
  const burst = thingOf(s.batch.kit, 'strainer', open.params.strainer).id;
  return strainers(s)
    .filter((t) => t.id !== burst)
    .flatMap((t) => moveOf(s, { ...line('otherStrainer'), named: t.name }, [setTo(open, 'strainer', t.id)], null));
}

/** What is still to be strained drips and is not squeezed: the hand brings slime with the last of the milk. */
export function letDrip(s: Sick, aim: Aim): readonly Move[] {
  const open = s.p.tasks.find((t) => strains(t.step) && t.status !== 'done')?.step;
  if (!open || !strains(open) || LOOSE.includes(open.params.hand)) return [];
  const edits = [setTo(open, 'hand', 'drip')];
  const less = moveOf(s, line('letDrip'), edits, aim);
  return less.length > 0 ? less : moveOf(s, line('letDrip'), edits, null);
}
const LOOSE: readonly Params['strain']['hand'][] = ['drip', 'shake'];

const STEP_G = 5;
/** The pulp washed once more, or pressed harder: what it holds is milk. */
export function fromPulp(s: Sick, aim: Aim, mostG: number): readonly Move[] {
  const { hand } = s;
  const last = s.p.recipe.steps.findLast(
    (x): x is Step<'strain' | 'wash'> => strains(x) && s.p.tasks.some((t) => t.step.id === x.id && t.status === 'done'),
  );
  if (!isOpen(hand) || !last || last.params.into !== hand.stream) return [];
  const of = pulpOf(last);
  // What is done with the pulp afterwards can be done only with what there is then.
  const begun = s.p.tasks.some(
    (t) => t.step !== last && handsOn(t.step, of) && t.status !== 'waiting' && t.index > s.p.recipe.steps.indexOf(last),
  );
  const pulp = s.p.outcome.stages.find((x) => x.step === last.id)?.writes.find(([n]) => n === of)?.[1];
  // What raw pulp holds is raw: into milk that was heated it does not go, whatever figure it would come to.
  const raw = pulp?.hygiene === 'raw' && hand.now.hygiene !== 'raw';
  if (begun || raw || !isThere(s.p, of)) return [];
  const newId = idsFor(s);
  const [washId, pressId] = [newId('washAgain'), newId('pressAgain')];
  const to = { of, into: hand.stream, strainer: last.params.strainer };
  const washed = (waterG: number) => putIn(hand, [makeStep(washId, 'wash', { ...to, waterG, hand: last.params.hand })]);
  const g = enough(s, aim, washed, [0, Math.max(STEP_G, Math.floor(mostG / STEP_G) * STEP_G), STEP_G]);
  const press: Params['strain']['hand'] = 'press';
  return [
    ...(g === null ? [] : moveOf(s, line('washAgain', { addG: fig(g, 'g') }), washed(g), aim)),
    ...(last.params.hand === press
      ? []
      : moveOf(
          s,
          line('pressAgain'),
          putIn(hand, [makeStep(pressId, 'strain', { ...to, pulp: of, hand: press })]),
          aim,
        )),
  ];
}
const handsOn = (x: Step, stream: string): boolean => 'of' in x.params && x.params.of === stream;

/** Back into the jug for some seconds, in as many loads as it takes. */
export function blendAgain(s: Sick, say: string, durationS: number): readonly Move[] {
  const { hand } = s;
  if (!isOpen(hand)) return [];
  const id = idsFor(s)('blendAgain');
  const edits = (loads: number) =>
    putIn(hand, [makeStep(id, 'grind', { of: hand.stream, waterG: 0, durationS, loads })]);
  const once = withEdits(s, edits(1));
  const loads = once?.outcome.stages.find((x) => x.step === id)?.figures.loadsNeeded ?? 1;
  return moveOf(s, line(say, { forS: fig(durationS, 's') }), edits(Math.max(1, loads)), null);
}
