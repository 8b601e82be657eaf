import { PROFILES, toHex } from '@ironpan/core/instruments';
import type { Instrument } from '@ironpan/core/instruments';
import { now } from '../clock';
import type { TickOnWire } from './heard';
import { FridgeKept } from './fridgeKept';
import { bluetoothOf } from './bluetoothTypes';
import type { Characteristic, Device } from './bluetoothTypes';
import { reportAs } from '../report';

/** A real instrument of this kitchen, for as long as the page is open: a browser asks anew each time. */
export interface NearBy {
  readonly of: Instrument;
  readonly name: string;
  readonly line: 'live' | 'lost';
}
interface Held {
  readonly of: Instrument;
  readonly device: Device;
  line: NearBy['line'];
  /** Put away: it is not called any more. */
  gone: boolean;
  tries: number;
  /** Ends the listening of the line that is, or was: a line that is taken up anew must not be heard twice. */
  stop: AbortController;
}
/** A line that broke is called again after so long, ms. */
const AGAIN_MS = [1000, 2000, 5000, 15_000] as const;
/** One that does not tell by itself is asked so often, ms. */
const ASK_MS = 5000;

const held = new Map<Instrument, Held>();
let near: readonly NearBy[] = [];
const watching = new Set<() => void>();
const listening = new Set<(t: readonly TickOnWire[]) => void>();

/** Which of them can be had by Bluetooth here: none in a browser without it. */
export const canPair = (): readonly Instrument[] =>
  bluetoothOf() === null ? [] : (['scale', 'probe', 'fridge'] as const);
export const nearBy = (): readonly NearBy[] => near;
export function watchNearBy(l: () => void): () => void {
  watching.add(l);
  return () => watching.delete(l);
}
/** Every frame of every one of them, as moments of the kitchen. */
export function listenNearBy(l: (t: readonly TickOnWire[]) => void): () => void {
  listening.add(l);
  return () => listening.delete(l);
}
function told(): void {
  near = [...held.values()].map((h) => ({ of: h.of, name: h.device.name ?? h.of, line: h.line }));
  for (const l of watching) l();
}

/** Asks the browser for one; the cook chooses which. Rejects where it is refused, or does not answer. */
export async function pairNearBy(of: Instrument): Promise<void> {
  const bluetooth = bluetoothOf();
  const { service } = PROFILES[of];
  if (!bluetooth || service === null) throw new Error('this browser has no Bluetooth');
  const device = await bluetooth.requestDevice({ filters: [{ services: [service] }] });
  putAway(of);
  const h: Held = { of, device, line: 'lost', gone: false, tries: 0, stop: new AbortController() };
  device.addEventListener('gattserverdisconnected', () => lost(h));
  await join(h);
  held.set(of, h);
  if (of === 'fridge') keepFridge();
  told();
}
let fridge: FridgeKept | null = null;
/** From the first time on that one is paired, for as long as the page is open. */
function keepFridge(): void {
  if (fridge) return;
  const kept = new FridgeKept();
  fridge = kept;
  listenNearBy((ticks) => kept.take(ticks));
  // A page that is put away may not come back.
  document.addEventListener('visibilitychange', () => {
    if (document.hidden) void kept.write().catch(reportAs('Saving the fridge’s temperatures'));
  });
}
/** It is not listened to any more. */
export function putAway(of: Instrument): void {
  const h = held.get(of);
  if (!h) return;
  h.gone = true;
  h.stop.abort();
  held.delete(of);
  if (h.device.gatt?.connected) h.device.gatt.disconnect();
  told();
}
async function join(h: Held): Promise<void> {
  const { service, characteristic } = PROFILES[h.of];
  const gatt = await h.device.gatt?.connect();
  if (!gatt || service === null) throw new Error('it does not answer');
  const c = await (await gatt.getPrimaryService(service)).getCharacteristic(characteristic);
  h.stop.abort();
  h.stop = new AbortController();
  const { signal } = h.stop;
  if (c.properties.notify || c.properties.indicate) {
    c.addEventListener('characteristicvaluechanged', () => take(h, c.value), { signal });
    await c.startNotifications();
  } else {
    const timer = setInterval(() => void ask(h, c), ASK_MS);
    signal.addEventListener('abort', () => clearInterval(timer));
  }
  h.line = 'live';
  h.tries = 0;
}
async function ask(h: Held, c: Characteristic): Promise<void> {
  // One that does not answer is called again by its own event.
  await c.readValue().then(
    (v) => take(h, v),
    () => undefined,
  );
}
function take(h: Held, value: DataView | undefined): void {
  if (h.gone || !value) return;
  const bytes = new Uint8Array(value.buffer, value.byteOffset, value.byteLength);
  const tick: TickOnWire = [now(), { [h.of]: toHex(bytes) }];
  for (const l of listening) l([tick]);
}
function lost(h: Held): void {
  h.stop.abort();
  if (h.gone) return;
  h.line = 'lost';
  told();
  const wait = AGAIN_MS[Math.min(h.tries, AGAIN_MS.length - 1)];
  h.tries += 1;
  setTimeout(() => {
    if (h.gone) return;
    join(h).then(told, () => lost(h));
  }, wait);
}
