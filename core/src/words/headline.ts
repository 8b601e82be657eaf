import type { FrozenBatch, Progress } from '../batch';
import { toldOf } from '../comparing';
import type { Explained, Explanation, Made } from '../comparing';
import { reviewOf } from '../questions';
import type { ReviewLine } from '../questions';
import { causesText } from './comparing';
import { join, millilitres, percent, roughly } from './format';
import { reviewText } from './review';

/** What is worth knowing first, where it did not come as it was planned. */
const FIRST: readonly ReviewLine['of'][] = ['boiled', 'litres', 'strength', 'slip', 'body', 'keep'];
const EXPLAINS: Readonly<Partial<Record<ReviewLine['of'], Explained>>> = {
  litres: 'volumeMl',
  strength: 'solids',
  slip: 'slime',
  body: 'body',
  keep: 'keepS',
};

/**
 * The one line worth knowing of a finished batch: what came otherwise than promised, and why. `e` explains the batch by its
 * plan; null: not known yet, and then only what came is said. `was`: how its drinkers found it; empty: nobody said.
 */
export function headlineText(
  p: Progress,
  batch: FrozenBatch,
  e: Explanation | null,
  planned: Made,
  went: Made,
  was = '',
): string {
  const line = whatCame(p, batch, e, planned, went);
  return was === '' ? line : `${line} It was ${was}.`;
}
function whatCame(p: Progress, batch: FrozenBatch, e: Explanation | null, planned: Made, went: Made): string {
  const lines = reviewOf(p, batch);
  const wrong = FIRST.flatMap((of) => lines.filter((l) => l.of === of && !l.good))[0];
  const main = p.summary.main;
  if (!wrong)
    return main
      ? `As it was promised: ${join(millilitres(p.summary.jarredMl))}, ${join(percent(main.solids ?? 0))} solids, keeps ${join(roughly(main.keep?.s ?? 0))}.`
      : 'Nothing came of it.';
  const said = reviewText(wrong);
  const of = EXPLAINS[wrong.of];
  if (!e || of === undefined) return said;
  const told = toldOf(e, of);
  // What pulled the other way is no reason.
  const b = e.because[of];
  const way = Math.sign((b?.to ?? 0) - (b?.from ?? 0));
  const pulled = { ...told, causes: told.causes.filter((c) => Math.sign(c.share) === way) };
  const cause = causesText(pulled, planned, went, 'expected');
  if (cause !== null) return `${said.slice(0, -1)}: ${cause}.`;
  return told.verdict === 'day'
    ? `${said} No more than such a milk differs from one day to another.`
    : told.verdict === 'unknown'
      ? `${said} Nothing that was written down explains it.`
      : said;
}
