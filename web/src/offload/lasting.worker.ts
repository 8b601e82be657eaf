import { fittedApproach, kaplanMeier, trustedDays, weibullBand, weibullFit } from '@ironpan/core/learning';
import type { Approach, KmStep, Lasted, SeenClear, WeibullFit } from '@ironpan/core/learning';
import { groupBy } from '@ironpan/core/numerics';
import { keepingThing } from '@ironpan/core/steps';
import { KitchenDb, setDatabase } from '../store/db';
import { allFates } from '../store/fates';
import { forgetLasting, keepLasting } from '../store/lasting';
import { groupsOf, heldDays } from './lastingGroups';
import type { Group } from './lastingGroups';

export interface LastingAsked {
  readonly database: string;
  /** Which milk; null: the one of most jars. Which method; null: every one. */
  readonly group: string | null;
  readonly method: string | null;
}
export interface Lasting {
  readonly jars: number;
  readonly turned: number;
  readonly steps: readonly KmStep[];
  /** Null: too few have turned to say. */
  readonly fit: WeibullFit | null;
  /** The fit's curve with its band, for drawing. */
  readonly curve: readonly {
    readonly d: number;
    readonly share: number;
    readonly low: number;
    readonly high: number;
  }[];
  readonly trustedD: number | null;
}
export interface LastingTold {
  readonly groups: readonly Omit<Group, 'jars'>[];
  readonly group: Omit<Group, 'jars'>;
  readonly found: Lasting;
  /** How the milk of each method parts: what was seen, what was expected, and both together. */
  readonly parts: readonly Parting[];
}
export interface Parting {
  /** Null: by no method that is known. */
  readonly method: string | null;
  readonly seen: readonly SeenClear[];
  readonly expected: Approach;
  readonly fitted: Approach;
}
/** Points of a drawn curve; more are not told apart. */
const POINTS = 60;
const MOST_STEPS = 150;

self.onmessage = (e: MessageEvent<LastingAsked>) => {
  void tell(e.data).then(
    (done) => self.postMessage({ done }),
    (error: unknown) =>
      self.postMessage({
        error: error instanceof Error ? { name: error.name, message: error.message } : { name: 'Error', message: '' },
      }),
  );
};
/** Reads what became of every jar, away from the screen; keeps, for each milk, up to when it may be trusted here. */
async function tell({ database, group, method }: LastingAsked): Promise<LastingTold | null> {
  setDatabase(new KitchenDb(database));
  const groups = groupsOf(await allFates());
  for (const g of groups) await keep(g);
  const chosen = groups.find((g) => g.key === group) ?? groups[0];
  if (!chosen) return null;
  const jars = chosen.jars.filter((j) => method === null || j.method === method).map((j) => j.lasted);
  const bare = ({ jars: _, ...g }: Group): Omit<Group, 'jars'> => g;
  return { groups: groups.map(bare), group: bare(chosen), found: lastingOf(jars), parts: partingsOf(chosen) };
}
async function keep(g: Group): Promise<void> {
  const jars = g.jars.map((j) => j.lasted);
  const fit = weibullFit(jars);
  const id = `keeping:${keepingThing(g.milk, g.hygiene)}`;
  const turned = jars.filter((j) => j.turnedD !== null).length;
  if (fit === null) await forgetLasting(id);
  else await keepLasting({ id, mean: heldDays(trustedDays(fit), g.of) / g.of.lowD, jars: jars.length, turned });
}
/** Methods whose milk was looked at, the most looks first. */
function partingsOf(g: Group): readonly Parting[] {
  const told = g.jars.flatMap((j) => (j.parts ? [{ method: j.method, parts: j.parts }] : []));
  return [...groupBy(told, (t) => t.method ?? '')]
    .flatMap(([method, jars]): Parting[] => {
      const expected = jars[0]?.parts.expected;
      if (!expected) return [];
      const seen = jars.flatMap((j) => j.parts.seen);
      return [{ method: method === '' ? null : method, seen, expected, fitted: fittedApproach(seen, expected) }];
    })
    .sort((a, b) => b.seen.length - a.seen.length);
}
function lastingOf(jars: readonly Lasted[]): Lasting {
  const all = kaplanMeier(jars);
  const every = Math.max(1, Math.ceil(all.length / MOST_STEPS));
  const fit = weibullFit(jars);
  const end = jars.reduce((x, j) => Math.max(x, j.turnedD ?? j.fineD), 1);
  return {
    jars: jars.length,
    turned: jars.filter((j) => j.turnedD !== null).length,
    steps: all.filter((_, i) => i % every === 0 || i === all.length - 1),
    fit,
    curve: fit
      ? Array.from({ length: POINTS + 1 }, (_, i) => {
          const d = (end * i) / POINTS;
          return { d, ...weibullBand(fit, d) };
        })
      : [],
    trustedD: fit ? trustedDays(fit) : null,
  };
}
