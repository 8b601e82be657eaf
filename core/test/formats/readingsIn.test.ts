import { describe, expect, test } from '@jest/globals';
import Papa from 'papaparse';
import { everyStep } from '../../src/batch';
import { matchReadings, MOST_READING_LINES, readingsCsv, readReadings } from '../../src/formats';
import type { ReadableBatch } from '../../src/formats';
import type { EventRecord } from '../../src/records';
import { readingFaultText } from '../../src/words';
import { sampleBatch, wholeRun } from '../records/sample';

const batch = sampleBatch();
const strain = batch.recipe.steps.find((s) => s.kind === 'strain')?.id ?? '';
const known = (more: Partial<ReadableBatch> = {}) => ({
  ...{ id: batch.id, open: false, steps: batch.recipe.steps, readings: [] },
  ...more,
});
const of = (b: ReadableBatch) => (n: string) => (n === '1' ? b : null);
const HEAD = 'batch,step,reading,value,unit';
function judged(text: string, b: ReadableBatch = known()) {
  const { lines, faults } = readReadings(text);
  const m = matchReadings(lines, of(b));
  return { ...m, faults: [...faults, ...m.faults].map(readingFaultText) };
}

describe('a table of readings', () => {
  test('in the units it is written in, into those of the fold', () => {
    const { come, faults } = judged(`${HEAD}\r\n1,Strain,milk that came through,0.81225,kg`);
    expect(faults).toEqual([]);
    expect(come).toHaveLength(1);
    expect(come[0]?.reading).toMatchObject({ step: strain, what: 'milkG', source: 'cook' });
    expect(come[0]?.reading.value).toBeCloseTo(812.25, 9);
  });
  test('decimal commas, semicolons, columns in another order, others beside them, a mark before the first: the same', () => {
    const text = '\uFEFFUnit;note;Value;reading;STEP;batch\ng;"a; b";812,25;Milk that came through;strain;1\n';
    const { come, faults } = judged(text);
    expect(faults).toEqual([]);
    expect(come[0]?.reading.value).toBeCloseTo(812.25, 9);
    expect(judged(`${HEAD}\n1,Strain,milk that came through,"812,25",g`).come[0]?.reading.value).toBeCloseTo(812.25, 9);
  });
  test('what goes out as a table comes in as known already; one that says otherwise corrects it', () => {
    const run = wholeRun(batch).map((e): EventRecord => ({ ...e, v: 7 }));
    const reading = { id: 'x', step: strain, task: 'strain', what: 'milkG', value: 812.2512, source: 'scale' } as const;
    run.push({ v: 7, id: 'r1', batch: batch.id, seq: 900, at: batch.startedAt, is: 'reading', reading });
    const out = readingsCsv([{ batch, steps: everyStep(batch.recipe, run), events: run }]);
    expect(judged(out, known({ readings: [reading] }))).toMatchObject({ come: [], same: 1, faults: [] });
    const other = out.replace('812.251', '790');
    expect(judged(other, known({ readings: [reading] })).come).toMatchObject([
      { corrects: true, reading: { value: 790 } },
    ]);
    expect(judged(out).come).toMatchObject([{ corrects: false }]);
  });
  test('the same line twice counts once', () => {
    const line = '1,Strain,milk that came through,800,g';
    expect(judged([HEAD, line, line].join('\n'))).toMatchObject({ same: 1, come: [{}] });
  });
});

describe('bad input: a sentence with its line, and nothing taken', () => {
  test.each([
    ['1,Strain,milk that came through,800,stone', /Line 2: the unit “stone” is not known here; use g, kg/],
    ['1,Strain,milk that came through,800,', /has no unit; use g, kg/],
    ['1,Strain,milk that came through,"1,350",g', /may be a thousand or one and a bit/],
    ['1,Strain,milk that came through,much,g', /“much” is no number/],
    ['1,Strain,milk that came through,-5,g', /cannot be/],
    ['1,Strain,colour,800,g', /“colour” is not read at that step\. There it is .*“milk that came through”/],
    ['1,Fry,milk that came through,800,g', /has no step “Fry”\. It has .*“Strain”/],
    ['99,Strain,milk that came through,800,g', /there is no batch “99” in this book/],
  ])('%s', (line, say) => {
    const { faults, come } = judged(`${HEAD}\n${line}`);
    expect(come).toEqual([]);
    expect(faults).toHaveLength(1);
    expect(faults[0]).toMatch(say);
  });
  test('a batch on the bench, a column that is missing, no line at all, a quotation mark left open', () => {
    expect(judged(`${HEAD}\n1,Strain,milk that came through,8,g`, known({ open: true })).faults[0]).toMatch(
      /still on the bench/,
    );
    expect(judged('lot,step,reading,value,unit\n1,a,b,2,g').faults).toEqual([
      'The column “batch” is missing. The head of this file has “lot”, “step”, “reading”, “value”, “unit”; it needs batch, step, reading, value and unit, in any order.',
    ]);
    expect(judged(HEAD).faults[0]).toMatch(/no line under the heads/);
    expect(judged('').faults[0]).toMatch(/no line under the heads/);
    expect(judged(`${HEAD}\n1,"Strain,milk,8,g`).faults[0]).toMatch(/quotation mark is opened and not closed/);
  });
  test('two steps of one name are asked, and told apart by their id', () => {
    const [s] = batch.recipe.steps.filter((x) => x.kind === 'strain');
    const steps = s ? [...batch.recipe.steps, { ...s, id: 'again' }] : [];
    expect(judged(`${HEAD}\n1,Strain,milk that came through,800,g`, known({ steps })).faults[0]).toMatch(
      /several steps called “Strain”\. Say which in a column “step id”: “strain”, “again”/,
    );
    const named = judged(`${HEAD},step id\n1,Strain,milk that came through,800,g,again`, known({ steps }));
    expect(named.come).toMatchObject([{ reading: { step: 'again' } }]);
  });
  test('a hundred thousand lines: told how many are taken at once', () => {
    const text = Papa.unparse([
      HEAD.split(','),
      ...Array.from({ length: 100_000 }, () => ['1', 'Strain', 'x', 1, 'g']),
    ]);
    expect(judged(text).faults).toEqual([
      expect.stringMatching(
        /^The file has 100\s000 lines; no more than 20\s000 are taken at once\. Cut it into parts\.$/,
      ),
    ]);
    expect(MOST_READING_LINES).toBe(20_000);
  });
});
