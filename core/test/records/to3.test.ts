import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { progressOf } from '../../src/batch';
import { readPlan } from '../../src/formats';
import { massG, solidsG, unlearned } from '../../src/kitchen';
import type { Stream } from '../../src/kitchen';
import { look } from '../../src/questions';
import { migrate, undoTo2, validRow, VERSIONS } from '../../src/records';
import type { BatchRecord, EventRecord, PlanRecord, Table } from '../../src/records';
import type { Recipe } from '../../src/steps';
import { SEA } from '../batch/kitchen';

/** mass and dry mass g, °C, hygiene, dissolved sugars and salt g: as the words of before folded, the day they went. */
type Told = Readonly<Record<string, readonly [number, number, number, string, number, number]>>;
interface Before {
  readonly plans: readonly { readonly row: Record<string, unknown>; readonly figures: Told }[];
  readonly files: readonly { readonly file: unknown; readonly figures: Told }[];
  readonly batches: readonly {
    readonly row: Record<string, unknown>;
    readonly events: readonly Record<string, unknown>[];
    readonly state: string;
    readonly left: number;
    readonly figures: Told;
  }[];
  readonly undo: Record<string, unknown>;
  readonly methods: Record<string, unknown>;
}
const before = JSON.parse(readFileSync(join(__dirname, 'fixtures', 'wordsBefore.json'), 'utf8')) as Before;

function newest(table: Table, given: Record<string, unknown>): unknown {
  const m = migrate(VERSIONS[table], given);
  if (!m.ok) throw new Error(m.fault);
  const judged = validRow(table, m.row);
  if ('faults' in judged) throw new Error(judged.faults.map((f) => f.say).join(' '));
  return m.row;
}
const told = (products: Readonly<Record<string, Stream>>): Told =>
  Object.fromEntries(
    Object.entries(products).map(([n, s]) => [
      n,
      [massG(s), solidsG(s), s.temperatureC, s.hygiene, s.released.sugars, s.released.salt],
    ]),
  );
const figures = (r: Recipe): Told => told(look(r, unlearned(SEA))?.outcome.products ?? {});
function same(now: Told, then: Told, upTo: number): void {
  expect(Object.keys(now).sort()).toEqual(Object.keys(then).sort());
  for (const [name, values] of Object.entries(then))
    values.forEach((v, i) => {
      const x = now[name]?.[i];
      if (typeof v === 'number' && typeof x === 'number')
        expect([name, i, Math.abs(x - v) <= (i === WARMTH ? WARM : upTo) * Math.max(1, Math.abs(v))]).toEqual([
          name,
          i,
          true,
        ]);
      else expect([name, i, x]).toEqual([name, i, v]);
    });
}
const EXACT = 1e-9;
/** Stirred in one after the other, not all at once, heat capacities are taken at other temperatures: thousandths of a kelvin. */
const WARMTH = 2;
const WARM = 1e-3;

describe('what was said in the words of before says the same in those of now', () => {
  test.each(before.plans.map((p) => [String(p.row.id), p] as const))('plan %s', (_, p) => {
    const plan = newest('plans', p.row) as PlanRecord;
    expect(plan.recipe.steps.map((s) => s.kind)).not.toEqual(expect.arrayContaining(['finish']));
    same(figures(plan.recipe), p.figures, EXACT);
  });
  test.each(before.batches.map((b) => [String(b.row.id), b] as const))('batch %s and its log', (_, b) => {
    const batch = newest('batches', b.row) as BatchRecord;
    const events = b.events.map((e) => newest('events', e) as EventRecord);
    const p = progressOf(batch, events);
    expect(p.state).toBe(b.state);
    if (b.left === 0) expect(p.tasks.every((t) => t.status === 'done')).toBe(true);
    same(told(p.outcome.products), b.figures, EXACT);
  });
  test.each(before.files.map((f, i) => [(f.file as { name: string }).name, i, f] as const))(
    'plan file %s',
    (_, __, f) => {
      const back = readPlan(f.file);
      if (!back.ok) throw new Error(back.faults.map((x) => x.say).join(' '));
      const slaked = JSON.stringify(f.file).includes('"slake":{"value":30');
      const now = figures(back.plan.recipe);
      // Hot water that slakes is hot now; then it came as cold as the room.
      if (slaked) expect(Math.abs((now.milk?.[0] ?? 0) - (f.figures.milk?.[0] ?? 0))).toBeLessThan(1e-6);
      else same(now, f.figures, 1e-6);
    },
  );
  test('undo and own methods too', () => {
    const undo = newest('undo', before.undo) as { past: { recipe: Recipe }[]; future: { recipe: Recipe }[] };
    const plan = (id: string): Told => before.plans.find((p) => p.row.id === id)?.figures ?? {};
    same(figures(undo.past[0]?.recipe as Recipe), plan('full'), EXACT);
    same(figures(undo.future[0]?.recipe as Recipe), plan('slaked'), EXACT);
    same(figures((newest('methods', before.methods) as { recipe: Recipe }).recipe), plan('keptLong'), EXACT);
  });
  test('brought along twice, nothing changes; what is no undo stays none', () => {
    const once = undoTo2(before.undo);
    expect(undoTo2(once)).toEqual(once);
    expect(undoTo2({ past: 3 })).toEqual({ past: [], future: [] });
  });
});
