import { describe, expect, test } from '@jest/globals';
import type { Effect, Term } from '../../src/trials';
import { couldTell, effectText, noughtText } from '../../src/words';

const plain = (text: string): string => text.replace(/[\u00a0\u2009\u202f]/g, ' ');
const effect = (by: number, reach: number): Effect => ({
  term: [0],
  by,
  low: by - reach,
  high: by + reach,
  aliases: [],
});

describe('what a trial told, in sentences that claim no more than it shows', () => {
  test.each<[Effect, RegExp]>([
    [effect(120, 40), /^Time: 120 ml more \(between 80 ml more and 160 ml more, .*\)\. That is more than days do/],
    [effect(-120, 40), /^Time: 120 ml less .*That is more than days do/],
    [effect(20, 40), /^Time: 20 ml more \(between 20 ml less and 60 ml more.*\)\. Days do as much/],
    // What is left of rounding is no effect.
    [effect(1e-13, 40), /^Time: no difference .*Days do as much/],
  ])('%j', (e, says) => expect(plain(effectText('volumeMl', e, 'time'))).toMatch(says));
  test('of a word, so many words up or down its scale', () =>
    expect(plain(effectText('sweet', effect(1, 0.4), 'time'))).toMatch(/^Time: one word up the scale/));
  test.each<[readonly Term[], string]>([
    [[], ''],
    [[[0, 1, 2]], 'What three of them do only together cannot be told from these, and is taken to be nothing.'],
    [[[0, 1]], 'What two of them do only together cannot be told from these, and is taken to be nothing.'],
    [
      [
        [0, 1],
        [0, 1, 2],
      ],
      'What two or more of them do only together cannot be told from these, and is taken to be nothing.',
    ],
  ])('taken for nothing: %j', (nought, says) => expect(noughtText(nought)).toBe(says));
  test('before it is made: what would be lost among the days, beside what is expected', () => {
    expect(plain(couldTell('volumeMl', 50, [120, 10]))).toBe(
      'An effect under 50 ml would be lost in what days do. Expected are 120 ml, 10 ml: some of them would be. Change it by more, or make each more often.',
    );
    expect(plain(couldTell('volumeMl', 50, [120]))).toMatch(/Expected is 120 ml: enough to be told\.$/);
    expect(couldTell('sweet', 0.5, [])).toMatch(/lost in what days do\.$/);
  });
});
