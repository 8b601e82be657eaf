import { isPulp } from '../kitchen';
import { expectedApproach, WORD_SCALES } from '../learning';
import type { Approach, Lasted, SeenClear, Worded } from '../learning';
import { COLD_C, coldHours, serumShare } from '../steps';
import type { Hygiene } from '../kitchen';
import type { FilledJar, FridgeLine, FrozenBatch, JarEvent, ThrownReason } from './events';
import { jarNow, layersAhead } from './jarLife';
import type { SeenLook } from './jarLife';
import { endOfJar, standing } from './log';
import { spentOf } from './account';
import { LOOK_SCALES, saysFine, saysTurned } from './looks';
import type { Look, Scale, Sign } from './looks';

/** What became of a jar, and what was said of it: enough for lists, and for how long milk lasts here. */
export interface Fate {
  readonly jar: string;
  readonly batch: string;
  readonly product: string;
  /** What stayed in a cloth: no milk. Rows of older versions have only the name of the stream. */
  readonly pulp?: boolean;
  readonly filledAt: number;
  readonly filledMl: number;
  /**
   * Its state when it was last known fine; as what the kitchen learns its keeping, its usual budget, days at 4 °C, and
   * the cap; null: no keeping rule.
   */
  readonly hygiene: Hygiene;
  readonly thing: string | null;
  readonly budgetD: number | null;
  readonly capDays: number | null;
  readonly end: 'finished' | 'given' | 'thrown' | null;
  /** The last of it went into another jar. Rows of older versions do not know. */
  readonly pouredOver?: boolean;
  readonly why: ThrownReason | null;
  readonly endedAt: number | null;
  /** The word last said on each scale, the signs last told, and how many looks there were. */
  readonly said: Readonly<Partial<Record<Scale, string>>>;
  readonly signs: readonly Sign[];
  readonly looks: number;
  /** How long it lasted, days at 4 °C; null: nothing is known but that it was filled, or it was frozen. */
  readonly lasted: Lasted | null;
  /** How much of it had gone clear at each look that told its layers, and what was expected; null: no such look. */
  readonly parts: { readonly seen: readonly SeenClear[]; readonly expected: Approach } | null;
  /** Every word said of it beside the figure it stands for, as it was at that moment. */
  readonly worded: readonly Worded[];
  /** Always in the cold, or out of it for a while. */
  readonly place: 'cold' | 'out';
  /** The lines of its log that this was read from. */
  readonly lines: number;
}

/** Days at 4 °C that a jar must be known to have been fine before it says anything of how long it lasts. */
const TELLS_AFTER_D = 0.02;

/** A jar's fate from its log. A jar that still stands is told up to when it was last known fine. */
export function fateOfJar(
  jar: FilledJar,
  events: readonly JarEvent[],
  batch: FrozenBatch,
  fridge: readonly FridgeLine[],
): Fate {
  const told = standing(events);
  const looks = told.flatMap((e) => (e.is === 'looked' ? [e] : []));
  const end = endOfJar(events);
  const { fineAt, turnedAt } = whenFine(jar, events);
  // By the usual values: what this kitchen learns must not rest on what it has learned.
  const usual = { ...batch, beliefs: {} };
  const at = (t: number) => jarNow(jar, until(events, t), usual, fridge, t);
  const fine = at(fineAt);
  const asks = looks.some((e) => e.look.layers ?? WORD_SCALES.some((s) => e.look[s] !== undefined));
  const seen = asks ? at(Math.max(...looks.map((e) => e.at))).looks : [];
  const fineD = spentOf(fine.spending);
  const known = isUnmixed(jar, events) && (turnedAt !== null || fineD - fine.spending.beforeD > TELLS_AFTER_D);
  return {
    jar: jar.id,
    batch: jar.batch,
    product: jar.product,
    pulp: isPulp(jar.stream),
    filledAt: jar.filledAt,
    filledMl: jar.filledMl,
    hygiene: fine.hygiene,
    thing: fine.keep?.thing ?? null,
    budgetD: fine.keep?.budgetD ?? null,
    capDays: fine.keep?.capDays ?? null,
    end: end?.is ?? null,
    pouredOver: end?.is === 'finished' && pouredAwayAt(events).has(end.at),
    why: end?.is === 'thrown' ? end.why : null,
    endedAt: end?.at ?? null,
    said: lastSaid(looks.map((e) => e.look)),
    signs: looks.at(-1)?.look.signs ?? [],
    looks: looks.length,
    lasted: known
      ? { fineD, turnedD: turnedAt === null ? null : Math.max(fineD, spentOf(at(turnedAt).spending)) }
      : null,
    parts: looks.some((e) => e.look.layers) ? clearsOf(jar, usual, seen) : null,
    worded: wordedOf(seen),
    place: wasOut(told) ? 'out' : 'cold',
    lines: events.length,
  };
}
/** It tells how long a milk lasts: two milks in one jar say nothing of either, and what was frozen nothing of the fridge. */
export const isUnmixed = (jar: FilledJar, events: readonly JarEvent[]): boolean =>
  jar.stream.temperatureC >= 0 &&
  !standing(events).some((e) => e.is === 'merged' || (e.is === 'moved' && e.place === 'freezer'));
