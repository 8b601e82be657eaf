import { expect, test, describe } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { migrate, newest, TABLES, validRow, VERSIONS } from '../../src/records';
import type { Versions } from '../../src/records';

/** A record of the tests alone, with three versions: it proves the harness before the first real migration. */
const BOWL: Versions & { ran: number[] } = {
  ran: [],
  migrations: [
    (row) => {
      BOWL.ran.push(1);
      return { ...row, ml: Number(row.litres) * 1000, litres: undefined };
    },
    (row) => {
      BOWL.ran.push(2);
      return { ...row, made: row.made ?? 'steel' };
    },
  ],
};

describe('migrations', () => {
  test('a row of version 1 goes through every migration, in order', () => {
    BOWL.ran.length = 0;
    const m = migrate(BOWL, { v: 1, litres: 2 });
    expect(m.ok && m.row).toEqual({ v: 3, ml: 2000, litres: undefined, made: 'steel' });
    expect(BOWL.ran).toEqual([1, 2]);
  });
  test('each migration starts where the row stands; the newest runs none', () => {
    BOWL.ran.length = 0;
    migrate(BOWL, { v: 2, ml: 5 });
    expect(BOWL.ran).toEqual([2]);
    migrate(BOWL, { v: 3 });
    expect(BOWL.ran).toEqual([2]);
    expect(newest(BOWL)).toBe(3);
  });
  test('a newer row and a row without a version are refused', () => {
    expect(migrate(BOWL, { v: 4 })).toMatchObject({ ok: false, fault: 'newer' });
    expect(migrate(BOWL, { v: '1' })).toMatchObject({ ok: false, fault: 'noVersion' });
    expect(migrate(BOWL, {})).toMatchObject({ ok: false, fault: 'noVersion' });
  });
});

describe('frozen fixtures: one of every record and version, kept for ever', () => {
  for (const table of TABLES)
    for (let v = 1; v <= newest(VERSIONS[table]); v += 1)
      test(`${table}, version ${v}`, () => {
        const rows = JSON.parse(readFileSync(join(__dirname, 'fixtures', `${table}.v${v}.json`), 'utf8')) as unknown[];
        expect(rows.length).toBeGreaterThan(0);
        for (const row of rows) {
          expect((row as { v: number }).v).toBe(v);
          const judged = validRow(table, row);
          expect('faults' in judged ? judged.faults : []).toEqual([]);
        }
      });
});
