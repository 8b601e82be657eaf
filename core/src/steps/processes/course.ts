import {
  cooledC,
  COOLING_LIMITS,
  FREEZING_POINT_C,
  FROZEN_BELOW_C,
  frozenC,
  frozenSeconds,
  secondsTo,
  SPENDING_BELOW_C,
} from '../../laws';
import type { FreezingBody } from '../../laws';
import type { Trace } from '../reading';
import type { Ctx } from '../types';

/** still: standing or simmering; open: boiling without a lid; blending: in a running jug. */
export type How = 'still' | 'open' | 'blending';
/** The mean of a pace over one span of a course. */
export type Mean = (pace: (c: number) => number) => number;

/** A temperature course: °C at each second, and the instants between which it is smooth enough to integrate. */
export interface Course {
  readonly at: (s: number) => number;
  readonly nodes: readonly number[];
  readonly endC: number;
  readonly constant?: true;
}

/** The same temperature all along, °C, s. */
export function holdAt(c: number, s: number): Course {
  return { at: () => c, nodes: [0, s], endC: c, constant: true };
}

/** A span of a course warms or cools by this much at most, K: three-point Gauss is exact to a ten-thousandth over it. */
const SPAN_K = 10;

/** Straight from one temperature to another. */
export function ramp(fromC: number, toC: number, s: number): Course {
  if (s <= 0) return holdAt(toC, 0);
  const n = Math.max(1, Math.ceil(Math.abs(toC - fromC) / SPAN_K));
  const nodes = [0];
  for (let i = 1; i <= n; i += 1) nodes.push((i / n) * s);
  return { at: (t) => fromC + ((toC - fromC) * t) / s, nodes, endC: toC };
}

/** Nearing the surroundings, spans are by what is left to go, K; beyond the last it hardly changes. */
const NEARING_K = [3.5, 1, 0.2];
/** Temperatures at which a rule changes: spending starts, cooling limits. */
const LIMITS_C = [SPENDING_BELOW_C, COOLING_LIMITS.midC, COOLING_LIMITS.endC];

/** Newton's approach to the surroundings, with nodes by the degrees still to go, and on the limits. */
export function approach(startC: number, aroundC: number, tauS: number, s: number): Course {
  const toGo = Math.abs(startC - aroundC);
  if (toGo < 1e-9 || s <= 0) return holdAt(startC, s);
  const nodes = [0];
  for (let left = toGo - SPAN_K; left > 0; left -= SPAN_K) nodes.push(tauS * Math.log(toGo / left));
  for (const left of NEARING_K) if (left < toGo) nodes.push(tauS * Math.log(toGo / left));
  for (const c of LIMITS_C) {
    const t = secondsTo(startC, c, aroundC, tauS);
    if (t !== null) nodes.push(t);
  }
  nodes.sort((a, b) => a - b);
  while ((nodes.at(-1) as number) >= s) nodes.pop();
  nodes.push(s);
  const at = (t: number): number => cooledC(startC, aroundC, tauS, t);
  return { at, nodes, endC: at(s) };
}

/** Temperatures between which the course of ice is cut, °C: it creeps near the freezing point, and hurries below. */
const ICE_NODES_C = [-0.31, -0.35, -0.42, -0.55, -0.75, FROZEN_BELOW_C, -1.5, -2.5, -4, -7, -11, -16, -22];
/**
 * The course of a body that freezes or thaws on its way: Newton's above its freezing point, with time constant `tauS`, and by
 * its enthalpy below. `s` seconds beside surroundings of `aroundC`.
 */
export function freezeOrThaw(startC: number, aroundC: number, tauS: number, body: FreezingBody, s: number): Course {
  const liquid = startC >= FREEZING_POINT_C;
  if (Math.abs(startC - aroundC) < 1e-9 || s <= 0) return holdAt(startC, s);
  const fromC = liquid ? FREEZING_POINT_C : startC;
  const endC = aroundC > FREEZING_POINT_C ? FREEZING_POINT_C : aroundC;
  /** When the ice begins to form, or has melted; Infinity: it never does. */
  const turnS = liquid
    ? (secondsTo(startC, FREEZING_POINT_C, aroundC, tauS) ?? 0)
    : aroundC > FREEZING_POINT_C
      ? frozenSeconds(body, startC, FREEZING_POINT_C, aroundC)
      : Infinity;
  const at = (t: number): number => {
    if (liquid) return t <= turnS ? cooledC(startC, aroundC, tauS, t) : frozenC(body, fromC, aroundC, t - turnS);
    return t < turnS ? frozenC(body, startC, aroundC, t) : cooledC(FREEZING_POINT_C, aroundC, tauS, t - turnS);
  };
  const nodes = [0, turnS];
  const [low, high] = [Math.min(fromC, endC), Math.max(fromC, endC)];
  for (const c of ICE_NODES_C)
    if (c > low + 1e-9 && c < high - 1e-9) nodes.push((liquid ? turnS : 0) + frozenSeconds(body, fromC, c, aroundC));
  const wet = liquid ? approach(startC, aroundC, tauS, turnS) : approach(FREEZING_POINT_C, aroundC, tauS, s);
  for (const t of wet.nodes) nodes.push(liquid ? t : turnS + t);
  return { at, nodes: [...nodes.filter((t) => t >= 0 && t < s).sort((a, b) => a - b), s], endC: at(s) };
}

/** A course over `forS` seconds, linear between temperatures `c` (°C) reached at the instants `s`; constant after the last. */
export function linearCourse(c: readonly number[], s: readonly number[], forS: number): Course {
  const last = s.length - 1;
  const at = (t: number): number => {
    let i = 1;
    while (i < last && (s[i] as number) < t) i += 1;
    const [from, to] = [s[i - 1] as number, s[i] ?? 0];
    if (last < 1 || t >= to) return c[Math.min(i, last)] as number;
    return (c[i - 1] as number) + (((c[i] as number) - (c[i - 1] as number)) * Math.max(0, t - from)) / (to - from);
  };
  const nodes = s.filter((t) => t < forS);
  return { at, nodes: forS > 0 ? [...nodes, forS] : [0, 0], endC: at(forS) };
}

/** Samples of a probe are read together until they have moved this far, K: finer is noise, and time. */
const TOGETHER_K = 0.5;
const TOGETHER_S = 300;

/** The course a probe told, straight between its samples; before the first and after the last it stays as it is. */
export function traced({ everyS, values }: Trace, s: number): Course {
  const last = values.length - 1;
  const at = (t: number): number => {
    const x = Math.min(last, Math.max(0, t / everyS));
    const i = Math.min(last - 1, Math.floor(x));
    if (i < 0) return values[0] as number;
    return (values[i] as number) + (x - i) * ((values[i + 1] as number) - (values[i] as number));
  };
  const nodes = [0];
  let from = at(0);
  let since = 0;
  for (let i = 1; i <= last && i * everyS < s; i += 1) {
    const c = values[i] as number;
    if (Math.abs(c - from) < TOGETHER_K && i * everyS - since < TOGETHER_S) continue;
    nodes.push(i * everyS);
    from = c;
    since = i * everyS;
  }
  if (s > 0) nodes.push(s);
  return { at, nodes, endC: at(s) };
}
/** What the probe told of this task, where one was in it; else the computed course. */
export function courseOf(ctx: Ctx, task: string, s: number, computed: () => Course): Course {
  const trace = ctx.courses?.[task];
  return trace ? traced(trace, s) : computed();
}
