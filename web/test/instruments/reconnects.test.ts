import { afterEach, beforeEach, expect, jest, test } from '@jest/globals';
import { encodeWeight, toHex } from '@ironpan/core/instruments';
import { nearBy, pairNearBy, putAway } from '../../src/instruments/bluetooth';
import type { Told } from '../../src/instruments/heard';
import { NearLine } from '../../src/instruments/nearLine';
import { BenchStream } from '../../src/instruments/stream';

const N = 1000;
/** Promises that wait for nothing but each other. */
async function settles(): Promise<void> {
  for (let i = 0; i < 30; i += 1) await Promise.resolve();
}
/** As much of a page as they ask for. */
const PAGE = {
  document: { documentElement: { dataset: { realm: 'kitchen' } } },
  localStorage: { getItem: () => null, setItem: () => undefined },
  navigator: {},
};
beforeEach(() => {
  jest.useFakeTimers();
  for (const [name, value] of Object.entries(PAGE))
    Object.defineProperty(globalThis, name, { value: { ...value }, configurable: true });
});
afterEach(() => {
  jest.useRealTimers();
  for (const name of Object.keys(PAGE)) Reflect.deleteProperty(globalThis, name);
});

/** A server that hangs up whenever it is told to. */
class FakeSource extends EventTarget {
  static open = new Set<FakeSource>();
  static made = 0;
  static since: string[] = [];
  constructor(url: string) {
    super();
    FakeSource.open.add(this);
    FakeSource.made += 1;
    FakeSource.since.push(/since=(\d+)/.exec(url)?.[1] ?? '');
  }
  close(): void {
    FakeSource.open.delete(this);
  }
  says(at: number, g: number): void {
    const data = JSON.stringify([[at, { scale: toHex(encodeWeight(g)) }]]);
    this.dispatchEvent(Object.assign(new Event('message'), { data }));
  }
}
test('a thousand times cut off: one line at a time, taken up after the last moment heard, each reading once', async () => {
  const saved = { EventSource: globalThis.EventSource, fetch: globalThis.fetch };
  Object.assign(globalThis, {
    EventSource: FakeSource,
    fetch: () => Promise.resolve({ ok: true }),
  });
  const told: Told[] = [];
  const stream = new BenchStream(
    'b1',
    () => ['scale'],
    () => ({ batch: { id: 'b1' }, events: [], at: 0, speed: 1, seed: 1, faults: [] }),
    (t) => told.push(...t),
    () => undefined,
  );
  try {
    await settles();
    for (let i = 1; i <= N; i += 1) {
      expect(FakeSource.open.size).toBe(1);
      const [now] = FakeSource.open;
      now?.says(1000 * i, 5 * i);
      // Said once more, as a server does that was not sure: it is no second reading.
      now?.says(1000 * i, 5 * i);
      now?.dispatchEvent(new Event('error'));
      await jest.advanceTimersByTimeAsync(10_000);
      await settles();
    }
    expect(FakeSource.made).toBe(N + 1);
    expect(told.map((t) => t.value)).toEqual(Array.from({ length: N }, (_, i) => 5 * (i + 1)));
    expect(FakeSource.since.at(-1)).toBe(String(1000 * N));
    // No timer is left behind but the watch for silence.
    expect(jest.getTimerCount()).toBeLessThanOrEqual(2);
  } finally {
    stream.end();
    expect(FakeSource.open.size).toBe(0);
    Object.assign(globalThis, saved);
  }
});

test('a thousand times out of reach: one’s own scale is heard once, whatever the browser hands out', async () => {
  const c = Object.assign(new EventTarget(), {
    value: undefined as DataView | undefined,
    properties: { notify: true, indicate: false },
    startNotifications: () => Promise.resolve(c),
  });
  let joined = 0;
  const gatt = {
    connected: true,
    connect: () => {
      joined += 1;
      return Promise.resolve(gatt);
    },
    disconnect: () => undefined,
    getPrimaryService: () => Promise.resolve({ getCharacteristic: () => Promise.resolve(c) }),
  };
  const device = Object.assign(new EventTarget(), { name: 'Kitchen scale', gatt });
  Object.defineProperty(globalThis.navigator, 'bluetooth', {
    value: { requestDevice: () => Promise.resolve(device) },
    configurable: true,
  });
  await pairNearBy('scale');
  const told: Told[] = [];
  const line = new NearLine(
    () => ['scale'],
    (t) => told.push(...t),
    () => undefined,
  );
  for (let i = 0; i < N; i += 1) {
    device.dispatchEvent(new Event('gattserverdisconnected'));
    expect(line.line).toBe('lost');
    await jest.advanceTimersByTimeAsync(1000);
    await settles();
    expect(line.line).toBe('live');
  }
  expect(joined).toBe(N + 1);
  c.value = new DataView(encodeWeight(655).buffer);
  c.dispatchEvent(new Event('characteristicvaluechanged'));
  expect(told.map((t) => t.value)).toEqual([655]);
  expect(line.ignored.frames).toBe(0);
  line.end();
  putAway('scale');
  expect(nearBy()).toEqual([]);
  device.dispatchEvent(new Event('gattserverdisconnected'));
  await jest.advanceTimersByTimeAsync(60_000);
  expect(joined).toBe(N + 1);
});
