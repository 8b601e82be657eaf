import { inTime, learn, NOTHING_LEFT_OUT } from '@ironpan/core/learning';
import type { LeftOut, Seen } from '@ironpan/core/learning';
import { groupBy } from '@ironpan/core/numerics';
import type { DigestRow, LearnedRow } from './rows';

/** What some lines of the book say, by coefficient. */
export function saidBy(lines: readonly DigestRow[]): Map<string, Seen[]> {
  const all = lines.flatMap((l) =>
    l.evidence.map(({ coefficient, ln, sd }) => ({ coefficient, seen: { batch: l.batch, at: l.startedAt, ln, sd } })),
  );
  return new Map([...groupBy(all, (x) => x.coefficient)].map(([id, of]) => [id, of.map((x) => x.seen)]));
}
/** What was said of a coefficient, and what that taught. */
export const learnedRow = (coefficient: string, said: readonly Seen[], leftOut: LeftOut): LearnedRow => {
  const seen = inTime(said);
  return { coefficient, seen, taught: learn(coefficient, seen, leftOut) };
};
/** All that lines of the book taught, where nothing is left out. */
export const learnedOf = (lines: readonly DigestRow[]): readonly LearnedRow[] =>
  [...saidBy(lines)].map(([id, said]) => learnedRow(id, said, NOTHING_LEFT_OUT));
