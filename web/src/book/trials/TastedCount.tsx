import { groupBy } from '@ironpan/core/numerics';
import type { TastingRecord } from '@ironpan/core/records';
import type { Serving } from '@ironpan/core/trials';
import { moreOf, tastedText } from '@ironpan/core/words';
import { AsTable } from '../../ui/AsTable';

interface TastedCountProps {
  readonly t: TastingRecord;
  readonly servings: readonly Serving[];
}
/** For which of the two a pair is counted. */
const sideOf = (t: TastingRecord): 'a' | 'b' => t.expects ?? 'a';
function isRight(t: TastingRecord, s: Serving | undefined, cup: number): boolean {
  const chosen = s?.cups[cup];
  if (t.kind === 'paired') return chosen === sideOf(t);
  return s?.cups.filter((c) => c === chosen).length === 1;
}
/** What came of it, and what that is worth. */
export function TastedCount({ t, servings }: TastedCountProps) {
  const right = (of: TastingRecord['answers']): number =>
    of.filter((a) => isRight(t, servings[a.serving], a.cup)).length;
  const people = [...groupBy([...t.answers], (a) => a.by)];
  const side = sideOf(t);
  const counted = {
    ...{ kind: t.kind, about: t.about, right: right(t.answers), n: t.answers.length },
    ...{ expected: t.expects !== null, people: people.length },
  };
  const head = t.kind === 'triangle' ? 'found the odd one' : `${moreOf(t.about)}: ${t[side].name}`;
  return (
    <section aria-label="What was tasted" className="plate mb-4 p-4">
      <h2 className="text-xl">What was tasted</h2>
      <p className="my-2 text-lg" role="status">
        {tastedText(counted, t[side].name, t[side === 'a' ? 'b' : 'a'].name)}
      </p>
      <AsTable
        label="By person"
        heads={['who', head, 'of']}
        rows={people.map(([by, of]) => [by === '' ? 'you' : by, right(of), of.length])}
      />
      <AsTable
        label="Every tasting"
        heads={['tasting', 'who', 'chose', 'that was']}
        rows={[...t.answers]
          .sort((x, y) => x.serving - y.serving)
          .map((a) => {
            const s = servings[a.serving];
            return [a.serving + 1, a.by === '' ? 'you' : a.by, s?.codes[a.cup] ?? '', t[s?.cups[a.cup] ?? 'a'].name];
          })}
      />
    </section>
  );
}
