import { describe, expect, test } from '@jest/globals';
import { fateOf, fateOfJar, jarNow, jarTimes, jarsOf, progressOf } from '../../src/batch';
import type { JarEvent } from '../../src/batch';
import { fateText, wasText } from '../../src/words';
import { sampleBatch, WHOLE_LOOK, wholeRun } from '../records/sample';

const HOUR = 3_600_000;
const batch = sampleBatch();
const jar = jarsOf(batch, progressOf(batch, wholeRun(batch, 5))).find((j) => j.product === 'milk');
if (!jar) throw new Error('no milk');
const at4 = [{ at: 0, placeC: 4 }];
const line = (seq: number, hours: number, h: Record<string, unknown>): JarEvent =>
  ({ id: `j${seq}`, jar: jar.id, seq, at: jar.filledAt + hours * HOUR, ...h }) as unknown as JarEvent;
const fate = (...events: readonly JarEvent[]) => fateOfJar(jar, events, batch, at4);
const fine = (seq: number, hours: number): JarEvent => line(seq, hours, { is: 'looked', look: { signs: ['fine'] } });
const spent = (hours: number, events: readonly JarEvent[] = []): number => {
  const s = jarNow(jar, events, batch, at4, jar.filledAt + hours * HOUR).spending;
  return s.beforeD + s.placedD + s.outs.reduce((x, o) => x + o.spentD, 0);
};

describe('how long a jar lasted, in days at 4 °C', () => {
  test('always in the cold, or out of it for a while; what was poured together says nothing of either milk', () => {
    const out = { is: 'tempered', where: 'table', placeC: 21, from: jar.filledAt + HOUR, to: jar.filledAt + 2 * HOUR };
    expect(fate(fine(1, 20)).place).toBe('cold');
    expect(fate(fine(1, 20), line(2, 21, out)).place).toBe('out');
    expect(fate(fine(1, 20), line(2, 21, { ...out, placeC: 3 })).place).toBe('cold');
    const merged = { is: 'merged', with: 'o', name: 'oat milk', stream: jar.stream, foods: [] };
    expect(fate(fine(1, 20)).lasted).not.toBeNull();
    expect(fate(line(1, 10, merged), fine(2, 20)).lasted).toBeNull();
  });
  test('drunk in time: fine at least until it was finished (right-censored)', () => {
    const f = fate(line(1, 20, { is: 'poured', ml: 200 }), line(2, 50, { is: 'finished' }));
    expect(f.end).toBe('finished');
    expect(f.lasted?.turnedD).toBeNull();
    expect(f.lasted?.fineD).toBeCloseTo(spent(50), 2);
  });
  test('turned: between the last time it was fine and when that was found (interval-censored)', () => {
    const told = { is: 'thrown', why: 'turned', text: '' };
    const f = fate(
      fine(1, 48),
      line(2, 80, { ...told, lastFineAt: jar.filledAt + 60 * HOUR, foundAt: jar.filledAt + 72 * HOUR }),
    );
    expect(f.lasted?.fineD).toBeCloseTo(spent(60), 2);
    expect(f.lasted?.turnedD).toBeCloseTo(spent(72), 2);
    const unsaid = fate(fine(1, 48), line(2, 80, { ...told, lastFineAt: null, foundAt: null }));
    expect(unsaid.lasted?.fineD).toBeCloseTo(spent(48), 2);
    expect(unsaid.lasted?.turnedD).toBeCloseTo(spent(80), 2);
  });
  test('a look that found it turned is the finding, though nobody threw it away yet', () => {
    const f = fate(fine(1, 30), line(2, 55, { is: 'looked', look: { signs: ['sour'] } }), fine(3, 60));
    expect(f.end).toBeNull();
    expect(f.lasted?.fineD).toBeCloseTo(spent(30), 2);
    expect(f.lasted?.turnedD).toBeCloseTo(spent(55), 2);
  });
  test('thrown away to be safe, disliked or past its time says only how long it was known to be fine', () => {
    for (const why of ['safe', 'disliked', 'past'] as const) {
      const f = fate(fine(1, 30), line(2, 90, { is: 'thrown', why, text: '', lastFineAt: null, foundAt: null }));
      expect([f.why, f.lasted?.turnedD]).toEqual([why, null]);
      expect(f.lasted?.fineD).toBeCloseTo(spent(30), 2);
    }
  });
  test('a jar of which nothing was ever said, or that was frozen, says nothing', () => {
    expect(fate().lasted).toBeNull();
    expect(
      fate(line(1, 5, { is: 'moved', place: 'freezer', placeC: -18 }), line(2, 900, { is: 'finished' })).lasted,
    ).toBeNull();
  });
  test('out on the table it ages faster: the same hours are more days', () => {
    const out = { where: 'table', placeC: 25, from: jar.filledAt + 20 * HOUR, to: jar.filledAt + 26 * HOUR };
    const f = fate(line(1, 50, { is: 'tempered', ...out }), line(2, 51, { is: 'finished' }));
    expect(f.lasted?.fineD).toBeGreaterThan(spent(51) + 0.5);
  });
  test('what was learned here moves no fate: it would feed on itself', () => {
    const learned = { ...batch, beliefs: { 'keeping:soy-boiled': { mean: 1.5, sd: 0.2, n: 9, low: 1, high: 5 } } };
    const events = [line(1, 50, { is: 'finished' })];
    expect(fateOfJar(jar, events, learned, at4)).toEqual(fate(...events));
    expect(jarNow(jar, [], learned, at4, jar.filledAt + HOUR).keep?.budgetD).toBeCloseTo(4.5, 9);
    expect(jarNow(jar, [], batch, at4, jar.filledAt + HOUR).keep?.budgetD).toBe(3);
  });
  test('the kitchen moves the usual value between its low end and the cap, never past', () => {
    const with_ = (mean: number) =>
      jarNow(
        jar,
        [],
        { ...batch, beliefs: { 'keeping:soy-boiled': { mean, sd: 0.2, n: 9, low: 1, high: 9 } } },
        at4,
        jar.filledAt,
      ).keep?.budgetD;
    expect([with_(0.3), with_(1.4), with_(9)]).toEqual([3, 3 * 1.4, 5]);
  });
});

