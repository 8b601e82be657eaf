import * as upgrades from '../../src/store/upgrade';
import { unlearned } from '@ironpan/core/kitchen';
import { afterEach, expect, test } from '@jest/globals';
import Dexie from 'dexie';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { look } from '@ironpan/core/questions';
import { TABLES, validRow } from '@ironpan/core/records';
import { KitchenDb } from '../../src/store/db';

const NAME = 'upgrade-kitchen';
/** Tables that the first version had. */
const FIRST = new Set<string>(['kit', 'plans', 'batches', 'events', 'jars', 'jarEvents']);
const fixture = (table: string): Record<string, unknown>[] =>
  JSON.parse(
    readFileSync(join(__dirname, '../../../core/test/records/fixtures', `${table}.v1.json`), 'utf8'),
  ) as Record<string, unknown>[];

afterEach(() => Dexie.delete(NAME));

/** The database as the first version made it, with a row of everything and a step to undo. */
async function firstVersion(): Promise<void> {
  const old = new Dexie(NAME);
  old.version(1).stores({
    kit: 'id',
    plans: 'id, updatedAt',
    batches: 'id, number, startedAt',
    events: 'id, batch, at',
    jars: 'id, batch',
    jarEvents: 'id, jar',
    undo: 'plan',
    settings: 'key',
  });
  for (const t of ['kit', 'plans', 'batches', 'events', 'jars', 'jarEvents']) await old.table(t).bulkPut(fixture(t));
  const plan = fixture('plans')[0] as { id: string; name: string; recipe: unknown };
  await old
    .table('undo')
    .put({ plan: plan.id, past: [{ name: 'before', recipe: plan.recipe }], future: [], touched: '', at: 1 });
  await old.table('settings').put({ key: 'settings', value: { cups: 'us', keys: true } });
  old.close();
}

test('a kitchen of the first version opens, every row at its newest version and valid, nothing lost', async () => {
  await firstVersion();
  const d = new KitchenDb(NAME, upgrades);
  await d.open();
  for (const table of TABLES) {
    const rows = (await d.table(table).toArray()) as Record<string, unknown>[];
    // Kept under keys of their own; what undo goes back to is looked at below.
    if (table === 'settings' || table === 'undo') continue;
    if (FIRST.has(table)) expect([table, rows.length]).toEqual([table, fixture(table).length]);
    for (const row of rows) {
      const judged = validRow(table, row);
      expect([table, 'faults' in judged ? judged.faults : []]).toEqual([table, []]);
      expect('row' in judged && judged.row).toEqual(row);
    }
  }
  d.close();
});
test('what undo goes back to is brought along: it folds', async () => {
  await firstVersion();
  const d = new KitchenDb(NAME, upgrades);
  await d.open();
  const undo = await d.undo.toArray();
  const back = undo[0]?.past[0];
  const kit = await d.kit.get('kit');
  expect(back && kit && look(back.recipe, unlearned(kit))?.summary.main?.massG).toBeGreaterThan(100);
  expect((await d.settings.get('settings'))?.value).toEqual({ cups: 'us', keys: true });
  d.close();
});

test('a kitchen of version 12: lines of the book name their plan, and what was learned is read from them in their order', async () => {
  const shape = new KitchenDb('shape');
  const stores = Object.fromEntries(
    shape.tables
      .filter((t) => !['leftOut', 'trials', 'tastings', 'wording'].includes(t.name))
      .map((t) => [t.name, [t.schema.primKey.src, ...t.schema.indexes.map((x) => x.src)].join(', ')]),
  );
  const old = new Dexie(NAME);
  old.version(12).stores({ ...stores, digests: 'batch, state, startedAt, model, milk' });
  const said = (ln: number) => [{ coefficient: 'hold:fine-bag', ln, sd: 0.02 }];
  const line = {
    state: 'finished',
    model: 'm',
    milk: 'soy',
    number: 1,
    name: 'Soy',
    promisedMl: 1,
    evidence: said(0.1),
  };
  await old.table('batches').bulkPut([
    { id: 'b1', plan: 'p1' },
    { id: 'b2', plan: 'p2' },
  ]);
  await old.table('digests').bulkPut([
    { ...line, batch: 'b2', startedAt: 2000, evidence: said(0.3) },
    { ...line, batch: 'b1', startedAt: 1000 },
  ]);
  await old.table('learned').put({ coefficient: 'hold:fine-bag', n: 2, weight: 1, weighted: 1 });
  old.close();
  const d = new KitchenDb(NAME, upgrades);
  await d.open();
  expect((await d.digests.toArray()).map((r) => [r.batch, r.plan])).toEqual([
    ['b1', 'p1'],
    ['b2', 'p2'],
  ]);
  const [bag] = await d.learned.toArray();
  expect(bag?.seen.map((s) => s.batch)).toEqual(['b1', 'b2']);
  expect(bag?.taught?.n).toBe(2);
  expect(await d.leftOut.count()).toBe(0);
  d.close();
});

test('a kitchen of version 13: what became of its jars is read anew, with what each word stood for', async () => {
  const shape = new KitchenDb('shape');
  const stores = Object.fromEntries(
    shape.tables
      .filter((t) => !['trials', 'tastings', 'wording'].includes(t.name))
      .map((t) => [t.name, [t.schema.primKey.src, ...t.schema.indexes.map((x) => x.src)].join(', ')]),
  );
  const old = new Dexie(NAME);
  old.version(13).stores(stores);
  await old.table('fates').put({ jar: 'j1', batch: 'b1', milk: 'soy', said: {} });
  old.close();
  const d = new KitchenDb(NAME, upgrades);
  await d.open();
  expect(await d.fates.count()).toBe(0);
  expect([await d.trials.count(), await d.tastings.count(), await d.wording.count()]).toEqual([0, 0, 0]);
  d.close();
});
