import { describe, expect, test } from '@jest/globals';
import { fold, summarise } from '../../src/batch';
import { jobsOf, thingsOf } from '../../src/batch';
import { warningsOf } from '../../src/checks';
import { unlearned } from '../../src/kitchen';
import { METHODS, recipeIn } from '../../src/methods';
import { warningText } from '../../src/words';
import { kitAt } from '../batch/kitchen';
import { told } from './told';

/**
 * The record: what every school brings today, step by step. No proof that it is true (that is for the tests against
 * published figures), but nothing in it changes unseen: who changes a law reads here, in the difference, all that it moves.
 */
const kit = kitAt(640);
const here = unlearned(kit);

describe('on record for every school', () => {
  test.each(METHODS.map((m) => [m.id, m] as const))('%s', (_, m) => {
    const recipe = recipeIn(m, kit);
    const outcome = fold(recipe, here);
    const jobs = jobsOf(recipe, outcome, here);
    const lines = [
      ...outcome.stages.map((s, i) => {
        const step = recipe.steps[i];
        return `${s.step} ${told({ figures: s.figures, tasks: s.tasks, uses: step ? thingsOf(step, kit) : [] })}`;
      }),
      ...Object.entries(outcome.products).map(([name, s]) => `= ${name} ${told(s)}`),
      `flows ${told(outcome.ledger.map((f) => f))}`,
      `jobs ${told(jobs)}`,
      `sum ${told(summarise(recipe, outcome, kit))}`,
      ...warningsOf({ outcome, recipe, kit }).map(
        (w) => `! ${w.weight} ${warningText(w)} ${told({ figures: w.figures, fixes: w.fixes })}`,
      ),
    ];
    expect(lines).toMatchSnapshot();
  });
});
