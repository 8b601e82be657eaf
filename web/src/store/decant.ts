import { capOf, endOfJar, jarNow, knowing, nextSeq, pouredOver, tubMl } from '@ironpan/core/batch';
import type { JarHappening, JarNow } from '@ironpan/core/batch';
import { volumeMl } from '@ironpan/core/kitchen';
import type { Material } from '@ironpan/core/materials';
import type { BatchRecord, JarEventRecord, JarRecord } from '@ironpan/core/records';
import { GoneError } from './batches';
import { dropJars, tablesOfJars } from './dropJars';
import { db } from './db';
import type { KitchenDb } from './db';
import { keepFates } from './fates';
import { fateTables } from './wording';
import { newId } from './ids';
import { DREGS_ML, fridgeLog } from './jars';

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
const tables = (d: KitchenDb) => [...tablesOfJars(d), d.batches, d.plans, d.fridge, ...fateTables(d)];

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
  const row = { ...say, v: 6 as const, id: newId('jarevent'), jar, at, seq: nextSeq(o.log) } as JarEventRecord;
  await d.jarEvents.add(row);
  o.log.push(row);
  return [jar, row.id] as const;
}

type Fresh = Pick<JarRecord, 'id' | 'product' | 'vesselMl' | 'stream' | 'vessel' | 'glass'>;
/** What is in it that its batch did not know when it was begun. */
function foodsBeside(a: Open, foods: readonly Material[]): Pick<JarRecord, 'foods'> {
  const more = foods.filter((m) => !a.batch.recipe.materials.some((x) => x.id === m.id));
  return more.length > 0 ? { foods: more } : {};
}
/** A jar of its own, of what another one held, put where that one stands. */
async function beside(d: KitchenDb, a: Open, now: JarNow, jar: Fresh, at: number) {
  const { batch, id: from } = a.jar;
  const foods = foodsBeside(a, now.foods);
  await d.jars.add({ ...jar, v: 5, batch, filledMl: volumeMl(jar.stream), filledAt: at, from, ...foods });
  await d.standing.put({ jar: jar.id });
  if (now.place === 'fridge') return [];
  return [await write(d, { log: [] }, jar.id, { is: 'moved', place: now.place, placeC: now.placeC }, at)];
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
    const ids = [await write(d, a, jarId, { is: 'decanted', into, ml: some }, at)];
    const { ml: vesselMl, name, glass } = vessel;
    const fresh = { id: into, product: a.jar.product, vesselMl, stream, vessel: name, glass };
    ids.push(...(await beside(d, a, now, fresh, at)));
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
    const ids = [
      await write(d, from, fromId, { is: 'decanted', into: intoId, ml: some }, at),
      await write(d, into, intoId, { is: 'merged', with: fromId, name, stream, foods: now.foods }, at),
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
    const cap = capOf(now.stream, capG, knowing(a.batch, now.foods));
    if (!cap) throw new RangeError('no cap has set');
    const into = newId('jar');
    const ml = volumeMl(cap);
    const ids = [await write(d, a, jarId, { is: 'lifted', capG, into }, at)];
    const fresh = { id: into, product: 'cap', vesselMl: tubMl(ml), stream: cap, vessel: '', glass: false };
    ids.push(...(await beside(d, a, now, fresh, at)));
    await keepFates([jarId, into]);
    return { from: jarId, into, ids, fresh: true, ml };
  });
}

/** Takes a pouring over back: its lines are taken back, and the jar that it made is gone again. */
export function takePouringBack(p: PouredOver, at: number): Promise<void> {
  const d = db();
  return d.transaction('rw', tables(d), async () => {
    if (p.fresh) await dropJars(d, [p.into]);
    for (const [jar, of] of p.ids) {
      if (p.fresh && jar === p.into) continue;
      const log = await d.jarEvents.where('jar').equals(jar).toArray();
      await write(d, { log }, jar, { is: 'undone', of }, at);
    }
    await d.standing.put({ jar: p.from });
    await keepFates([p.from, p.into]);
  });
}
