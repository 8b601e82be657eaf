import { fig } from '../../checks';
import type { Figures, Step } from '../../steps';
import { line, moveOf, setTo } from './sick';
import type { Move, Sick } from './sick';
import { toPour } from './water';

/** The grinding that goes on or comes next; null: none does. */
export function grindOpen(s: Sick): Step<'grind'> | null {
  const t = s.p.tasks.find((x) => x.step.kind === 'grind' && x.status !== 'done');
  return t?.step.kind === 'grind' ? t.step : null;
}
const MOST_LOADS = 12;
/** A tenth of the water of a load frees blades that spin in a hole (common practice). */
const FREES = 0.1;
const STEP_G = 10;

/** The jug stands still: less in it at once, or more water in it and so much less later. */
export function freeTheJug(s: Sick): readonly Move[] {
  const step = grindOpen(s);
  if (!step) return [];
  const { loads, waterG } = step.params;
  const started = s.p.tasks.some((t) => t.step.id === step.id && t.status === 'done');
  const figures: Figures = s.p.outcome.stages.find((x) => x.step === step.id)?.figures ?? {};
  const wants = Math.max(FREES * waterG, (figures.waterWantedG ?? 0) - waterG);
  const addG = Math.ceil(wants / STEP_G) * STEP_G;
  const more = [setTo(step, 'waterG', waterG + addG)];
  const later = toPour(s).find((w) => w.step.id !== step.id && w.nowG >= addG);
  const swapped = later ? [...more, setTo(later.step, later.param, later.nowG - addG)] : more;
  return [
    ...moveOf(s, line(later ? 'waterFromLater' : 'waterToJug', { addG: fig(addG, 'g') }), swapped, null),
    // What has run in loads of one size is not made into others.
    ...(started || loads >= MOST_LOADS
      ? []
      : moveOf(s, line('moreLoads', { loads: fig(loads + 1, 'count') }), [setTo(step, 'loads', loads + 1)], null)),
  ];
}
