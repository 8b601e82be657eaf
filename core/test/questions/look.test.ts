import { expect, test } from '@jest/globals';
import { unlearned } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { look } from '../../src/questions';
import { orderFaults } from '../../src/steps';
import { SEA } from '../batch/kitchen';

test.each(METHODS.map((m) => [m.id, m] as const))(
  '%s: with one step out of order there is nothing to look at',
  (_, m) => {
    const r = recipeOf(m);
    const broken = r.steps
      .map((s) => ({ ...r, steps: r.steps.filter((x) => x.id !== s.id) }))
      .find((x) => orderFaults(x).length === 1);
    if (!broken) throw new Error('no step is needed by one other alone');
    expect(look(broken, unlearned(SEA))).toBeNull();
    expect(look(r, unlearned(SEA))).not.toBeNull();
  },
);
