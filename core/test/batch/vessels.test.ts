import { describe, expect, test } from '@jest/globals';
import { fateOf, freezesUpToMl, jarNow, jarsOf, pouredOver, progressOf, splitInto } from '../../src/batch';
import type { BatchEvent, Chosen, FilledJar, JarEvent } from '../../src/batch';
import { massG, volumeMl } from '../../src/kitchen';
import { jarCode, codeTyped, labelText } from '../../src/words';
import { methodById, recipeOf } from '../../src/methods';
import { sampleBatch, wholeRun } from '../records/sample';

const MIN = 60_000;
const HOUR = 60 * MIN;
const jarThing = (name: string, ml: number, glass = true): Chosen['jar'] => ({ id: name, is: 'jar', name, ml, glass });
const litre = jarThing('Litre', 1000);
const half = jarThing('Half', 500);
const batch = sampleBatch();
const run = wholeRun(batch, 5);
const made = (events: readonly BatchEvent[]) =>
  jarsOf(batch, progressOf(batch, events)).filter((j) => j.product === 'milk');
const plain = made(run);
const first = plain[0] as FilledJar;
const line = (seq: number, at: number, e: Record<string, unknown>, jar = first.id): JarEvent =>
  ({ id: `x${seq}`, jar, seq, at, ...e }) as JarEvent;
const now = (j: FilledJar, events: readonly JarEvent[], at: number) => jarNow(j, events, batch, [], at);

describe('split over a cook’s own vessels', () => {
  test('one after the other up to the headspace, the last with the rest; what is over and what stays empty is said', () => {
    const s = splitInto(1600, [
      { jar: litre, n: 1 },
      { jar: half, n: 2 },
    ]);
    expect(s.into.map((v) => [v.name, Math.round(v.ml)])).toEqual([
      ['Litre', 900],
      ['Half', 450],
      ['Half', 250],
    ]);
    expect([s.leftMl, s.empty]).toEqual([0, 0]);
    expect(splitInto(1600, [{ jar: half, n: 2 }])).toMatchObject({ leftMl: 700, empty: 0 });
    expect(splitInto(400, [{ jar: half, n: 3 }])).toMatchObject({ leftMl: 0, empty: 2 });
  });
  test('the jars of a batch are those that were filled, glass or not, and hold together what there is', () => {
    const ofMl = plain.reduce((ml, j) => ml + j.filledMl, 0);
    const { into } = splitInto(ofMl, [
      { jar: half, n: 1 },
      { jar: jarThing('Box', 2000, false), n: 1 },
    ]);
    const at = (run.at(-1)?.at ?? 0) - 1;
    const step = batch.recipe.steps.find((s) => s.kind === 'jar')?.id ?? '';
    const told = made([...run, { id: 'f', batch: batch.id, seq: 900, at, is: 'filled', step, into, ofMl }]);
    expect(told.map((j) => [j.vessel, j.glass, j.vesselMl])).toEqual([
      ['Half', true, 500],
      ['Box', false, 2000],
    ]);
    expect(told.reduce((g, j) => g + massG(j.stream), 0)).toBeCloseTo(
      plain.reduce((g, j) => g + massG(j.stream), 0),
      6,
    );
    // Said of more milk than found a place: the rest was drunk, and stands nowhere.
    const short = made([
      ...run,
      { id: 'f', batch: batch.id, seq: 900, at, is: 'filled', step, into: into.slice(0, 1), ofMl },
    ]);
    expect(short.map((j) => Math.round(j.filledMl))).toEqual([450]);
  });
  test('ice is a twelfth more: 92 % of a vessel of milk at most (models §7)', () => {
    expect(freezesUpToMl(first) / first.vesselMl).toBeCloseTo(0.92, 2);
  });
});

