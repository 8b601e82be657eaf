import { describe, expect, test } from '@jest/globals';
import { slackText, whyThenText } from '../../src/words';
import type { Names } from '../../src/words';
import type { Because, Room } from '../../src/schedule';

const names: Names = {
  block: (id) => ({ a: 'Grind', b: 'Strain, oat milk', c: 'Jar' })[id] ?? id,
  milk: () => 'oat milk',
  thing: () => 'the jug',
  at: (s) => `${Math.floor(s / 3600)}:00`,
};
const room = (s: number, because: Because | null, through: string | null = null): Room => ({ s, because, through });
const open = room(Infinity, null);
const say = (later: Room, earlier: Room) => whyThenText({ later, earlier }, names).replaceAll('\u00a0', ' ');

describe('why then', () => {
  test.each<readonly [Because, string]>([
    [{ is: 'wanted' }, 'No later: the milk is wanted by then.'],
    [{ is: 'after', block: 'a' }, 'No later: “Grind” follows.'],
    [{ is: 'stands', block: 'a' }, 'No later: what “Grind” made may stand no longer.'],
    [
      { is: 'thing', thing: 'jug', block: 'b', setUpS: 300 },
      'No later: the jug is needed for “Strain, oat milk”, and is washed between.',
    ],
    [{ is: 'off', fromS: 22 * 3600, toS: 30 * 3600 }, 'No later: nobody is there from 22:00.'],
    [{ is: 'hands', block: 'b' }, 'No later: your hands are at “Strain, oat milk” next.'],
  ])('later: %j', (because, text) => expect(say(room(0, because), open)).toBe(text));
  test.each<readonly [Because, string]>([
    [{ is: 'before', block: 'a' }, 'No earlier: “Grind” is over only then.'],
    [
      { is: 'thing', thing: 'jug', block: 'b', setUpS: 60 },
      'No earlier: the jug is taken by “Strain, oat milk”, and is rinsed between.',
    ],
    [{ is: 'off', fromS: 22 * 3600, toS: 30 * 3600 }, 'No earlier: nobody is there until 30:00.'],
    [{ is: 'now' }, 'No earlier: it is not yet that time.'],
    [{ is: 'notBefore' }, 'No earlier: you said not before.'],
    [{ is: 'stands', block: 'c' }, 'No earlier: what it makes may stand no longer before “Jar”.'],
  ])('earlier: %j', (because, text) => expect(say(open, room(0, because))).toBe(text));
  test('a chain is told by what stops its end; room of its own by how much', () => {
    expect(say(room(0, { is: 'wanted' }, 'c'), open)).toBe(
      'No later: all up to “Jar” follows at once, and then the milk is wanted.',
    );
    expect(say(room(900, { is: 'wanted' }, 'c'), open)).toBe(
      'Up to 15 min later with all up to “Jar”: then the milk is wanted.',
    );
    expect(say(open, room(1800, { is: 'hands', block: 'a' }))).toBe(
      'Up to 30 min earlier by itself; then: your hands are at “Grind”.',
    );
  });
  test('what you put there stands there', () => {
    expect(say(room(0, { is: 'byHand' }), room(0, { is: 'byHand' }))).toBe('You put it there.');
  });
});
test('how far it may slip', () => {
  const slip = (s: number, then: string | null) => slackText({ s, then }, 'm', names).replaceAll('\u00a0', ' ');
  expect(slip(1500, 'other')).toBe('It may slip by 25 min; then “oat milk” is late.');
  expect(slip(0, 'm')).toBe('If it slips, it is late.');
  expect(slip(Infinity, null)).toBe('However late it is, no wish is missed.');
});
