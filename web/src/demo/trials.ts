import { leversOf } from '@ironpan/core/questions';
import type { PlanRecord, TastingRecord, TrialRecord } from '@ironpan/core/records';
import { servingsOf } from '@ironpan/core/trials';

const HOUR = 3_600_000;
/** A question that the kitchen has laid out and not yet begun: what longer grinding and more beans do to the strength. */
export function demoTrial(at: number, { recipe, from }: PlanRecord): TrialRecord {
  const levers = leversOf(recipe);
  const of = (key: string, by: number) =>
    levers.filter((l) => l.key === key).map((l) => ({ at: l.at, from: l.now, to: Math.round(l.now * by) }));
  return {
    ...{ v: 2, id: 'demo-trial', name: 'Longer grinding, or more beans', from, base: recipe },
    ...{ factors: [...of('grind.durationS', 1.5), ...of('larder.0', 1.25)], design: '2^2', times: 1, seed: 640 },
    ...{ asks: 'solids', runs: [], createdAt: at - 20 * HOUR, updatedAt: at - 20 * HOUR },
  };
}
/** Who was at the table, and whether each tasting found the odd cup. */
const TABLE: readonly (readonly [by: string, right: boolean])[] = [
  ['M.', true],
  ['M.', true],
  ['R.', false],
  ['R.', true],
  ['T.', true],
  ['T.', false],
  ['M.', true],
  ['R.', true],
  ['T.', true],
  ['M.', true],
  ['R.', false],
  ['T.', true],
];
interface Side {
  readonly id: string;
  readonly number: number;
  readonly name: string;
}
/** Two soy milks that were tasted at the table yesterday. */
export function demoTasting(at: number, a: Side, b: Side): TastingRecord {
  const seed = 97;
  const answers = servingsOf('triangle', TABLE.length, seed).map(({ cups }, serving) => {
    const [by, right] = TABLE[serving] ?? ['', false];
    const odd = cups.findIndex((c) => cups.filter((x) => x === c).length === 1);
    return { serving, by, cup: right ? odd : (odd + 1) % cups.length };
  });
  const side = (s: Side) => ({ jar: `${s.id}:milk:1`, name: `${s.number} · ${s.name}` });
  return {
    ...{ v: 1, id: 'demo-tasting', kind: 'triangle', about: 'liked', expects: null, a: side(a), b: side(b) },
    ...{ n: TABLE.length, seed, answers, createdAt: at - 22 * HOUR, updatedAt: at - 21 * HOUR },
  };
}
