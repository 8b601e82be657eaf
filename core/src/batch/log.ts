import type { BatchEvent, JarEvent } from './events';

interface Line {
  readonly id: string;
  readonly seq: number;
}
/** A log in the order in which it counts: by sequence, and by id where two writers had seen the same. */
export function inOrder<E extends Line>(events: readonly E[]): E[] {
  return [...events].sort((a, b) => a.seq - b.seq || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0));
}
/** The highest sequence of a log; 0 of an empty one. */
export function lastSeq(events: readonly Line[]): number {
  let seq = 0;
  for (const e of events) seq = Math.max(seq, e.seq);
  return seq;
}

/** Highest sequence of a log's line. */
export const MOST_SEQ = 8.64e15;
/** The sequence of the `n`-th line (0: the first) that is added to this log. At the highest one, lines keep their order by id. */
export const nextSeq = (events: readonly Line[], n = 0): number => Math.min(MOST_SEQ, lastSeq(events) + 1 + n);

/** What a line of a batch's log says, without who wrote it and when. */
export type Happening = BatchEvent extends infer E
  ? E extends BatchEvent
    ? Omit<E, 'id' | 'batch' | 'at' | 'seq'>
    : never
  : never;
export type JarHappening = JarEvent extends infer E
  ? E extends JarEvent
    ? Omit<E, 'id' | 'jar' | 'at' | 'seq'>
    : never
  : never;

/** The same command twice, pressed twice or in two windows, has one key. */
export function commandKey(h: Happening | JarHappening): string {
  switch (h.is) {
    case 'begun':
    case 'ended':
    case 'stirred':
      return `${h.is} ${h.step} ${h.task}`;
    case 'skipped':
      return `skipped ${h.step}`;
    case 'back':
      return `back ${h.step} ${h.task ?? ''}`;
    case 'reading':
      return `reading ${h.reading.step} ${h.reading.task ?? ''} ${h.reading.what} ${h.reading.atS ?? ''} ${h.reading.value}`;
    case 'note':
      return `note ${h.text}`;
    case 'filled':
      return `filled ${JSON.stringify(h.into)}`;
    case 'decanted':
      return `decanted ${h.into} ${h.ml}`;
    case 'merged':
      return `merged ${h.with}`;
    case 'dried':
      return `dried ${h.ovenC} ${h.layerCm}`;
    case 'poured':
      return `poured ${h.ml}`;
    case 'undone':
      return `undone ${h.of}`;
    case 'edited':
      return `edited ${JSON.stringify(h.edits)}`;
    case 'moved':
      return `moved ${h.place} ${h.placeC}`;
    case 'tempered':
      return `tempered ${h.placeC} ${h.from} ${h.to}`;
    case 'looked':
      return `looked ${JSON.stringify(h.look)}`;
    case 'paused':
    case 'resumed':
      return `${h.is} ${h.step ?? ''} ${h.task ?? ''}`;
    case 'clockSet':
    case 'abandoned':
    case 'boiled':
    case 'heated':
    case 'shaken':
    case 'lifted':
    case 'finished':
    case 'given':
    case 'thrown':
      return h.is;
  }
}
/**
 * Of what one press says, that which nobody has said since the presser last looked (`seen`, the highest sequence on the
 * screen): a second press of the same button, here or in another window, adds nothing.
 */
export function unsaid<H extends Happening | JarHappening>(
  log: readonly (Line & (Happening | JarHappening))[],
  seen: number,
  happened: readonly H[],
): readonly H[] {
  const since = new Set(log.filter((e) => e.seq > seen).map((e) => commandKey(e)));
  return happened.filter((h) => !since.has(commandKey(h)));
}

/** A jar's log without what was taken back, in order. What takes back is not in it either. */
export function standing(events: readonly JarEvent[]): readonly JarEvent[] {
  const undone = new Set(events.flatMap((e) => (e.is === 'undone' ? [e.of] : [])));
  return inOrder(events).filter((e) => e.is !== 'undone' && !undone.has(e.id));
}
/** How a jar ended: emptied, given away or thrown away; null while it stands somewhere. */
export function endOfJar(
  events: readonly JarEvent[],
): Extract<JarEvent, { is: 'finished' | 'given' | 'thrown' }> | null {
  for (const e of standing(events)) if (e.is === 'finished' || e.is === 'given' || e.is === 'thrown') return e;
  return null;
}
/** The latest instant of a log on the clock as it is now set, ms; `begun` where it says nothing. */
export function latestInstant(begun: number, events: readonly BatchEvent[]): number {
  let latest = begun;
  for (const e of inOrder(events)) {
    if (e.is === 'clockSet') latest += e.byMs;
    latest = Math.max(latest, e.at);
  }
  return latest;
}
