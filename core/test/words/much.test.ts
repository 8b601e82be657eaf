import { describe, expect, test } from '@jest/globals';
import { fold } from '../../src/batch';
import { unlearned } from '../../src/kitchen';
import { METHODS, recipeOf } from '../../src/methods';
import { muchOf } from '../../src/words';
import { kitAt } from '../batch/kitchen';

/** What is read from two metres at each task of a school, without unbreakable spaces. */
function read(school: string, cup: number | null = null): Readonly<Record<string, readonly string[]>> {
  const m = METHODS.find((x) => x.id === school);
  if (!m) throw new Error(school);
  const r = recipeOf(m);
  const o = fold(r, unlearned(kitAt(640)));
  return Object.fromEntries(
    r.steps.flatMap((s, i) => {
      const stage = o.stages[i];
      return (stage?.tasks ?? []).map((t) => [
        `${s.id}.${t.id}`,
        stage ? muchOf(s, stage, t.id, r, cup).map((x) => x.replaceAll('\u00a0', ' ')) : [],
      ]);
    }),
  );
}

describe('how much, in a line', () => {
  test('food where it is first taken, and only there', () => {
    const much = read('soy-no-soak');
    expect(much['sort.sort']).toEqual(['150 g soybeans, dry']);
    expect(much['blanch.heatUp']).toEqual(['900 g water', 'to 97.9 °C']);
    expect(much['blanch.hold']).toEqual(['3 min']);
  });
  test('of each load its share', () => {
    const much = read('oat-hot-thin');
    expect(much['grind.load1']).toEqual(['20 g rolled oats', '400 g water', '60 s']);
    expect(much['grind.load2']).toEqual(much['grind.load1']);
  });
  test('cups beside grams for who has cups', () => {
    expect(read('soy-no-soak', 240)['blanch.heatUp']?.[0]).toBe('900 g (≈ 3¾ cups) water');
  });
  test('ice, what should come through, and into how many jars', () => {
    const much = read('oat-ice');
    expect(much['grind.load1']).toContain('130 g ice');
    expect(much['strain.strain']?.[0]).toMatch(/^about \d+ g through$/);
    expect(much['jar.jar']?.[0]).toMatch(/^1 × \d+ ml$/);
  });
  test('no task of any school says nothing of a number, but where there is none', () => {
    for (const m of METHODS)
      for (const [task, much] of Object.entries(read(m.id)))
        for (const x of much)
          expect([m.id, task, /\d/.test(x) && !/NaN|undefined|Infinity/.test(x)]).toEqual([m.id, task, true]);
  });
});
