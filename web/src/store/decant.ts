import { capOf, endOfJar, foodsIn, jarNow, lastSeq, pouredOver } from '@ironpan/core/batch';
import type { JarHappening } from '@ironpan/core/batch';
import { volumeMl } from '@ironpan/core/kitchen';
import type { BatchRecord, JarEventRecord, JarRecord } from '@ironpan/core/records';
import { GoneError } from './batches';
import { db } from './db';
import type { KitchenDb } from './db';
import { keepFates } from './fates';
import { newId } from './ids';
import { fridgeLog } from './jars';

/** A vessel of the kit that some of a jar is poured over into. */
export interface Vessel {
  readonly name: string;
  readonly ml: number;
  readonly glass: boolean;
  readonly scalded: boolean;
}
/** What pouring over wrote, so that it can be taken back. */
export interface PouredOver {
  readonly from: string;
  readonly into: string;
  readonly ids: readonly (readonly [jar: string, line: string])[];
  /** It is a jar of its own. */
  readonly fresh: boolean;
  readonly ml: number;
}
/** A pour that leaves less than this is the last one, ml. */
const DREGS_ML = 0.5;
const tables = (d: KitchenDb) => [d.jars, d.jarEvents, d.standing, d.batches, d.plans, d.fridge, d.fates];

interface Open {
  readonly jar: JarRecord;
  readonly batch: BatchRecord;
  readonly log: JarEventRecord[];
}
async function open(d: KitchenDb, id: string): Promise<Open> {
  const jar = await d.jars.get(id);
  const batch = jar ? await d.batches.get(jar.batch) : undefined;
  if (!jar || !batch) throw new GoneError('this jar');
  const log: JarEventRecord[] = await d.jarEvents.where('jar').equals(id).toArray();
  if (endOfJar(log)) throw new GoneError('this jar');
  return { jar, batch, log };
}
async function write(d: KitchenDb, o: Pick<Open, 'log'>, jar: string, say: JarHappening, at: number) {
  const row = { ...say, v: 4 as const, id: newId('jarevent'), jar, at, seq: lastSeq(o.log) + 1 } as JarEventRecord;
  await d.jarEvents.add(row);
  o.log.push(row);
  return [jar, row.id] as const;
}

/** Pours some of a jar over into a vessel of the kit: from then on a jar of its own, where the first one stands. */
export function decant(jarId: string, ml: number, vessel: Vessel, at: number): Promise<PouredOver> {
  const d = db();
  return d.transaction('rw', tables(d), async (): Promise<PouredOver> => {
    const a = await open(d, jarId);
    const now = jarNow(a.jar, a.log, a.batch, await fridgeLog(), at);
    const some = Math.min(ml, now.leftMl, vessel.ml);
    const into = newId('jar');
    const stream = pouredOver(now.stream, some, vessel.scalded);
    const { vesselMl, name, glass } = { vesselMl: vessel.ml, name: vessel.name, glass: vessel.glass };
    await d.jars.add({
      ...{ v: 3, id: into, batch: a.jar.batch, product: a.jar.product, vesselMl, filledMl: volumeMl(stream) },
      ...{ filledAt: at, stream, vessel: name, glass, from: jarId },
    });
    await d.standing.put({ jar: into });
    const ids = [await write(d, a, jarId, { is: 'decanted', into, ml: some }, at)];
    if (now.place !== 'fridge')
      ids.push(await write(d, { log: [] }, into, { is: 'moved', place: now.place, placeC: now.placeC }, at));
    if (some >= now.leftMl - DREGS_ML) {
      ids.push(await write(d, a, jarId, { is: 'finished' }, at));
      await d.standing.delete(jarId);
    }
    await keepFates([jarId, into]);
    return { from: jarId, into, ids, fresh: true, ml: some };
  });
}

/** Pours some of one jar into another that stands there already: what both are then is the fold's to say. */
export function pourTogether(
  fromId: string,
  intoId: string,
  ml: number,
  name: string,
  at: number,
): Promise<PouredOver> {
  const d = db();
  return d.transaction('rw', tables(d), async (): Promise<PouredOver> => {
    const from = await open(d, fromId);
    const into = await open(d, intoId);
    const fridge = await fridgeLog();
    const now = jarNow(from.jar, from.log, from.batch, fridge, at);
    const there = jarNow(into.jar, into.log, into.batch, fridge, at);
    const some = Math.min(ml, now.leftMl, Math.max(0, into.jar.vesselMl - there.leftMl));
    const stream = pouredOver(now.stream, some, true);
    const foods = [...foodsIn(stream, from.batch), ...now.foods];
    const known = [...new Map(foods.map((m) => [m.id, m])).values()];
    const ids = [
      await write(d, from, fromId, { is: 'decanted', into: intoId, ml: some }, at),
      await write(d, into, intoId, { is: 'merged', with: fromId, name, stream, foods: known }, at),
    ];
    if (some >= now.leftMl - DREGS_ML) {
      ids.push(await write(d, from, fromId, { is: 'finished' }, at));
      await d.standing.delete(fromId);
    }
    await keepFates([fromId, intoId]);
    return { from: fromId, into: intoId, ids, fresh: false, ml: some };
  });
}

/** Lifts the set cap off a jar: it is a jar of its own, cream, where the first one stands. */
export function liftCap(jarId: string, capG: number | null, at: number): Promise<PouredOver> {
  const d = db();
  return d.transaction('rw', tables(d), async (): Promise<PouredOver> => {
    const a = await open(d, jarId);
    const now = jarNow(a.jar, a.log, a.batch, await fridgeLog(), at);
    const cap = capOf(now.stream, capG, a.batch);
    if (!cap) throw new RangeError('no cap has set');
    const into = newId('jar');
    const ml = volumeMl(cap);
    const vesselMl = Math.ceil((ml * 1.2) / 100) * 100;
    await d.jars.add({
      ...{ v: 3, id: into, batch: a.jar.batch, product: 'cap', vesselMl, filledMl: ml },
      ...{ filledAt: at, stream: cap, vessel: '', glass: false, from: jarId },
    });
    await d.standing.put({ jar: into });
    const ids = [await write(d, a, jarId, { is: 'lifted', capG, into }, at)];
    await keepFates([jarId, into]);
    return { from: jarId, into, ids, fresh: true, ml };
  });
}

/** Takes a pouring over back: its lines are taken back, and the jar that it made is gone again. */
export function takePouringBack(p: PouredOver, at: number): Promise<void> {
  const d = db();
  return d.transaction('rw', tables(d), async () => {
    if (p.fresh) {
      await d.jars.delete(p.into);
      await d.standing.delete(p.into);
      await d.jarEvents.where('jar').equals(p.into).delete();
    }
    for (const [jar, of] of p.ids) {
      if (p.fresh && jar === p.into) continue;
      const log = await d.jarEvents.where('jar').equals(jar).toArray();
      await write(d, { log }, jar, { is: 'undone', of }, at);
    }
    await d.standing.put({ jar: p.from });
    await keepFates([p.from, p.into]);
  });
}
