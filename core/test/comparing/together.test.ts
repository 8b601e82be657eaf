import { describe, expect, test } from '@jest/globals';
import { changedTogether, comesOf, sideBySide, toldOf } from '../../src/comparing';
import type { Edit } from '../../src/steps';
import { causesText, differenceName, differenceValue, togetherText, verdictText } from '../../src/words';
import { brewed, causes, explained } from './brewed';

const set = (step: string, param: string, value: number | string): Edit => ({ do: 'set', step, param, value });
const SOAK = set('soak', 'durationS', 4 * 3600);
const WATER = set('grind', 'waterG', 900);
const plain = brewed('soy-washed');
const both = brewed('soy-washed', { planned: [SOAK, WATER] });
const orderOf = causes(explained(plain, both), 'volumeMl').map(([key]) => key);
const spoken = (s: string | null): string => (s ?? '').replace(/[\u00a0\u202f\u2009]/g, ' ');

describe('what always changed together', () => {
  test('two things that were changed at once cannot be told apart, and the batch that would part them is proposed', () => {
    const [group, ...more] = changedTogether(plain.made, both.made, [], orderOf);
    expect(more).toEqual([]);
    expect(group?.differences.map((d) => d.key)).toEqual(['param.grind.waterG', 'param.soak.durationS']);
    expect(group?.batches).toBe(2);
    // As the first, with the water alone as in the second.
    const control = group?.control;
    expect(control?.of.key).toBe('param.grind.waterG');
    const steps = Object.fromEntries(control?.recipe.steps.map((s) => [s.id, s.params]) ?? []);
    expect(steps.grind).toMatchObject({ waterG: 900 });
    expect(steps.soak).toMatchObject({ durationS: 10 * 3600 });
    expect(control && comesOf({ ...plain.made, recipe: control.recipe }).jarredMl).toBeGreaterThan(0);
  });
  test('a batch in which one of them was changed by itself parts them', () => {
    const one = brewed('soy-washed', { planned: [SOAK] });
    expect(changedTogether(plain.made, both.made, [one.made], orderOf)).toEqual([]);
  });
  test('many batches, in all of which they went together, do not; batches that are like neither say nothing', () => {
    const like = [plain, both, plain].map((b) => b.made);
    const [group] = changedTogether(plain.made, both.made, like, orderOf);
    expect(group?.batches).toBe(5);
    const neither = brewed('soy-washed', {
      planned: [set('soak', 'durationS', 20 * 3600), set('grind', 'waterG', 2000)],
    });
    expect(changedTogether(plain.made, both.made, [neither.made], orderOf)).toHaveLength(1);
  });
  test('the control batch parts them: with it in the log nothing is proposed any more', () => {
    const control = changedTogether(plain.made, both.made, [], orderOf)[0]?.control;
    const made = control ? [{ ...plain.made, recipe: control.recipe }] : [];
    expect(changedTogether(plain.made, both.made, made, orderOf)).toEqual([]);
  });
  test('what a bag did on a day is nothing that a cook can set: without anything to set there is no proposal', () => {
    const weighed = ['strain.milkG', 'wash.milkG', 'boil.heatUpS'];
    const a = brewed('soy-washed', { weighed });
    const b = brewed('soy-washed', { weighed, truly: { 'hold:fine-bag': 1.5, 'hob:hob': 0.7 } });
    const e = explained(a, b);
    expect(
      changedTogether(
        a.made,
        b.made,
        [],
        e.differences.map((d) => d.key),
      ),
    ).toEqual([]);
  });
});

describe('side by side', () => {
  test('all that went in, equal lines told apart from those that differ', () => {
    const rows = sideBySide([plain.made, both.made, brewed('soy-washed', { stood: { jar: 3 } }).made]);
    const by = new Map(rows.map((r) => [r.key, r]));
    expect(by.get('param.soak.durationS')).toMatchObject({ values: [36000, 14400, 36000], same: false });
    expect(by.get('amount.work.soybeans')).toMatchObject({ same: true });
    expect(by.get('stood.jar')).toMatchObject({ values: [0, 0, 3 * 3600], same: false });
    expect(by.get('way')).toMatchObject({ same: true });
    expect(sideBySide([])).toEqual([]);
  });
  test('another school: its own steps are lines that the first has not', () => {
    const rows = sideBySide([brewed('oat-ice').made, brewed('oat-rinsed').made]);
    expect(rows.find((r) => r.key === 'way')?.same).toBe(false);
    expect(rows.some((r) => r.values[0] === null && r.values[1] !== null)).toBe(true);
  });
  test('every line has a name and values that a cook can read', () => {
    for (const school of ['soy-washed', 'oat-enzyme', 'rice-raw', 'coconut-graded', 'tiger-nut-dates']) {
      const { made } = brewed(school, { weighed: ['strain.milkG'] });
      for (const r of sideBySide([made])) {
        const text = spoken(`${differenceName(r.at, made)} ${differenceValue(r.at, r.values[0] ?? null, made)}`);
        expect(text).not.toMatch(/undefined|NaN|[a-z][A-Z]|\d\.\d{4}|in use/);
      }
    }
  });
});

describe('in words', () => {
  const WEIGHED = { weighed: ['strain.milkG', 'wash.milkG', 'jar.filledG'] };
  test('why it was short, as a cook would say it', () => {
    const a = brewed('soy-washed', WEIGHED);
    const e = explained(a, brewed('soy-washed', { ...WEIGHED, truly: { 'hold:fine-bag': 1.6 } }));
    const told = toldOf(e, 'volumeMl');
    expect(spoken(causesText(told, a.made, a.made, 'expected'))).toBe('Fine bag held back 60 % more than expected');
    const because = e.because.volumeMl;
    expect(because && spoken(verdictText('volumeMl', because, told))).toMatch(
      /^−\d+ ml: what was written down explains it\.$/,
    );
  });
  test('what was set otherwise names both values', () => {
    const e = explained(plain, both);
    expect(spoken(causesText(toldOf(e, 'volumeMl'), plain.made, both.made, 'in the first'))).toBe(
      // The soak moved a tenth as much: it is not named beside the water.
      'grind: fresh water 900 g instead of 1 100 g',
    );
    const [group] = changedTogether(plain.made, both.made, [], orderOf);
    expect(group && spoken(togetherText(group, plain.made, both.made, 'in the first'))).toMatch(
      /changed together\. These two batches cannot tell/,
    );
  });
  test('what nobody can know is said to be that', () => {
    const e = explained(
      brewed('soy-washed', WEIGHED),
      brewed('soy-washed', { weighed: ['jar.filledG'], hidden: [set('wash', 'waterG', 100)] }),
    );
    const because = e.because.volumeMl;
    expect(because && spoken(verdictText('volumeMl', because, toldOf(e, 'volumeMl')))).toMatch(
      /nothing that was written down explains it\. That is more than from one day to another/,
    );
  });
});
