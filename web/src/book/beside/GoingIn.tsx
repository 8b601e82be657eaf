import { sideBySide } from '@ironpan/core/comparing';
import type { Row } from '@ironpan/core/comparing';
import { differenceName, differenceValue, stepNamed, stepText, upper, wayText } from '@ironpan/core/words';
import { useMemo } from 'react';
import type { Beside } from '../../live/useBeside';
import { Columns, Marked } from './Columns';

interface Line {
  readonly key: string;
  readonly name: string;
  readonly cells: readonly string[];
  /** Which of them differ from the first. */
  readonly marked: readonly boolean[];
}

/** What went in, line by line: what differs is shown, what is alike is folded away. */
export function GoingIn({ all }: { readonly all: readonly Beside[] }) {
  const { differ, alike } = useMemo(() => linesOf(all), [all]);
  return (
    <section aria-label="What went in" className="plate p-4">
      <h2 className="mb-2 text-xl">What went in</h2>
      {differ.length === 0 ? (
        <p>Nothing differs that was written down.</p>
      ) : (
        <Lines lines={differ} all={all} caption="What differs" />
      )}
      {alike.length > 0 && (
        <details className="mt-3">
          <summary className="cursor-pointer">{alike.length} lines are alike</summary>
          <Lines lines={alike} all={all} caption="What is alike" />
        </details>
      )}
    </section>
  );
}
function Lines({
  lines,
  all,
  caption,
}: {
  readonly lines: readonly Line[];
  readonly all: readonly Beside[];
  readonly caption: string;
}) {
  return (
    <Columns all={all} caption={caption}>
      {lines.map((l) => (
        <tr key={l.key}>
          <th scope="row" className="py-1.5 pr-3 text-left font-normal">
            {upper(l.name)}
          </th>
          {l.cells.map((text, i) => (
            <Marked key={all[i]?.id ?? i} differs={l.marked[i] ?? false}>
              {text}
            </Marked>
          ))}
        </tr>
      ))}
    </Columns>
  );
}

const has = (b: Beside, step: string): boolean => b.made.recipe.steps.some((s) => s.id === step);
/** A step that not all of them have is one line, whatever it is set to. */
function linesOf(all: readonly Beside[]): { readonly differ: readonly Line[]; readonly alike: readonly Line[] } {
  const rows = sideBySide(all.map((b) => b.made));
  const lone = (r: Row): string | null => (r.at.of === 'param' && r.values.includes(null) ? r.at.step : null);
  const steps = [...new Set(rows.flatMap((r) => lone(r) ?? []))];
  const line = (r: Row): Line => ({
    key: r.key,
    name: nameOf(r, all),
    cells: all.map((b, i) => differenceValue(r.at, r.values[i] ?? null, b.made)),
    marked: r.values.map((v, i) => i > 0 && !r.same && v !== r.values[0]),
  });
  const rest = rows.filter((r) => r.at.of !== 'way' && lone(r) === null);
  return {
    differ: [
      ...wayLine(rows, all, steps.length),
      ...rest.filter((r) => !r.same).map(line),
      ...steps.map((id) => stepLine(id, all)),
    ],
    alike: rest.filter((r) => r.same).map(line),
  };
}
function stepLine(id: string, all: readonly Beside[]): Line {
  const owner = all.find((b) => has(b, id));
  const cells = all.map((b) => {
    const s = b.made.recipe.steps.find((x) => x.id === id);
    return s ? stepText(s, b.made.recipe) || 'yes' : '–';
  });
  const first = all[0];
  return {
    key: `step ${id}`,
    name: owner ? stepNamed(id, owner.made) : id,
    cells,
    marked: all.map((b, i) => i > 0 && first !== undefined && has(b, id) !== has(first, id)),
  };
}
/** The same steps, but in another order or of something else: what no other line says. */
function wayLine(rows: readonly Row[], all: readonly Beside[], lone: number): readonly Line[] {
  const way = rows.find((r) => r.at.of === 'way');
  const first = all[0];
  if (!way || way.same || lone > 0 || !first) return [];
  const cells = all.map((b, i) =>
    i === 0 ? differenceValue(way.at, way.values[0] ?? null, b.made) : wayText(first.made, b.made),
  );
  return [{ key: 'way', name: differenceName(way.at, first.made), cells, marked: all.map((_, i) => i > 0) }];
}
/** A food or a thing that only one of them has is named by the one that has it. */
function nameOf(r: Row, all: readonly Beside[]): string {
  const of =
    all[
      Math.max(
        0,
        r.values.findIndex((v) => v !== null),
      )
    ];
  return of ? differenceName(r.at, of.made) : r.key;
}
