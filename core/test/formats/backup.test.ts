import { expect, test, describe } from '@jest/globals';
import { readBackup } from '../../src/formats';
import { backupV1, bytesOf } from './files';
import { sampleKitchen } from '../records/sample';

const text = backupV1(sampleKitchen());
const faults = (t: string): string => {
  const r = readBackup(bytesOf(t));
  return r.ok ? '' : r.faults.map((f) => f.say).join('\n');
};
const changed = (change: (tables: Record<string, Record<string, unknown>[]>) => void): string => {
  const d = JSON.parse(text) as { tables: Record<string, Record<string, unknown>[]> };
  change(d.tables);
  return faults(JSON.stringify(d));
};

describe('a kitchen’s file as version 1 wrote it', () => {
  test('goes out and comes back the same', () => {
    const r = readBackup(bytesOf(text));
    if (!r.ok) throw new Error(r.faults.map((f) => f.say).join('\n'));
    expect(r.kitchen).toEqual(sampleKitchen());
    expect(r.exportedAt).toBe(1_000);
  });
  test('cut short anywhere it is refused', () => {
    for (const share of [0.1, 0.5, 0.9, 0.999])
      expect(faults(text.slice(0, Math.floor(text.length * share)))).toMatch(/cut short or is not JSON/);
  });
  test('another file, a newer file, a huge file: each its sentence', () => {
    expect(faults('[]')).toMatch(/not a kitchen that Ironpan exported/);
    expect(faults('{"format":"ironpan-plan","version":1}')).toMatch(/not a kitchen/);
    expect(faults('{"format":"ironpan-kitchen","version":9,"tables":{}}')).toMatch(/newer Ironpan/);
    expect(faults(' '.repeat(1_000))).toMatch(/cut short or is not JSON/);
    expect(JSON.stringify(readBackup({ length: 900_000_000 } as never))).toMatch(/900 MB/);
  });
  test('a fault in any row of any table names the row', () => {
    const tables = JSON.parse(text) as { tables: Record<string, unknown[]> };
    for (const [table, rows] of Object.entries(tables.tables))
      rows.forEach((_, i) => {
        expect([table, changed((t) => ((t[table] as Record<string, unknown>[])[i] = { v: 1, id: 'x' }))]).not.toEqual([
          table,
          '',
        ]);
        expect(changed((t) => ((t[table] as Record<string, unknown>[])[i] = { v: 1, id: 'x' }))).toMatch(
          new RegExp(`${table}, row ${i + 1}:`),
        );
      });
  });
  test('lines that point to nothing, twins, and a negative amount', () => {
    expect(changed((t) => (t.batches = []))).toMatch(/its batch is not in the file/);
    expect(changed((t) => t.plans?.push({ ...t.plans[0] }))).toMatch(/stands there twice/);
    expect(changed((t) => ((t.jars?.[0] as Record<string, unknown>).filledMl = -5))).toMatch(
      /filledMl is -5; it must be 0 or more/,
    );
  });
  test('a batch or a trial whose steps cannot be made is refused; a plan may be kept half ordered', () => {
    const unstrained = (table: 'plans' | 'batches' | 'trials') =>
      changed((t) => {
        const row = t[table]?.[0] as Record<'recipe' | 'base', { steps: { kind: string }[] }>;
        const recipe = table === 'trials' ? row.base : row.recipe;
        recipe.steps = recipe.steps.filter((s) => s.kind !== 'strain');
      });
    expect(unstrained('batches')).toMatch(/which nothing before it has made/);
    expect(unstrained('trials')).toMatch(/which nothing before it has made/);
    expect(unstrained('plans')).toBe('');
  });
  test('a trial of a step that its recipe does not have is refused', () => {
    expect(
      changed((t) => {
        const at = (t.trials?.[0]?.factors as { at: { step: string } }[])[0]?.at;
        if (at) at.step = 'elsewhere';
      }),
    ).toMatch(/changes something that its recipe does not have/);
  });
});
