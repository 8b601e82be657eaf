import { expect, test, describe } from '@jest/globals';
import { sha256 } from '@noble/hashes/sha2.js';
import { bytesToHex } from '@noble/hashes/utils.js';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { ArchiveWriter, backupBytes, readBackup } from '../../src/formats';
import { checkShape } from '../../src/formats/shape';
import { TABLES } from '../../src/records';
import { sampleKitchen } from '../records/sample';
import { backupV1, bytesOf } from './files';

const kitchen = sampleKitchen();
const whole = backupBytes(kitchen, 1_000);
const faults = (b: Uint8Array): string => {
  const r = readBackup(b);
  return r.ok ? '' : r.faults.map((f) => f.say).join('\n');
};
/** The archive with one of its files changed; null takes it out. */
function changed(name: RegExp, to: (text: string) => string | null): Uint8Array {
  const out: Record<string, Uint8Array> = {};
  for (const [n, bytes] of Object.entries(unzipSync(whole))) {
    const text = name.test(n) ? to(strFromU8(bytes)) : strFromU8(bytes);
    if (text !== null) out[n] = strToU8(text);
  }
  return zipSync(out);
}
/** The one JSON text of version 1 with a row changed, which has no checksum to fail first. */
const row = (change: (t: Record<string, Record<string, never>[]>) => void): string => {
  const d = JSON.parse(backupV1(kitchen)) as { tables: Record<string, Record<string, never>[]> };
  change(d.tables);
  return faults(bytesOf(JSON.stringify(d)));
};