/** It was told of a while out of the cold, or stood there. */
const wasOut = (told: readonly JarEvent[]): boolean =>
  told.some(
    (e) =>
      (e.is === 'tempered' && e.placeC > COLD_C) || (e.is === 'moved' && (e.place === 'room' || e.place === 'bag')),
  );
/** What had happened by then; a while elsewhere counts whenever it was told. */
export const until = (events: readonly JarEvent[], t: number): readonly JarEvent[] =>
  events.filter((e) => e.at <= t || e.is === 'tempered' || e.is === 'undone').filter((e) => !isEnd(e));
const isEnd = (e: JarEvent): boolean => e.is === 'finished' || e.is === 'given' || e.is === 'thrown';

const pouredAwayAt = (events: readonly JarEvent[]): ReadonlySet<number> =>
  new Set(standing(events).flatMap((e) => (e.is === 'decanted' ? [e.at] : [])));

/** When it was last known fine, and when it was found turned; null: it never was. */
export function whenFine(
  jar: FilledJar,
  events: readonly JarEvent[],
): { readonly fineAt: number; readonly turnedAt: number | null } {
  let fineAt = jar.filledAt;
  let turnedAt: number | null = null;
  // The last of it poured over into another jar: it is empty, and nobody has tasted it.
  const pouredAway = pouredAwayAt(events);
  for (const e of standing(events)) {
    if (e.is === 'looked' && saysTurned(e.look)) turnedAt ??= e.at;
    if (e.is === 'thrown') {
      if (e.why === 'turned') turnedAt = Math.min(turnedAt ?? Infinity, e.foundAt ?? e.at);
      // What the cook says of it goes before what was known.
      if (e.lastFineAt !== null) fineAt = Math.max(jar.filledAt, e.lastFineAt);
    }
    const tasted =
      e.is === 'poured' || (e.is === 'finished' && !pouredAway.has(e.at)) || (e.is === 'looked' && saysFine(e.look));
    if (tasted && turnedAt === null) fineAt = Math.max(fineAt, e.at);
  }
  return { fineAt: turnedAt === null ? fineAt : Math.min(fineAt, turnedAt), turnedAt };
}
/** Hours at which the course of parting is told, in the cold. */
const AHEAD_H = [1, 3, 6, 12, 24, 48, 72, 120];
function clearsOf(jar: FilledJar, batch: FrozenBatch, looks: readonly SeenLook[]): NonNullable<Fate['parts']> {
  const seen = looks.flatMap((l) =>
    l.look.layers ? [{ hours: coldHours(l.stillS), share: serumShare(l.look.layers) }] : [],
  );
  return { seen, expected: expectedParting(jar, batch) };
}
/** How much of a jar should separate into a watery or clear layer, in the fridge from its filling on. */
export function expectedParting(jar: FilledJar, batch: FrozenBatch): Approach {
  const ahead = layersAhead(jar, batch, AHEAD_H);
  const approach = expectedApproach(ahead.map((a) => ({ hours: a.hours, share: serumShare(a.layers) })));
  return ahead.some((a) => a.layers.some((l) => l.kind === 'thin')) ? { ...approach, blurred: true } : approach;
}
/** What has turned tastes of that, and not of what it was made from. */
const wordedOf = (looks: readonly SeenLook[]): readonly Worded[] =>
  looks
    .filter((l) => !saysTurned(l.look))
    .flatMap(({ look, expected, at }) =>
      WORD_SCALES.flatMap((scale) => {
        const [word, x] = [look[scale], expected?.figures[scale] ?? null];
        return word === undefined || x === null ? [] : [{ scale, x, word, by: look.by ?? '', at }];
      }),
    );
function lastSaid(looks: readonly Look[]): Fate['said'] {
  const out: Partial<Record<Scale, string>> = {};
  for (const l of looks)
    for (const s of LOOK_SCALES) {
      const word = l[s];
      if (word !== undefined) out[s] = word;
    }
  return out;
}
/** Is it what became of pulp, whatever its stream is called? */
export const isPulpFate = (f: Pick<Fate, 'pulp' | 'product'>): boolean => f.pulp ?? f.product === 'pulp';
