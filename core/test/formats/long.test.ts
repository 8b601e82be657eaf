import { unlearned } from '../../src/kitchen';
import { expect, test, describe } from '@jest/globals';
import { look } from '../../src/questions';
import { readBackup, readPlanFile, writeOutcome, writePlan } from '../../src/formats';
import { METHODS, recipeOf } from '../../src/methods';
import { seededRandom } from '../../src/numerics';
import { sampleKitchen } from '../records/sample';
import { times } from '../long';
import { backupV1, bytesOf } from './files';

/**
 * Any bytes, any depth, any name at any place of a file. `npm run test:long` runs ten thousand of each, a
 * plain test run a seeded two hundred and fifty. Nothing may end in an exception, nothing taken in may fail a page.
 */
const RUNS = times(250, 10_000);
const ODD: readonly string[] = [
  ...['null', 'true', '""', '"x"', '-1', '0', '1e300', '1e-300', '[]', '{}', '[[]]', '{"value":-5,"unit":"g"}'],
  ...[
    '"__proto__"',
    '"constructor"',
    '"toString"',
    '{"__proto__":{"x":1}}',
    '{"constructor":1}',
    '"\\u0000"',
    '9007199254740993',
  ],
  ...[
    `"${'y'.repeat(5000)}"`,
    '['.repeat(500),
    '['.repeat(500) + ']'.repeat(500),
    '{"a":'.repeat(200) + '1' + '}'.repeat(200),
  ],
  ...['"soybeans"', '"work"', '"boil"', '2', '{"is":"jug"}', '"2026-01-01"'],
];
/** One value of a JSON text, wherever it begins: a number, a word, a text, or a whole list or object. */
function valueEnd(text: string, from: number): number {
  const c = text[from];
  if (c === '"') {
    let i = from + 1;
    while (i < text.length && text[i] !== '"') i += text[i] === '\\' ? 2 : 1;
    return i + 1;
  }
  if (c === '[' || c === '{') {
    let depth = 0;
    for (let i = from; i < text.length; i += 1) {
      if (text[i] === '"') i = valueEnd(text, i) - 1;
      else if ('[{'.includes(text[i] ?? '')) depth += 1;
      else if (']}'.includes(text[i] ?? '') && (depth -= 1) === 0) return i + 1;
    }
  }
  let i = from;
  while (i < text.length && !',]}'.includes(text[i] ?? '')) i += 1;
  return i;
}
function mangled(text: string, random: () => number): string {
  const pick = (n: number): number => Math.floor(random() * n);
  let out = text;
  for (let times = 1 + pick(3); times > 0; times -= 1) {
    const at = pick(out.length);
    switch (pick(6)) {
      case 0: {
        const colon = out.indexOf(':', at);
        if (colon < 0) break;
        out = out.slice(0, colon + 1) + (ODD[pick(ODD.length)] ?? '') + out.slice(valueEnd(out, colon + 1));
        break;
      }
      case 1: {
        const colon = out.indexOf(':', at);
        const comma = colon < 0 ? -1 : valueEnd(out, colon + 1);
        if (comma > 0 && out[comma] === ',')
          out = out.slice(0, out.lastIndexOf('"', out.lastIndexOf('"', colon) - 1)) + out.slice(comma + 1);
        break;
      }
      case 2: {
        const key = /"(\w+)":/g;
        key.lastIndex = at;
        const m = key.exec(out);
        if (m)
          out = `${out.slice(0, m.index)}"${['__proto__', 'constructor', 'zzz', 'id'][pick(4)] ?? ''}":${out.slice(m.index + m[0].length)}`;
        break;
      }
      case 3:
        out = out.slice(0, at);
        break;
      case 4:
        out = out.slice(0, at) + String.fromCharCode(32 + pick(95)) + out.slice(at + 1);
        break;
      case 5: {
        const from = out.indexOf('{', at);
        const to = from < 0 ? -1 : valueEnd(out, from);
        if (to > 0) out = `${out.slice(0, to)},${out.slice(from, to)}${out.slice(to)}`;
        break;
      }
    }
  }
  return out;
}

describe('whatever comes in', () => {
  test('as a plan is read and foretold without NaN, or refused in sentences', () => {
    const random = seededRandom(4711);
    const plans = METHODS.map((m) => JSON.stringify(writePlan({ name: m.name, method: m.id, recipe: recipeOf(m) })));
    let read = 0;
    for (let i = 0; i < RUNS; i += 1) {
      const text = mangled(plans[i % plans.length] ?? '', random);
      const r = readPlanFile(text);
      if (!r.ok) {
        expect(r.faults.length).toBeGreaterThan(0);
        for (const f of r.faults) expect(f.say).toMatch(/\.$/);
        continue;
      }
      read += 1;
      const seen = look(r.plan.recipe, unlearned(r.plan.kit));
      if (seen) expect(JSON.stringify(writeOutcome(r.plan, seen))).not.toMatch(/NaN|Infinity/);
    }
    expect(read).toBeGreaterThan(RUNS / 50);
  });
  test('as a kitchen is taken whole, every batch and jar of it folded, or refused in sentences', () => {
    const random = seededRandom(815);
    const kitchen = backupV1(sampleKitchen());
    for (let i = 0; i < RUNS; i += 1) {
      const r = readBackup(bytesOf(mangled(kitchen, random)));
      if (r.ok) expect(r.digests.length).toBe(r.kitchen.batches.length);
      else for (const f of r.faults) expect(f.say).toMatch(/\.$/);
    }
  });
});
