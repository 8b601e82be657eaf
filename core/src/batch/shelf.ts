import type { FilledJar, JarEvent } from './events';
import { endOfJar, standing } from './log';

export interface Fate {
  readonly madeMl: number;
  readonly thrownMl: number;
}
/** Of what was filled into these jars, how much was thrown away, ml: what had not been poured before. */
export function fateOf(jars: readonly { readonly jar: FilledJar; readonly events: readonly JarEvent[] }[]): Fate {
  let madeMl = 0;
  let thrownMl = 0;
  for (const { jar, events } of jars) {
    madeMl += jar.filledMl;
    if (endOfJar(events)?.is !== 'thrown') continue;
    const poured = standing(events).reduce((ml, e) => ml + (e.is === 'poured' ? e.ml : 0), 0);
    thrownMl += jar.filledMl - Math.min(jar.filledMl, poured);
  }
  return { madeMl, thrownMl };
}
