import { describe, expect, test } from '@jest/globals';
import { decodePower, decodeTemperature, decodeWeight, fromHex, tickMs } from '@ironpan/core/instruments';
import { Kitchens } from '../../src/bench/kitchens';
import { framesAt } from '../../src/bench/stand-ins';
import { trueKitchen } from '../../src/bench/truth';
import type { PracticeFault } from '@ironpan/core/instruments';
import { foamedOver, foamedReading, progressOf, RUNS_OVER_C } from '@ironpan/core/batch';
import { bench, T } from './sample';

const at = (s: number): number => T + 1000 * s;
/** 640 m up water boils near 97.9 °C (models, boiling point from pressure). */
const BOIL_C = 97.9;

describe('the kitchen as it truly is', () => {
  const boiling = (upS: number) => {
    const b = bench('soy-no-soak');
    b.upTo('boil', 'heatUp', 0);
    b.say(0, { is: 'begun', step: 'boil', task: 'heatUp' });
    if (upS > 0) {
      b.say(upS, {
        is: 'reading',
        reading: { id: 'r1', step: 'boil', task: 'heatUp', what: 'heatUpS', value: upS, source: 'clock' },
      });
      b.say(upS, { is: 'ended', step: 'boil', task: 'heatUp', by: 'cook' });
      b.say(upS, { is: 'begun', step: 'boil', task: 'hold' });
    }
    return trueKitchen(b.batch, b.events, 5);
  };
  test('a pot heats up to its own boil and no further', () => {
    const truth = boiling(0);
    expect(truth(at(0)).probeC).toBeLessThan(50);
    expect(truth(at(120)).probeC).toBeGreaterThan(truth(at(60)).probeC);
    expect(truth(at(3600)).probeC).toBeCloseTo(BOIL_C, 1);
  });
  test('who takes the foam for the boil does not make it boil: the pot goes on as it would', () => {
    const early = boiling(60);
    const waited = boiling(0);
    expect(early(at(90)).probeC).toBeCloseTo(waited(at(90)).probeC, 6);
    expect(early(at(90)).probeC).toBeLessThan(90);
    expect(early(at(1500)).probeC).toBeCloseTo(BOIL_C, 1);
  });
  test('every seed is another kitchen, and each is always the same', () => {
    const b = bench('soy-no-soak');
    b.upTo('boil', 'heatUp', 0);
    b.say(0, { is: 'begun', step: 'boil', task: 'heatUp' });
    const c = (seed: number) => trueKitchen(b.batch, b.events, seed)(at(120)).probeC;
    expect(c(1)).toBe(c(1));
    expect(new Set([1, 2, 3, 4, 5].map(c)).size).toBe(5);
  });
  test('asked to, a pot that nobody stirs foams over, and so much less is on the scale afterwards', () => {
    const run = (faults: readonly PracticeFault[], stirredAtS: number | null, told: number | null = null) => {
      const b = bench('soy-no-soak');
      b.upTo('boil', 'heatUp', 0);
      b.say(0, { is: 'begun', step: 'boil', task: 'heatUp' });
      if (stirredAtS !== null) b.say(stirredAtS, { is: 'stirred', step: 'boil', task: 'heatUp' });
      if (told !== null) {
        const reading = { id: 'r', step: 'boil', what: 'lostG', value: told, source: 'cook' as const };
        b.say(3600, { is: 'reading', reading });
      }
      const p = progressOf(b.batch, b.events);
      return { truth: trueKitchen(b.batch, b.events, 5, faults), p };
    };
    const { p } = run([], null);
    const [, hold] = p.tasks.filter((t) => t.step.kind === 'boil');
    if (!hold) throw new Error('no boil');
    expect(foamedOver(p, at(60))).toBeNull();
    const over = foamedOver(p, at(3600));
    expect(over?.task.id).toBe('heatUp');
    // A tenth of the pot, by the ten grams.
    const g = over ? foamedReading(p, over).value : NaN;
    expect(g % 10).toBe(0);
    expect(g).toBeGreaterThan(50);
    const hot = over?.task.courseC;
    let s = 0;
    while ((hot?.(s) ?? 100) < RUNS_OVER_C) s += 1;
    // Stirred just before, it goes down; too early does not help; what the cook has told is not taken twice.
    expect(foamedOver(run([], s - 30).p, at(3600))).toBeNull();
    expect(foamedOver(run([], 1).p, at(3600))).not.toBeNull();
    expect(foamedOver(run([], null, 120).p, at(3700))).toBeNull();
  });
  test('the scale sees what is poured, and what runs through the cloth comes to what that cloth lets through', () => {
    const b = bench('soy-no-soak');
    expect(trueKitchen(b.batch, b.events, 3)(at(1)).scaleG).toBe(0);
    expect(Math.abs(trueKitchen(b.batch, b.events, 3)(at(60)).scaleG - 150)).toBeLessThan(6);
    b.upTo('strain', 'strain', 10);
    const through = trueKitchen(b.batch, b.events, 3);
    expect(through(at(40)).scaleG).toBeLessThan(through(at(80)).scaleG);
    expect(through(at(400)).scaleG).toBeGreaterThan(900);
    // Another cloth holds more or less.
    expect(trueKitchen(b.batch, b.events, 4)(at(400)).scaleG).not.toBeCloseTo(through(at(400)).scaleG, 0);
  });
  test('the jug draws power while a load runs, and stops for a pause', () => {
    const b = bench('oat-middle');
    b.say(0, { is: 'begun', step: 'grind', task: 'load1' });
    const w = (s: number) => trueKitchen(b.batch, b.events, 3)(at(s)).plugW;
    expect([w(-1) < 1, w(10) > 100]).toEqual([true, true]);
    b.say(20, { is: 'paused', step: 'grind', task: 'load1' });
    expect(w(30)).toBeLessThan(1);
  });
});