test('a milk that was not boiled enough is not counted among the boiled ones', () => {
  const raw = { ...jar, stream: { ...jar.stream, boilS: 30 } };
  const of = (j: typeof jar) => fateOfJar(j, [line(1, 20, { is: 'finished' })], batch, at4);
  expect([of(jar).thing, of(raw).thing]).toEqual(['soy-boiled', 'soy-raw']);
  expect(of(raw).budgetD).toBe(1);
});

describe('what was said of it', () => {
  test('the last word on each scale, and how much had gone clear at each look', () => {
    const f = fate(
      line(1, 20, { is: 'looked', look: WHOLE_LOOK }),
      line(2, 40, { is: 'looked', look: { slip: 'silky' } }),
    );
    expect(f.said).toEqual({
      thick: 'likeMilk',
      slip: 'silky',
      grit: 'faint',
      beany: 'faint',
      sweet: 'not',
      liked: 'yes',
    });
    expect(f.looks).toBe(2);
    expect(f.parts?.seen).toHaveLength(1);
    expect(f.parts?.seen[0]?.share).toBeCloseTo(0.06, 9);
    expect(f.parts?.seen[0]?.hours).toBeGreaterThan(18);
    expect(fate(line(1, 20, { is: 'looked', look: { slip: 'clean' } })).parts).toBeNull();
  });
  test('in a line of a list, only what somebody would tell unasked', () => {
    const f = fate(line(1, 20, { is: 'looked', look: WHOLE_LOOK }));
    expect(wasText([f])).toBe('liked');
    const slimy = { said: { liked: 'no', slip: 'slimy', beany: 'strong' }, lasted: { turnedD: 4 } } as const;
    expect(wasText([f, slimy])).toBe('not liked, slimy, beany, 1 of 2 turned');
    expect(wasText([slimy, f])).toBe('liked, 1 of 2 turned');
    expect(wasText([])).toBe('');
  });
  test('its fate in sentences, with the use-by of its label and no time in another currency', () => {
    const events = [
      fine(1, 48),
      line(2, 72, { is: 'thrown', why: 'turned', text: '', lastFineAt: null, foundAt: null }),
    ];
    const hours = (at: number): string => `+${Math.round((at - jar.filledAt) / HOUR)} h`;
    const at = jar.filledAt + 72 * HOUR;
    const times = jarTimes(jar, events, batch, at4, at);
    const keeps = jarNow(jar, [], batch, at4, jar.filledAt).useBy ?? 0;
    expect(fateText(fate(...events), times, at, hours)).toBe(
      `Thrown away +72 h: it turned. Last known to be fine +48 h. Found gone off +72 h. Use by was ${hours(keeps)}.`,
    );
    expect(fateText(fate(), jarTimes(jar, [], batch, at4, jar.filledAt), jar.filledAt, hours)).toBe(
      `On the shelf. Use by ${hours(keeps)}.`,
    );
  });
  test('what was poured into another jar was not finished', () => {
    const events = [line(1, 20, { is: 'decanted', into: 'other', ml: 200 }), line(2, 20, { is: 'finished' })];
    const text = fateText(fate(...events), { fineAt: null, turnedAt: null, useBy: null }, jar.filledAt, () => 'Tue');
    expect(text).toBe('Poured into another jar Tue.');
  });
  test('use by is one instant, whenever it is asked', () => {
    const of = [0, 6, 20, 40].map((h) => jarNow(jar, [], batch, at4, jar.filledAt + h * HOUR).useBy ?? 0);
    expect(Math.max(...of) - Math.min(...of)).toBeLessThanOrEqual(5 * 60_000);
    const past = jarNow(jar, [], batch, at4, jar.filledAt + 300 * HOUR).useBy ?? 0;
    expect(Math.abs(past - (of[0] ?? 0))).toBeLessThanOrEqual(HOUR);
  });
});

test('what was thrown away is counted by its reason', () => {
  const thrown = (why: string) => ({
    jar,
    events: [line(1, 5, { is: 'thrown', why, text: '', lastFineAt: null, foundAt: null })],
  });
  const all = fateOf([thrown('turned'), thrown('turned'), thrown('spilt'), { jar, events: [] }]);
  expect(all.madeMl).toBeCloseTo(4 * jar.filledMl, 6);
  expect(all.why.turned).toBeCloseTo(2 * jar.filledMl, 6);
  expect(all.why.spilt).toBeCloseTo(jar.filledMl, 6);
  expect(all.thrownMl).toBeCloseTo(3 * jar.filledMl, 6);
});

test('the last of it poured over is no taste: it says only what was known of it before', () => {
  const poured = [line(1, 10, { is: 'poured', ml: 100 }), line(2, 40, { is: 'decanted', into: 'c', ml: 500 })];
  expect(fate(...poured, line(3, 40, { is: 'finished' })).lasted?.fineD).toBeCloseTo(spent(10), 2);
  expect(fate(...poured, line(3, 41, { is: 'finished' })).lasted?.fineD).toBeGreaterThan(spent(30));
});
