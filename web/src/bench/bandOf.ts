import type { TaskState } from '@ironpan/core/batch';
import type { Band } from '@ironpan/core/detect';
import type { Kit } from '@ironpan/core/kitchen';
import { boilsAtC, TRUE_BOIL_C } from '@ironpan/core/steps';
import type { Recipe, Stage } from '@ironpan/core/steps';
import { celsius, join } from '@ironpan/core/words';

export interface KeptIn extends Band {
  readonly label: string;
  readonly tooWarm: string;
  readonly tooCold: string;
}
/** About a temperature that is asked for, K (common practice: what a hand on a hob can hold). */
const ABOUT_K = 1.5;
/** Water that beans stand in turns sour above this, °C (common practice). */
const SOAK_AT_MOST_C = 25;
/** Water poured over them hotter than this is meant to be hot, °C. */
const SCALDS_C = 40;
/** Above this the flavour enzyme of the bean dies in the jug, °C (common practice: 80 and over). */
const ENZYME_DIES_C = 80;
const about = (c: number, tooWarm: string, tooCold: string): KeptIn => ({
  ...{ low: c - ABOUT_K, high: c + ABOUT_K, tooWarm, tooCold },
  label: `${join(celsius(c - ABOUT_K))} to ${join(celsius(c + ABOUT_K))}`,
});
/** The window in which what stands before the cook is to be kept; null: it has none. */
export function bandOf(t: TaskState, kit: Kit, stage: Stage | undefined, recipe: Recipe): KeptIn | null {
  const { step } = t;
  const soy = recipe.materials.some((m) => m.inhibitorLabileShare !== null);
  switch (step.kind) {
    case 'boil':
    case 'blanch': {
      const low = boilsAtC(kit) - TRUE_BOIL_C;
      return { low, high: null, label: `true boil, from ${join(celsius(low))}`, tooWarm: '', tooCold: 'turn it up' };
    }
    case 'heat':
      return about(step.params.toC, 'turn it down', 'turn it up');
    case 'enzyme':
      return about(step.params.atC, 'stand it in cold water', 'warm it a little');
    case 'cool': {
      const { toC } = step.params;
      return {
        low: null,
        high: toC,
        label: `down to ${join(celsius(toC))}`,
        tooWarm: 'more ice, and stir',
        tooCold: '',
      };
    }
    case 'grind': {
      // Ground hot so that the bean's own flavour enzyme has no time: it must stay so.
      if (soy && step.params.waterC >= ENZYME_DIES_C)
        return {
          ...{ low: ENZYME_DIES_C, high: null, tooWarm: '', tooCold: 'hotter water in the next load' },
          label: `hot, from ${join(celsius(ENZYME_DIES_C))}`,
        };
      const gelFromC = stage?.figures.gelFromC ?? 0;
      if (gelFromC <= 0) return null;
      const label = `below ${join(celsius(gelFromC))}, where starch swells`;
      return { low: null, high: gelFromC, label, tooWarm: 'stop, and go on with ice', tooCold: '' };
    }
    case 'soak':
      // What is scalded on purpose is not too warm.
      if (step.params.waterC > SCALDS_C) return null;
      return {
        ...{ low: null, high: SOAK_AT_MOST_C, tooWarm: 'change the water, or stand it in the fridge', tooCold: '' },
        label: `at most ${join(celsius(SOAK_AT_MOST_C))}`,
      };
    default:
      return null;
  }
}
