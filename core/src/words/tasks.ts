import type { Step } from '../steps';
import { streamName } from './labels';

/** A short name for a task in a list; without a task, of the step. */
export function taskName(step: Step, task: string, label: string): string {
  if (task === '') return label;
  if (step.kind === 'grind') return step.params.loads > 1 ? `Grind load ${task.slice(4)}` : 'Grind';
  if (step.kind === 'boil') return task === 'heatUp' ? 'Bring to the boil' : 'Hold at the boil';
  if (step.kind === 'blanch') return task === 'heatUp' ? 'Up to the boil' : 'Boil them whole';
  if (step.kind === 'absorb')
    return { heatUp: 'Up to the boil', craters: 'Boil to craters', rest: 'Rest' }[task] ?? label;
  if (step.kind === 'heat') return task === 'heatUp' ? 'Heat gently' : 'Hold it there';
  if (step.kind === 'enzyme') return task === 'warm' ? 'Warm it' : 'Rest with enzyme';
  if (step.kind === 'lift') return task === 'stand' ? 'Stand in the fridge' : 'Lift the fat';
  if (step.kind === 'freeze') return task === 'fill' ? 'Fill the boxes' : 'Freeze';
  if (step.kind === 'soak') return task === 'cover' ? 'Cover with water' : 'Soak';
  // Several jars of a plan are cooled and filled one after another: each is named.
  if ((step.kind === 'cool' || step.kind === 'jar') && step.params.of !== 'milk' && step.params.of !== 'work')
    return `${label}: ${streamName(step.params.of)}`;
  return label;
}
