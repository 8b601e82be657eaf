import type { Beliefs } from '@ironpan/core/kitchen';
import { beliefsFrom } from '@ironpan/core/learning';
import type { JarEventRecord, PhotoRecord } from '@ironpan/core/records';
import { db } from '../store/db';
import { digestNow, keepDigests } from '../store/digests';
import { keepFates } from '../store/fates';
import { learnedOf } from '../store/learnedRows';
import type { DigestRow } from '../store/rows';
import { drawnPhoto } from './drawnPhoto';
import { makePast } from './history';
import type { Past } from './history';
import { hillKitchen } from './kitchen';
import { demoTasting, demoTrial } from './trials';
import { demoPlans } from './plans';
import { demoCupboard, demoRhythms, demoWishes } from './wishes';

const D = 24;
/** A dozen batches over six weeks, and one soak that stands now. */
const HISTORY: readonly Past[] = [
  { plan: 'demo-weekday', beganHoursAgo: 38 * D, seed: 11, end: 'drunk' },
  { plan: 'demo-mild', beganHoursAgo: 32 * D, seed: 12, end: 'drunk' },
  { plan: 'demo-weekday', beganHoursAgo: 29 * D, seed: 13, end: 'thrown' },
  { plan: 'demo-hurry', beganHoursAgo: 25 * D, seed: 14, end: 'drunk' },
  { plan: 'demo-weekday', beganHoursAgo: 21 * D, seed: 15, end: 'drunk' },
  { plan: 'demo-pulp', beganHoursAgo: 18 * D, seed: 16, end: 'drunk' },
  { plan: 'demo-weekday', beganHoursAgo: 15 * D, seed: 17, end: 'abandoned' },
  { plan: 'demo-weekday', beganHoursAgo: 14 * D, seed: 18, end: 'drunk' },
  { plan: 'demo-mild', beganHoursAgo: 11 * D, seed: 19, end: 'drunk' },
  { plan: 'demo-hurry', beganHoursAgo: 8 * D, seed: 20, end: 'drunk' },
  { plan: 'demo-oat-slick', beganHoursAgo: 6 * D, seed: 41, end: 'drunk' },
  { plan: 'demo-pulp', beganHoursAgo: 74, seed: 21, end: 'kept' },
  { plan: 'demo-mild', beganHoursAgo: 64, seed: 22, end: 'kept', outFrom: 11 },
  { plan: 'demo-weekday', beganHoursAgo: 26, seed: 23, end: 'kept' },
  { plan: 'demo-oat', beganHoursAgo: 19, seed: 42, end: 'kept' },
  { plan: 'demo-graded', beganHoursAgo: 5, seed: 43, end: 'kept' },
];
const SOAKING = { plan: 'demo-weekday', hours: 6.3 } as const;
const HOUR = 3_600_000;
const ENDS: ReadonlySet<string> = new Set(['finished', 'given', 'thrown']);
const FRIDGE_SET_HOURS_AGO = 60 * D;

/** The last look that told layers has a photograph. */
async function withPhoto(
  events: readonly JarEventRecord[],
): Promise<{ readonly events: JarEventRecord[]; readonly photos: PhotoRecord[] }> {
  const last = events.filter((e) => e.is === 'looked' && (e.look.layers?.length ?? 0) > 1).at(-1);
  const shot = last?.is === 'looked' ? await drawnPhoto(last.look.layers ?? []) : null;
  if (last?.is !== 'looked' || !shot) return { events: [...events], photos: [] };
  const { frame, ...picture } = shot;
  const photo = { of: 'demo-photo', frame };
  return {
    events: events.map((e) => (e === last ? { ...last, look: { ...last.look, photo } } : e)),
    photos: [{ v: 1, id: photo.of, jar: last.jar, at: last.at, ...picture }],
  };
}

/** Lays the demo kitchen out, relative to `at`, in place of whatever the demo held. Only ever called on the demo. */
export async function layDemo(at: number): Promise<void> {
  const d = db();
  if (!d.name.endsWith('demo')) throw new Error('only the demo kitchen is laid out');
  const kit = hillKitchen(at);
  const plans = demoPlans(at, kit);
  const planOf = (id: string) => {
    const p = plans.find((x) => x.id === id);
    if (!p) throw new RangeError(id);
    return p;
  };
  // Each batch is begun with what those before it taught, as it is in a kitchen.
  const lines: DigestRow[] = [];
  const believed = (): Beliefs => beliefsFrom(learnedOf(lines).flatMap((r) => r.taught ?? []));
  const made = HISTORY.map((p, i) => {
    const one = makePast(p, i + 1, planOf(p.plan), kit, at, believed());
    lines.push(digestNow(one.batch, one.events));
    return one;
  });
  const now = soakingNow(at);
  const photographed = await withPhoto(made.flatMap((m) => [...m.jarEvents]));
  await d.transaction('rw', d.tables, async () => {
    for (const t of d.tables) await t.clear();
    await d.kit.put(kit);
    await d.plans.bulkPut([...plans]);
    const all = [...made, now];
    await d.batches.bulkPut(all.map((m) => m.batch));
    await d.events.bulkPut(all.flatMap((m) => [...m.events]));
    await d.jars.bulkPut(all.flatMap((m) => [...m.jars]));
    await d.jarEvents.bulkPut(photographed.events);
    await d.photos.bulkPut(photographed.photos);
    await keepDigests([...lines, digestNow(now.batch, now.events)]);
    const ended = new Set(all.flatMap((m) => m.jarEvents.filter((e) => ENDS.has(e.is)).map((e) => e.jar)));
    const jars = all.flatMap((m) => m.jars.map((j) => j.id)).filter((id) => !ended.has(id));
    await d.standing.bulkPut(jars.map((jar) => ({ jar })));
    await d.fridge.put({ v: 1, id: 'demo-fridge', at: at - FRIDGE_SET_HOURS_AGO * HOUR, placeC: kit.fridgeC });
    await d.wishes.bulkPut(demoWishes(at, planOf));
    await d.rhythms.bulkPut(demoRhythms(at, planOf));
    await d.cupboard.bulkPut(demoCupboard(at));
    await d.trials.put(demoTrial(at, planOf('demo-weekday')));
    const [older, newer] = [made.find((m) => m.batch.number === 8), made.find((m) => m.batch.number === 14)];
    if (older && newer) await d.tastings.put(demoTasting(at, older.batch, newer.batch));
    await keepFates(all.flatMap((m) => m.jars.map((j) => j.id)));
    await d.settings.put({ key: 'seededAt', value: at });
  });

  /** The soak that stands on the worktop: a whole batch of the same plan, cut where it now is. */
  function soakingNow(laidAt: number) {
    const whole = makePast(
      { plan: SOAKING.plan, beganHoursAgo: SOAKING.hours, seed: 31, end: 'drunk' },
      HISTORY.length + 1,
      planOf(SOAKING.plan),
      kit,
      laidAt,
      believed(),
    );
    const events = whole.events.filter((e) => e.at <= laidAt && !(e.is === 'ended' && e.at > laidAt - HOUR));
    return { ...whole, events: events.filter((e) => !('step' in e) || e.step !== 'drain'), jars: [], jarEvents: [] };
  }
}
