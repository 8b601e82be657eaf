import Dexie from 'dexie';
import type { PlanRecord } from '@ironpan/core/records';
import { fromNow, now, setPace } from '../clock';
import type { Pace } from '../clock';
import { databaseName, db, KitchenDb } from './db';
import { readHere } from './here';
import { openRealm, practisedFrom } from './realm';

/** How fast practice goes, in seconds to the second. */
export const SPEEDS = [1, 10, 60] as const;
export type Speed = (typeof SPEEDS)[number];

/** Where the pace of practice is kept: outside its database, so that every window and every opening has it at once. */
const PACE = 'ironpan-practice-pace';
/** How fast the cook wants it; what it goes at may be less while hands are busy. */
const SPEED = 'ironpan-practice-speed';
export const chosenSpeed = (): Speed => SPEEDS.find((s) => String(s) === localStorage.getItem(SPEED)) ?? 1;
export const keepSpeed = (s: Speed): void => localStorage.setItem(SPEED, String(s));
/** The row that says what is practised. */
const PRACTISED = 'practised';
interface Practised {
  readonly plan: string;
}

const isPace = (x: unknown): x is Pace => {
  const p = x as Partial<Record<keyof Pace, unknown>> | null;
  return [p?.wall, p?.at, p?.speed].every((v) => typeof v === 'number' && Number.isFinite(v));
};
/** Takes the pace that practice has in this browser, and follows it when another window changes it. */
export function takePace(): void {
  const take = (): void => {
    try {
      const kept: unknown = JSON.parse(localStorage.getItem(PACE) ?? 'null');
      setPace(isPace(kept) ? kept : fromNow(1));
    } catch {
      setPace(fromNow(1));
    }
  };
  take();
  window.addEventListener('storage', (e) => {
    if (e.key === PACE) take();
  });
}
/** From now on practice goes so fast, or goes on from another instant; in every window, and after any reload. */
export function keepPace(p: Pace): void {
  localStorage.setItem(PACE, JSON.stringify(p));
  setPace(p);
}

/**
 * Lays out a kitchen to practise a plan in: the kit, foods and beliefs of this one and nothing else. What was practised
 * before is gone; nothing of it is ever exported or learned from.
 */
export async function layPractice(plan: PlanRecord): Promise<void> {
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
  const practised: Practised = { plan: plan.id };
  await d.transaction('rw', [d.kit, d.materials, d.methods, d.settings, d.learned, d.lasting, d.plans], async () => {
    await Promise.all([
      d.kit.bulkPut(kit),
      d.materials.bulkPut(materials),
      d.methods.bulkPut(methods),
      // Drafts and half-said looks belong to batches that are not here.
      d.settings.bulkPut(settings.filter((s) => ['settings', 'calls'].includes(s.key))),
      d.settings.put({ key: PRACTISED, value: practised }),
      d.learned.bulkPut(learned),
      d.lasting.bulkPut(lasting),
      d.plans.put(kept),
    ]);
  });
  d.close();
}
/** Lays a plan out for practice and opens it there. */
export async function practise(plan: PlanRecord, speed: Speed): Promise<void> {
  await layPractice(plan);
  localStorage.setItem(SPEED, String(speed));
  localStorage.setItem(PACE, JSON.stringify(fromNow(speed)));
  openRealm('practice', '/bench');
}
/** In the kitchen to practise in, once it is open: its batch begins, if it has not. Nothing to practise: back to where it came from. */
export async function beginPractice(): Promise<void> {
  const d = db();
  if ((await d.batches.count()) > 0) return;
  const of = (await d.settings.get(PRACTISED))?.value as Practised | undefined;
  const plan = of && (await d.plans.get(of.plan));
  if (!plan) {
    openRealm(practisedFrom());
    return;
  }
  const { startBatch } = await import('./batches');
  await startBatch(plan, await readHere(), now());
}
