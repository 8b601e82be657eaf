import type { Stream } from '../../kitchen';
import { COOLING_LIMITS } from '../../laws';
import type { Params } from '../params';
import type { Ctx } from '../types';
import { cooling, coolingS } from './cooling';
import type { Course } from './course';
import { cooling as inJar } from './keeping';

export interface ColdAtLast {
  /** s since the cooling began, °C. */
  readonly points: readonly (readonly [number, number])[];
  /** When it leaves its vessel for a jar in the fridge, s. */
  readonly jarredS: number;
  /** From 57 °C (or from the beginning, if that is cooler) to 21 °C and to 5 °C, s; null: not within two days. */
  readonly to21S: number | null;
  readonly to5S: number | null;
}
/** Looked ahead in the fridge for this long, s. */
const AHEAD_S = 48 * 3600;
/** Between two nodes of a course it is drawn, and its limits are met, on straight lines this many to the span. */
const LINES = 6;

/**
 * The whole way to cold: the step itself, then in a jar in the fridge; and how it stands against the two-stage limits of
 * cooked food (57 → 21 °C in 2 h, → 5 °C in 6 h in all). A trace of a probe is not looked at: this is what is reckoned.
 */
export function coldAtLast(s: Stream, p: Readonly<Params['cool']>, ctx: Ctx): ColdAtLast {
  const way = cooling(s, p, ctx);
  const jarredS = coolingS(way);
  const legs = way.legs(jarredS);
  const endC = legs.at(-1)?.endC ?? s.temperatureC;
  const after = inJar({ ...s, temperatureC: endC }, ctx.kit.fridgeC, AHEAD_S, p.jar, ctx);
  const points = joined([...legs, after]);
  const from = crossing(points, COOLING_LIMITS.fromC) ?? 0;
  const since = (toC: number): number | null => {
    const at = crossing(points, toC);
    return at === null ? null : Math.max(0, at - from);
  };
  return { points, jarredS, to21S: since(COOLING_LIMITS.midC), to5S: since(COOLING_LIMITS.endC) };
}
function joined(legs: readonly Course[]): readonly (readonly [number, number])[] {
  const out: [number, number][] = [];
  let began = 0;
  for (const leg of legs) {
    const { nodes } = leg;
    for (let i = 1; i < nodes.length; i += 1) {
      const a = nodes[i - 1] as number;
      const b = nodes[i] as number;
      for (let k = out.length === 0 ? 0 : 1; k <= LINES; k += 1) {
        const t = a + ((b - a) * k) / LINES;
        out.push([began + t, leg.at(t)]);
      }
    }
    began += nodes.at(-1) ?? 0;
  }
  return out;
}
/** When it first is no warmer than `c`, s; null: never. */
function crossing(points: readonly (readonly [number, number])[], c: number): number | null {
  for (let i = 0; i < points.length; i += 1) {
    const [t, now] = points[i] as readonly [number, number];
    if (now > c) continue;
    const [t0, before] = points[i - 1] ?? [t, now];
    return before > now ? t0 + ((before - c) / (before - now)) * (t - t0) : t;
  }
  return null;
}
/** Cold in time: both stages. A fridge that never brings it to 5 °C is no fault of the way. */
export const coldInTime = (w: Pick<ColdAtLast, 'to21S' | 'to5S'>, fridgeC: number): boolean =>
  w.to21S !== null &&
  w.to21S <= COOLING_LIMITS.midS &&
  (fridgeC >= FRIDGE_TOO_WARM_C || (w.to5S !== null && w.to5S <= COOLING_LIMITS.endS));
/** A fridge as warm as this hardly brings anything to 5 °C, °C. */
const FRIDGE_TOO_WARM_C = 4.5;
