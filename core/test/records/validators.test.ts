import { expect, test, describe } from '@jest/globals';
import { TABLES, validRow } from '../../src/records';
import type { Table } from '../../src/records';
import { sampleKitchen } from './sample';

type Row = Record<string, unknown>;
const kitchen = sampleKitchen();
const first = (t: Table): Row => JSON.parse(JSON.stringify(kitchen[t][0])) as Row;
/** What is said of a row with one thing changed. */
function said(table: Table, change: (r: Row) => void, row: Row = first(table)): string {
  change(row);
  const judged = validRow(table, row);
  return 'faults' in judged ? judged.faults.map((f) => f.say).join(' ') : '';
}
const eventOf = (is: string): Row => JSON.parse(JSON.stringify(kitchen.events.find((e) => e.is === is))) as Row;

describe('a whole row is taken as it is', () => {
  for (const t of TABLES)
    test(t, () => {
      for (const row of kitchen[t]) expect(validRow(t, row)).toEqual({ row });
    });
});

describe('every table refuses', () => {
  for (const t of TABLES) {
    test(`${t}: what is no row at all`, () => {
      for (const x of [null, 3, 'x', [], undefined]) expect('faults' in validRow(t, x)).toBe(true);
    });
    test(`${t}: a missing, a newer and a senseless version`, () => {
      expect(said(t, (r) => delete r.v)).toMatch(/version of the row, is missing/);
      expect(said(t, (r) => (r.v = 99))).toMatch(/newer Ironpan/);
      expect(said(t, (r) => (r.v = 0.5))).toMatch(/is missing or is not a whole number/);
    });
    test(`${t}: a missing id, and a key that is not known`, () => {
      expect(said(t, (r) => delete r.id)).toMatch(/id is missing|id is/);
      expect(said(t, (r) => (r.surprise = 1))).toMatch(/surprise is not known here/);
    });
  }
});

describe('each fault has its own sentence', () => {
  test('a trial of more things than its design has, or with a batch that it has not', () => {
    const say = /another number of things than its design has/;
    expect(said('trials', (r) => (r.design = '2^3'))).toMatch(say);
    expect(said('trials', (r) => (r.factors = []))).toMatch(say);
    expect(said('trials', (r) => (r.runs = [{ run: 20, plan: 'plan-1' }]))).toMatch(say);
    expect(said('trials', (r) => (r.times = 4))).toBe('');
  });
  test.each<[string, Table, (r: Row) => void, RegExp]>([
    ['an altitude beyond the earth', 'kit', (r) => (r.altitudeM = 9000), /altitudeM is 9000; it must be 5.000 or less/],
    ['a fridge that is an oven', 'kit', (r) => (r.fridgeC = 60), /fridgeC is 60; it must be 15 or less/],
    ['a kitchen without things', 'kit', (r) => (r.things = []), /things is empty/],
    [
      'a thing of no known kind',
      'kit',
      (r) => ((r.things as Row[])[0] = { id: 'x', is: 'oven' }),
      /things\[0\]\.is is “oven”/,
    ],
    ['a jug without power', 'kit', (r) => delete (r.things as Row[])[0]?.watts, /things\[0\]\.watts is missing/],
    [
      'two things of one id',
      'kit',
      (r) => ((r.things as Row[])[1] = { ...(r.things as Row[])[1], id: 'jug' }),
      /stands there twice/,
    ],
    ['a plan without a name', 'plans', (r) => (r.name = ''), /name is “”; it must be a text/],
    ['a name as long as a book', 'plans', (r) => (r.name = 'x'.repeat(500)), /name is too long: 120 letters/],
    ['a revision of minus one', 'plans', (r) => (r.rev = -1), /rev is -1; it must be 1 or more/],
    [
      'grams in words',
      'plans',
      (r) => (((r.recipe as Row).larder as Row[])[0] = { into: 'work', material: 'soybeans', grams: 'two hundred' }),
      /grams is “two hundred”; it must be a number/,
    ],
    [
      'a step of no known kind',
      'plans',
      (r) => (((r.recipe as Row).steps as Row[])[0] = { id: 'x', kind: 'fry', params: {} }),
      /steps\[0\]\.kind is “fry”/,
    ],
    [
      'a parameter too many',
      'plans',
      (r) => (((r.recipe as { steps: { params: Row }[] }).steps[0] as { params: Row }).params.colour = 1),
      /colour is not known here/,
    ],
    [
      'a parameter out of bounds',
      'plans',
      (r) =>
        ((
          (r.recipe as { steps: { kind: string; params: Row }[] }).steps.find((s) => s.kind === 'grind') as {
            params: Row;
          }
        ).params.loads = 40),
      /loads is 40; it must be 12 or less/,
    ],
    [
      'half a load',
      'plans',
      (r) =>
        ((
          (r.recipe as { steps: { kind: string; params: Row }[] }).steps.find((s) => s.kind === 'grind') as {
            params: Row;
          }
        ).params.loads = 1.5),
      /loads is 1.5; it must be a whole number/,
    ],
    [
      'a composition of more than all',
      'plans',
      (r) => (((r.recipe as { materials: { per100g: Row }[] }).materials[0] as { per100g: Row }).per100g.protein = 95),
      /adds up to more than 100 g/,
    ],
    [
      'an extractability above one',
      'plans',
      (r) => (((r.recipe as { materials: { canLeave: Row }[] }).materials[0] as { canLeave: Row }).canLeave.fat = 1.2),
      /canLeave\.fat is 1.2; it must be 1 or less/,
    ],
    ['a batch begun before time', 'batches', (r) => (r.startedAt = -5), /startedAt is -5/],
    [
      'a promise of NaN',
      'batches',
      (r) => ((r.promised as Row).volumeMl = null),
      /volumeMl is null; it must be a number/,
    ],
    ['a jar holding less than nothing', 'jars', (r) => (r.filledMl = -1), /filledMl is -1; it must be 0 or more/],
    ['a stream hotter than steam', 'jars', (r) => ((r.stream as Row).temperatureC = 400), /temperatureC is 400/],
    [
      'a hygiene of no known kind',
      'jars',
      (r) => ((r.stream as Row).hygiene = 'clean'),
      /hygiene is “clean”; it must be one of/,
    ],
    ['a pour of minus a glass', 'jarEvents', (r) => (r.ml = -200), /ml is -200/],
    ['a happening of no known kind', 'jarEvents', (r) => (r.is = 'sold'), /is is “sold”/],
  ])('%s', (_, table, change, say) => expect(said(table, change)).toMatch(say));
  test.each<[string, string, (r: Row) => void, RegExp]>([
    ['ended by nobody', 'ended', (r) => (r.by = 'cat'), /by is “cat”; it must be one of “cook”, “timer”/],
    ['a reading that is not one', 'reading', (r) => (r.reading = 5), /reading is 5; it must be an object/],
    ['a reading of NaN', 'reading', (r) => ((r.reading as Row).value = 'NaN'), /value is “NaN”; it must be a number/],
    ['a note of a whole book', 'note', (r) => (r.text = 'x'.repeat(3000)), /text is too long/],
    ['a begun task without its task', 'begun', (r) => delete r.task, /task is missing/],
  ])('%s', (_, is, change, say) => expect(said('events', change, eventOf(is))).toMatch(say));
});
