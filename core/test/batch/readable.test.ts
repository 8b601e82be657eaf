import { describe, expect, test } from '@jest/globals';
import { progressOf, readableAt } from '../../src/batch';
import type { BatchEvent } from '../../src/batch';
import { flowG, massG, volumeMl } from '../../src/kitchen';
import { kindOf } from '../../src/steps';
import { sampleBatch } from '../records/sample';

const batch = sampleBatch();
const p = progressOf(batch, []);
const step = (id: string, of = p) => {
  const s = of.recipe.steps.find((x) => x.id === id);
  if (!s) throw new Error(id);
  return s;
};
const at = (id: string, what: string, of = p) => readableAt(of, step(id, of), batch).find((x) => x.what === what);
/** All the steam of the batch, g: how much of it went is an estimate. */
const steamOf = (): number =>
  p.outcome.ledger.reduce((g, f) => g + ('outside' in f.to && f.to.outside === 'steam' ? flowG(f) : 0), 0);

describe('what can be read at a step', () => {
  test('is of a task it has, is no trace, and is still asked for', () => {
    for (const s of p.recipe.steps)
      for (const r of readableAt(p, s, batch)) {
        const tasks = p.outcome.stages.find((x) => x.step === s.id)?.tasks.map((t) => t.id);
        expect([s.id, r.what, tasks?.includes(r.spec.task), r.spec.byTrace ?? false]).toEqual([
          s.id,
          r.what,
          true,
          false,
        ]);
      }
    const grind = step('grind');
    if (grind.kind !== 'grind') throw new Error('no grind');
    const loads = readableAt(p, grind, batch).filter((r) => r.what.startsWith('load'));
    expect(loads).toHaveLength(grind.params.loads);
    expect(at('grind', 'durationS')).toBeUndefined();
    expect(Object.keys(kindOf('grind').readings)).toContain('durationS');
  });
  test('what an older log says is still shown, so that it can be corrected', () => {
    const old: BatchEvent = {
      ...{ id: 'o', seq: 1, batch: batch.id, at: batch.startedAt, is: 'reading' as const },
      reading: { id: 'r', step: 'grind', task: 'load1', what: 'durationS', value: 80, source: 'cook' },
    };
    expect(at('grind', 'durationS', progressOf(batch, [old]))?.what).toBe('durationS');
  });
  test('no more milk can come through than came to the cloth, nor more into the jars than is in the pot', () => {
    const milk = at('strain', 'milkG');
    const strained = p.outcome.stages.find((s) => s.step === 'strain');
    const came = strained?.writes.reduce((g, [, s]) => g + (s ? massG(s) : 0), 0) ?? NaN;
    // Milk, pulp, and what clings to the bag.
    expect(milk?.mostG).toBeGreaterThan(came);
    expect(milk?.mostG).toBeLessThan(came + 20 + steamOf());
    expect(milk?.expected).toBeLessThan(milk?.mostG ?? 0);
    const jars = at('jar', 'filledG');
    // Less steam may have gone than is reckoned.
    const steam = steamOf();
    expect(steam).toBeGreaterThan(50);
    expect(jars?.mostG).toBeGreaterThan((jars?.expected ?? NaN) + steam);
    expect(jars?.mostG).toBeLessThan((jars?.expected ?? 0) * 1.05 + steam);
    // Soaked beans weigh what they weighed and the water that was poured on them.
    expect(at('drain', 'solidsG')?.mostG).toBeGreaterThan((at('drain', 'solidsG')?.expected ?? NaN) * 1.2);
  });
  test('water and milk can be poured by the ml, at their density; pieces and pulp cannot', () => {
    expect(at('grind', 'waterG')?.gPerMl).toBeCloseTo(0.998, 3);
    const milk = p.outcome.stages.find((s) => s.step === 'strain')?.writes.find(([n]) => n === 'milk')?.[1];
    if (!milk) throw new Error('no milk');
    expect(at('strain', 'milkG')?.gPerMl).toBeCloseTo(massG(milk) / volumeMl(milk), 9);
    expect(at('drain', 'solidsG')?.gPerMl).toBeNull();
    expect(at('grind', 'endC')?.gPerMl).toBeNull();
  });
});
