import { expect, test, describe } from '@jest/globals';
import fc from 'fast-check';
import { jarNow, jarsOf, progressOf, ranForS, soakingNow, holdingNow, warmNowC } from '../../src/batch';
import type { BatchEvent, JarEvent } from '../../src/batch';
import { kindOf, makeStep, WATER } from '../../src/steps';
import { sampleBatch, wholeRun } from '../records/sample';
import { broughtG, impossible, missingG } from './kitchen';
import { times } from '../long';

/** Cooks press in any order, twice, late, and from two windows: no log may bring the bench down or make matter. */
const batch = sampleBatch();
const steps = batch.recipe.steps;
const tasks = progressOf(batch, []).tasks;
const anyTask = fc.constantFrom(...tasks.map((t) => ({ step: t.step.id, task: t.task.id })));
const anyStep = fc.constantFrom(...steps.map((s) => s.id));
const skippable = fc.constantFrom('sort', 'skim', 'cool', 'finish', 'boil', 'jar');
const anyReading = fc
  .constantFrom(
    ...steps.flatMap((s) =>
      Object.entries(kindOf(s.kind).readings).map(([what, spec]) => ({ step: s.id, what, spec })),
    ),
  )
  .chain(({ step, what, spec }) =>
    fc
      .double({ min: spec.low, max: spec.high, noNaN: true })
      .map((v) => ({ step, what, value: Math.abs(v) < 1e-6 ? 0 : v })),
  );
const anyWater = (id: string, after: string) => ({
  ...{ do: 'insert', after },
  step: makeStep(id, 'add', { of: 'milk', food: WATER, amountG: 60 }),
});
type Loose = { [k: string]: unknown };
const anyHappening: fc.Arbitrary<Loose> = fc.oneof(
  anyTask.map((t) => ({ is: 'begun', ...t })),
  anyTask.map((t) => ({ is: 'ended', by: 'cook', ...t })),
  skippable.map((step) => ({ is: 'skipped', step, why: 'other', text: '' })),
  fc.integer({ min: -7_200_000, max: 7_200_000 }).map((byMs) => ({ is: 'clockSet', byMs })),
  anyStep.map((step) => ({ is: 'back', step })),
  fc.constantFrom({ is: 'paused' }, { is: 'resumed' }, { is: 'note', text: 'x' }),
  anyStep.chain((after) =>
    fc.constantFrom(
      ...['one', 'two'].map((id) => ({ is: 'edited', against: 'tooThick', edits: [anyWater(id, after)] })),
    ),
  ),
  fc.integer({ min: 0, max: 40 }).map((i) => ({ is: 'undone', of: `e${i}` })),
  anyReading.map((r) => ({ is: 'reading', reading: { id: 'r', source: 'cook', ...r } })),
);
const anyLog: fc.Arbitrary<BatchEvent[]> = fc
  .array(fc.tuple(anyHappening, fc.integer({ min: 0, max: 5 * 86_400_000 })), { maxLength: 40 })
  .map((l) =>
    l.map(
      ([h, at], i) =>
        ({ id: `e${i}`, seq: (i * 7) % 23, batch: batch.id, at: batch.startedAt + at, ...h }) as unknown as BatchEvent,
    ),
  );
const RUNS = { numRuns: times(40, 150), seed: 99 };

