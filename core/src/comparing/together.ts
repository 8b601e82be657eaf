import { aligned } from './aligned';
import { alike, differences } from './differences';
import type { Difference } from './differences';
import type { Made } from './made';
import { mixer } from './mixed';
import type { Recipe } from '../steps';
import { sideBySide } from './rows';
import type { Value } from './rows';

/** Differences that changed together in every batch that is known: a log alone cannot tell which of them did it. */
export interface Together {
  readonly differences: readonly Difference[];
  /** Batches, the two among them, in which each of them was as in the one or as in the other. */
  readonly batches: number;
  /** The batch that would part them: as the first, with this alone as in the second. Null: a cook can set none of them. */
  readonly control: { readonly of: Difference; readonly recipe: Recipe } | null;
}
/** What a cook can set; what a bag does on a day, or a fridge, is as it is. */
const SET: ReadonlySet<Difference['at']['of']> = new Set(['size', 'amount', 'swap', 'param', 'way']);
const settable = (d: Difference): boolean => SET.has(d.at.of);
/** Nearer to one of the two than this share of what lies between them, a figure is as in that one. */
const NEAR = 0.25;

/**
 * Which differences between two batches always came together over the `log`: batches of the same milk besides the two.
 * `order`: keys, the weightiest first: which of several is worth parting first.
 */
export function changedTogether(
  first: Made,
  other: Made,
  log: readonly Made[],
  order: readonly string[],
): readonly Together[] {
  const second = aligned(first, other);
  const all = differences(first, second).filter((d) => order.includes(d.key) && d.at.of !== 'course');
  const rows = [first, second, ...log].map((m) => sidesOf(first, second, m, all));
  const left = [...all].sort((a, b) => order.indexOf(a.key) - order.indexOf(b.key));
  const groups: Together[] = [];
  while (left.length > 0) {
    const group = [left.shift() as Difference];
    // Whatever goes with one of the group on all that is known goes with the group.
    for (let i = 0; i < left.length;) {
      const d = left[i] as Difference;
      if (group.some((g) => always(rows, g.key, d.key))) {
        group.push(d);
        left.splice(i, 1);
        i = 0;
      } else i += 1;
    }
    if (group.length < 2 || !group.some(settable)) continue;
    const batches = rows.filter((r) => group.every((d) => r.get(d.key) !== null)).length;
    groups.push({ differences: group, batches, control: controlOf(first, second, all, group) });
  }
  return groups;
}
type Sides = ReadonlyMap<string, 0 | 1 | null>;
const always = (rows: readonly Sides[], x: string, y: string): boolean =>
  rows.every((r) => r.get(x) === null || r.get(y) === null || r.get(x) === r.get(y));

/** Of each difference: is a batch as the first (0), as the second (1), or as neither? */
function sidesOf(first: Made, second: Made, m: Made, all: readonly Difference[]): Sides {
  const rows = new Map(sideBySide([first, second, m]).map((r) => [r.key, r]));
  const mine = new Map(differences(first, aligned(first, m)).map((d) => [d.key, d]));
  return new Map(
    all.map((d) => {
      const row = rows.get(d.key);
      if (!row || d.at.of === 'way') {
        // Of what has no line of its own (the size, the way): as the first where it does not differ from it.
        const own = mine.get(d.key);
        if (!own) return [d.key, 0];
        const same =
          d.at.of === 'way'
            ? !differences(second, aligned(second, m)).some((x) => x.key === 'way')
            : own.to === d.to || near(own.to, d.from, d.to) === 1;
        return [d.key, same ? 1 : null];
      }
      const [x, y, v] = row.values;
      return [d.key, near(v ?? null, x ?? null, y ?? null)];
    }),
  );
}
function near(v: Value, x: Value, y: Value): 0 | 1 | null {
  if (v === x) return 0;
  if (v === y) return 1;
  if (typeof v !== 'number' || typeof x !== 'number' || typeof y !== 'number') return null;
  const within = NEAR * Math.abs(y - x);
  if (Math.abs(v - x) <= within || alike(v, x, 'other')) return 0;
  return Math.abs(v - y) <= within ? 1 : null;
}

function controlOf(
  first: Made,
  second: Made,
  all: readonly Difference[],
  group: readonly Difference[],
): Together['control'] {
  const of = group.find(settable);
  return of ? { of, recipe: mixer(first, second, all)(new Set([of.key])).recipe } : null;
}