describe('an archive', () => {
  test('goes out and comes back the same, settings and steps back included, with what each batch came to', () => {
    const r = readBackup(whole);
    if (!r.ok) throw new Error(r.faults.map((f) => f.say).join('\n'));
    expect(r.kitchen).toEqual(kitchen);
    expect(r.exportedAt).toBe(1_000);
    expect(r.digests).toMatchObject([{ batch: 'b1', state: 'finished', lines: kitchen.events.length }]);
  });
  test('the same kitchen at the same instant is the same file', () => {
    expect(backupBytes(kitchen, 1_000)).toEqual(whole);
  });
  test('is written in parts: no part holds more than five hundred rows', () => {
    const pieces: Uint8Array[] = [];
    const w = new ArchiveWriter((p) => pieces.push(p));
    const line = kitchen.fridge[0];
    w.add(
      'fridge',
      Array.from({ length: 1201 }, (_, i) => ({ ...line, id: `f${i}` })),
    );
    w.end(1);
    const files = unzipSync(Buffer.concat(pieces));
    expect(Object.keys(files)).toEqual([
      'fridge/00001.jsonl',
      'fridge/00002.jsonl',
      'fridge/00003.jsonl',
      'manifest.json',
    ]);
    const r = readBackup(Buffer.concat(pieces));
    expect(r.ok && r.kitchen.fridge.length).toBe(1201);
  });
  test('one of version 2, which knew no photographs and did not count them, still comes in', () => {
    const files = Object.entries(unzipSync(whole)).filter(([name]) => !name.startsWith('photos/'));
    const old = files.map(([name, bytes]): [string, Uint8Array] => {
      if (name !== 'manifest.json') return [name, bytes];
      const m = JSON.parse(strFromU8(bytes)) as { counts: Record<string, number>; chunks: { table: string }[] };
      const { photos: _, ...counts } = m.counts;
      const chunks = m.chunks.filter((c) => c.table !== 'photos');
      return [name, strToU8(JSON.stringify({ ...m, version: 2, counts, chunks }))];
    });
    const r = readBackup(zipSync(Object.fromEntries(old)));
    // A look whose photograph is not there is a look all the same.
    expect(r.ok && r.kitchen).toEqual({ ...kitchen, photos: [] });
  });
  test('torn anywhere it is refused, and so is one with a bit turned anywhere in a record', () => {
    for (const share of [0.05, 0.5, 0.9, 0.999])
      expect(faults(whole.slice(0, Math.floor(whole.length * share)))).toMatch(/torn|manifest/);
    for (const t of TABLES)
      expect([
        t,
        faults(changed(new RegExp(`^${t}/`), (x) => x.replace(/\d/, (d) => String((Number(d) + 1) % 10)))),
      ]).toEqual([t, expect.stringMatching(/checksum is another/)]);
  });
  test('a part missing, a part more, a manifest that counts wrong, is unreadable, newer, or another’s', () => {
    expect(faults(changed(/^jars\//, () => null))).toMatch(/jars\/00001\.jsonl is missing/);
    expect(faults(changed(/manifest/, (t) => t.replace('"plans": 1', '"plans": 2')))).toMatch(
      /plans: the manifest counts/,
    );
    expect(faults(changed(/manifest/, () => '{'))).toMatch(/manifest\.json cannot be read/);
    expect(faults(changed(/manifest/, () => null))).toMatch(/it has no manifest\.json/);
    expect(faults(changed(/manifest/, (t) => t.replace('"version": 3', '"version": 4')))).toMatch(/newer Ironpan/);
    expect(faults(changed(/manifest/, (t) => t.replace('ironpan-kitchen', 'another')))).toMatch(/not a kitchen/);
    expect(faults(changed(/manifest/, (t) => t.replace('"chunks"', '"parts"')))).toMatch(/does not list its parts/);
    expect(faults(zipSync({ 'a.txt': strToU8('x') }))).toMatch(/it has no manifest\.json/);
  });
});

describe('what one row alone cannot show', () => {
  test.each<[string, (t: Record<string, Record<string, never>[]>) => void, RegExp]>([
    ...(['jug', 'strainer', 'pot', 'bowl', 'hob', 'jar'] as const).map(
      (kind): [string, (t: Record<string, Record<string, never>[]>) => void, RegExp] => [
        `a batch whose kit has no ${kind}`,
        (t) => {
          const kit = t.batches?.[0]?.kit as unknown as { things: { is: string; id: string }[] };
          kit.things = kit.things.flatMap((x) => (x.is === kind ? [] : [x, { ...x, id: `${x.id}-2` }]));
        },
        new RegExp(`has no ${kind} among its things`),
      ],
    ),
    [
      'a kit that uses what it has not',
      (t) => ((t.kit?.[0] as unknown as { use: Record<string, string> }).use.jug = 'gone'),
      /uses the jug “gone”, which is not among its things/,
    ],
    [
      'a jar of a food its batch does not know',
      (t) => ((t.jars?.[0]?.stream as unknown as { madeFrom: Record<string, number> }).madeFrom = { moss: 5 }),
      /made from “moss”, which its batch does not know/,
    ],
    [
      'a reading for a step that is gone',
      (t) => {
        const e = t.events?.find((x) => (x as unknown as { is: string }).is === 'reading') as unknown as {
          reading: { step: string };
        };
        e.reading.step = 'gone';
      },
      /speaks of the step “gone”, which its batch does not have/,
    ],
    [
      'a reading that its step does not take',
      (t) => {
        const e = t.events?.find((x) => (x as unknown as { is: string }).is === 'reading') as unknown as {
          reading: { what: string };
        };
        e.reading.what = 'colour';
      },
      /its reading “colour” is none that the step/,
    ],
    [
      'a food that becomes what is not there',
      (t) =>
        ((
          (t.plans?.[0]?.recipe as unknown as { materials: { cookedAs: string }[] }).materials[0] as {
            cookedAs: string;
          }
        ).cookedAs = 'gone'),
      /becomes “gone” when cooked, which is not described/,
    ],
    ['two records of one id', (t) => t.jars?.push(t.jars[0] as never), /stands there twice/],
    [
      'a course without its batch',
      (t) => ((t.traces?.[0] as unknown as { batch: string }).batch = 'gone'),
      /traces, row 1: its batch/,
    ],
    [
      'a course of a step that is gone',
      (t) => ((t.traces?.[0] as unknown as { step: string }).step = 'gone'),
      /told in the step “gone”, which its batch does not have/,
    ],
    [
      'a reading that names a course which did not come',
      (t) => {
        const e = t.events?.find((x) => (x as unknown as { is: string }).is === 'reading') as unknown as {
          reading: { trace: string };
        };
        e.reading.trace = 't9';
      },
      /names the course “t9”, which is not in the file/,
    ],
  ])('%s', (_, change, say) => expect(row(change)).toMatch(say));
  test.each(['__proto__', 'constructor', 'toString', 'prototype'])(
    'a food or a stream called %s is refused',
    (name) => {
      const as = (key: string): string => backupV1(kitchen).replaceAll(`"${key}"`, `"${name}"`);
      expect(faults(bytesOf(as('soybeans')))).toMatch(/JavaScript keeps for itself|not known|must be/);
      expect(faults(bytesOf(as('work')))).toMatch(/JavaScript keeps for itself/);
    },
  );
});

describe('before a text is parsed', () => {
  test('twenty thousand levels, or one text as long as a book, are told and never parsed', () => {
    expect(faults(bytesOf(`{"format":"ironpan-kitchen","version":1,"tables":${'['.repeat(20_000)}`))).toMatch(
      /more than 64 deep/,
    );
    expect(row((t) => ((t.plans?.[0] as unknown as { name: string }).name = 'x'.repeat(1_000_000)))).toMatch(
      /one text of 1\d+ letters/,
    );
  });
  test.each<[string, string, RegExp | null]>([
    ['nothing', '', null],
    ['brackets inside a text are text', `"${'['.repeat(100)}"`, null],
    ['an escaped quote does not end a text', `"${'\\"['.repeat(100)}"`, null],
    ['64 levels', '['.repeat(64) + ']'.repeat(64), null],
    ['65 levels', '['.repeat(65) + ']'.repeat(65), /64 deep/],
    ['side by side is not deep', '[],'.repeat(500), null],
    ['a text at the limit', `"${'x'.repeat(4000)}"`, null],
    ['a text beyond it', `"${'x'.repeat(4002)}"`, /4002 letters/],
    ['a text that never ends', `"${'x'.repeat(5000)}`, /letters/],
  ])('%s', (_, json, say) => {
    const said = checkShape(json);
    if (say === null) expect(said).toBeNull();
    else expect(said).toMatch(say);
  });
});

describe('archives that were made to do harm', () => {
  const manifest = (change: (m: { chunks: { file: string; rows: number }[] }) => void): Uint8Array =>
    changed(/^manifest/, (t) => {
      const m = JSON.parse(t) as { chunks: { file: string; rows: number }[] };
      change(m);
      return JSON.stringify(m);
    });
  const first = (m: { chunks: { file: string; rows: number }[] }) => {
    const [c] = m.chunks;
    if (!c) throw new Error('no part');
    return c;
  };
  test.each(['__proto__', 'constructor', '../kit.jsonl', 'toString'])('a part named %s is no part', (name) =>
    expect(faults(manifest((m) => (first(m).file = name)))).toMatch(/does not list its parts/),
  );
  test('a part that is named twice is refused', () =>
    expect(faults(manifest((m) => m.chunks.push(first(m))))).toMatch(/names one of its parts twice/));
  test('millions of empty lines are counted, and not taken apart', () => {
    const bad = changed(/^plans/, () => '\n'.repeat(1_000_000));
    const sum = manifest(() => undefined);
    // The checksum of the part is its own: whoever makes such a file can make that too.
    const lines = strToU8('\n'.repeat(1_000_000));
    const own = unzipSync(sum);
    const m = JSON.parse(strFromU8(own['manifest.json'] ?? strToU8('{}'))) as {
      chunks: { file: string; sha256: string }[];
    };
    const part = m.chunks.find((c) => c.file.startsWith('plans'));
    if (!part) throw new Error('no plans');
    part.sha256 = bytesToHex(sha256(lines));
    const made = zipSync({ ...own, [part.file]: lines, 'manifest.json': strToU8(JSON.stringify(m)) });
    expect(faults(made)).toMatch(/has 1000000 rows in place of \d+/);
    expect(faults(bad)).toMatch(/checksum/);
  });
  test('a part that says it has millions of rows is no part', () =>
    expect(faults(manifest((m) => (first(m).rows = 64_000_000)))).toMatch(/does not list its parts/));
});
