import type { Recipe, Stage, Step } from '../steps';
import { freshLines } from './amounts';
import { celsius, join } from './format';
import { OPENING } from './warnings';

/** A nut that must be opened, or meat that is grated. */
const OPENED: readonly string[] = ['coconut-fresh', 'coconut-grated'];
/** Hotter than this no hand goes in, °C (common practice). */
const HAND_C = 45;

/** What can hurt at this step besides what its instruction says: said where the hands are, and nowhere else. */
export function cautionsOf(step: Step, stage: Stage, task: string, recipe: Recipe): readonly string[] {
  // Only while it is begun: its later tasks have it behind them.
  if (stage.tasks[0] !== undefined && stage.tasks[0].id !== task) return [];
  const squeezedC = stage.figures.squeezedC ?? 0;
  const out: string[] = [];
  if (freshLines(step, recipe).some((l) => OPENED.includes(l.material))) out.push(OPENING);
  if (step.kind === 'knead' && step.params.waterG > 0 && step.params.waterC > HAND_C)
    out.push(`Hands go in only once it is below ${join(celsius(HAND_C))}: let it stand, and try it with a finger.`);
  if ((step.kind === 'strain' || step.kind === 'wash') && step.params.hand !== 'drip' && squeezedC > HAND_C)
    out.push(
      `At about ${join(celsius(Math.round(squeezedC)))} it burns: let it drip and press it with a spoon; no bare hand on it above ${join(celsius(HAND_C))}.`,
    );
  if (stage.figures.hotGlass === 1)
    out.push('Hot glass cracks in cold water: cool it in the pot, or in lukewarm water first.');
  return out;
}
