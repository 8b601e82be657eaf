import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { jarNow, promisedOf } from '../../src/batch';
import { look } from '../../src/questions';
import { migrate, recipeTo2, VERSIONS } from '../../src/records';
import type { BatchRecord, JarRecord, PlanRecord, Table } from '../../src/records';
import { SOYBEANS } from '../../src/materials';
import { kindOf } from '../../src/steps';

const rows = (table: Table, v: number): readonly Record<string, unknown>[] =>
  JSON.parse(readFileSync(join(__dirname, 'fixtures', `${table}.v${v}.json`), 'utf8')) as Record<string, unknown>[];
const newest = (table: Table): unknown => {
  const m = migrate(VERSIONS[table], rows(table, 1)[0] as Record<string, unknown>);
  if (!m.ok) throw new Error(m.fault);
  return m.row;
};

describe('what was kept by the first version goes on as it was', () => {
  test('a soy batch folds to about what it was promised then: the laws moved since, pulp and steam take more of the milk', () => {
    const batch = newest('batches') as BatchRecord;
    expect(batch.v).toBe(5);
    const seen = look(batch.recipe, unlearned(batch.kit));
    if (!seen) throw new Error('out of order');
    const now = promisedOf(seen.summary);
    for (const key of ['solids', 'protein', 'keepS'] as const)
      expect([key, Math.abs(now[key] / batch.promised[key] - 1) < 0.1]).toEqual([key, true]);
    const more = now.volumeMl / batch.promised.volumeMl - 1;
    expect(more).toBeGreaterThan(-0.1);
    expect(more).toBeLessThan(0);
  });
  test('every step has all the parameters its kind now names, the new ones at "none of it"', () => {
    const plan = newest('plans') as PlanRecord;
    expect(plan.use).toBeNull();
    for (const s of plan.recipe.steps) {
      expect(Object.keys(s.params).sort()).toEqual(Object.keys(kindOf(s.kind).params).sort());
      if (s.kind === 'grind') expect(s.params.iceG).toBe(0);
    }
  });
  test('its beans have every property of beans today', () => {
    const plan = newest('plans') as PlanRecord;
    expect(Object.keys(plan.recipe.materials[0] ?? {}).sort()).toEqual(Object.keys(SOYBEANS).sort());
  });
  test('a jar that stands on the shelf keeps as long as before', () => {
    const jar = newest('jars') as JarRecord;
    const batch = newest('batches') as BatchRecord;
    const now = jarNow(jar, [], batch, [], jar.filledAt + 3_600_000);
    expect(now.keep?.s).toBeGreaterThan(24 * 3600);
    expect(now.done).toBe(true);
  });
  test('migrating twice changes nothing; what is no recipe becomes an empty one', () => {
    const plan = newest('plans') as PlanRecord;
    expect(recipeTo2(plan.recipe)).toEqual(plan.recipe);
    expect(recipeTo2(null)).toEqual({ materials: [], steps: [] });
  });
});
