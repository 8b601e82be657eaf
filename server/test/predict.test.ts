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
    ['an unknown school', ['--method', 'x'], /no school "x"/],
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
