import Dexie from 'dexie';
import type { PracticeFault, PracticeSpeed } from '@ironpan/core/instruments';
import type { PlanRecord } from '@ironpan/core/records';
import { fromNow, now, setPace } from '../clock';
import type { Pace } from '../clock';
import { databaseName, db, KitchenDb } from './db';
import { readHere } from './here';
import { knownRealm, openRealm, realm } from './realm';
import type { Realm } from './realm';
import type { SettingRow } from './rows';

/** The rows of the settings that are practice's own: what is practised, its pace, and the speed that is wanted. */
const PRACTISED = 'practised';
const PACE = 'pace';
const SPEED = 'speed';
interface Practised {
  readonly plan: string;
  /** The kitchen to go back to. */
  readonly from: Realm;
  readonly faults: readonly PracticeFault[];
}
/** How a plan is to be practised. */
export interface Practising {
  readonly speed: PracticeSpeed;
  readonly faults: readonly PracticeFault[];
  readonly from: Realm;
}
const row = async <T>(key: string): Promise<T | undefined> => (await db().settings.get(key))?.value as T | undefined;

/** The pace of practice as it was kept; null: none yet. */
export const readPace = async (): Promise<Pace | null> => (await row<Pace>(PACE)) ?? null;
/** From now on practice goes so fast, or goes on from another instant; in every window, and after any reload. */
export async function keepPace(p: Pace): Promise<void> {
  setPace(p);
  await db().settings.put({ key: PACE, value: p });
}
/** How fast the cook wants it; what it goes at may be less while hands are busy. */
export const readSpeed = async (): Promise<PracticeSpeed> => (await row<PracticeSpeed>(SPEED)) ?? 1;
export const keepSpeed = async (s: PracticeSpeed): Promise<void> => {
  await db().settings.put({ key: SPEED, value: s });
};

/**
 * Lays out a kitchen to practise a plan in: the kit, foods and beliefs of this one and nothing else. What was practised
 * before is gone; nothing of it is ever exported or learned from.
 */
export async function layPractice(plan: PlanRecord, { speed, faults, from }: Practising): Promise<void> {
  const here = db();
  const [kit, materials, methods, settings, learned, lasting] = await Promise.all([
    here.kit.toArray(),
    here.materials.toArray(),
    here.methods.toArray(),
    here.settings.toArray(),
    here.learned.toArray(),
    here.lasting.toArray(),
  ]);
  const name = databaseName('practice');
  await Dexie.delete(name);
  const d = new KitchenDb(name);
  const { draft: _, ...kept } = plan as PlanRecord & { draft?: true };
  const practised: Practised = { plan: plan.id, from, faults };
  const own: readonly SettingRow[] = [
    { key: PRACTISED, value: practised },
    { key: SPEED, value: speed },
    { key: PACE, value: fromNow(speed) },
  ];
  await d.transaction('rw', [d.kit, d.materials, d.methods, d.settings, d.learned, d.lasting, d.plans], async () => {
    await Promise.all([
      d.kit.bulkPut(kit),
      d.materials.bulkPut(materials),
      d.methods.bulkPut(methods),
      // Drafts and half-said looks belong to batches that are not here.
      d.settings.bulkPut([...settings.filter((s) => ['settings', 'calls'].includes(s.key)), ...own]),
      d.learned.bulkPut(learned),
      d.lasting.bulkPut(lasting),
      d.plans.put(kept),
    ]);
  });
  d.close();
}
/** Lays a plan out for practice and opens it there. */
export async function practise(plan: PlanRecord, how: Omit<Practising, 'from'>): Promise<void> {
  await layPractice(plan, { ...how, from: realm() === 'demo' ? 'demo' : 'kitchen' });
  await openRealm('practice', '/bench');
}
/** What was asked to go wrong. */
export const readFaults = async (): Promise<readonly PracticeFault[]> =>
  (await row<Practised>(PRACTISED))?.faults ?? [];
const AWAY = 'away';
/** Has the door bell rung in this practice? */
export const wasAway = async (): Promise<boolean> => (await row<boolean>(AWAY)) ?? false;
/** The cook comes back: it is so much later, s. */
export async function comeBack(awayS: number, speed: number): Promise<void> {
  const pace = fromNow(speed, now() + awayS * 1000);
  setPace(pace);
  await db().settings.bulkPut([
    { key: AWAY, value: true },
    { key: PACE, value: pace },
  ]);
}
/** Back to the kitchen that practice was begun from. */
export async function leavePractice(path = '/'): Promise<void> {
  const from = (await row<Practised>(PRACTISED))?.from;
  await openRealm(knownRealm(from) ?? 'kitchen', path);
}
/** In the kitchen to practise in, once it is open: its time is taken up, and its batch begins if it has not. */
export async function beginPractice(): Promise<void> {
  setPace((await readPace()) ?? fromNow(1));
  const d = db();
  if ((await d.batches.count()) > 0) return;
  const of = await row<Practised>(PRACTISED);
  const plan = of && (await d.plans.get(of.plan));
  if (!plan) {
    await leavePractice();
    return;
  }
  const { startBatch } = await import('./batches');
  await startBatch(plan, await readHere(), now());
}
