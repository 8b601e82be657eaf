import { fittedApproach, kaplanMeier, trustedDays, weibullBand, weibullFit } from '@ironpan/core/learning';
import type { Approach, KmStep, Lasted, SeenClear, WeibullFit } from '@ironpan/core/learning';
import { groupBy } from '@ironpan/core/numerics';
import { heldDays } from '@ironpan/core/steps';
import { KitchenDb, setDatabase } from '../store/db';
import { allFates } from '../store/fates';
import { forgetLasting, keepLasting } from '../store/lasting';
import { groupsOf } from './lastingGroups';
import type { Group } from './lastingGroups';

export interface LastingAsked {
  readonly database: string;
  /** Which milk; null: the one of most jars. Which method; null: every one. */
  readonly group: string | null;
  readonly method: string | null;
  /** Always in the cold, or out of it for a while; null: wherever. */
  readonly place: 'cold' | 'out' | null;
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
  /** What plans and jars count with, days at 4 °C. */
  readonly usedD: number;
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
async function tell({ database, group, method, place }: LastingAsked): Promise<LastingTold | null> {
  setDatabase(new KitchenDb(database));
  const groups = groupsOf(await allFates());
  const chosen = groups.find((g) => g.key === group) ?? groups[0];
  if (!chosen) return null;
  const whole = new Map(groups.map((g) => [g.key, lastingOf(g.jars, g.of)]));
  for (const [key, found] of whole) await keep(key, found, groups);
  const found = method === null && place === null ? whole.get(chosen.key) : undefined;
  const some = (): Lasting =>
    lastingOf(
      chosen.jars.filter((j) => (method === null || j.method === method) && (place === null || j.place === place)),
      chosen.of,
    );
  const bare = ({ jars: _, ...g }: Group): Omit<Group, 'jars'> => g;
  return { groups: groups.map(bare), group: bare(chosen), found: found ?? some(), parts: partingsOf(chosen) };
}
async function keep(key: string, found: Lasting, groups: readonly Group[]): Promise<void> {
  const id = `keeping:${key}`;
  const low = groups.find((g) => g.key === key)?.of.lowD ?? 0;
  if (found.trustedD === null || low <= 0) await forgetLasting(id);
  else await keepLasting({ id, mean: found.usedD / low, jars: found.jars, turned: found.turned });
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
function lastingOf(of: Group['jars'], { lowD, capD }: Group['of']): Lasting {
  const jars: readonly Lasted[] = of.map((j) => j.lasted);
  const all = kaplanMeier(jars);
  const every = Math.max(1, Math.ceil(all.length / MOST_STEPS));
  const fit = weibullFit(jars);
  const trustedD = fit ? trustedDays(fit) : null;
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
    trustedD,
    usedD: trustedD === null ? lowD : heldDays(trustedD, lowD, capD),
  };
}
