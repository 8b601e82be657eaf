import { cooledC, secondsTo } from '../laws';
import type { Trace } from './outcome';
import type { Ctx } from './types';

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

export function holdAt(c: number, s: number): Course {
  return { at: () => c, nodes: [0, s], endC: c, constant: true };
}

/** Straight from one temperature to another, in spans of at most 10 °C. */
export function ramp(fromC: number, toC: number, s: number): Course {
  if (s <= 0) return holdAt(toC, 0);
  const n = Math.max(1, Math.ceil(Math.abs(toC - fromC) / 10));
  const nodes = Array.from({ length: n + 1 }, (_, i) => (i / n) * s);
  return { at: (t) => fromC + ((toC - fromC) * t) / s, nodes, endC: toC };
}

const TAUS = [0.1, 0.25, 0.45, 0.7, 1, 1.4, 2, 3, 4.5, 7];
/** Temperatures at which a rule changes: spending starts, cooling limits. */
const LIMITS_C = [57, 21, 5];

/** Newton's approach to the surroundings, with nodes that crowd where it is steep and stand on the limits. */
export function approach(startC: number, aroundC: number, tauS: number, s: number): Course {
  const at = (t: number) => cooledC(startC, aroundC, tauS, t);
  if (Math.abs(startC - aroundC) < 1e-9) return holdAt(startC, s);
  const nodes = [0, s, ...TAUS.map((k) => k * tauS)];
  for (const c of LIMITS_C) {
    const t = secondsTo(startC, c, aroundC, tauS);
    if (t !== null) nodes.push(t);
  }
  return { at, nodes: nodes.filter((t) => t <= s).sort((a, b) => a - b), endC: at(s) };
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