describe('poured over', () => {
  const t = first.filledAt + 2 * HOUR;
  test('what leaves one jar is in the other, and has spent what the first had spent', () => {
    const before = now(first, [], t);
    const s = pouredOver(before.stream, 200, true);
    const child: FilledJar = { ...first, id: 'c', stream: s, filledMl: volumeMl(s), filledAt: t, from: first.id };
    const after = now(first, [line(1, t, { is: 'decanted', into: 'c', ml: 200 })], t);
    expect(after.leftMl + now(child, [], t).leftMl).toBeCloseTo(before.leftMl, 6);
    const s0 = before.keep?.s ?? NaN;
    expect(Math.abs((now(child, [], t).keep?.s ?? 0) / s0 - 1)).toBeLessThan(0.01);
    expect(now(child, [], t + 5 * HOUR).keep?.s ?? 0).toBeLessThan(before.keep?.s ?? 0);
  });
  test('into a vessel that was not scalded it is touched, and has no longer than that', () => {
    const s = pouredOver({ ...first.stream, hygiene: 'boiled' }, 200, false);
    expect(s.hygiene).toBe('touched');
    expect(pouredOver({ ...first.stream, hygiene: 'boiled' }, 200, true).hygiene).toBe('boiled');
  });
  test('two milks in one jar: the weaker state and the older time decide, and both foods are in it', () => {
    const oats = recipeOf(methodById('oat-ice') as NonNullable<ReturnType<typeof methodById>>);
    const oatFood = oats.materials.find((m) => m.id === 'oats-rolled');
    if (!oatFood) throw new Error('oats');
    const raw = {
      ...first.stream,
      hygiene: 'raw' as const,
      spentD: 1.5,
      keptS: 40 * 3600,
      madeFrom: { 'oats-rolled': 20 },
    };
    const both = now(
      first,
      [line(1, t, { is: 'merged', with: 'o', name: 'oat milk, batch 2', stream: raw, foods: [oatFood] })],
      t,
    );
    const alone = now(first, [], t);
    expect(both.hygiene).toBe('raw');
    expect(both.leftMl).toBeCloseTo(alone.leftMl + volumeMl(raw), 6);
    expect(both.keep?.s ?? 0).toBeLessThan(alone.keep?.s ?? 0);
    expect(both.mixedWith).toEqual(['oat milk, batch 2']);
    expect(both.foods.map((m) => m.id)).toEqual(expect.arrayContaining(['soybeans', 'oats-rolled']));
    expect(labelText('Mix', 'a', both, null).allergens).toMatch(/soy/);
  });
  test('taken back, nothing was poured', () => {
    const log = [line(1, t, { is: 'decanted', into: 'c', ml: 200 }), line(2, t, { is: 'undone', of: 'x1' })];
    expect(now(first, log, t).leftMl).toBeCloseTo(now(first, [], t).leftMl, 9);
  });
  test('made once, however often it is poured over; thrown away is what was still in it', () => {
    const child: FilledJar = { ...first, id: 'c', filledMl: 200, from: first.id };
    const thrown = { is: 'thrown', why: 'safe', text: '', lastFineAt: null, foundAt: null };
    const f = fateOf([
      { jar: first, events: [line(1, t, { is: 'decanted', into: 'c', ml: 200 }), line(2, t, thrown)] },
      { jar: child, events: [] },
    ]);
    expect(f.madeMl).toBe(first.filledMl);
    expect(f.thrownMl).toBeCloseTo(first.filledMl - 200, 6);
  });
});

describe('a label', () => {
  test('its code is short, always the same, and read as it is written by hand', () => {
    expect(jarCode('b1:milk:1')).toMatch(/^[0-9A-HJKMNP-TV-Z]{5}$/);
    expect(jarCode('b1:milk:1')).toBe(jarCode('b1:milk:1'));
    expect(codeTyped(' o1 l-i ')).toBe('0111');
    const codes = new Set(Array.from({ length: 2000 }, (_, i) => jarCode(`batch-${i % 500}:milk:${i}`)));
    expect(codes.size).toBeGreaterThan(1997);
  });
  test('says strength, state, what it contains and whether to shake it', () => {
    const l = labelText('Soy milk', first.id, now(first, [], first.filledAt + HOUR), null);
    expect(l.strength).toMatch(/^\d\.\d\s% solids$/);
    expect(l.allergens).toBe('Contains soy.');
    expect(l.state).toBe('boiled');
  });
});
