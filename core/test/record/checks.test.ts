import { describe, expect, test } from '@jest/globals';
import { unlearned } from '../../src/kitchen';
import { look } from '../../src/questions';
import { fixText, warningText } from '../../src/words';
import { CASES } from '../checks/everyCase';
import { told } from './told';

describe('on record for every check', () => {
  test.each(CASES)('%s: what it says of a plan that sets it off, and what mends it', (_, r, kit) => {
    const warnings = look(r, unlearned(kit))?.warnings ?? [];
    const lines = warnings.flatMap((w) => [
      `${w.weight} ${w.check} at ${w.step ?? '–'}: ${warningText(w)} ${told(w.figures)}`,
      ...w.fixes.map((f) => `  ${fixText(f)} ${told(f.figures)} ${told(f.edits)}`),
    ]);
    expect(lines).toMatchSnapshot();
  });
});
