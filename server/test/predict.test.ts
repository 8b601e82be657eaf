import { expect, test, describe } from '@jest/globals';
import { predict } from '../src/cli/predict';

const io = (files: Readonly<Record<string, string>>) => ({
  readFile: (p: string): string => {
    const t = files[p];
    if (t === undefined) throw new Error('ENOENT');
    return t;
  },
  readInput: (): string => files['-'] ?? '',
});
const washed = predict(['--method', 'soy-washed'], io({})).out;

describe('predict', () => {
  test('--methods lists the five soy schools, a line each', () => {
    const r = predict(['--methods'], io({}));
    expect(r.code).toBe(0);
    expect(
      r.out
        .trimEnd()
        .split('\n')
        .filter((l) => l.split('\t')[1] === 'soy'),
    ).toHaveLength(5);
  });
  test('a school’s own plan goes in as a file or through standard input, and gives the same', () => {
    const a = predict(['p.json'], io({ 'p.json': washed }));
    const b = predict(['-'], io({ '-': washed }));
    expect([a.code, b.code]).toEqual([0, 0]);
    expect(a.out).toBe(b.out);
    const out = JSON.parse(a.out) as {
      format: string;
      milk: { volumeMl: number };
      stages: unknown[];
      kitchen: unknown;
    };
    expect(out.format).toBe('ironpan-outcome');
    expect(out.milk.volumeMl).toBeGreaterThan(1200);
    expect(out.stages).toHaveLength((JSON.parse(washed) as { steps: unknown[] }).steps.length);
    expect(out.kitchen).toEqual((JSON.parse(washed) as { kitchen: unknown }).kitchen);
  });
  test.each<[string, string[], RegExp]>([
    ['nothing named', [], /No plan was named/],
    ['an unknown school', ['--method', 'x'], /no method "x"/],
    ['an unknown flag', ['--fry'], /is not known/],
    ['a file that is not there', ['none.json'], /could not be read/],
    ['two plans', ['a', 'b'], /One plan at a time/],
    ['no JSON', ['bad.json'], /not JSON/],
    ['another shape', ['list.json'], /must be an object/],
  ])('%s: exit 2, a sentence, nothing on standard output', (_, args, say) => {
    const r = predict(args, io({ 'bad.json': '{', 'list.json': '[]' }));
    expect([r.code, r.out]).toEqual([2, '']);
    expect(r.err).toMatch(say);
  });
});

interface Spoilt {
  readonly steps: object[];
  readonly larder: object[];
}
describe('every school of every milk through the command', () => {
  const ids = predict(['--methods'], io({}))
    .out.trimEnd()
    .split('\n')
    .map((l) => l.split('\t')[0] ?? '');
  test('there are twenty-two', () => expect(ids).toHaveLength(22));
  test.each(ids)('%s: its own file is read, folded and written, with a body where there is a liquid', (id) => {
    const file = predict(['--method', id], io({})).out;
    const r = predict(['-'], io({ '-': file }));
    expect([r.code, r.err]).toEqual([0, '']);
    const out = JSON.parse(r.out) as {
      milk: { massG: number; solids: number; moisture: number; body: { word: string; sets: boolean } | null };
      totals: { costPerL: number | null; jarredMl: number };
      warnings: { weight: string; say: string }[];
    };
    expect(out.milk.solids + out.milk.moisture).toBeCloseTo(1, 4);
    expect(out.milk.body?.word).toMatch(/^(watery|thin|likeMilk|creamy|thick|sets)$/);
    expect(out.totals.jarredMl).toBeGreaterThan(100);
    expect(out.warnings.every((w) => w.say.endsWith('.'))).toBe(true);
    expect(r.out).not.toMatch(/NaN|Infinity/);
  });
  test('more oats, boiling water: it sets, hardly any of it runs through the cloth, and both are said', () => {
    const plan = JSON.parse(predict(['--method', 'oat-hot-thin'], io({})).out) as {
      larder: { amount: { value: number } }[];
      steps: { kind: string; waterTemperature?: { value: number } }[];
    };
    if (plan.larder[0]) plan.larder[0].amount.value = 140;
    for (const s of plan.steps) if (s.kind === 'grind' && s.waterTemperature) s.waterTemperature.value = 100;
    const out = JSON.parse(predict(['-'], io({ '-': JSON.stringify(plan) })).out) as {
      warnings: { check: string }[];
    };
    expect(out.warnings.map((w) => w.check)).toEqual(expect.arrayContaining(['tooHotForStarch', 'setsInCloth']));
  });
  test.each<[string, (p: Spoilt) => void, RegExp]>([
    [
      'water at −18 °C',
      (p) => Object.assign(p.steps[0] ?? {}, { waterTemperature: { value: -18, unit: 'C' } }),
      /must be 0 C to 100 C/,
    ],
    [
      'a hundred and one kilograms',
      (p) => Object.assign(p.larder[0] ?? {}, { amount: { value: 101, unit: 'kg', basis: 'dry' } }),
      /must be 0 g/,
    ],
    [
      'the wrong basis',
      (p) => Object.assign(p.larder[0] ?? {}, { amount: { value: 80, unit: 'g', basis: 'cooked' } }),
      /basis “dry”/,
    ],
    ['strain before grind is no fault, but a danger', (p) => void p.steps.reverse(), /nothing before/],
    [
      'extractability above 1',
      (p) =>
        Object.assign(p, {
          materials: [
            { id: 'mine', name: 'Mine', like: 'oats-rolled', canLeave: { starch: { value: 140, unit: '%' } } },
          ],
        }),
      /must be 0 % to 100 %/,
    ],
    [
      'a composition that does not add up',
      (p) =>
        Object.assign(p, {
          materials: [{ id: 'mine', name: 'Mine', like: 'oats-rolled', per100g: { starch: { value: 99, unit: 'g' } } }],
        }),
      /adds up to/,
    ],
  ])('%s: a sentence, exit 2', (_, spoil, say) => {
    const plan = JSON.parse(predict(['--method', 'oat-middle'], io({})).out) as Spoilt;
    spoil(plan);
    const r = predict(['-'], io({ '-': JSON.stringify(plan) }));
    expect(r.code).toBe(2);
    expect(r.err).toMatch(say);
  });
});
