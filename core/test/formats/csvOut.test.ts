import { describe, expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { batchesCsv, csvOf, jarsCsv, readingsCsv } from '../../src/formats';
import type { BatchLine } from '../../src/formats';
import { everyStep, fateOfJar, jarsOf, progressOf } from '../../src/batch';
import type { EventRecord } from '../../src/records';
import { sampleBatch, wholeRun } from '../records/sample';

const back = (text: string): string[][] => Papa.parse<string[]>(text).data;

describe('tables by RFC 4180', () => {
  /** The rules of its section 2, by number. */
  test('CRLF between records (1), a head (3), quotes round commas, quotes and line ends (6), quotes doubled (7)', () => {
    expect(
      csvOf(
        ['a', 'b'],
        [
          ['x, y', 'say "when"'],
          ['two\nlines', 1.5],
        ],
      ),
    ).toBe('a,b\r\n"x, y","say ""when"""\r\n"two\nlines",1.5');
    expect(csvOf(['a', 'b'], [])).toBe('a,b');
    expect(csvOf(['a', 'b'], [[null, 0]])).toBe('a,b\r\n,0');
  });
  test('what a spreadsheet would run is text there; figures stay figures', () => {
    expect(back(csvOf(['a', 'b'], [['=1+1', -2]]))[1]).toEqual(["'=1+1", '-2']);
  });
  test('whatever is in a name, a standard reader gives it back', () => {
    const names = ['Soja, "süß"', 'ряженка; 豆浆', 'a\r\nb', ' leading', ''];
    expect(
      back(
        csvOf(
          ['n'],
          names.map((n) => [n, 'end']),
        ),
      )
        .slice(1)
        .map((r) => r[0]),
    ).toEqual(names);
  });
});

describe('the book as tables', () => {
  const batch = sampleBatch();
  const run = wholeRun(batch);
  const read: EventRecord[] = [...run.map((e) => ({ ...e, v: 7 as const }))];
  const strain = batch.recipe.steps.find((s) => s.kind === 'strain')?.id ?? '';
  const boil = batch.recipe.steps.find((s) => s.kind === 'boil')?.id ?? '';
  read.push({
    ...{ v: 7, id: 'r1', batch: batch.id, seq: 900, at: batch.startedAt + 1000, is: 'reading' },
    reading: { id: 'x', step: strain, task: 'strain', what: 'milkG', value: 812.25, source: 'scale' },
  });
  read.push({
    ...{ v: 7, id: 'r2', batch: batch.id, seq: 901, at: batch.startedAt + 2000, is: 'reading' },
    reading: { id: 'y', step: boil, task: 'hold', what: 'holdS', value: 1500, source: 'clock' },
  });
  const progress = progressOf(batch, read);

  test('batches: every figure has its unit in the head and reads back as a number', () => {
    const line: BatchLine = {
      ...{ batch: batch.id, number: 7, name: 'Weekday, "soy"', milk: 'soy', startedAt: batch.startedAt },
      ...{ promisedMl: 1644.1681, state: 'finished', jarredMl: 1601.5, measuredMl: null, solids: 0.06891 },
    };
    const [heads, row] = back(batchesCsv([line]));
    expect(heads).toEqual([
      ...['number', 'name', 'milk', 'begun (UTC)', 'state'],
      ...['promised (ml)', 'worked out (ml)', 'measured (ml)', 'solids (%)'],
    ]);
    expect(row).toEqual([
      '7',
      'Weekday, "soy"',
      'soy',
      '2026-01-10T08:00:00.000Z',
      'finished',
      '1644.17',
      '1601.5',
      '',
      '6.891',
    ]);
  });
  test('jars: what became of each, and what was said', () => {
    const jars = jarsOf(batch, progress).map((j) => ({ ...fateOfJar(j, [], batch, []), milk: 'soy' }));
    const rows = back(jarsCsv(jars, new Map([[batch.id, 7]])));
    expect(rows).toHaveLength(jars.length + 1);
    expect(rows[1]?.slice(0, 3)).toEqual(['7', jars[0]?.product, 'soy']);
    expect(rows[1]?.[5]).toBe('standing');
    expect(Number(rows[1]?.[4])).toBeCloseTo(jars[0]?.filledMl ?? NaN, 1);
  });
  test('readings: by step and name, in the units a kitchen says them in', () => {
    const rows = back(readingsCsv([{ batch, steps: everyStep(batch.recipe, read), events: read }]));
    expect(rows[1]).toEqual([
      ...['1', 'Strain', strain, 'milk that came through', '812.25', 'g', '', 'scale', '2026-01-10T08:00:01.000Z'],
    ]);
    expect(rows[2]?.slice(1, 6)).toEqual(['Boil', boil, 'held at the boil', '25', 'min']);
  });
  test('a reading of a step that is not there is left out, not misnamed', () => {
    const lost = read.map((e) => (e.is === 'reading' ? { ...e, reading: { ...e.reading, step: 'nowhere' } } : e));
    expect(back(readingsCsv([{ batch, steps: batch.recipe.steps, events: lost }]))).toHaveLength(1);
  });
});
