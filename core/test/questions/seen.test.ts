import { describe, expect, test } from '@jest/globals';
import { unlearned } from '../../src/kitchen';
import { methodById, recipeIn } from '../../src/methods';
import { aimFor, COMPLAINTS, complaintsSaid, foundAs, remedies } from '../../src/questions';
import { kitAt } from '../batch/kitchen';

const kit = kitAt(0);
const m = methodById('oat-middle');
if (!m) throw new Error('oat-middle');
const recipe = recipeIn(m, kit);

describe('what was seen goes before what was worked out', () => {
  test('words that are as they should be are no complaint; the others are, the worst first', () => {
    expect(complaintsSaid({ slip: 'silky', thick: 'likeMilk', grit: 'smooth', beany: 'faint' })).toEqual([]);
    expect(complaintsSaid({ slip: 'slimy', thick: 'thick', grit: 'sandy', beany: 'strong' })).toEqual([
      'slimy',
      'tooThick',
      'gritty',
      'beany',
    ]);
    expect(complaintsSaid({ thick: 'watery' })).toEqual(['watery']);
  });
  test('found twice as strong as reckoned, it is to be reckoned half as strong; found milder, nothing changes', () => {
    // Slime is reckoned from 1 on: found at 3.75 where 1.6 was reckoned, the aim of 1.746 becomes 1 + .746·.6/2.75.
    expect(foundAs({ slip: 'slimy' }, 'slimy')).toBeCloseTo(3.75, 9);
    expect(aimFor('slimy', { slip: 'slimy' }, 1.6, 1.746)).toBeCloseTo(1 + (0.746 * 0.6) / 2.75, 9);
    expect(aimFor('slimy', { slip: 'clean' }, 4, 1.746)).toBe(1.746);
    expect(aimFor('slimy', {}, 4, 1.746)).toBe(1.746);
    expect(aimFor('thickensHot', { slip: 'slimy' }, 9, 8)).toBe(8);
  });
  test('a milk found slimy that was reckoned to be silky is mended further than one that only was reckoned so', () => {
    const here = unlearned(kit);
    const byFigure = remedies(recipe, here, 'slimy');
    const byLook = remedies(recipe, here, 'slimy', undefined, { slip: 'slimy' });
    const best = (r: typeof byFigure) => Math.min(...r.filter((x) => x.reached).map((x) => x.after));
    expect(byFigure.some((r) => r.reached)).toBe(true);
    expect(best(byLook)).toBeLessThan(best(byFigure) + 1e-9);
    expect(byLook.every((r) => !r.reached || r.after < COMPLAINTS.slimy.aim)).toBe(true);
  });
});
