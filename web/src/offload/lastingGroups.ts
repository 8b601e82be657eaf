import { isPulpFate } from '@ironpan/core/batch';
import type { Lasted } from '@ironpan/core/learning';
import type { Hygiene } from '@ironpan/core/kitchen';
import { groupBy } from '@ironpan/core/numerics';
import { methodById } from '@ironpan/core/methods';
import type { FateRow } from '../store/rows';

/** Jars of one milk in one state: what is compared when asked how long it lasts. */
export interface Group {
  /** As the kitchen learns it: a milk in a state. */
  readonly key: string;
  readonly milk: string;
  readonly hygiene: Hygiene;
  readonly jars: readonly Pick<FateRow & { readonly lasted: Lasted }, 'lasted' | 'method' | 'parts' | 'place'>[];
  /** Some of them were out of the cold for a while, and some never. */
  readonly places: boolean;
  readonly methods: readonly { readonly id: string; readonly name: string }[];
  /** The usual low end, and the cap, in days. */
  readonly of: { readonly lowD: number; readonly capD: number };
}
/** The milks that something is known of, the most jars first. */
export function groupsOf(fates: readonly FateRow[]): readonly Group[] {
  const told = fates.flatMap((f) =>
    f.lasted && f.thing !== null && f.budgetD !== null && f.capDays !== null && !isPulpFate(f)
      ? [{ ...f, lasted: f.lasted, thing: f.thing, lowD: f.budgetD, capD: f.capDays }]
      : [],
  );
  return [...groupBy(told, (f) => f.thing)]
    .flatMap(([key, jars]): Group[] => {
      const [first] = jars;
      if (!first) return [];
      const ids = [...new Set(jars.flatMap((j) => j.method ?? []))];
      return [
        {
          key,
          milk: first.milk,
          hygiene: first.hygiene,
          jars,
          places: new Set(jars.map((j) => j.place)).size > 1,
          methods: ids.map((id) => ({ id, name: methodById(id)?.name ?? id })),
          of: { lowD: first.lowD, capD: first.capD },
        },
      ];
    })
    .sort((a, b) => b.jars.length - a.jars.length || a.key.localeCompare(b.key));
}
