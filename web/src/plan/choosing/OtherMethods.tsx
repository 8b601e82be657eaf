import { ArrowDown, ArrowUp } from 'lucide-react';
import { useState } from 'react';
import { milkName, reasonText } from '@ironpan/core/words';
import { foodColour } from '../../drawings/foodStyle';
import { SelectField } from '../../ui/SelectField';
import type { RowsProps } from './BestThree';
import { columnsFor } from './columns';
import type { Column } from './columns';
import { OUT } from './out';
import type { RankedSchool } from './useSchools';

interface Sorted {
  readonly by: string;
  readonly down: boolean;
}
function inOrder(
  rows: readonly RankedSchool[],
  sorted: Sorted | null,
  columns: readonly Column[],
): readonly RankedSchool[] {
  const column = columns.find((c) => c.id === sorted?.by);
  if (!sorted) return rows;
  const of = (r: RankedSchool): number | string | null => (column ? column.of(r) : `${r.milk} ${r.school.name}`);
  const sign = sorted.down ? -1 : 1;
  return [...rows].sort((a, b) => {
    const [x, y] = [of(a), of(b)];
    if (x === null || y === null) return Number(x === null) - Number(y === null);
    return sign * (typeof x === 'string' ? x.localeCompare(String(y)) : x - Number(y));
  });
}

/** The other methods in one table, in the order of their fit or of any column; on a phone a row is a small block. */
export function OtherMethods({ rows, use, kit, onChoose }: RowsProps) {
  const columns = columnsFor(use, kit.currency);
  const [chosen, setChosen] = useState<Sorted | null>(null);
  const sorted = chosen && (chosen.by === 'milk' || columns.some((c) => c.id === chosen.by)) ? chosen : null;
  const sort = (by: string): void =>
    setChosen(sorted?.by === by ? (sorted.down ? null : { by, down: true }) : { by, down: false });
  const head = (id: string, label: string) => (
    <th key={id} scope="col" aria-sort={sorted?.by === id ? (sorted.down ? 'descending' : 'ascending') : 'none'}>
      <button
        type="button"
        className="inline-flex min-h-9 items-center gap-1 text-left font-semibold"
        onClick={() => sort(id)}
      >
        {label}
        {sorted?.by === id &&
          (sorted.down ? <ArrowDown size={14} aria-hidden="true" /> : <ArrowUp size={14} aria-hidden="true" />)}
      </button>
    </th>
  );
  return (
    <>
      <div className="mb-2 wide:hidden">
        <SelectField
          label="in the order of"
          value={sorted?.by ?? ''}
          options={[['', 'the best fit'], ['milk', 'milk'], ...columns.map((c) => [c.id, c.label] as const)]}
          onChange={(by) => setChosen(by === '' ? null : { by, down: false })}
        />
      </div>
      <table className="methods plate w-full">
        <caption className="sr-only">The other methods</caption>
        <thead>
          <tr>
            {head('milk', 'milk and way')}
            {columns.map((c) => head(c.id, c.label))}
          </tr>
        </thead>
        <tbody>
          {inOrder(rows, sorted, columns).map((r) => (
            <tr key={r.id} className={r.out ? 'opacity-75' : ''}>
              <th scope="row">
                <button
                  type="button"
                  className="flex min-h-11 items-center gap-2.5 text-left font-normal"
                  aria-label={`Plan this: ${r.school.name}, ${milkName(r.milk)}`}
                  title={reasonText(r.good, r.bad)}
                  data-once
                  onClick={() => onChoose(r.id, use)}
                >
                  <span
                    aria-hidden="true"
                    className="inline-block size-4 shrink-0 rounded-sm"
                    style={{ background: foodColour(r.milk), border: '1.5px solid var(--edge)' }}
                  />
                  <span>
                    <b className="underline decoration-1 underline-offset-2">{milkName(r.milk)}</b>, {r.school.name}
                    {r.school.own ? ', your own' : ''}
                    {r.out && (
                      <b className="small block" style={{ color: 'var(--flame-text)' }}>
                        {OUT[r.out]}
                      </b>
                    )}
                  </span>
                </button>
              </th>
              {columns.map((c) => (
                <td key={c.id} data-label={c.label} className="num">
                  {c.text(r)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </>
  );
}