describe('ticks', () => {
  const followed = (speed: number, wall: { now: number }) => {
    const b = bench('soy-no-soak');
    b.upTo('boil', 'heatUp', 0);
    b.say(0, { is: 'begun', step: 'boil', task: 'heatUp' });
    const k = new Kitchens(() => wall.now);
    k.follow({ batch: b.batch, events: b.events, at: at(10), speed, seed: 7, faults: [] });
    return k;
  };
  test.each([1, 10, 60])('at ×%d they come by the kitchen’s clock, evenly', (speed) => {
    const wall = { now: 5000 };
    const k = followed(speed, wall);
    const first = k.since('batch-1', 0).at(-1)?.at ?? 0;
    wall.now += 1000;
    const ticks = k.since('batch-1', first);
    expect(ticks.map((t) => t.at - first)).toEqual(
      Array.from({ length: (1000 * speed) / tickMs(speed) }, (_, i) => (i + 1) * tickMs(speed)),
    );
  });
  test('a server that was killed and is told of the batch again goes on with the same ticks', () => {
    const wall = { now: 0 };
    const one = followed(10, wall);
    wall.now = 4000;
    const told = one.since('batch-1', at(30));
    expect(told.length).toBeGreaterThan(20);
    const b = bench('soy-no-soak');
    b.upTo('boil', 'heatUp', 0);
    b.say(0, { is: 'begun', step: 'boil', task: 'heatUp' });
    const two = new Kitchens(() => 99_000);
    two.follow({ batch: b.batch, events: b.events, at: at(50), speed: 10, seed: 7, faults: [] });
    expect(two.since('batch-1', at(30))).toEqual(told);
  });
  test('who was away for long is told the latest, not an hour', () => {
    const wall = { now: 0 };
    const k = followed(60, wall);
    wall.now = 3_600_000;
    expect(k.since('batch-1', at(10)).length).toBeLessThanOrEqual(240);
    expect(k.since('nobody', 0)).toEqual([]);
  });
  test('of many kitchens the one not heard of for the longest goes', () => {
    const b = bench('oat-middle');
    const k = new Kitchens(() => 0);
    for (let i = 0; i < 25; i += 1)
      k.follow({ batch: { ...b.batch, id: `batch-${i}` }, events: [], at: T, speed: 1, seed: i, faults: [] });
    expect([k.has('batch-0'), k.has('batch-24')]).toEqual([false, true]);
  });
});

describe('frames', () => {
  const truth = { probeC: 84, scaleG: 655, fridgeC: 5, plugW: 700 };
  const read = (frame: string | undefined): Uint8Array => {
    const b = fromHex(frame ?? '');
    if (!b.ok) throw new Error('no frame');
    return b.value;
  };
  test('over an hour they stray by as much as such instruments do, and now and then are silent', () => {
    const probe: number[] = [];
    let silent = 0;
    for (let s = 0; s < 3600; s += 1) {
      const f = framesAt(truth, 9, at(s), new Set(), null);
      if (f.probe === undefined) silent += 1;
      else {
        const t = decodeTemperature(read(f.probe));
        if (t.ok) probe.push(t.value.c);
      }
    }
    const mean = probe.reduce((a, b) => a + b, 0) / probe.length;
    const sd = Math.sqrt(probe.reduce((a, b) => a + (b - mean) ** 2, 0) / probe.length);
    expect(Math.abs(mean - 84)).toBeLessThan(0.8);
    expect(sd).toBeGreaterThan(0.1);
    expect(sd).toBeLessThan(0.14);
    expect(silent).toBeGreaterThan(10);
    expect(silent).toBeLessThan(300);
  });
  test('scale and plug speak their own frames', () => {
    const f = framesAt(truth, 1, at(3), new Set(), null);
    const w = decodeWeight(read(f.scale));
    const p = decodePower(read(f.plug));
    expect(w.ok && Math.abs(w.value.g - 655)).toBeLessThanOrEqual(5);
    expect(p.ok && Math.abs(p.value - 700)).toBeLessThan(30);
  });
  test('a probe whose battery dies is heard no more; the others are', () => {
    const f = (s: number) => framesAt(truth, 1, at(s), new Set(['probeDies']), T);
    expect(f(10).probe).toBeDefined();
    for (let s = 160; s < 200; s += 1) expect(f(s).probe).toBeUndefined();
    expect(f(163).scale).toBeDefined();
  });
});
