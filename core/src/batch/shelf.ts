import { volumeMl } from '../kitchen';
import type { FilledJar, JarEvent, ThrownReason } from './events';
import { endOfJar, standing } from './log';

export interface Fate {
  readonly madeMl: number;
  readonly thrownMl: number;
  /** Of it, by the reason, ml. */
  readonly why: Readonly<Partial<Record<ThrownReason, number>>>;
}
/** Of what was filled into these jars, how much was thrown away, ml: what had not been poured before. */
export function fateOf(jars: readonly { readonly jar: FilledJar; readonly events: readonly JarEvent[] }[]): Fate {
  let madeMl = 0;
  let thrownMl = 0;
  const why: Partial<Record<ThrownReason, number>> = {};
  for (const { jar, events } of jars) {
    // What was poured over from another jar was made once.
    if (jar.from === null) madeMl += jar.filledMl;
    const end = endOfJar(events);
    if (end?.is !== 'thrown') continue;
    let ml = jar.filledMl;
    for (const e of standing(events)) {
      if (e.is === 'poured' || e.is === 'decanted') ml = Math.max(0, ml - e.ml);
      else if (e.is === 'merged') ml += volumeMl(e.stream);
    }
    thrownMl += ml;
    why[end.why] = (why[end.why] ?? 0) + ml;
  }
  return { madeMl, thrownMl, why };
}