describe('any log', () => {
  test('has a place in the batch, one current task, and figures without NaN', () => {
    fc.assert(
      fc.property(anyLog, (log) => {
        const p = progressOf(batch, log);
        expect(['open', 'finished']).toContain(p.state);
        expect(p.current === null).toBe(p.tasks.every((t) => t.status === 'done'));
        for (const st of p.outcome.stages)
          for (const [k, v] of Object.entries(st.figures)) expect([k, Number.isFinite(v)]).toEqual([k, true]);
        for (const st of p.outcome.stages) for (const [, s] of st.writes) if (s) expect(impossible(s)).toEqual([]);
      }),
      RUNS,
    );
  });
  test('makes and loses no matter: what readings do not explain is written down as unaccounted for', () => {
    fc.assert(
      fc.property(anyLog, (log) => {
        const o = progressOf(batch, log).outcome;
        expect(Math.abs(missingG(o))).toBeLessThanOrEqual(1e-9 * Math.max(1, broughtG(o)));
      }),
      RUNS,
    );
  });
  test('reads the same in whatever order its lines arrive', () => {
    fc.assert(
      fc.property(anyLog, fc.integer({ min: 1, max: 1000 }), (log, turn) => {
        const shuffled = log
          .map((e, i) => [((i + 1) * turn * 7919) % 104_729, e] as const)
          .sort((a, b) => a[0] - b[0])
          .map(([, e]) => e);
        expect(progressOf(batch, shuffled).summary).toEqual(progressOf(batch, log).summary);
      }),
      RUNS,
    );
  });
  test('shows times that are not negative, at any now', () => {
    fc.assert(
      fc.property(anyLog, fc.integer({ min: -86_400_000, max: 30 * 86_400_000 }), (log, later) => {
        const p = progressOf(batch, log);
        const now = batch.startedAt + later;
        for (const t of p.tasks) {
          expect(ranForS(t, now)).toBeGreaterThanOrEqual(0);
          expect(soakingNow(p, t, now)?.uptakeShare ?? 0).toBeGreaterThanOrEqual(0);
          expect(holdingNow(p, batch, t, now)?.left ?? 0).toBeLessThanOrEqual(1);
          const c = warmNowC(t, now) ?? 20;
          expect(c).toBeGreaterThan(-30);
          expect(c).toBeLessThanOrEqual(100);
        }
      }),
      RUNS,
    );
  });
});

describe('any jar', () => {
  const jars = jarsOf(batch, progressOf(batch, wholeRun(batch)));
  const anyJarLog: fc.Arbitrary<JarEvent[]> = fc
    .array(
      fc.tuple(
        fc.oneof(
          fc.integer({ min: 1, max: 3000 }).map((ml) => ({ is: 'poured', ml })),
          fc.integer({ min: 0, max: 11 }).map((i) => ({ is: 'undone', of: `j${i}` })),
          fc
            .tuple(
              fc.double({ min: -20, max: 40, noNaN: true }),
              fc.integer({ min: -86_400_000, max: 20 * 86_400_000 }),
              fc.option(fc.integer({ min: 0, max: 86_400_000 })),
            )
            .map(([placeC, after, forMs]) => {
              const from = batch.startedAt + after;
              return { is: 'tempered', where: 'table', placeC, from, to: forMs === null ? null : from + forMs };
            }),
          fc.constantFrom<Loose>(
            { is: 'looked', look: { signs: ['fine'] } },
            {
              is: 'looked',
              look: {
                thick: 'creamy',
                layers: [
                  { kind: 'clear', share: 0.2 },
                  { kind: 'body', share: 0.8 },
                ],
              },
            },
          ),
          fc.constantFrom<Loose>(
            { is: 'finished' },
            { is: 'given' },
            { is: 'thrown', why: 'other', text: 'x', lastFineAt: null, foundAt: null },
            { is: 'boiled', forS: 1200 },
            { is: 'heated', toC: 72, holdS: 60 },
            { is: 'shaken', cameBack: 'partly' },
            { is: 'lifted', capG: null },
            { is: 'moved', place: 'room', placeC: 22 },
            { is: 'moved', place: 'fridge', placeC: null },
          ),
        ),
        fc.integer({ min: 0, max: 20 * 86_400_000 }),
      ),
      { maxLength: 12 },
    )
    .map((l) =>
      l.map(([h, at], i) => ({ id: `j${i}`, seq: i, jar: 'x', at: batch.startedAt + at, ...h }) as unknown as JarEvent),
    );
  test('never holds less than nothing or more than was filled, and never keeps past its cap', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...jars),
        anyJarLog,
        fc.integer({ min: 0, max: 40 * 86_400_000 }),
        fc.double({ min: -1, max: 15, noNaN: true }),
        (jar, log, later, fridgeC) => {
          const j = jarNow(jar, log, batch, [{ at: 0, placeC: fridgeC }], jar.filledAt + later);
          expect(j.leftMl).toBeGreaterThanOrEqual(0);
          expect(j.leftMl).toBeLessThanOrEqual(jar.filledMl * 1.05);
          const keep = j.keep?.s ?? 0;
          expect(keep).toBeGreaterThanOrEqual(0);
          // Boiled soy: five days, the day it was made or boiled being the first; frozen, two months.
          expect(keep).toBeLessThanOrEqual((j.placeC < -1 ? 61 : 4) * 86_400);
        },
      ),
      RUNS,
    );
  });
});
